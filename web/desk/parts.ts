import type {
  Chart,
  ChartMotion,
  Finish,
  FreeText,
  Line,
  Move,
  Own,
  OwnCoats,
  Panel,
  Piece,
  Table,
} from '../../contracts/piece';
import type { PlaceKey } from '../piece/places';
import type { KeyRef } from '../piece/retime';
import type { Selection } from './playStore';
import { keysOf } from './stage/selected';

/**
 * What is taken along by copying: charts, words and panels, what one part has of its own, a finish, some coats of one,
 * how a chart comes, moves and shots, or lines of the script.
 */
export type Part =
  | { lupine: 'things'; charts: Chart[]; words: FreeText[]; panels: Panel[]; tables: Table[]; moves: Move[] }
  | { lupine: 'part'; own: Own; moves: Move[] }
  | { lupine: 'finish'; finish: Finish }
  | { lupine: 'coats'; own: OwnCoats }
  | { lupine: 'motion'; entrance: ChartMotion | null; exit: ChartMotion | null }
  | { lupine: 'moves'; moves: Move[]; rate: number }
  | { lupine: 'lines'; lines: Line[]; rate: number };

const KINDS: Part['lupine'][] = ['things', 'part', 'finish', 'coats', 'motion', 'moves', 'lines'];

/** What is picked or selected, as it can be pasted elsewhere; null where that is nothing. */
export function copied(piece: Piece, selection: Selection, picked: KeyRef[]): Part | null {
  const moves = piece.moves.filter(({ id }) => picked.some((one) => one.id === id));
  if (moves.length > 0) return { lupine: 'moves', moves, rate: rateOf(piece) };
  if (selection?.kind === 'line')
    return {
      lupine: 'lines',
      lines: piece.script.lines.filter(({ id }) => id === selection.line),
      rate: rateOf(piece),
    };
  if (selection?.kind === 'figure') {
    const chart = piece.charts.find(({ id }) => id === selection.chart);
    return {
      lupine: 'part',
      own: chart?.own[selection.figure] ?? {},
      moves: piece.moves.filter(
        ({ target }) => 'figure' in target && target.chart === selection.chart && target.figure === selection.figure,
      ),
    };
  }
  if (selection?.kind === 'shot')
    return { lupine: 'moves', moves: piece.moves.filter(({ id }) => id === selection.shot), rate: rateOf(piece) };
  return thingsOfKeys(piece, keysOf(selection));
}

/** Frames a second. */
export const rateOf = ({ stage: { rate } }: Piece): number => rate[0] / rate[1];

/** Charts, words and panels with their figures and moves; null where there are none. */
export function thingsOfKeys(piece: Piece, keys: PlaceKey[]): Extract<Part, { lupine: 'things' }> | null {
  const charts = piece.charts.filter(({ id }) => keys.includes(id));
  const words = piece.words.filter(({ id }) => keys.includes(id));
  const panels = (piece.panels ?? []).filter(({ id }) => keys.includes(id));
  if (charts.length + words.length + panels.length === 0) return null;
  return {
    lupine: 'things',
    charts,
    words,
    panels,
    tables: piece.tables.filter(({ id }) => charts.some(({ table }) => table === id)),
    moves: piece.moves.filter(({ target }) => keys.includes(targetKey(target))),
  };
}

function targetKey(target: Move['target']): PlaceKey {
  if ('panel' in target) return target.panel;
  return 'chart' in target ? target.chart : 'words' in target ? target.words : '';
}

/** What was copied, read from the text that it is in the clipboard; null where it is something else. */
export function readPart(text: string): Part | null {
  if (!text.startsWith('{"lupine":')) return null;
  try {
    const part = JSON.parse(text) as Part;
    return KINDS.includes(part.lupine) ? part : null;
  } catch {
    return null;
  }
}
