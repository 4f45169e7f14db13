import { newId } from '../common/words';
import type { Piece } from '../../contracts/piece';
import { thingsOf } from './panels';
import type { PlaceKey } from './places';

/** Changes of a document that has several charts. */

/** Before or behind its neighbour: the last is painted over the others. */
export function shiftChart(piece: Piece, id: string, by: 1 | -1): void {
  const from = piece.charts.findIndex((one) => one.id === id);
  const to = from + by;
  if (from < 0 || to < 0 || to >= piece.charts.length) return;
  const [chart] = piece.charts.splice(from, 1);
  piece.charts.splice(to, 0, chart);
}

/** Takes charts, texts and panels together from now on, or each by itself again. */
export function setGroup(piece: Piece, keys: PlaceKey[], isTogether: boolean): void {
  const all = thingsOf(piece);
  const taken = all.map(({ group }) => ({ id: group ?? '' }));
  const name = newId('group', taken);
  for (const one of all) if (keys.includes(one.id)) one.group = isTogether ? name : null;
}
