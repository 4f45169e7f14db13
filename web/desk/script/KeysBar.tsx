import type { Piece } from '../../piece/document';
import { chainKeys, fitKeys } from '../../piece/retime';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { heldOf } from './Keys';

/** What can be done with several keys that are picked on the stems. */
export function KeysBar({ piece }: { piece: Piece }) {
  const keys = usePlay((state) => state.keys);
  const edit = useDesk((state) => state.edit);
  const held = heldOf(keys);
  // What was picked may be gone by now.
  if (held.length === 0) return null;
  const first = Math.min(...held.map(({ now }) => now.begin));
  const pinned = held.find(({ now }) => now.begin === first)?.pin?.line;
  const line =
    piece.script.lines.find(({ id }) => id === pinned) ??
    piece.script.lines.find(({ begin, end }) => first >= begin && first < end);
  return (
    <div className="keys-bar" role="group" aria-label="Picked keys">
      <strong>{held.length === 1 ? 'One move' : `${held.length} moves`}</strong>
      <button
        type="button"
        className="text-button"
        disabled={!line}
        title={line ? `From the beginning of “${line.text}” to its end` : 'No line is spoken where they begin'}
        onClick={() => line && edit((draft) => fitKeys(draft, held, line.begin, line.end))}
      >
        fit to the line
      </button>
      <button
        type="button"
        className="text-button"
        disabled={held.length < 2}
        title="Each begins when the one before it has arrived"
        onClick={() => edit((draft) => chainKeys(draft, held))}
      >
        one after another
      </button>
      <span className="flex-grow-1" />
      <button
        type="button"
        className="text-button"
        title="Pick none of them (Esc)"
        onClick={() => usePlay.getState().set({ keys: [] })}
      >
        let go
      </button>
    </div>
  );
}
