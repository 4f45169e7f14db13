import { useQuery } from '@tanstack/react-query';
import { ask } from '../../api/client';
import { ReelCanvas } from '../../common/ReelCanvas';
import type { Backdrop, Piece } from '../../../contracts/piece';
import { grounds } from '../../../contracts/settings';
import type { Reel } from '../../../painter/src';

/** Backdrops to begin from, as they are on this stage. */
export function GroundPicker({ piece, onChoose }: { piece: Piece; onChoose: (backdrop: Backdrop) => void }) {
  const now = JSON.stringify(piece.backdrop);
  return (
    <div className="ground-picker span-all" role="group" aria-label="Backdrops to begin from">
      {grounds.map(({ name, backdrop }) => (
        <button
          key={name}
          type="button"
          className={`ground-choice${JSON.stringify(backdrop) === now ? ' is-on' : ''}`}
          aria-pressed={JSON.stringify(backdrop) === now}
          onClick={() => onChoose(structuredClone(backdrop))}
        >
          <Ground backdrop={backdrop} piece={piece} />
          {name}
        </button>
      ))}
    </div>
  );
}

function Ground({ backdrop, piece }: { backdrop: Backdrop; piece: Piece }) {
  const { width, height } = piece.stage;
  const stage = { width, height };
  const { data } = useQuery<Reel>({
    queryKey: ['grounds', JSON.stringify(backdrop), width, height],
    staleTime: Infinity,
    queryFn: ({ signal }) => ask('POST grounds', { body: { backdrop, stage }, signal }),
  });
  return (
    <span className="ground-picture">{data && <ReelCanvas reel={data} frame={0} width={84} label="" isPatient />}</span>
  );
}
