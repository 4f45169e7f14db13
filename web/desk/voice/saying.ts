import type { Sheet } from '../../api/answers';
import type { SaidFigure } from '../../api/answers';
import { chartOf, ownMove } from '../../piece/changes';
import type { Piece } from '../../../contracts/piece';

/** Offers: what is said of a figure that does not come in on those words yet; the first time that it is said. */
export function untied(sheet: Sheet | undefined): SaidFigure[] {
  const all = sheet?.said ?? [];
  const tied = new Set(all.filter((one) => one.tied).map(keyOf));
  return all.filter((one) => {
    if (one.figure === null || one.state === 'differs' || tied.has(keyOf(one))) return false;
    tied.add(keyOf(one));
    return true;
  });
}

const keyOf = ({ chart, figure }: SaidFigure): string => `${chart} ${figure}`;

/** A figure comes in on the words that mean it. */
export function tie(piece: Piece, said: SaidFigure, sheet: Sheet | undefined): void {
  const chart = chartOf(piece, said.chart);
  if (!chart || said.figure === null) return;
  const now = sheet?.charts[said.chart]?.figures.find(({ id }) => id === said.figure)?.entrance;
  const move = ownMove(
    piece,
    'entrance',
    { chart: said.chart, figure: said.figure },
    {
      begin: now?.begin ?? 0,
      frames: now?.frames ?? 24,
      curve: chart.entrance?.curve ?? 'ease-out',
      manner: now?.manner ?? chart.entrance?.manner,
      opens: (now?.opens as 'forward' | undefined) ?? chart.entrance?.opens ?? 'forward',
    },
  );
  move.pin = { line: said.line, word: said.from, offset: 0 };
}

/** What is said, in a few words. */
export function toldOf({ label, state, is, figure }: SaidFigure): string {
  if (state === 'named') return `refers to ${label}`;
  if (figure === null) return `is the whole, ${is}`;
  return state === 'differs' ? `table has ${is} for ${label}` : `is ${label}, ${is}`;
}
