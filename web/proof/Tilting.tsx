import { useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { ProofDistortion } from '../api/answers';
import { reasonOf } from '../api/client';
import { newAct } from '../common/acts';
import { useNotices } from '../common/Notices';
import { changeElsewhere, send } from '../desk/outbox';
import { chartName } from '../desk/useChart';
import type { Piece } from '../../contracts/piece';

interface Props {
  id: string;
  piece: Piece;
  chartId: string;
  distortion: ProofDistortion;
}

/** lie factors within this of 1 are as good as true */
const TRUE = 0.05;

/** What tilting makes of each part of a solid chart, and the turn at which it makes least. */
export function Tilting({ id, piece, chartId, distortion }: Props) {
  const queries = useQueryClient();
  const [isTurning, setTurning] = useState(false);
  const chart = piece.charts.find((one) => one.id === chartId);
  if (!chart) return null;
  const turn = async (): Promise<void> => {
    setTurning(true);
    const turned = (draft: Piece): void => {
      const one = draft.charts.find((other) => other.id === chartId);
      if (one) one.form.startDegrees = distortion.bestTurn;
    };
    try {
      await changeElsewhere(id, turned, newAct());
      await send(id);
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
    }
    await queries.invalidateQueries({ queryKey: ['proof', id] });
    setTurning(false);
  };
  const isBetter = distortion.best < distortion.worst - 0.005;
  return (
    <section className="tilting">
      <h2>Distortion from tilting{piece.charts.length > 1 && `: ${chartName(piece, chart)}`}</h2>
      <p className="soft">
        The tops are exact, but visible sides make the parts in front look larger. Lie factor = seen ÷ true; 1 means no
        distortion.
      </p>
      <table className="proof-table">
        <thead>
          <tr>
            <th className="col-label">Part</th>
            <th className="num">True</th>
            <th className="num">Seen</th>
            <th className="num">Lie factor</th>
          </tr>
        </thead>
        <tbody>
          {distortion.parts.map((part) => (
            <tr key={part.figure}>
              <td className="col-label">
                <span className="label-cell">
                  <span className="chip" style={{ background: part.colour }} />
                  {part.label}
                </span>
              </td>
              <td className="num">{part.trueText}</td>
              <td className="num">{part.seenText}</td>
              <td className={`num ${Math.abs(part.factor - 1) <= TRUE ? '' : 'is-far'}`}>{part.factor.toFixed(2)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {isBetter ? (
        <p>
          Turned to <span className="numerals">{distortion.bestTurn}°</span>, the part that is farthest off is seen{' '}
          <span className="numerals">{distortion.best.toFixed(2)}</span> times too large or too small, instead of{' '}
          <span className="numerals">{distortion.worst.toFixed(2)}</span>.{' '}
          <button
            type="button"
            className="btn btn-sm btn-outline-secondary"
            disabled={isTurning}
            onClick={() => void turn()}
          >
            Turn it to {distortion.bestTurn}°
          </button>
        </p>
      ) : (
        <p className="soft">This turn already gives the least distortion.</p>
      )}
    </section>
  );
}
