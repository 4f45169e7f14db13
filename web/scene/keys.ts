import type { ReelGroup } from '../../contracts/reel';
import { legendKey, type PlaceKey } from '../piece/places';

type Role = ReelGroup['role'];

/** What stands in such groups is of this: the id of the group of that role. */
export function idOf(groups: ReelGroup[], role: Role): string | null {
  return groups.find((group) => group.role === role)?.of ?? null;
}

export function isIn(groups: ReelGroup[], role: Role): boolean {
  return groups.some((group) => group.role === role);
}

export const chartOf = (groups: ReelGroup[]): string | null => idOf(groups, 'chart');

/** By which key what stands in such groups is placed; null where it has no place of its own. */
export function keyOf(groups: ReelGroup[]): PlaceKey | null {
  if (isIn(groups, 'caption')) return 'captions';
  const chart = chartOf(groups);
  if (chart === null) return idOf(groups, 'words') ?? idOf(groups, 'panel');
  return isIn(groups, 'legend') ? legendKey(chart) : chart;
}

const AT_MARKS: readonly Role[] = ['camera', 'chart', 'body', 'figure'];

/** Is what stands in such groups in the box of what has this key? Of a chart its marks alone are. */
export function isOfKey(groups: ReelGroup[], key: PlaceKey): boolean {
  return keyOf(groups) === key && (key !== chartOf(groups) || groups.every(({ role }) => AT_MARKS.includes(role)));
}
