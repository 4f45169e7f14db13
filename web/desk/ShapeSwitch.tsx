import type { Piece } from '../../contracts/piece';
import { usePlay } from './playStore';
import { shapeOf, shapesOf, shapeWord } from './shapes';

/** Which shape of the stage is worked on, and whether the others are seen beside it. */
export function ShapeSwitch({ piece }: { piece: Piece }) {
  const shape = usePlay((state) => shapeOf(piece, state.shape));
  const isSideBySide = usePlay((state) => state.isSideBySide);
  const set = usePlay((state) => state.set);
  const shapes = shapesOf(piece);
  if (shapes.length < 2) return null;
  return (
    <span className="shape-switch" role="group" aria-label="Shape of the stage">
      {shapes.map(({ id, width, height }) => (
        <button
          key={id ?? ''}
          type="button"
          className={`shape-pick${id === shape ? ' is-on' : ''}`}
          aria-pressed={id === shape}
          aria-label={`${shapeWord(width, height)}, ${width} × ${height}`}
          title={`${shapeWord(width, height)}, ${width} × ${height}`}
          onClick={() => set({ shape: id, view: null })}
        >
          <i style={{ aspectRatio: `${width} / ${height}` }} className={width > height ? 'is-wide' : undefined} />
        </button>
      ))}
      <button
        type="button"
        className={`text-button${isSideBySide ? ' is-on' : ''}`}
        aria-pressed={isSideBySide}
        title="Show all shapes side by side (S)"
        onClick={() => set({ isSideBySide: !isSideBySide, view: null })}
      >
        <i className="bi bi-layout-three-columns" aria-hidden="true" />
        <span className="visually-hidden">Show all shapes side by side</span>
      </button>
    </span>
  );
}
