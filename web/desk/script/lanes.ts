/** Where the stem of one figure stands: its middle, from the left edge of all of them, and its width, in pixels. */
export interface StemLane {
  middle: number;
  width: number;
}

const WIDEST = 34;
/** what the lane of the picked figure has at least, and those beside it, so that their keys can be taken */
const PICKED = 26;
const BESIDE = 12;
const LEAST = 0.5;

/**
 * The lanes of as many figures as there are. Where they stand close, the picked one and its neighbours have more room,
 * and the others share what is left.
 */
export function lanesOf(room: number, count: number, picked: number): StemLane[] {
  if (count === 0) return [];
  const alike = Math.max(LEAST, Math.min(WIDEST, room / count));
  const wanted = (index: number): number => {
    const away = Math.abs(index - picked);
    return picked < 0 || away > 1 ? 0 : Math.max(alike, away === 0 ? PICKED : BESIDE);
  };
  const all = Array.from({ length: count }, (_, index) => wanted(index));
  const few = all.filter((width) => width > 0).length;
  let taken = 0;
  for (const width of all) taken += width;
  const rest = Math.max(LEAST, Math.min(alike, (room - taken) / Math.max(1, count - few)));
  let at = 0;
  return all.map((width) => {
    const own = width > 0 ? width : rest;
    at += own;
    return { middle: at - own / 2, width: own };
  });
}

export function widthOf(lanes: StemLane[]): number {
  const last = lanes.at(-1);
  return last ? last.middle + last.width / 2 : 0;
}

/** Which lane lies at a place; -1 where none does. */
export function laneAt(lanes: StemLane[], x: number): number {
  return lanes.findIndex(({ middle, width }) => x >= middle - width / 2 && x < middle + width / 2);
}
