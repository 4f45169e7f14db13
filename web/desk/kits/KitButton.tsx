import type { Piece } from '../../../contracts/piece';
import { usePlay } from '../playStore';
import { takeKit } from './takeKit';
import { useKits } from './useKits';
import { useDesk } from '../deskStore';

/** Which kit the piece is in; opens the kits. Where the kit has changed since, that can be taken. */
export function KitButton({ piece }: { piece: Piece }) {
  const isOpen = usePlay((state) => state.beside === 'kits');
  const edit = useDesk((state) => state.edit);
  const kits = useKits();
  const mark = piece.kit;
  const kit = kits?.kits.find(({ id }) => id === mark?.id);
  const hasChanged = mark && kit && kit.revision > (mark.revision ?? 1);
  return (
    <>
      <button
        type="button"
        className={`stage-format kit-button${isOpen ? ' is-on' : ''}`}
        aria-pressed={isOpen}
        title="Choose or keep a look (Y)"
        onClick={() => usePlay.getState().set({ beside: isOpen ? null : 'kits' })}
      >
        <i className="bi bi-palette2" aria-hidden="true" /> {mark ? mark.name : 'Kits'}
      </button>
      {hasChanged && (
        <span className="kit-changed" role="status">
          {kit.name} has changed.
          <button type="button" className="text-button" onClick={() => void takeKit(kit, mark.parts)}>
            Take the change
          </button>
          <button
            type="button"
            className="text-button"
            onClick={() =>
              edit((draft) => {
                if (draft.kit) draft.kit.revision = kit.revision;
              })
            }
          >
            Keep the look
          </button>
        </span>
      )}
    </>
  );
}
