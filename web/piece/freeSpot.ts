import type { Box } from '../../painter/src';

/** steps across the stage at which it is looked whether there is room */
const STEPS = 24;

const over = (a: Box, b: Box): number =>
  Math.max(0, Math.min(a.right, b.right) - Math.max(a.left, b.left)) *
  Math.max(0, Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top));

/**
 * Where a box of a size has room: over as little of the others as can be, and then as near as can be to a point, within
 * the margins of the stage.
 */
export function freeSpot(
  [width, height]: [number, number],
  [stageWidth, stageHeight]: [number, number],
  margin: number,
  others: Box[],
  [nearX, nearY]: [number, number],
): Box {
  let best: { box: Box; covered: number; away: number } | null = null;
  for (let row = 0; row <= STEPS; row++)
    for (let column = 0; column <= STEPS; column++) {
      const left = margin + ((stageWidth - 2 * margin - width) * column) / STEPS;
      const top = margin + ((stageHeight - 2 * margin - height) * row) / STEPS;
      const box = { left, top, right: left + width, bottom: top + height };
      let covered = 0;
      for (const other of others) covered += over(box, other);
      const away = Math.hypot(left + width / 2 - nearX, top + height / 2 - nearY);
      if (!best || covered < best.covered - 1 || (covered < best.covered + 1 && away < best.away))
        best = { box, covered, away };
    }
  return best!.box;
}
