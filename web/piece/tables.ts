import type { Repair } from '../api/answers';
import { newId } from '../common/words';
import type { Table } from '../../contracts/piece';

/** Changes of a table. Each writes into the document that it is given. */

export function addFigure(table: Table): string {
  const id = newId('r', table.rows);
  table.rows.push({ id, label: '', cells: table.columns.map(() => '') });
  return id;
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

/** What was typed into rows that are there. */
export function setCells(table: Table, rows: { id: string; label: string; cells: string[] }[]): void {
  for (const { id, label, cells } of rows) {
    const row = table.rows.find((one) => one.id === id);
    if (!row) continue;
    row.label = label;
    row.cells = table.columns.map((_, at) => cells[at] ?? '');
  }
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
