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

/** The names of the groups of a piece. */
export function groupNames(piece: Piece): string[] {
  return [...new Set(thingsOf(piece).flatMap(({ group }) => group || []))];
}

/** A name that no group has yet. */
export function newGroup(piece: Piece): string {
  const taken = groupNames(piece);
  for (let number = 1; ; number++) if (!taken.includes(`Group ${number}`)) return `Group ${number}`;
}

/** What is wrong with a name for a group; nothing where it can have it. */
export function wrongGroup(piece: Piece, group: string, name: string): string {
  if (!name.trim()) return 'A group needs a name.';
  const isTaken = name.trim() !== group && groupNames(piece).includes(name.trim());
  return isTaken ? `There is already a group named “${name.trim()}”.` : '';
}

/** Takes charts, texts and panels together under a name from now on; null: each by itself again. */
export function setGroup(piece: Piece, keys: PlaceKey[], name: string | null): void {
  for (const one of thingsOf(piece)) if (keys.includes(one.id)) one.group = name;
}
