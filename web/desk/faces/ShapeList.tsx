import { Switch } from '../../fields/Choice';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { SHAPES } from '../shapes';

const ownPlaces = (count: number): string => (count === 0 ? '' : ` · ${count} repositioned`);

/** The shapes that the piece is made in beside its own. Everything but places and sizes is shared. */
export function ShapeList({ piece }: { piece: Piece }) {
  const edit = useDesk((state) => state.edit);
  const { stage } = piece;
  const shapes = piece.shapes ?? [];
  const toggle = (id: string, width: number, height: number, on: boolean): void => {
    if (!on && usePlay.getState().shape === id) usePlay.getState().set({ shape: null, view: null });
    edit((draft) => {
      draft.shapes = (draft.shapes ?? []).filter((one) => one.id !== id);
      if (on) draft.shapes.push({ id, width, height, own: {} });
    });
    if (on) usePlay.getState().set({ isSideBySide: true });
  };
  return (
    <section>
      <h3>Shapes</h3>
      <div className="shape-list">
        <span className="shape-main">
          {stage.width} × {stage.height}
        </span>
        {SHAPES.filter(({ width, height }) => width !== stage.width || height !== stage.height).map(
          ({ id, word, width, height }) => {
            const own = shapes.find((one) => one.id === id);
            const count = Object.keys(own?.own ?? {}).length;
            return (
              <Switch
                key={id}
                label={`${word}, ${own?.width ?? width} × ${own?.height ?? height}${ownPlaces(count)}`}
                value={own !== undefined}
                onChange={(on) => toggle(id, width, height, on)}
              />
            );
          },
        )}
      </div>
    </section>
  );
}
