import { create } from 'zustand';
import { ask, mayPass, reasonOf, Refused } from '../api/client';
import type { SavedPiece, StoredPiece } from '../api/answers';
import { newId } from '../common/newId';
import type { Piece } from '../../contracts/piece';
import { keep, takeOver } from './keptSaves';

const SAVE_AFTER = 500;
const KEEP_AFTER = 60;
const TRY_AGAIN_AFTER = 3000;
/** the longest wait between two tries */
const TRY_AGAIN_AT_MOST = 30_000;

/** bytes that browsers still send for a page that goes */
const MOST_ON_LEAVING = 60_000;

/** steps of undo that wait to be saved */
const MOST_ACTS = 40;

/** The document after one act of the hand. */
interface Act {
  act: string;
  /** by which the server knows the save when it comes again */
  save: string;
  document: Piece;
  /** It was sent: the server may have it, so it goes on as it is. */
  isSent: boolean;
}

/** What is not saved yet of one piece. */
export interface Unsaved {
  id: string;
  title: string;
  /** that the first act was made on */
  version: number;
  /** the oldest first */
  acts: Act[];
  state: 'waiting' | 'saving' | 'failed' | 'conflict';
  /** why it is not saved, where it failed */
  reason: string | null;
  /** whether the reason passes by itself */
  passes: boolean;
  /** what another tab saved meanwhile */
  theirs: StoredPiece | null;
}

interface Outbox {
  pieces: Record<string, Unsaved>;
}

/** What is not saved yet, by piece: it is sent as soon as it can be, whatever is on the desk meanwhile. */
export const useOutbox = create<Outbox>(() => ({ pieces: {} }));

/** Who is told what the server has, and until which version. */
type OnStored = (id: string, stored: SavedPiece, isLast: boolean) => void;
let onStored: OnStored = () => undefined;
export function whenStored(told: OnStored): void {
  onStored = told;
}

const timers = new Map<string, number>();
const keeping = new Map<string, number>();
/** pieces of which the browser does not keep yet what is not saved */
const unkept = new Set<string>();
const sending = new Map<string, Promise<boolean>>();
const failures = new Map<string, number>();

export const unsavedOf = (id: string): Unsaved | undefined => useOutbox.getState().pieces[id];

function put(id: string, next: Unsaved | undefined): void {
  useOutbox.setState(({ pieces }) => {
    const others = Object.fromEntries(Object.entries(pieces).filter(([piece]) => piece !== id));
    return { pieces: next ? { ...others, [id]: next } : others };
  });
  unkept.add(id);
  // A run of edits is kept once.
  window.clearTimeout(keeping.get(id));
  keeping.set(
    id,
    window.setTimeout(() => void keepNow(id), KEEP_AFTER),
  );
}

async function keepNow(id: string): Promise<void> {
  window.clearTimeout(keeping.get(id));
  const now = unsavedOf(id);
  const isKept = await keep(id, now);
  if ((isKept && unsavedOf(id) === now) || !unsavedOf(id)) unkept.delete(id);
}

function change(id: string, part: Partial<Unsaved>): void {
  const now = unsavedOf(id);
  if (now) put(id, { ...now, ...part });
}

function sendAfter(id: string, milliseconds: number): void {
  window.clearTimeout(timers.get(id));
  timers.set(
    id,
    window.setTimeout(() => void send(id), milliseconds),
  );
}

/** @param version that the piece has, where nothing of it waits yet */
export function push(id: string, version: number, document: Piece, act: string): void {
  const now = unsavedOf(id);
  const acts = [...(now?.acts ?? [])];
  const last = acts.at(-1);
  const next = { act, save: newId(), document, isSent: false };
  if (last?.act === act && !last.isSent) acts[acts.length - 1] = next;
  else acts.push(next);
  // While nothing can be saved for long, the oldest steps of undo go first; what stands now never does.
  if (acts.length > MOST_ACTS) acts.splice(acts[0].isSent ? 1 : 0, 1);
  const state = now?.state === 'conflict' ? 'conflict' : 'waiting';
  const rest = { reason: null, passes: true, theirs: now?.theirs ?? null };
  put(id, { id, title: document.title, version: now?.version ?? version, acts, state, ...rest });
  // Where another tab's piece waits for a choice, nothing is written over it.
  if (state === 'waiting') sendAfter(id, SAVE_AFTER);
}

/** Resolves to whether all of it is saved. */
export function send(id: string): Promise<boolean> {
  const now = sending.get(id) ?? sendAll(id).finally(() => sending.delete(id));
  sending.set(id, now);
  return now;
}

/** Sends what waits of a piece, also what a tab left that is gone, before the piece is asked for. */
export async function saved(id: string): Promise<boolean> {
  await takeOverLeft();
  return send(id);
}

/** One after another, so that each act is a step of undo. */
async function sendAll(id: string): Promise<boolean> {
  window.clearTimeout(timers.get(id));
  for (let now = unsavedOf(id); now; now = unsavedOf(id)) {
    if (now.state === 'conflict') return false;
    const [first] = now.acts;
    const acts = [{ ...first, isSent: true }, ...now.acts.slice(1)];
    change(id, { state: 'saving', acts });
    try {
      const { act, save, document } = first;
      const body = { act, save, document };
      const stored = await ask('PUT pieces/{piece}', { at: { piece: id }, body, version: now.version });
      failures.delete(id);
      done(id, 1, stored);
    } catch (error) {
      if (!failed(id, error)) return false;
    }
  }
  return true;
}

/** So many acts are saved. */
function done(id: string, count: number, stored: SavedPiece): void {
  const now = unsavedOf(id);
  if (!now) return;
  const acts = now.acts.slice(count);
  put(id, acts.length > 0 ? { ...now, version: stored.version, acts, reason: null } : undefined);
  onStored(id, stored, acts.length === 0);
}

/** Returns whether there is more to send at once. */
function failed(id: string, error: unknown): boolean {
  const now = unsavedOf(id);
  if (!now) return false;
  if (error instanceof Refused && error.status === 412) {
    const { piece: theirs } = error.answer as { piece: StoredPiece };
    // What the server has last is one of these: its answer was lost, and nobody else was there.
    const own = now.acts.findIndex(({ save }) => save === theirs.save);
    if (own >= 0) {
      done(id, own + 1, theirs);
      return true;
    }
    change(id, { state: 'conflict', theirs });
    return false;
  }
  const passes = mayPass(error);
  if (error instanceof Refused && !passes && now.acts.length > 1) {
    // What is refused for good gives way to what came after it.
    put(id, { ...now, acts: now.acts.slice(1) });
    return true;
  }
  change(id, { state: 'failed', reason: reasonOf(error), passes });
  if (passes) {
    const count = failures.get(id) ?? 0;
    failures.set(id, count + 1);
    sendAfter(id, Math.min(TRY_AGAIN_AT_MOST, TRY_AGAIN_AFTER * 2 ** Math.min(count, 5)));
  }
  return false;
}

/**
 * Takes back the last act that the server cannot have: one that was refused for good, or was not sent. Returns it, with
 * the document before it where that is known here; null where there is none.
 */
export function takeBack(id: string): { taken: Act; before: Piece | null } | null {
  const now = unsavedOf(id);
  const last = now?.acts.at(-1);
  if (!now || !last || now.state !== 'failed' || (last.isSent && now.passes)) return null;
  const acts = now.acts.slice(0, -1);
  put(id, acts.length > 0 ? { ...now, acts } : undefined);
  return { taken: last, before: acts.at(-1)?.document ?? null };
}

/** The piece goes on as it is here, over what another tab saved. */
export async function keepMine(id: string): Promise<void> {
  const now = unsavedOf(id);
  if (!now?.theirs) return;
  const acts = now.acts.slice(-1).map((one) => ({ ...one, save: newId(), isSent: false }));
  put(id, { ...now, version: now.theirs.version, acts, state: 'waiting', theirs: null });
  await send(id);
}

/** What is not saved is let go. */
export function drop(id: string): void {
  window.clearTimeout(timers.get(id));
  if (unsavedOf(id)) put(id, undefined);
}

/** What was let go waits again. */
export function bringBack(unsaved: Unsaved): void {
  put(unsaved.id, unsaved);
}

/** Changes a piece that is not on the desk, as it is on the server now. */
export async function changeElsewhere(id: string, work: (document: Piece) => void, act: string): Promise<void> {
  const waiting = unsavedOf(id);
  const stored = waiting ? null : await ask('GET pieces/{piece}', { at: { piece: id } });
  const document = structuredClone(waiting?.acts.at(-1)?.document ?? stored!.document);
  work(document);
  push(id, waiting?.version ?? stored!.version, document, act);
}

let taking: Promise<void> | null = null;

/** What tabs left that are gone is sent from here. */
export function takeOverLeft(): Promise<void> {
  taking ??= takeOver((piece) => unsavedOf(piece) !== undefined)
    .then((left) => {
      for (const one of left) {
        if (unsavedOf(one.id)) continue;
        put(one.id, { ...one, state: one.state === 'conflict' ? 'failed' : one.state });
        void send(one.id);
      }
    })
    .finally(() => {
      taking = null;
    });
  return taking;
}

/** Whether something waits that would be gone with the page: the browser keeps nothing, or not yet. */
export const isAtRisk = (): boolean => unkept.size > 0;

/** The page goes, and may never come back: what it has is kept, and sent where browsers still do that. */
export function leave(): void {
  for (const { id, version, acts, state } of Object.values(useOutbox.getState().pieces)) {
    void keepNow(id);
    const [{ act, save, document }] = acts;
    const body = { act, save, document };
    if (state === 'conflict' || JSON.stringify(body).length > MOST_ON_LEAVING) continue;
    // It comes again if its answer is not heard; the same save twice is once.
    ask('PUT pieces/{piece}', { at: { piece: id }, body, version, keepalive: true }).catch(() => undefined);
  }
}
