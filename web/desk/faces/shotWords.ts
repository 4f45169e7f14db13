import type { Sheet } from '../../api/answers';
import type { Move, Piece } from '../../../contracts/piece';
import { chartName } from '../useChart';

/** What a shot leads to, in a few words. */
export function lookedAt(piece: Piece, sheet: Sheet | undefined, { on, zoom }: NonNullable<Move['shot']>): string {
  const chart = on && piece.charts.find(({ id }) => id === on.chart);
  const figure = on?.figure && sheet?.charts[on.chart]?.figures.find(({ id }) => id === on.figure);
  const what = figure ? figure.label : chart ? chartName(piece, chart) : null;
  if (zoom === 1) return 'Whole stage';
  return `${Math.round(zoom * 100)} %${what ? `, ${what}` : ''}`;
}
