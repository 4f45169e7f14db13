import type { Box } from '../../../painter/src';
import type { Grid } from '../../piece/grid';

/** A line that something comes to rest on: across the whole stage, at a number of its pixels. */
export interface Guide {
  axis: 'x' | 'y';
  at: number;
}

/** EBU R 95: 5 % for graphics and titles */
const SAFE = 0.05;

/** What can be met on a stage: its middle, thirds and safe area, and the middles and edges of what stands there. */
export function guidesOf(width: number, height: number, others: Box[], baselines: number[]): Guide[] {
  const onSide = (axis: 'x' | 'y', side: number): Guide[] =>
    [SAFE, 1 / 3, 1 / 2, 2 / 3, 1 - SAFE].map((part) => ({ axis, at: side * part }));
  return [
    ...onSide('x', width),
    ...onSide('y', height),
    ...others.flatMap(({ left, right, top, bottom }): Guide[] => [
      ...[left, (left + right) / 2, right].map((at): Guide => ({ axis: 'x', at })),
      ...[top, (top + bottom) / 2, bottom].map((at): Guide => ({ axis: 'y', at })),
    ]),
    ...baselines.map((at): Guide => ({ axis: 'y', at })),
  ];
}

/** The edges of columns and rows. */
export function gridGuides({ columns, rows }: Grid): Guide[] {
  return [
    ...columns.flat().map((at): Guide => ({ axis: 'x', at })),
    ...rows.flat().map((at): Guide => ({ axis: 'y', at })),
  ];
}

/**
 * How far a box has to go to come to rest, and on what.
 * @param box where it would be
 * @param near how near it has to come, in pixels of the stage
 */
export function snapped(
  box: Box,
  guides: Guide[],
  near: number,
  baselines: number[] = [],
): { across: number; down: number; met: Guide[] } {
  const meet = (axis: 'x' | 'y', edges: number[]): { by: number; met: Guide[] } => {
    let by = Infinity;
    let met: Guide[] = [];
    for (const guide of guides) {
      if (guide.axis !== axis) continue;
      for (const edge of edges) {
        const far = guide.at - edge;
        if (Math.abs(far) > near || Math.abs(far) > Math.abs(by) + 0.01) continue;
        met = Math.abs(far) < Math.abs(by) - 0.01 ? [guide] : [...met, guide];
        by = far;
      }
    }
    return Number.isFinite(by) ? { by, met } : { by: 0, met: [] };
  };
  const x = meet('x', [box.left, (box.left + box.right) / 2, box.right]);
  const y = meet('y', [box.top, (box.top + box.bottom) / 2, box.bottom, ...baselines]);
  return { across: x.by, down: y.by, met: [...x.met, ...y.met] };
}

export function movedBox(box: Box, across: number, down: number): Box {
  return { left: box.left + across, right: box.right + across, top: box.top + down, bottom: box.bottom + down };
}
