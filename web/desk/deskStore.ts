import { create } from 'zustand';
import { ask, mayPass, reasonOf, Refused } from '../api/client';
import type { Computed, OpenedPiece, Proof, StoredPiece } from '../api/answers';
import { actNow, endAct, newAct } from '../common/acts';
import { rememberWith } from '../common/later';
import type { Piece } from '../../contracts/piece';
import { deskNow } from './deskNow';
import { elsewhere } from './elsewhere';
import * as outbox from './outbox';

const TRY_AGAIN_AFTER = 3000;
/** without an edit, so that nobody waits for it */
const PROOF_AFTER = 900;
/** when a piece is opened */
const PROOF_AT_FIRST = 250;
const REST_AFTER = 350;
/** between two computations of what is held in the hand */
const HELD_EVERY = 400;
/** frames before the end of what is computed, on which the next are asked for */
const AHEAD = 60;

type Saved = 'saved' | outbox.Unsaved['state'];

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
  /** the document that the proof is of, or that none could be made of; of another one it says nothing */
  proofOf: Piece | null;
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

let proofTimer = 0;
let restTimer = 0;
let againTimer = 0;
let heldTimer = 0;
let computing = false;
/** takes back what is computed while nobody edits */
let resting: AbortController | null = null;
let stale = false;
/** steps of undo and redo that are under way */
let walking: Promise<void> = Promise.resolve();
/** the document as it is on the server, as far as this desk knows */
let base: Piece | null = null;
/** the piece that asked for what is carried out just now; null: the one on the desk */
let asking: { id: string; title: string } | null = null;
/** what was taken back before it was saved, to be done again */
let undone: { act: string; document: Piece }[] = [];

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
          if (mayPass(error)) {
            // One that waits is enough, however many edits came meanwhile.
            window.clearTimeout(againTimer);
            againTimer = window.setTimeout(() => void compute(), TRY_AGAIN_AFTER);
          }
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
      set({ proof: null, proofOf: document });
      return;
    }
    if (document === get().proofOf && get().proof) return;
    const shape = shapeOf(document, deskNow().shape);
    const proof = await ask<Proof>('compute/proof', { method: 'POST', body: { document, shape } }).catch(() => null);
    if (get().id === id) set({ proof, proofOf: document });
  };

  const save = (): Promise<boolean> => outbox.send(get().id);

  outbox.whenStored((id, { version, canUndo, canRedo }, isLast) => {
    if (get().id !== id) return;
    if (isLast) base = get().document;
    set({ version, canUndo, canRedo: (canRedo && isLast) || undone.length > 0 });
  });
  outbox.useOutbox.subscribe(({ pieces }) => {
    const its = pieces[get().id];
    const { saved, unsaved } = get();
    const next = { saved: its?.state ?? 'saved', unsaved: its?.reason ?? null, theirs: its?.theirs ?? null } as const;
    if (next.saved !== saved || next.unsaved !== unsaved || next.theirs !== get().theirs) set(next);
  });

  /** @param computed what is known of it already; null: it is computed now */
  const receive = (stored: StoredPiece, computed: Computed | null = null): void => {
    endAct();
    base = stored.document;
    undone = [];
    set({
      document: stored.document,
      version: stored.version,
      canUndo: stored.canUndo,
      canRedo: stored.canRedo,
    });
    if (!computed) {
      void compute();
      return;
    }
    take(computed, stored.id, null);
    goOn(true, PROOF_AT_FIRST);
  };

  /** The desk goes on with what could not be saved so far. */
  const goOnWith = (unsaved: outbox.Unsaved | undefined): void => {
    const last = unsaved?.acts.at(-1);
    if (!unsaved || !last) return;
    if (unsaved.version !== get().version) base = null;
    set({
      document: last.document,
      version: unsaved.version,
      saved: unsaved.state,
      unsaved: unsaved.reason,
      theirs: unsaved.theirs,
      canUndo: true,
      canRedo: false,
    });
    void compute();
  };

  /** One step after another, however fast they are asked for: each is made on what the one before led to. */
  const walk = (which: 'undo' | 'redo'): Promise<void> => {
    const step = walking.then(() => walkOne(which));
    walking = step.catch(() => undefined);
    return step;
  };

  /** What the server does not have is taken back and done again here. Returns whether that was the step. */
  const walkHere = (which: 'undo' | 'redo'): boolean => {
    const { id, version } = get();
    if (which === 'redo') {
      const again = undone.pop();
      if (again) {
        set({ document: again.document, canUndo: true, canRedo: undone.length > 0 });
        outbox.push(id, version, again.document, again.act);
        void compute();
      }
      return again !== undefined;
    }
    const back = outbox.takeBack(id);
    const before = back?.before ?? base;
    if (!back || !before) return false;
    endAct();
    undone.push(back.taken);
    set({ document: before, canRedo: true });
    void compute();
    return true;
  };

  const walkOne = async (which: 'undo' | 'redo'): Promise<void> => {
    if (walkHere(which)) return;
    // What is not saved yet is the first step to take back.
    while (get().saved === 'waiting' || get().saved === 'saving') {
      if (await save()) continue;
      walkHere(which);
      return;
    }
    try {
      receive(await ask<StoredPiece>(`pieces/${get().id}/${which}`, { method: 'POST', version: get().version }));
    } catch (error) {
      if (error instanceof Refused && error.status === 412) {
        // Nothing here is unsaved, so the desk goes on from there.
        receive((error.answer as { piece: StoredPiece }).piece);
        throw new Error('This piece was changed in another tab. It is shown as it is there now.', { cause: error });
      } else if (error instanceof Refused && error.status === 409)
        set(which === 'undo' ? { canUndo: false } : { canRedo: false });
      else throw error;
    }
  };

  rememberWith(() => {
    const { id, document } = get();
    const asked = { id, title: document?.title ?? '' };
    return (work) => {
      asking = asked;
      try {
        work();
      } finally {
        asking = null;
      }
    };
  });

  window.addEventListener('beforeunload', (event) => {
    outbox.leave();
    if (outbox.isAtRisk() && get().saved !== 'saved') event.preventDefault();
  });
  window.addEventListener('pagehide', () => outbox.leave());

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
    proofOf: null,
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
      set({ proof: null, proofOf: null });
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
        proofOf: null,
        refused: null,
        missing: null,
        theirs: null,
        unsaved: null,
        saved: 'saved',
      });
      base = null;
      undone = [];
      try {
        // What was left a moment ago may still be on its way, or in the browser.
        await outbox.saved(id);
        const { frame, shape, hasBegun } = deskNow();
        const opened = await ask<OpenedPiece>(`pieces/${id}/desk${hasBegun ? `?frame=${frame}` : ''}`);
        // Another shape of it is computed when it is known that it has that.
        if (get().id !== id) return;
        receive(opened.piece, shape === null ? opened.computed : null);
        goOnWith(outbox.unsavedOf(id));
      } catch (error) {
        if (get().id === id) set({ missing: reasonOf(error) });
      }
    },
    close: () => {
      void save();
    },
    edit: (change, its) => {
      const { document, id, version } = get();
      if (asking && asking.id !== id) {
        void elsewhere(asking, change, its ?? newAct());
        return;
      }
      if (!document) return;
      const next = structuredClone(document);
      change(next);
      undone = [];
      set({ document: next, canUndo: true, canRedo: false });
      outbox.push(id, version, next, its ?? actNow());
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
      const { theirs, id } = get();
      if (!theirs) return;
      outbox.drop(id);
      receive(theirs);
    },
    keepMine: () => outbox.keepMine(get().id),
  };
});

/** The shape, as long as the piece is made in it. */
export function shapeOf(document: Piece, shape: string | null): string | null {
  return document.shapes?.some(({ id }) => id === shape) ? shape : null;
}
