import type { Table } from '../../contracts/piece';

/** A reference in a formula, or a range of them: `[.B2]`, `[.B2:.B9]`; brackets and points may be left out. */
const REFERENCE = /\[?\.?\$?[A-Z]{1,3}\$?\d{1,5}(?::\.?\$?[A-Z]{1,3}\$?\d{1,5})?\]?/giu;
const PART = /(\$?)([A-Z]{1,3})(\$?)(\d{1,5})/giu;

/** What a reference to a cell that is gone becomes. Source: OpenFormula (ODF 1.2, part 2), 5.12, errors. */
const GONE = '#REF!';

/**
 * Rows and columns go elsewhere, come and are taken out; formulas go on to ask for the same cells.
 * @param work what changes the table
 */
export function keepReferences(table: Table, work: () => void): void {
  const rows = table.rows.map(({ id }) => id);
  const columns = table.columns.map(({ id }) => id);
  work();
  const rowNow = new Map(table.rows.map(({ id }, at) => [id, at]));
  const columnNow = new Map(table.columns.map(({ id }, at) => [id, at]));
  const isSame = rows.every((id, at) => rowNow.get(id) === at) && columns.every((id, at) => columnNow.get(id) === at);
  if (isSame) return;
  const known = new Set(rows);
  const kept = (text: string): string =>
    text.trimStart().startsWith('=') ? text.replace(REFERENCE, (found) => moved(found)) : text;
  const moved = (found: string): string => {
    const ends = [...found.matchAll(PART)].map(([, , letters, , number]) => ({
      // A are the labels, and the first row are the heads.
      column: numberOf(letters) - 1,
      row: Number(number) - 2,
    }));
    const isRange = ends.length > 1;
    const now = ends.map(({ column, row }, end) => ({
      column: column < 0 ? column : nearest(columns, columnNow, column, isRange ? (end === 0 ? 1 : -1) : 0),
      row: row < 0 ? row : nearest(rows, rowNow, row, isRange ? (end === 0 ? 1 : -1) : 0),
    }));
    if (now.some(({ column, row }) => column === null || row === null)) return GONE;
    let at = 0;
    return found.replace(PART, (_, first: string, __: string, second: string) => {
      const { column, row } = now[at++];
      return `${first}${letterOf((column ?? 0) + 1)}${second}${(row ?? 0) + 2}`;
    });
  };
  for (const row of table.rows) {
    if (known.has(row.id)) row.cells = row.cells.map(kept);
  }
  if (table.whole) table.whole = kept(table.whole);
}

/** Where the thing at a place is now; of the end of a range that is gone, the next one inside. Null: nowhere. */
function nearest(before: string[], now: Map<string, number>, place: number, inward: -1 | 0 | 1): number | null {
  if (place >= before.length) return place;
  for (let at = place; at >= 0 && at < before.length; at += inward) {
    const found = now.get(before[at]);
    if (found !== undefined) return found;
    if (inward === 0) return null;
  }
  return null;
}

/** A is 0. */
function numberOf(letters: string): number {
  let number = 0;
  for (const letter of letters.toUpperCase()) number = number * 26 + letter.charCodeAt(0) - 64;
  return number - 1;
}

/** The letters of a column of the sheet: 0 is A, where the labels are. */
export function letterOf(column: number): string {
  let letters = '';
  for (let number = column + 1; number > 0; number = Math.floor((number - 1) / 26))
    letters = String.fromCharCode(65 + ((number - 1) % 26)) + letters;
  return letters;
}

/** A formula as it is written so many rows and columns further on: what has a `$` before it stays. */
export function furtherOn(text: string, rows: number, columns: number): string {
  if (!text.trimStart().startsWith('=')) return text;
  return text.replace(REFERENCE, (found) => {
    let isGone = false;
    const moved = found.replace(PART, (_, first: string, letters: string, second: string, number: string) => {
      const column = numberOf(letters) + (first ? 0 : columns);
      const row = Number(number) + (second ? 0 : rows);
      isGone ||= column < 0 || row < 1;
      return isGone ? '' : `${first}${letterOf(column)}${second}${row}`;
    });
    return isGone ? GONE : moved;
  });
}
