import type { Course, Sheet, SheetFigure } from '../api/answers';

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
