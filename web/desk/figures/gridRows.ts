import type { Computed, Problem, SheetFigure } from '../../api/answers';
import { columnIndex } from '../../piece/changes';
import type { Chart, Table } from '../../../contracts/piece';
import { shortTimecode } from '../../common/words';
import type { FigureNow } from './useFiguresNow';

/** A row of the sheet as the grid shows it. What was typed can be changed; the rest follows from it. */
export interface GridRow {
  /** of the row in the document; empty for one that the grid has just made */
  id: string;
  label: string;
  /** what was typed into each column of figures */
  cells: string[];
  /** which of them the chart shows */
  column: number;
  /** what a sum, or a rest, comes to; null where a number was typed */
  workedOut: string | null;
  /** what formulas come to, by the index of their column */
  worked: Record<number, string>;
  /** its number in formulas */
  number: number;
  isRest: boolean;
  colour: string | null;
  share: string;
  measured: string;
  starts: string;
  /** what its reading says on the frame of the playhead, where not all of it is there; else null */
  now: string | null;
  /** its value then, where that is another one */
  valueNow: string | null;
  problem: Problem | null;
  isOff: boolean;
}

export const NEW_ROW: GridRow = {
  id: '',
  label: '',
  cells: [],
  column: 0,
  workedOut: null,
  worked: {},
  number: 0,
  isRest: false,
  colour: null,
  share: '–',
  measured: '–',
  starts: '–',
  now: null,
  valueNow: null,
  problem: null,
  isOff: false,
};

export function gridRows(
  table: Table,
  chart: Chart,
  sheet: Computed['sheet']['charts'][string] | undefined,
  all: Problem[] = [],
  now: Record<string, FigureNow> = {},
): GridRow[] {
  const column = columnIndex(table, chart);
  const figures = new Map<string, SheetFigure>();
  for (const figure of sheet?.figures ?? []) {
    // Of several series the first stands for its row.
    if (!figures.has(figure.row)) figures.set(figure.row, figure);
  }
  const problems = new Map<string, Problem>();
  for (const problem of all) {
    if (problem.rowId !== null && !problems.has(problem.rowId)) problems.set(problem.rowId, problem);
  }
  const worked = sheet?.worked ?? {};
  return table.rows.map((row, place) => {
    const figure = figures.get(row.id);
    const here = figure && now[figure.id];
    const isPart = here !== undefined && !here.isFull;
    return {
      id: row.id,
      label: row.label,
      cells: row.cells,
      column,
      workedOut: figure?.isWorkedOut ? figure.value : null,
      worked: Object.fromEntries(
        Object.entries(worked[row.id] ?? {}).map(([id, text]) => [
          table.columns.findIndex((one) => one.id === id),
          text,
        ]),
      ),
      // The heads are the first row.
      number: place + 2,
      isRest: figure?.isRest ?? false,
      colour: figure?.colour ?? null,
      share: isPart ? here.share : (figure?.share ?? '–'),
      measured: isPart ? here.measured : (figure?.measured ?? '–'),
      starts: startsOf(figure),
      now: isPart ? here.reading : null,
      valueNow: isPart && here.value !== figure?.value ? here.value : null,
      problem: problems.get(row.id) ?? null,
      isOff: chart.own[row.id]?.off === true,
    };
  });
}

function startsOf(figure: SheetFigure | undefined): string {
  if (!figure) return '–';
  if (!figure.entrance) return 'from the start';
  const { pinnedTo, beginText } = figure.entrance;
  return pinnedTo ? `“${pinnedTo}”` : shortTimecode(beginText);
}
