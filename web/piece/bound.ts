import { tableOf } from './changes';
import type { Piece, Table } from '../../contracts/piece';

/** Parts of a text that follow a table; core's `BoundText` says what each of them means. */
export const COLUMN = '[column]';
export const TABLE = '[table]';
const OF_ROW = /\[(value|share|name) of ([^\]]+)\]/gu;
const PART = /\[(?:table|column|total|(?:value|share|name) of [\w-]+)\]/u;

export const isBound = (text: string): boolean => PART.test(text);

/** A text as it is typed: rows by their names, as far as those are unlike each other. */
export function withNames(text: string, rows: Table['rows']): string {
  return text.replace(OF_ROW, (found, what: string, id: string) => {
    const row = rows.find((one) => one.id === id);
    return row && byName(row.label, rows)?.id === id ? `[${what} of ${row.label}]` : found;
  });
}

/** What a text on the stage says, for a list of them. */
export function namedText(piece: Piece, words: Piece['words'][number]): string {
  const chart = piece.charts.find(({ id }) => id === words.momentOf) ?? piece.charts[0];
  return withNames(words.text, (chart && tableOf(piece, chart)?.rows) || []);
}

/** A text as it is kept: rows by their ids, so that one that gets another name is still meant. */
export function withIds(text: string, rows: Table['rows']): string {
  return text.replace(OF_ROW, (found, what: string, name: string) => {
    const row = byName(name, rows);
    return row ? `[${what} of ${row.id}]` : found;
  });
}

/** The one row of a name that can stand within brackets. */
function byName(name: string, rows: Table['rows']): Table['rows'][number] | null {
  const named = name.includes(']') ? [] : rows.filter(({ label }) => label.trim() !== '' && label === name.trim());
  return named.length === 1 ? named[0] : null;
}
