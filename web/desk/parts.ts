import { newId } from '../common/words';
import { setOwn } from '../piece/changes';
import type { Chart, ChartMotion, Finish, FreeText, Move, Own, Piece, Table } from '../../contracts/piece';
import { chartOfKey, type PlaceKey } from '../piece/places';
import type { Selection } from './playStore';
import { keysOf } from './stage/selected';

/** What is taken along by copying: charts and words, what one part has of its own, a finish, or how a chart comes. */
export type Part =
  | { lupine: 'things'; charts: Chart[]; words: FreeText[]; tables: Table[]; moves: Move[] }
  | { lupine: 'part'; own: Own; moves: Move[] }
  | { lupine: 'finish'; finish: Finish }
  | { lupine: 'motion'; entrance: ChartMotion | null; exit: ChartMotion | null };

/** What is selected, as it can be pasted elsewhere; null where that is nothing. */
export function copied(piece: Piece, selection: Selection): Part | null {
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
  const keys = keysOf(selection);
  const charts = piece.charts.filter(({ id }) => keys.includes(id));
  const words = piece.words.filter(({ id }) => keys.includes(id));
  if (charts.length + words.length === 0) return null;
  return {
    lupine: 'things',
    charts,
    words,
    tables: piece.tables.filter(({ id }) => charts.some(({ table }) => table === id)),
    moves: piece.moves.filter(({ target }) => keys.includes(targetKey(target))),
  };
}

function targetKey(target: Move['target']): PlaceKey {
  return 'chart' in target ? target.chart : 'words' in target ? target.words : '';
}

/** What was copied, read from the text that it is in the clipboard; null where it is something else. */
export function readPart(text: string): Part | null {
  if (!text.startsWith('{"lupine":')) return null;
  try {
    const part = JSON.parse(text) as Part;
    return ['things', 'part', 'finish', 'motion'].includes(part.lupine) ? part : null;
  } catch {
    return null;
  }
}

/** The most charts and words that a piece can have. */
const MOST_CHARTS = 12;
const MOST_WORDS = 60;
/** how far what is pasted stands from where it stood, in pixels */
const ASIDE = 48;

/**
 * Pastes into a piece, in one act.
 * @returns what is selected then, and a sentence where it could not be
 */
export function paste(piece: Piece, part: Part, selection: Selection): { selection: Selection; problem?: string } {
  if (part.lupine === 'things') return pasteThings(piece, part);
  if (part.lupine === 'part') {
    if (selection?.kind !== 'figure')
      return { selection, problem: 'Select a part first, then paste the look and moves onto it.' };
    pasteOnto(piece, part, selection.chart, selection.figure);
    return { selection };
  }
  const chart = chartOfKey(piece, selection && 'chart' in selection ? selection.chart : '') ?? piece.charts[0];
  if (part.lupine === 'finish') chart.finish = structuredClone(part.finish);
  else Object.assign(chart, structuredClone({ entrance: part.entrance, exit: part.exit }));
  return { selection };
}

function pasteOnto(piece: Piece, part: Extract<Part, { lupine: 'part' }>, chartId: string, figure: string): void {
  const chart = piece.charts.find(({ id }) => id === chartId);
  if (!chart) return;
  // A row that is off, and a text that is only its own, stay where they are.
  const { label, ...looks } = structuredClone(part.own);
  delete looks.off;
  if (label) delete label.text;
  setOwn(chart, figure, { ...looks, ...(label && Object.keys(label).length > 0 ? { label } : {}) });
  piece.moves = piece.moves.filter(
    ({ target }) => !('figure' in target && target.chart === chartId && target.figure === figure),
  );
  addMoves(piece, part.moves, () => ({ chart: chartId, figure }));
}

function pasteThings(
  piece: Piece,
  part: Extract<Part, { lupine: 'things' }>,
): { selection: Selection; problem?: string } {
  if (piece.charts.length + part.charts.length > MOST_CHARTS || piece.words.length + part.words.length > MOST_WORDS)
    return { selection: null, problem: `A piece can hold up to ${MOST_CHARTS} charts and ${MOST_WORDS} texts.` };
  const names: Record<string, string> = {};
  for (const table of part.tables) {
    const known = piece.tables.find(({ id }) => id === table.id);
    // The same table is shared; another one of that name comes along under a name of its own.
    if (known && JSON.stringify([known.columns, known.rows]) === JSON.stringify([table.columns, table.rows])) continue;
    const id = known ? newId('table', piece.tables) : table.id;
    names[table.id] = id;
    piece.tables.push({ ...structuredClone(table), id });
  }
  const made: Record<string, string> = {};
  for (const chart of part.charts) {
    const here = piece.charts.find(({ id }) => id === chart.id);
    const copy = structuredClone(chart);
    copy.id = here ? newId('chart', piece.charts) : chart.id;
    copy.table = names[chart.table] ?? chart.table;
    copy.group = null;
    if (here && copy.place.placedBy !== 'rule')
      copy.place = { ...copy.place, x: copy.place.x + ASIDE, y: copy.place.y + ASIDE };
    for (const motion of [copy.entrance, copy.exit]) {
      if (motion?.with && !piece.charts.some(({ id }) => id === motion.with)) delete motion.with;
    }
    for (const one of copy.run?.pins ?? []) {
      if (!piece.script.lines.some(({ id }) => id === one.pin?.line)) one.pin = null;
    }
    made[chart.id] = copy.id;
    piece.charts.push(copy);
  }
  for (const words of part.words) {
    const here = piece.words.some(({ id }) => id === words.id);
    const copy = structuredClone(words);
    copy.id = here ? newId('words', piece.words) : words.id;
    copy.group = null;
    if (copy.pointsAt) copy.pointsAt.chart = made[copy.pointsAt.chart] ?? copy.pointsAt.chart;
    if (copy.momentOf) copy.momentOf = made[copy.momentOf] ?? copy.momentOf;
    if (here) Object.assign(copy, { x: copy.x + ASIDE, y: copy.y + ASIDE, placedBy: 'hand', role: 'note' });
    made[words.id] = copy.id;
    piece.words.push(copy);
  }
  addMoves(piece, part.moves, (target) => {
    if ('chart' in target) return { ...target, chart: made[target.chart] ?? target.chart };
    return 'words' in target ? { words: made[target.words] ?? target.words } : target;
  });
  const keys = Object.values(made);
  const [only] = keys;
  if (keys.length > 1) return { selection: { kind: 'several', keys } };
  return { selection: part.charts.length > 0 ? { kind: 'chart', chart: only } : { kind: 'words', words: only } };
}

function addMoves(piece: Piece, moves: Move[], onto: (target: Move['target']) => Move['target']): void {
  for (const move of moves) {
    const copy = { ...structuredClone(move), id: newId('m', piece.moves), target: onto(move.target) };
    // What hung on words of another piece's script begins on its frame.
    if (copy.pin && !piece.script.lines.some(({ id }) => id === copy.pin?.line)) copy.pin = null;
    piece.moves.push(copy);
  }
}
