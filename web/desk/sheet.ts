import type { Course, Sheet, SheetFigure } from '../api/answers';

/** The frames on which moves begin now, pins resolved, by move id. */
export function beginsOf(sheet: Sheet | undefined): Record<string, number> {
  const begins: Record<string, number> = {};
  for (const { changes } of Object.values(sheet?.words ?? {})) {
    for (const { id, begin } of changes) if (id) begins[id] = begin;
  }
  for (const { figures, changes: ofChart } of Object.values(sheet?.charts ?? {})) {
    for (const { id, begin } of ofChart) if (id) begins[id] = begin;
    for (const { entrance, exit, changes } of figures) {
      for (const { id, begin } of changes) if (id) begins[id] = begin;
      if (entrance?.id) begins[entrance.id] = entrance.begin;
      if (exit?.id) begins[exit.id] = exit.begin;
    }
  }
  return begins;
}

export function figureOf(sheet: Sheet | undefined, chart: string, figure: string): SheetFigure | undefined {
  return sheet?.charts[chart]?.figures.find(({ id }) => id === figure);
}

/** What a number is on a frame: as core has computed it, the last point that has been reached. */
export function valueAt(course: Course, frame: number): number {
  let value = course[0]?.[1] ?? 0;
  for (const [at, next] of course) {
    if (at > frame) break;
    value = next;
  }
  return value;
}

/** The frame on which every figure has come and none has left: there is something to see. */
export function finishedAt(sheet: Sheet, frames: number): number {
  const figures = Object.values(sheet.charts).flatMap((chart) => chart.figures);
  const come = Math.max(0, ...figures.map(({ entrance }) => (entrance ? entrance.begin + entrance.frames : 0)));
  const left = Math.min(frames, ...figures.map(({ exit }) => exit?.begin ?? frames));
  return Math.max(0, Math.min(come, left - 1, frames - 1));
}
