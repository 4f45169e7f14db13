import type {
  Chart,
  ChartMotion,
  FigureTarget,
  FreeText,
  LabelTarget,
  Move,
  Own,
  OwnLabel,
  PanelTarget,
  Piece,
  RunPin,
  Table,
  WordsTarget,
} from '../../contracts/piece';
import { newId } from '../common/words';

/** How something comes or goes: by a move of its own, or with its chart. */
export type Manner = NonNullable<Move['manner'] | ChartMotion['manner']>;

/** Changes of a document. Each writes into the document that it is given; what follows from it, core computes. */

export function chartOf(piece: Piece, id?: string): Chart | undefined {
  return id === undefined ? piece.charts[0] : piece.charts.find((chart) => chart.id === id);
}

export function tableOf(piece: Piece, chart: Chart): Table | undefined {
  return piece.tables.find((table) => table.id === chart.table);
}

/** The column that a chart shows: of one that runs, its first moment. */
export function columnIndex(table: Table, chart: Chart): number {
  if (chart.run && table.columns.length > 1) return 0;
  return Math.max(
    0,
    table.columns.findIndex((column) => column.id === chart.column),
  );
}

export function isFigureMove(move: Move, chart: string, figure: string): boolean {
  if (!('figure' in move.target) || move.target.chart !== chart) return false;
  // A figure of several series is named by its row and its column.
  return move.target.figure === figure || move.target.figure.startsWith(`${figure}-`);
}

/** What comes and goes by a move of its own: a mark, its label, words, or a panel. */
export type ComingTarget = FigureTarget | LabelTarget | WordsTarget | PanelTarget;

export function moveOf(piece: Piece, kind: Move['kind'], target: ComingTarget): Move | undefined {
  return piece.moves.find(
    (move) =>
      move.kind === kind &&
      ('words' in target || 'panel' in target
        ? isSameTarget(move.target, target)
        : isFigureMove(move, target.chart, target.figure) && 'part' in move.target === 'part' in target),
  );
}

/** How the parts of a figure's chart come or go where they have no move of their own. */
export function orderOf(piece: Piece, kind: Move['kind'], target: ComingTarget): ChartMotion | null {
  if (!('chart' in target) || 'part' in target || (kind !== 'entrance' && kind !== 'exit')) return null;
  return piece.charts.find(({ id }) => id === target.chart)?.[kind] ?? null;
}

/** The target's own move, made from what it does now where it has none. */
export function ownMove(
  piece: Piece,
  kind: Move['kind'],
  target: ComingTarget,
  now: { begin: number; frames: number; curve: Move['curve']; opens: Move['opens']; manner?: Manner },
): Move {
  const known = moveOf(piece, kind, target);
  if (known) return known;
  const made: Move = {
    id: newId('m', piece.moves),
    kind,
    target,
    begin: now.begin,
    pin: null,
    frames: now.frames,
    curve: now.curve,
    opens: now.opens,
    // A part of its own does not bend along with the whole: it fades in, or out.
    ...(now.manner && now.manner !== 'open' ? { manner: now.manner === 'bend' ? 'fade' : now.manner } : {}),
    ...(orderOf(piece, kind, target)?.passes ? { passes: true } : {}),
  };
  piece.moves.push(made);
  return made;
}

export type Target = Move['target'];

export function isSameTarget(one: Target, other: Target): boolean {
  return JSON.stringify(Object.entries(one).sort()) === JSON.stringify(Object.entries(other).sort());
}

/** The changes of a figure, a chart or a text, in the order in which they stand in the document. */
export function changesOf(piece: Piece, target: Target): Move[] {
  return piece.moves.filter((move) => move.kind === 'change' && isSameTarget(move.target, target));
}

/** A change that begins on a frame, to a value that it has not yet led to. */
export function addChange(
  piece: Piece,
  target: Target,
  change: { property: string; to: number | string; begin: number },
): string {
  const id = newId('m', piece.moves);
  piece.moves.push({
    id,
    kind: 'change',
    target,
    property: change.property,
    from: null,
    to: change.to,
    begin: change.begin,
    pin: null,
    frames: 24,
    curve: 'ease-in-out',
    opens: 'forward',
  });
  return id;
}

/** What a move hangs on: where it begins, and of an emphasis where it lets go. */
export function pinsOf(move: Move): NonNullable<Move['pin']>[] {
  return [move.pin, move.emphasis?.untilPin ?? null].filter((pin) => pin !== null);
}

export function removeMove(piece: Piece, id: string): void {
  piece.moves = piece.moves.filter((move) => move.id !== id);
}

export function setOwn(chart: Chart, figure: string, part: Own): void {
  const own: Record<string, unknown> = { ...chart.own[figure], ...part };
  for (const key of Object.keys(own)) if (own[key] === null || own[key] === undefined) delete own[key];
  if (Object.keys(own).length === 0) delete chart.own[figure];
  else chart.own[figure] = own as Own;
}

/** What the label of one mark has of its own; what is undefined is as the others have it. */
export function setLabel(chart: Chart, figure: string, part: Partial<OwnLabel>): void {
  const label: Record<string, unknown> = { ...chart.own[figure]?.label, ...part };
  for (const key of Object.keys(label)) if (label[key] === undefined || label[key] === null) delete label[key];
  setOwn(chart, figure, { label: Object.keys(label).length === 0 ? undefined : (label as OwnLabel) });
}

/** A new line of three seconds, or up to the next line. It is empty; the stage grows for it when something is said. */
export function addLine(piece: Piece, frame: number): string {
  const id = newId('line', piece.script.lines);
  const [numerator, denominator] = piece.stage.rate;
  const length = Math.round((numerator / denominator) * 3);
  const before = piece.script.lines.filter((line) => line.begin <= frame && line.end > frame);
  const begin = Math.min(17_999, before.length > 0 ? Math.max(...before.map((line) => line.end)) : frame);
  const following = Math.min(
    ...piece.script.lines.map((line) => line.begin).filter((other) => other > begin),
    Infinity,
  );
  const end = Math.max(begin + 1, Math.min(begin + length, following, 18_000));
  piece.script.lines.push({ id, text: '', begin, end });
  piece.script.lines.sort((a, b) => a.begin - b.begin);
  return id;
}

/** A moved line takes its whole length along; what is pinned to it follows by itself. */
export function shiftLine(piece: Piece, id: string, begin: number): void {
  const line = piece.script.lines.find((one) => one.id === id);
  if (!line) return;
  const length = line.end - line.begin;
  line.begin = Math.max(0, Math.min(18_000 - length, Math.round(begin)));
  line.end = line.begin + length;
  piece.stage.frames = Math.min(18_000, Math.max(piece.stage.frames, line.end));
  piece.script.lines.sort((a, b) => a.begin - b.begin);
}

/** the longest stage, in frames */
export const MOST_FRAMES = 18_000;
/** Pins hold on to their words: those before and after a change in the text go along with it. */
export function setLineText(piece: Piece, id: string, text: string): void {
  const line = piece.script.lines.find((one) => one.id === id);
  if (!line) return;
  const before = wordsOf(line.text);
  const after = wordsOf(text);
  let same = 0;
  while (same < Math.min(before.length, after.length) && before[same] === after[same]) same++;
  let tail = 0;
  while (
    tail < Math.min(before.length, after.length) - same &&
    before[before.length - 1 - tail] === after[after.length - 1 - tail]
  )
    tail++;
  for (const pin of [...piece.moves.flatMap(pinsOf), ...momentsOf(piece).flatMap((one) => one.pin ?? [])]) {
    if (pin.line !== id || pin.word === null || pin.word < same) continue;
    pin.word =
      pin.word >= before.length - tail
        ? pin.word + after.length - before.length
        : Math.max(0, Math.min(pin.word, after.length - 1));
  }
  line.text = text;
  piece.stage.frames = Math.max(piece.stage.frames, line.end);
}

/** Moments of charts that run which stand on a frame or a beat. */
export function momentsOf(piece: Piece): RunPin[] {
  return piece.charts.flatMap(({ run }) => run?.pins ?? []);
}

/** Divided as core does it: at every space there is, and nowhere else. */
export function wordsOf(text: string): string[] {
  return text.split(/\p{White_Space}+/u).filter((word) => word !== '');
}

/** A text as one line, as names of pieces are. */
const asTitle = (text: string): string => text.replace(/\s+/gu, ' ').trim().slice(0, 200);

/** The name of a piece, and the title on its stage as long as both are one. */
export function setTitle(piece: Piece, title: string): void {
  for (const words of piece.words) {
    if (asTitle(words.text) !== asTitle(piece.title)) continue;
    words.text = title;
    delete words.guessed;
  }
  piece.title = title;
}

/** What stands on the stage, and the name of the piece as long as that is its title’s. */
export function setWordsText(piece: Piece, id: string, text: string): void {
  const words = piece.words.find((one) => one.id === id);
  if (!words) return;
  const isTitle = asTitle(words.text) === asTitle(piece.title);
  words.text = text;
  delete words.guessed;
  const title = asTitle(text);
  if (isTitle && title !== '') piece.title = title;
}

type Role = NonNullable<FreeText['role']>;

/** How words of a role begin, on a stage 1080 pixels high. */
const BEGINNINGS: Record<Role, Pick<FreeText, 'text' | 'font' | 'size'>> = {
  title: { text: 'New title', font: 'bricolage-bold', size: 72 },
  subtitle: { text: 'New line', font: 'figtree-regular', size: 34 },
  source: { text: 'Source: ', font: 'figtree-regular', size: 26 },
  note: { text: 'New title', font: 'bricolage-bold', size: 72 },
};

function beginningOf(piece: Piece, role: Role): Pick<FreeText, 'text' | 'font' | 'size'> {
  const { width, height } = piece.stage;
  const { size, ...others } = BEGINNINGS[role];
  return { ...others, size: role === 'note' ? size : Math.max(8, Math.round((size * Math.min(width, height)) / 1080)) };
}

/** Notes are placed by hand, all else by the arrangement. */
export function addWords(piece: Piece, role: Role = 'note'): string {
  const id = newId('words', piece.words);
  piece.words.push({
    id,
    ...(role === 'note' ? {} : { role, placedBy: 'rule' as const }),
    x: Math.round(piece.stage.width * 0.08),
    y: Math.round(piece.stage.height * (role === 'source' ? 0.94 : 0.16)),
    width: Math.round(piece.stage.width * (role === 'source' ? 0.84 : 0.5)),
    align: 'left',
    upperCase: false,
    colour: '#ffffff',
    ...beginningOf(piece, role),
  });
  return id;
}

/** Words become something else. A source line is small, and at its place; what nobody has typed begins anew. */
export function setRole(piece: Piece, id: string, role: Role): void {
  const words = piece.words.find((one) => one.id === id);
  if (!words || words.role === role) return;
  const { text, font, size } = beginningOf(piece, role);
  const isUntouched = Object.values(BEGINNINGS).some((one) => one.text === words.text);
  Object.assign(words, { role, placedBy: role === 'note' ? 'hand' : 'rule' }, isUntouched ? { text } : {});
  if (role === 'source' || isUntouched) Object.assign(words, { font, size });
}
