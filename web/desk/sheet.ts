import type { Sheet, SheetFigure } from '../api/answers';

/** The frames on which moves begin now, pins resolved, by move id. */
export function beginsOf(sheet: Sheet | undefined): Record<string, number> {
  const begins: Record<string, number> = {};
  for (const { figures } of Object.values(sheet?.charts ?? {})) {
    for (const { entrance, exit } of figures) {
      if (entrance?.id) begins[entrance.id] = entrance.begin;
      if (exit?.id) begins[exit.id] = exit.begin;
    }
  }
  return begins;
}

export function figureOf(sheet: Sheet | undefined, chart: string, figure: string): SheetFigure | undefined {
  return sheet?.charts[chart]?.figures.find(({ id }) => id === figure);
}
