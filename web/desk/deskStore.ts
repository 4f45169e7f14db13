import { create } from 'zustand';
import { ask, mayPass, reasonOf, Refused } from '../api/client';
import type { Computed, OpenedPiece, Proof, StoredPiece } from '../api/answers';
import { actNow, endAct } from '../common/acts';
import type { Piece } from '../piece/document';
import { deskNow } from './deskNow';

const SAVE_AFTER = 500;
const TRY_AGAIN_AFTER = 3000;
/** the longest wait between two tries */
const TRY_AGAIN_AT_MOST = 30_000;
/** bytes that browsers still send for a page that goes */
const MOST_ON_LEAVING = 60_000;
/** without an edit, so that nobody waits for it */
const PROOF_AFTER = 900;
/** when a piece is opened */
const PROOF_AT_FIRST = 250;
const REST_AFTER = 350;
/** between two computations of what is held in the hand */
const HELD_EVERY = 400;
/** frames before the end of what is computed, on which the next are asked for */
const AHEAD = 60;

type Saved = 'saved' | 'waiting' | 'saving' | 'failed' | 'conflict';

interface DeskState {
  id: string;
  document: Piece | null;
  version: number;
  canUndo: boolean;
  canRedo: boolean;
  saved: Saved;
  /** why what was typed is not saved yet */
  unsaved: string | null;
  computed: Computed | null;
  /** the newest reel that could be drawn, and its stems; kept while figures are impossible */
  reel: Computed['reel'];
  stems: Computed['sheet']['charts'];
  /** where everything stands in that reel, and in which shape of the stage */
  shown: { shape: string | null; places: Computed['sheet']['places'] };
  proof: Proof | null;
  /** the document cannot be computed at all */
  refused: string | null;
  missing: string | null;
  theirs: StoredPiece | null;
  /** Of a large piece only the frames around the playhead are computed: asks for more where it comes to their end. */
  follow: (frame: number) => void;
  /** Computes it again as it stands, for another shape of the stage. */
  recompute: () => Promise<void>;
  open: (id: string) => Promise<void>;
  close: () => void;
  /** @param act that it belongs to; the hand's own where it is not given */
  edit: (change: (document: Piece) => void, act?: string) => void;
  /** The hand lets go of what it held on the stage: it is computed as it stands. */
  letGo: () => void;
  undo: () => Promise<void>;
  redo: () => Promise<void>;
  save: () => Promise<boolean>;
  takeTheirs: () => void;
  keepMine: () => Promise<void>;
}

let saveTimer = 0;
let proofTimer = 0;
let restTimer = 0;
let heldTimer = 0;
let computing = false;
/** takes back what is computed while nobody edits */
let resting: AbortController | null = null;
let stale = false;
let saving: Promise<boolean> | null = null;
/** steps of undo and redo that are under way */
let walking: Promise<void> = Promise.resolve();
/** the document that the proof is of */
let proved: Piece | null = null;
/** saves that failed one after another */
let failures = 0;
/** What is not saved yet of a piece: the document after each act of the hand, the oldest first. */
interface Unsaved {
  id: string;
  version: number;
  acts: { act: string; document: Piece }[];
}
let unsaved: Unsaved = { id: '', version: 0, acts: [] };

export const useDesk = create<DeskState>((set, get) => {
  /**
   * @param inHurry after an edit: of a large piece the frames around the playhead alone. The others follow when the
   *     hand rests, and are given up when it moves again.
   */
  const compute = async (inHurry = true): Promise<void> => {
    window.clearTimeout(restTimer);
    if (computing) {
      if (inHurry) resting?.abort();
      stale = true;
      return;
    }
    computing = true;
    let hurries = inHurry;
    let hurried = inHurry;
    do {
      stale = false;
      hurried = hurries;
      const { document, id } = get();
      if (!document) break;
      resting = hurries ? null : new AbortController();
      try {
        const { frame, shape } = deskNow();
        const body = { document, frame, inHurry: hurries, shape: shapeOf(document, shape) };
        const signal = resting?.signal;
        take(await ask<Computed>('compute', { method: 'POST', body, signal }), id, body.shape);
      } catch (error) {
        if (!resting?.signal.aborted) {
          if (get().id === id) set({ refused: reasonOf(error) });
          if (mayPass(error)) window.setTimeout(() => void compute(), TRY_AGAIN_AFTER);
        }
      }
      hurries = true;
    } while (stale);
    computing = false;
    resting = null;
    goOn(hurried);
  };

  /** What is computed when the hand rests: the frames that are missing, and the proof. */
  const goOn = (hurried: boolean, proofAfter = PROOF_AFTER): void => {
    const { reel } = get();
    if (hurried && reel && (reel.from > 0 || reel.to < reel.frames - 1))
      restTimer = window.setTimeout(() => void compute(false), REST_AFTER);
    window.clearTimeout(proofTimer);
    proofTimer = window.setTimeout(() => void prove(), proofAfter);
  };

  /** What the hand holds is painted where it is taken; core computes it now and then on the way, and at the end. */
  const computeHeld = async (): Promise<void> => {
    window.clearTimeout(heldTimer);
    heldTimer = 0;
    await compute();
  };

  const take = (computed: Computed, id: string, shape: string | null): void => {
    if (get().id !== id) return;
    const shown = computed.reel
      ? { reel: computed.reel, stems: computed.sheet.charts, shown: { shape, places: computed.sheet.places } }
      : {};
    set({ computed, refused: null, ...shown });
  };

  const prove = async (): Promise<void> => {
    const { document, computed, id } = get();
    if (!document || !computed?.reel) {
      set({ proof: null });
      return;
    }
    if (document === proved && get().proof) return;
    const shape = shapeOf(document, deskNow().shape);
    const proof = await ask<Proof>('compute/proof', { method: 'POST', body: { document, shape } }).catch(() => null);
    proved = document;
    if (get().id === id) set({ proof });
  };

  /** @param isLeaving the page is: what stands now is sent, in one */
  const store = async (isLeaving = false): Promise<boolean> => {
    window.clearTimeout(saveTimer);
    const { saved } = get();
    const its = unsaved;
    if (saved === 'saved' || saved === 'conflict') return saved !== 'conflict';
    if (isLeaving) its.acts = its.acts.slice(-1);
    set({ saved: 'saving' });
    try {
      // One after another, so that each act is a step of undo. They go on where the desk is left meanwhile.
      while (its.acts.length > 0) {
        const [first] = its.acts;
        const stored = await ask<StoredPiece>(`pieces/${its.id}`, {
          method: 'PUT',
          body: first,
          version: its.version,
          keepalive: isLeaving,
        }).catch((error: unknown) => {
          // What is refused for good gives way to what came after it.
          if (its.acts.length > 1 && error instanceof Refused && error.status !== 412 && !error.passes) return null;
          throw error;
        });
        if (!stored) {
          its.acts.shift();
          continue;
        }
        its.version = stored.version;
        its.acts.shift();
        failures = 0;
        const { version, canUndo, canRedo } = stored;
        if (its === unsaved) set({ version, canUndo, canRedo: canRedo && its.acts.length === 0, unsaved: null });
      }
      if (its === unsaved) set({ saved: 'saved' });
      return true;
    } catch (error) {
      if (its !== unsaved) return false;
      if (error instanceof Refused && error.status === 412) {
        set({ saved: 'conflict', theirs: (error.answer as { piece: StoredPiece }).piece });
      } else {
        set({ saved: 'failed', unsaved: reasonOf(error) });
        if (mayPass(error)) {
          const wait = Math.min(TRY_AGAIN_AT_MOST, TRY_AGAIN_AFTER * 2 ** Math.min(failures++, 5));
          saveTimer = window.setTimeout(() => void save(), wait);
        }
      }
      return false;
    }
  };

  const save = (): Promise<boolean> => {
    saving ??= store().finally(() => {
      saving = null;
    });
    return saving;
  };

  const scheduleSave = (): void => {
    window.clearTimeout(saveTimer);
    saveTimer = window.setTimeout(() => void save(), SAVE_AFTER);
  };

  /** @param computed what is known of it already; null: it is computed now */
  const receive = (stored: StoredPiece, computed: Computed | null = null): void => {
    unsaved = { id: stored.id, version: stored.version, acts: [] };
    endAct();
    set({
      document: stored.document,
      version: stored.version,
      canUndo: stored.canUndo,
      canRedo: stored.canRedo,
      saved: 'saved',
      theirs: null,
    });
    if (!computed) {
      void compute();
      return;
    }
    take(computed, stored.id, null);
    goOn(true, PROOF_AT_FIRST);
  };

  /** One step after another, however fast they are asked for: each is made on what the one before led to. */
  const walk = (which: 'undo' | 'redo'): Promise<void> => {
    const step = walking.then(() => walkOne(which));
    walking = step.catch(() => undefined);
    return step;
  };

  const walkOne = async (which: 'undo' | 'redo'): Promise<void> => {
    // What is not saved yet is the first step to take back.
    while (get().saved === 'waiting' || get().saved === 'saving') {
      if (!(await save())) return;
    }
    try {
      receive(await ask<StoredPiece>(`pieces/${get().id}/${which}`, { method: 'POST', version: get().version }));
    } catch (error) {
      if (error instanceof Refused && error.status === 412)
        set({ saved: 'conflict', theirs: (error.answer as { piece: StoredPiece }).piece });
      else if (error instanceof Refused && error.status === 409)
        set(which === 'undo' ? { canUndo: false } : { canRedo: false });
      else throw error;
    }
  };

  window.addEventListener('beforeunload', (event) => {
    const { saved } = get();
    if (saved === 'saved') return;
    const isLarge = JSON.stringify(get().document).length > MOST_ON_LEAVING;
    // What is too large to be sent while the page goes is saved while the person is asked.
    void (isLarge ? save() : store(true));
    if (isLarge || saved === 'failed' || saved === 'conflict') event.preventDefault();
  });

  return {
    id: '',
    document: null,
    version: 0,
    canUndo: false,
    canRedo: false,
    saved: 'saved',
    unsaved: null,
    computed: null,
    reel: null,
    stems: {},
    shown: { shape: null, places: {} },
    proof: null,
    refused: null,
    missing: null,
    theirs: null,
    follow: (frame) => {
      const { reel } = get();
      if (!reel || computing) return;
      const ends = reel.to < reel.frames - 1 && frame > reel.to - AHEAD;
      const begins = reel.from > 0 && frame < reel.from;
      if (ends || begins) void compute(false);
    },
    recompute: async () => {
      proved = null;
      set({ proof: null });
      await compute();
    },
    open: async (id) => {
      set({
        id,
        document: null,
        computed: null,
        reel: null,
        stems: {},
        shown: { shape: null, places: {} },
        proof: null,
        refused: null,
        missing: null,
        theirs: null,
        saved: 'saved',
      });
      try {
        // What was left a moment ago may still be on its way.
        await saving;
        const { frame, shape, hasBegun } = deskNow();
        const opened = await ask<OpenedPiece>(`pieces/${id}/desk${hasBegun ? `?frame=${frame}` : ''}`);
        // Another shape of it is computed when it is known that it has that.
        if (get().id === id) receive(opened.piece, shape === null ? opened.computed : null);
      } catch (error) {
        set({ missing: reasonOf(error) });
      }
    },
    close: () => {
      void save();
    },
    edit: (change, its) => {
      const { document } = get();
      if (!document) return;
      const next = structuredClone(document);
      change(next);
      const act = its ?? actNow();
      const last = unsaved.acts.at(-1);
      // The first may be on its way to the server just now.
      if (last?.act === act && !(saving && unsaved.acts.length === 1)) last.document = next;
      else unsaved.acts.push({ act, document: next });
      // Where another tab's piece waits for a choice, nothing is written over it.
      if (get().saved === 'conflict') {
        set({ document: next });
      } else {
        set({ document: next, saved: 'waiting', canUndo: true, canRedo: false });
        scheduleSave();
      }
      if (deskNow().isHeld) heldTimer ||= window.setTimeout(() => void computeHeld(), HELD_EVERY);
      else void compute();
    },
    letGo: () => {
      if (heldTimer) void computeHeld();
    },
    undo: () => walk('undo'),
    redo: () => walk('redo'),
    save,
    takeTheirs: () => {
      const { theirs } = get();
      if (theirs) receive(theirs);
    },
    keepMine: async () => {
      const { theirs } = get();
      if (!theirs) return;
      unsaved = { ...unsaved, version: theirs.version, acts: unsaved.acts.slice(-1) };
      set({ version: theirs.version, theirs: null, saved: 'waiting' });
      await save();
    },
  };
});

/** The shape, as long as the piece is made in it. */
export function shapeOf(document: Piece, shape: string | null): string | null {
  return document.shapes?.some(({ id }) => id === shape) ? shape : null;
}
