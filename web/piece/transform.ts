import { at, posed } from '../../painter/src';
import type { Placed } from '../api/answers';
import type { Piece } from '../../contracts/piece';
import { panelOf } from './panels';
import { legendKey, toldPlace, type Part, type PlaceKey } from './places';

const rounded = (number: number, digits = 2): number => Number(number.toFixed(digits));

/** pixels below which type is not made, and how narrow words are at least */
const LEAST = { type: 6, chart: 0.02, width: 40 };

const isChart = (piece: Piece, key: PlaceKey): boolean => piece.charts.some(({ id }) => id === key);

/** What becomes of a thing when several are scaled about one centre. */
export function scaledAbout(piece: Piece, key: PlaceKey, now: Placed, centre: [number, number], factor: number): Part {
  const [x, y] = at(posed(...centre, 0, 0, factor, 0), [now.x, now.y]).map((one) => rounded(one));
  if (panelOf(piece, key)) return { x, y, size: rounded(factor) };
  const isWords = !isChart(piece, key);
  return {
    x,
    y,
    size: Math.max(isWords ? LEAST.type : LEAST.chart, rounded(now.size * factor, 4)),
    ...(isWords && now.width !== undefined ? { width: Math.max(LEAST.width, rounded(now.width * factor, 1)) } : {}),
  };
}

/** The same when they are turned clockwise: words keep their lines level and go around. */
export function turnedAbout(piece: Piece, key: PlaceKey, now: Placed, centre: [number, number], degrees: number): Part {
  const [x, y] = at(posed(...centre, 0, 0, 1, degrees), [now.x, now.y]).map((one) => rounded(one));
  return isChart(piece, key) || panelOf(piece, key) ? { x, y, turn: rounded((now.turn ?? 0) + degrees, 1) } : { x, y };
}

/** Things that are moved, with the legends a hand has placed; the others follow their charts by rule. */
export function withLegends(piece: Piece, shape: string | null, keys: PlaceKey[]): PlaceKey[] {
  const legends = piece.charts
    .filter(({ id }) => keys.includes(id))
    .map(({ id }) => legendKey(id))
    .filter((legend) => toldPlace(piece, shape, legend));
  return [...keys, ...legends.filter((one) => !keys.includes(one))];
}
