import type { SheetBoundary } from '../api/answers';
import type { Chart, Piece } from '../../contracts/piece';
import { tableOf } from './changes';

/** A number as its cell keeps it: digits, a decimal point, and the unit that stood there. */
export function inCell(typed: string, value: number, decimals: number): string {
  const number = value.toFixed(decimals);
  const unit = /^\s*([€$£¥])/u.exec(typed)?.[1];
  if (unit) return `${unit} ${number}`;
  return /%\s*$/u.test(typed) ? `${number} %` : number;
}

/** A value between nothing and what there is to give, on whole steps of its last digit unless it is left free. */
export function restedValue(
  { decimals, most, canBeNegative }: SheetBoundary,
  value: number,
  digits = decimals,
): number {
  const step = 10 ** -digits;
  const rested = Math.round(value / step) * step;
  const least = canBeNegative ? -Infinity : 0;
  return Number(Math.max(least, Math.min(most ?? Infinity, rested)).toFixed(digits));
}

/** Digits that a free hand works with: one more. */
export const freely = ({ decimals }: SheetBoundary): number => Math.min(6, decimals + 1);

/**
 * A figure becomes another number; where it ends on the next one, that gives what it takes.
 *
 * @param digits after the point
 */
export function setBoundary(
  piece: Piece,
  chart: Chart,
  boundary: SheetBoundary,
  value: number,
  digits = boundary.decimals,
): void {
  write(piece, chart, boundary.figure, value, digits);
  if (boundary.next !== null && boundary.nextValue !== null)
    write(piece, chart, boundary.next, boundary.nextValue - (value - boundary.value), digits);
}

function write(piece: Piece, chart: Chart, figure: string, value: number, digits: number): void {
  const table = tableOf(piece, chart);
  if (!table) return;
  // A figure of several series is named by its row and its column.
  const column = chart.series?.find((one) => figure.endsWith(`-${one}`)) ?? chart.column;
  const id = figure.endsWith(`-${column}`) ? figure.slice(0, -column.length - 1) : figure;
  const place = table.columns.findIndex((one) => one.id === column);
  const row = table.rows.find((one) => one.id === id);
  if (row && place >= 0) row.cells[place] = inCell(row.cells[place] ?? '', value, digits);
}
