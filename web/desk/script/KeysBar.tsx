import type { Piece } from '../../../contracts/piece';
import { chainKeys, fitKeys } from '../../piece/retime';
import { useDesk } from '../deskStore';
import { rateOf } from '../parts';
import { usePlay } from '../playStore';
import { copyPart } from '../useClipboard';
import { heldOf } from './heldKeys';

/** What can be done with several keys that are picked on the stems. */
export function KeysBar({ piece }: { piece: Piece }) {
  const keys = usePlay((state) => state.keys);
  const edit = useDesk((state) => state.edit);
  const held = heldOf(keys);
  // What was picked may be gone by now.
  if (held.length === 0) return null;
  const told = piece.moves.filter(({ id }) => keys.some((key) => key.id === id));
  const first = Math.min(...held.map(({ now }) => now.begin));
  const pinned = held.find(({ now }) => now.begin === first)?.pin?.line;
  const line =
    piece.script.lines.find(({ id }) => id === pinned) ??
    piece.script.lines.find(({ begin, end }) => first >= begin && first < end);
  return (
    <div className="keys-bar" role="group" aria-label="Selected keys">
      <strong>{held.length === 1 ? 'One move' : `${held.length} moves`}</strong>
      <button
        type="button"
        className="text-button"
        disabled={!line}
        title={line ? `Stretches the moves over “${line.text}”` : 'No line is spoken where these moves start'}
        onClick={() => line && edit((draft) => fitKeys(draft, held, line.begin, line.end))}
      >
        Fit to line
      </button>
      <button
        type="button"
        className="text-button"
        disabled={held.length < 2}
        title="Each move starts when the one before it ends"
        onClick={() => edit((draft) => chainKeys(draft, held))}
      >
        Place end to end
      </button>
      <button
        type="button"
        className="text-button"
        disabled={told.length === 0}
        title={
          told.length > 0
            ? 'Copies the moves, to be pasted at the playhead (Ctrl C)'
            : 'These follow the order of their chart'
        }
        onClick={() => void copyPart({ lupine: 'moves', moves: told, rate: rateOf(piece) })}
      >
        Copy
      </button>
      <span className="flex-grow-1" />
      <button
        type="button"
        className="text-button"
        title="Deselect all keys (Esc)"
        onClick={() => usePlay.getState().set({ keys: [] })}
      >
        Deselect
      </button>
    </div>
  );
}
