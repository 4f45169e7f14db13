import type { SheetFigure, SheetMove } from '../../api/answers';
import { type KeyRef } from '../../piece/retime';

const OF_LABEL = { entrance: 'label entrance', exit: 'label exit' };
const DOES = { entrance: 'entrance', exit: 'exit', change: 'change', emphasis: 'emphasis' };

export interface StemMove {
  ref: KeyRef & { kind: keyof typeof DOES };
  move: SheetMove;
}

export function doesOf({ kind, part }: StemMove['ref']): string {
  return part && (kind === 'entrance' || kind === 'exit') ? OF_LABEL[kind] : DOES[kind];
}

/** All moves of a figure that have keys on its stem. */
export function movesOf(figure: SheetFigure, chart: string, ofChart: (SheetMove & { property: string })[]): StemMove[] {
  const known = (kind: StemMove['ref']['kind'], move: SheetMove | null, part?: 'label'): StemMove[] =>
    move ? [{ ref: { id: move.id, kind, chart, figure: figure.id, ...(part ? { part } : {}) }, move }] : [];
  return [
    ...known('entrance', figure.entrance),
    ...[...figure.changes, ...ofChart]
      .filter(({ property }) => property === 'value' || property === 'column')
      .flatMap((move) => known('change', move)),
    ...figure.emphases.flatMap((move) => known('emphasis', move)),
    ...known('exit', figure.exit),
    ...known('entrance', figure.labelEntrance, 'label'),
    ...known('exit', figure.labelExit, 'label'),
  ];
}
