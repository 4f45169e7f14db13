import type { Piece } from '../../../contracts/piece';
import { gridOf } from '../../piece/grid';
import { first } from '../../settings/settings';

/** Margins, columns and rows of the stage. Nothing of it is filmed. */
export function GridLines({ piece, size: [width, height] }: { piece: Piece; size: [number, number] }) {
  const { columns, rows } = gridOf([width, height], piece.arrangement ?? first.Arrangement);
  const [left, top] = [columns[0][0], rows[0][0]];
  return (
    <g className="stage-grid">
      {columns.map(([from, to]) => (
        <rect key={from} x={from} y={top} width={Math.max(0, to - from)} height={height - 2 * top} />
      ))}
      {rows.length > 1 &&
        rows.map(([from, to]) => (
          <rect key={from} x={left} y={from} width={width - 2 * left} height={Math.max(0, to - from)} />
        ))}
    </g>
  );
}
