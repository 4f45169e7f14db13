import { useQuery } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { ask, reasonOf, Refused } from '../api/client';
import type { Proof, ProofCheck } from '../api/answers';
import { FindElsewhere } from '../find/FindElsewhere';
import { Header } from '../common/Header';
import { NotHere } from '../common/NotHere';
import { UnsavedNote } from '../common/UnsavedNote';
import { saved } from '../desk/outbox';
import { usePlay } from '../desk/playStore';
import type { Piece } from '../../contracts/piece';
import { Tilting } from './Tilting';

/** The measured comparison of picture and figures, and what stands in the way of reading it. */
export function ProofPage() {
  const { id = '' } = useParams();
  const found = useQuery({
    queryKey: ['proof', id],
    gcTime: 0,
    retry: false,
    queryFn: async () => {
      await saved(id);
      const piece = await ask('GET pieces/{piece}', { at: { piece: id } });
      return {
        piece: piece.document,
        proof: await ask('POST compute/proof', { body: { document: piece.document } }),
      };
    },
  });
  if (found.error instanceof Refused && found.error.status === 404) return <NotHere message={found.error.message} />;
  const { piece, proof } = found.data ?? {};
  return (
    <>
      <FindElsewhere />
      <Header
        actions={
          <Link to={`/pieces/${id}`} className="btn btn-primary btn-sm">
            Back to the desk
          </Link>
        }
      >
        <strong className="page-piece">{piece?.title}</strong>
        <span className="soft">Proof</span>
      </Header>
      <main className="proof">
        <UnsavedNote id={id} onSaved={() => void found.refetch()} />
        {found.isPending && <p role="status">Measuring every frame…</p>}
        {found.isError && (
          <div className="problem-bar is-error" role="alert">
            {reasonOf(found.error)} Fix this first, then run the proof again.
          </div>
        )}
        {piece && proof && <Measured id={id} piece={piece} proof={proof} />}
      </main>
    </>
  );
}

/** Back to the desk, at the moment and with the place framed. */
function ShowIt({ id, check }: { id: string; check: ProofCheck }) {
  return (
    <Link
      to={`/pieces/${id}`}
      className="btn btn-sm btn-outline-secondary"
      onClick={() => {
        const { frame, box } = check;
        if (frame === null) return;
        usePlay.setState({ piece: id, hasBegun: true, frame, pointedOut: box && { frame, box } });
      }}
    >
      Show
    </Link>
  );
}

function Measured({ id, piece, proof }: { id: string; piece: Piece; proof: Proof }) {
  return (
    <>
      <section>
        <h1>{proof.exact ? 'The picture matches the figures.' : 'The picture does not match the figures.'}</h1>
        <p className="soft">
          Measured from the drawn outlines on {proof.frames === 1 ? 'its one frame' : `all ${proof.frames} frames`}.
          Largest error: <span className="numerals">{proof.largestDifferenceText || '0'}</span> of the whole.
        </p>
        {piece.charts.map((chart) => (
          <Outlines key={chart.id} piece={piece} chartId={chart.id} proof={proof} />
        ))}
        {Object.entries(proof.distortions).map(([chartId, distortion]) => (
          <Tilting key={chartId} id={id} piece={piece} chartId={chartId} distortion={distortion} />
        ))}
      </section>
      <section>
        <h2>Figure by figure</h2>
        <table className="proof-table">
          <thead>
            <tr>
              <th className="col-label">Figure</th>
              <th className="num">Value</th>
              <th className="num">Expected</th>
              <th className="num">Measured</th>
              <th className="num">Error</th>
            </tr>
          </thead>
          <tbody>
            {proof.figures.map((figure) => (
              <tr key={`${figure.chart}-${figure.figure}`}>
                <td className="col-label">
                  <span className="label-cell">
                    <span className="chip" style={{ background: figure.colour }} />
                    {figure.label}
                  </span>
                </td>
                <td className="num">{figure.value}</td>
                <td className="num">{figure.wantedText}</td>
                <td className="num">{figure.measuredText}</td>
                <td className={`num off-by ${figure.difference <= proof.tolerance ? 'is-right' : 'is-wrong'}`}>
                  {figure.differenceText}
                  {figure.difference > proof.tolerance && <span className="soft"> on frame {figure.frame}</span>}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <h2 className="mt-4">Legibility</h2>
        <p className="soft">{proof.extent}</p>
        <ul className="checks">
          {[...proof.checks]
            .sort((one, other) => Number(one.ok) - Number(other.ok))
            .map((check) => (
              <li key={`${check.message} ${check.frame ?? ''}`} className={check.ok ? 'is-right' : 'is-wrong'}>
                <i
                  className={`bi ${check.ok ? 'bi-check2' : 'bi-exclamation-lg'}`}
                  role="img"
                  aria-label={check.ok ? 'Passed' : 'Needs attention'}
                />
                <span>{check.message}</span>
                {check.frame !== null && <ShowIt id={id} check={check} />}
              </li>
            ))}
        </ul>
      </section>
    </>
  );
}

/** The outlines as they were measured, each at the frame on which it is fullest. */
function Outlines({ piece, chartId, proof }: { piece: Piece; chartId: string; proof: Proof }) {
  const figures = proof.figures.filter(({ chart }) => chart === chartId);
  const extent = proof.extents[chartId];
  const chart = piece.charts.find(({ id }) => id === chartId);
  if (!chart || !extent || figures.length === 0) return null;
  const [left, top, width, height] = extent;
  const [middleX, middleY] = [left + width / 2, top + height / 2];
  const margin = Math.max(width, height) * 0.12 + 40;
  const unit = (Math.max(width, height) / 2 + margin) / 260;
  const isRound = figures[0].measureText.endsWith('°');
  return (
    <svg
      className="outlines"
      viewBox={`${left - margin} ${top - margin} ${width + margin * 2} ${height + margin * 2}`}
      role="img"
      aria-label="Measured outlines"
    >
      {isRound && (
        <circle cx={middleX} cy={middleY} r={(width / 2) * 1.04} className="outline-rim" strokeWidth={unit} />
      )}
      {figures.map((figure) => (
        <path
          key={figure.figure}
          d={figure.outline}
          fill={figure.colour}
          fillOpacity={0.7}
          // Pale tints have to be seen on paper as well.
          stroke={`color-mix(in oklab, ${figure.colour} 60%, var(--ink))`}
          strokeWidth={unit}
        />
      ))}
      {isRound && <circle cx={middleX} cy={middleY} r={3 * unit} className="outline-middle" />}
      {figures.map((figure) => (
        <text
          key={figure.figure}
          x={figure.beside[0]}
          y={figure.beside[1]}
          fontSize={12 * unit}
          textAnchor={
            !isRound
              ? 'middle'
              : figure.beside[0] > middleX + width * 0.1
                ? 'start'
                : figure.beside[0] < middleX - width * 0.1
                  ? 'end'
                  : 'middle'
          }
          dominantBaseline="middle"
        >
          {figure.measureText}
        </text>
      ))}
    </svg>
  );
}
