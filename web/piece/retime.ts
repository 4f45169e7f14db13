import { moveOf, ownMove, type Manner } from './changes';
import type { FigureTarget, Move, Piece } from '../../contracts/piece';

/** A move with keys in time: one of the document, or one that a figure has from its chart's order. */
export interface KeyRef {
  /** the move in the document; null where it follows the chart's order */
  id: string | null;
  kind: Move['kind'];
  chart?: string;
  figure?: string;
  /** it is the figure's label that comes or goes; that has no order of its chart */
  part?: 'label';
}

/** What the desk knows of a move, pins and orders resolved. */
export interface Timed {
  begin: number;
  frames: number;
  opens?: string;
  manner?: Manner;
}

/** A move as it was when it was taken hold of. */
export interface HeldKey {
  ref: KeyRef;
  now: Timed;
  /** what it hung on: words, or another move */
  pin: Move['pin'];
  follow: Move['follow'] | null;
  /** of an emphasis: the frame on which it lets go, where that is told */
  until: number | null;
}

/** The figure that comes or goes with it: of those moves each figure has one, whether it is its own or its chart's. */
function comingOf({ kind, chart, figure, part }: KeyRef): FigureTarget | null {
  return !part && (kind === 'entrance' || kind === 'exit') && chart && figure ? { chart, figure } : null;
}

/** A name that stays when a figure is given a move of its own. */
export function nameOfKey(ref: KeyRef): string {
  const coming = comingOf(ref);
  return coming ? `${ref.kind}/${coming.chart}/${coming.figure}` : (ref.id ?? '');
}

/** The move of the document, where it has one. */
function knownMove(piece: Piece, ref: KeyRef): Move | undefined {
  const coming = comingOf(ref);
  return coming ? moveOf(piece, ref.kind, coming) : piece.moves.find(({ id }) => id === ref.id);
}

/** The ids of those that are moves of the document. */
export function idsOf(piece: Piece, held: HeldKey[]): string[] {
  return held.flatMap(({ ref }) => knownMove(piece, ref)?.id ?? []);
}

export function isSameKey(one: KeyRef, other: KeyRef): boolean {
  return nameOfKey(one) === nameOfKey(other);
}

export function holdKey(piece: Piece, ref: KeyRef, now: Timed): HeldKey {
  const own = knownMove(piece, ref);
  return {
    ref,
    now,
    pin: own?.pin ?? null,
    follow: own?.follow ? { ...own.follow } : null,
    until: own?.emphasis?.until ?? null,
  };
}

/** The move of the document; made from what it does now where a figure has it from its chart's order. */
export function moveOfKey(piece: Piece, { ref, now }: Pick<HeldKey, 'ref' | 'now'>): Move | undefined {
  const known = knownMove(piece, ref);
  const coming = comingOf(ref);
  if (known || !coming) return known;
  const motion = piece.charts.find(({ id }) => id === coming.chart)?.[ref.kind as 'entrance' | 'exit'];
  return ownMove(piece, ref.kind, coming, {
    begin: now.begin,
    frames: now.frames,
    curve: motion?.curve ?? 'ease-in-out',
    opens: (now.opens as Move['opens'] | undefined) ?? 'forward',
    manner: now.manner,
  });
}

/**
 * Moves begin and last otherwise, each from what it was when it was taken: what hangs on a word stays on it, at another
 * offset; what follows a move that is taken as well keeps its distance to that.
 */
export function retime(piece: Piece, held: HeldKey[], to: (now: Timed) => { begin: number; frames: number }): void {
  const taken = new Set(idsOf(piece, held));
  for (const key of held) {
    const move = moveOfKey(piece, key);
    if (!move) continue;
    const wanted = to(key.now);
    const begin = Math.max(0, Math.round(wanted.begin));
    const frames = Math.max(1, Math.round(wanted.frames));
    const by = begin - key.now.begin;
    if (key.pin) move.pin = { ...key.pin, offset: key.pin.offset + by };
    else if (key.follow)
      move.follow = taken.has(key.follow.move) ? key.follow : { ...key.follow, offset: key.follow.offset + by };
    else move.begin = begin;
    if (move.emphasis && key.until !== null) move.emphasis.until = Math.max(0, key.until + by);
    if (frames !== key.now.frames) {
      move.frames = frames;
      delete move.toLineEnd;
    }
  }
}

/** All of them so much later, or earlier; none begins before the piece does. */
export function shiftKeys(piece: Piece, held: HeldKey[], by: number): void {
  const first = Math.min(...held.map(({ now }) => now.begin));
  const shift = Math.max(-first, by);
  retime(piece, held, ({ begin, frames }) => ({ begin: begin + shift, frames }));
}

/** All of them so many times as slow, from where the first of them begins. */
export function stretchKeys(piece: Piece, held: HeldKey[], factor: number): void {
  const first = Math.min(...held.map(({ now }) => now.begin));
  retime(piece, held, ({ begin, frames }) => ({ begin: first + (begin - first) * factor, frames: frames * factor }));
}

/** All of them from one frame to another, with the same distances between them. */
export function fitKeys(piece: Piece, held: HeldKey[], from: number, to: number): void {
  const first = Math.min(...held.map(({ now }) => now.begin));
  const last = Math.max(...held.map(({ now }) => now.begin + now.frames));
  const factor = (to - from) / Math.max(1, last - first);
  retime(piece, held, ({ begin, frames }) => ({ begin: from + (begin - first) * factor, frames: frames * factor }));
}

/** One after another, in the order in which they begin now: each begins when the one before it has arrived. */
export function chainKeys(piece: Piece, held: HeldKey[]): void {
  const begins = new Map<Timed, number>();
  let at: number | null = null;
  for (const { now } of [...held].sort((one, other) => one.now.begin - other.now.begin)) {
    const begin: number = at ?? now.begin;
    begins.set(now, begin);
    at = begin + now.frames;
  }
  retime(piece, held, (now) => ({ begin: begins.get(now) ?? now.begin, frames: now.frames }));
}

/** Another of the same, for a kind of which a thing can have several; null where it can have one alone. */
export function copyMove(piece: Piece, id: string, newId: string): string | null {
  const move = piece.moves.find((one) => one.id === id);
  if (!move || move.kind === 'entrance' || move.kind === 'exit') return null;
  piece.moves.push({ ...structuredClone(move), id: newId });
  return newId;
}
