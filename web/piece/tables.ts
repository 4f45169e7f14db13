import type { Repair } from '../api/answers';
import { newId } from '../common/words';
import { isFigureMove, tableOf } from './changes';
import type { Chart, Piece, Table } from '../../contracts/piece';

/** Changes of a table. Each writes into the document that it is given. */

export function addFigure(table: Table): string {
  const id = newId('r', table.rows);
  table.rows.push({ id, label: '', cells: table.columns.map(() => '') });
  return id;
}

/**
 * Takes a row out, and in every chart of its table what was said of it: core's RemovedRows, predicted.
 */
export function removeFigure(piece: Piece, chart: Chart, id: string): void {
  const table = tableOf(piece, chart);
  if (!table) return;
  table.rows = table.rows.filter((row) => row.id !== id);
  // A figure of several series is named by its row and its column.
  const isGone = (figure: string | null | undefined): boolean => figure?.split('-')[0] === id || figure === id;
  for (const one of piece.charts.filter(({ table: its }) => its === table.id)) {
    for (const figure of Object.keys(one.own)) if (isGone(figure)) delete one.own[figure];
    if (isGone(one.words.centre?.figure)) one.words.centre!.figure = null;
    piece.moves = piece.moves.filter((move) => !isFigureMove(move, one.id, id));
    for (const words of piece.words) {
      if (words.pointsAt?.chart === one.id && isGone(words.pointsAt.figure)) words.pointsAt = null;
    }
  }
}

/** Rows in another order; those that are not named come last. */
export function orderRows(table: Table, ids: string[]): void {
  const places = new Map(ids.map((id, place) => [id, place]));
  const placeOf = (id: string): number => places.get(id) ?? ids.length;
  table.rows = table.rows
    .map((row, index): [Table['rows'][number], number] => [row, index])
    .sort(([one, first], [other, second]) => placeOf(one.id) - placeOf(other.id) || first - second)
    .map(([row]) => row);
}

/** Another column of figures, beside one that is there. */
export function addColumn(table: Table, after: number): string {
  const id = newId('c', table.columns);
  table.columns.splice(after + 1, 0, { id, name: '' });
  for (const row of table.rows) row.cells.splice(after + 1, 0, '');
  return id;
}

/** Charts and moves that show a column. */
export function showing(piece: Piece, table: Table, column: string): number {
  const charts = piece.charts.filter((chart) => chart.table === table.id);
  const ids = charts.map(({ id }) => id);
  return (
    charts.filter((chart) => chart.column === column || chart.series?.includes(column)).length +
    piece.moves.filter(
      (move) =>
        move.kind === 'change' &&
        move.property === 'column' &&
        move.to === column &&
        'chart' in move.target &&
        ids.includes(move.target.chart),
    ).length
  );
}

export function removeColumn(piece: Piece, table: Table, id: string): void {
  const at = table.columns.findIndex((column) => column.id === id);
  if (at < 0 || table.columns.length === 1) return;
  for (const { run } of piece.charts.filter((chart) => chart.table === table.id))
    if (run) run.pins = run.pins.filter(({ column }) => column !== id);
  table.columns.splice(at, 1);
  for (const row of table.rows) row.cells.splice(at, 1);
}

export function shiftFigure(table: Table, id: string, by: number): void {
  const place = table.rows.findIndex((row) => row.id === id);
  const [row] = table.rows.splice(place, 1);
  table.rows.splice(Math.max(0, Math.min(table.rows.length, place + by)), 0, row);
}

export function applyRepair(table: Table, column: number, repair: Repair): void {
  for (const row of table.rows) {
    if (row.id in repair.cells) row.cells[column] = repair.cells[row.id];
    if (repair.sure.includes(row.id)) row.sure = row.cells[column].trim();
  }
  if (repair.whole !== null) table.whole = repair.whole;
  if (repair.rest !== null) {
    const id = addFigure(table);
    const row = table.rows.find((one) => one.id === id)!;
    row.label = repair.rest;
    row.cells[column] = 'rest';
  }
}

/** The rows as the grid has them now: changed, put elsewhere, new, or no longer there. */
export function setRows(piece: Piece, chart: Chart, rows: { id: string; label: string; cells: string[] }[]): void {
  const table = tableOf(piece, chart);
  if (!table) return;
  const known = new Map(table.rows.map((row) => [row.id, row]));
  const next: Table['rows'] = [];
  const taken = [...table.rows];
  for (const { id, label, cells } of rows) {
    const there = known.get(id);
    known.delete(id);
    const row = there ?? { id: newId('r', taken), label: '', cells: table.columns.map(() => '') };
    if (!there) taken.push(row);
    row.label = label;
    row.cells = table.columns.map((_, at) => cells[at] ?? '');
    next.push(row);
  }
  for (const id of known.keys()) removeFigure(piece, chart, id);
  table.rows = next;
}

/**
 * Pasted rows whose labels are known give their figures to those rows, wherever they stand; else they take the place of
 * the rows from one row on. Rows keep their ids, and with them what is their own: colour, looks, moves. Numbers alone
 * leave the labels as they are. Further columns fill those of the table, as far as it has them.
 */
export function pasteRows(
  table: Table,
  column: number,
  from: number,
  { table: pasted, hasLabels }: { table: Table; hasLabels: boolean },
): void {
  const known = new Map(table.rows.map((row) => [row.label.trim(), row]));
  const isByLabel =
    hasLabels &&
    pasted.rows.some((row, index) => {
      const there = known.get(row.label.trim());
      return row.label.trim() !== '' && there !== undefined && there !== table.rows[from + index];
    });
  pasted.rows.forEach((row, index) => {
    let target = isByLabel ? known.get(row.label.trim()) : table.rows[from + index];
    if (!target) {
      addFigure(table);
      target = table.rows[table.rows.length - 1];
    }
    if (hasLabels) target.label = row.label;
    for (const [at, cell] of row.cells.entries()) {
      if (column + at < table.columns.length) target.cells[column + at] = cell;
    }
  });
}
