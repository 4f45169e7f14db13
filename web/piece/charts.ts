import { newId } from '../common/words';
import { tableOf } from './changes';
import type { Chart, Piece, Table } from '../../contracts/piece';
import type { PlaceKey } from './places';

/** Changes of a document that has several charts. */

/** Adds a chart that core has made, and its table where the piece has none of that name. */
export function addChart(piece: Piece, chart: Chart, table: Table): void {
  if (!piece.tables.some(({ id }) => id === table.id)) piece.tables.push(table);
  const isFirst = piece.charts.length === 0;
  piece.charts.push(chart);
  if (isFirst) return;
  // It comes in with the others, by one order.
  const [first] = piece.charts;
  if (first.entrance && chart.entrance) chart.entrance = { ...first.entrance, with: first.id, joins: 'together' };
}

/** How far a copy stands from what it was made of, in pixels. */
const ASIDE = 48;

/** A copy of a chart with everything that is its own: looks, moves, place. It shares the table. */
export function copyChart(piece: Piece, id: string): string | null {
  const chart = piece.charts.find((one) => one.id === id);
  if (!chart || piece.charts.length >= 12) return null;
  const copy = structuredClone(chart);
  copy.id = newId('chart', piece.charts);
  copy.group = null;
  if (copy.place.placedBy !== 'rule')
    copy.place = { ...copy.place, x: chart.place.x + ASIDE, y: chart.place.y + ASIDE };
  const { legend } = copy.words;
  if (legend && legend.placedBy !== 'rule') Object.assign(legend, { x: legend.x + ASIDE, y: legend.y + ASIDE });
  piece.charts.splice(piece.charts.indexOf(chart) + 1, 0, copy);
  for (const move of [...piece.moves]) {
    if (!('chart' in move.target) || move.target.chart !== id) continue;
    piece.moves.push({
      ...structuredClone(move),
      id: newId('m', piece.moves),
      target: { ...move.target, chart: copy.id },
    });
  }
  return copy.id;
}

/** Takes a chart out, with its moves, and its table where no other chart shows it. */
export function removeChart(piece: Piece, id: string): void {
  const chart = piece.charts.find((one) => one.id === id);
  if (!chart) return;
  piece.charts = piece.charts.filter((one) => one.id !== id);
  piece.moves = piece.moves.filter(({ target }) => !('chart' in target) || target.chart !== id);
  for (const words of piece.words) {
    if (words.pointsAt?.chart === id) words.pointsAt = null;
    if (words.momentOf === id) words.momentOf = null;
  }
  for (const one of piece.charts) if (one.axisOf === id) delete one.axisOf;
  for (const { entrance, exit } of piece.charts) {
    for (const motion of [entrance, exit]) if (motion?.with === id) delete motion.with;
  }
  const isShown = piece.charts.some(({ table }) => table === chart.table);
  if (!isShown && piece.tables.length > 1)
    piece.tables = piece.tables.filter((table) => table !== tableOf(piece, chart));
  for (const { own } of piece.shapes ?? []) {
    delete own[id];
    delete own[`legend-${id}`];
  }
}

/** Before or behind its neighbour: the last is painted over the others. */
export function shiftChart(piece: Piece, id: string, by: 1 | -1): void {
  const from = piece.charts.findIndex((one) => one.id === id);
  const to = from + by;
  if (from < 0 || to < 0 || to >= piece.charts.length) return;
  const [chart] = piece.charts.splice(from, 1);
  piece.charts.splice(to, 0, chart);
}

/** Takes charts and texts together from now on, or each by itself again. */
export function setGroup(piece: Piece, keys: PlaceKey[], isTogether: boolean): void {
  const all = [...piece.charts, ...piece.words];
  const taken = all.map(({ group }) => ({ id: group ?? '' }));
  const name = newId('group', taken);
  for (const one of all) if (keys.includes(one.id)) one.group = isTogether ? name : null;
}
