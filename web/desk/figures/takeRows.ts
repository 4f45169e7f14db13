import { addFigure, setCells } from '../../piece/tables';
import type { Table } from '../../../contracts/piece';
import { act } from '../act';
import type { TableChange } from './heads';

type Typed = Pick<Table['rows'][number], 'id' | 'label' | 'cells'>;

/**
 * The rows as the grid has them now. What was typed, and a row after the last, is there at once; what takes rows away
 * or puts new ones between them is core's to do, since formulas ask for the cells by their places.
 *
 * @param before the rows that the grid had
 */
export function takeRows(table: Table, before: Typed[], next: Typed[], change: TableChange): void {
  const known = new Map(before.map((row) => [row.id, row]));
  const typed = next.filter((row) => {
    const was = known.get(row.id);
    return was && (was.label !== row.label || was.cells.some((cell, at) => cell !== row.cells[at]));
  });
  const made = next.filter(({ id }) => id === '');
  const at = next.findIndex(({ id }) => id === '');
  const areLast = made.length > 0 && at === next.length - made.length;
  if (typed.length > 0 || areLast)
    change((draft) => {
      setCells(draft, typed);
      if (areLast)
        setCells(
          draft,
          made.map((row) => ({ ...row, id: addFigure(draft) })),
        );
    });
  if (made.length > 0 && !areLast) {
    const [labels, cells] = [made.map(({ label }) => label), made.map((row) => row.cells)];
    void act('add-rows', { table: table.id, at, labels, cells });
  }
  const left = new Set(next.map(({ id }) => id));
  const gone = before.map(({ id }) => id).filter((id) => !left.has(id));
  if (gone.length > 0 && next.length > 0) void act('remove-rows', { table: table.id, rows: gone });
}
