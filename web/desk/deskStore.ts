import { create } from 'zustand';
import { ask, OutOfReach, reasonOf, Refused } from '../api/client';
import type { Computed, Proof, StoredPiece } from '../api/answers';
import type { Piece } from '../piece/document';

const SAVE_AFTER = 500;
const TRY_AGAIN_AFTER = 3000;
/** the longest wait between two tries */
const TRY_AGAIN_AT_MOST = 30_000;
/** without an edit, so that nobody waits for it */
const PROOF_AFTER = 900;
const REST_AFTER = 350;
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
  proof: Proof | null;
  /** the document cannot be computed at all */
  refused: string | null;
  missing: string | null;
  theirs: StoredPiece | null;
  /** Of a large piece only the frames around the playhead are computed: asks for more where it comes to their end. */
  follow: (frame: number) => void;
  open: (id: string) => Promise<void>;
  close: () => void;
  edit: (change: (document: Piece) => void) => void;
  undo: () => Promise<void>;
  redo: () => Promise<void>;
  save: () => Promise<boolean>;
  takeTheirs: () => void;
  keepMine: () => Promise<void>;
}

let saveTimer = 0;
let proofTimer = 0;
let restTimer = 0;
let computing = false;
/** takes back what is computed while nobody edits */
let resting: AbortController | null = null;
let stale = false;
let saving: Promise<boolean> | null = null;
/** the document that the proof is of */
let proved: Piece | null = null;
/** saves that failed one after another */
let failures = 0;
/** counts edits, so that a save knows whether something came after it */
let edits = 0;

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
        const body = { document, frame: playheadNow(), inHurry: hurries };
        const signal = resting?.signal;
        take(await ask<Computed>('compute', { method: 'POST', body, signal }), id);
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
    const { reel } = get();
    if (hurried && reel && (reel.from > 0 || reel.to < reel.frames - 1))
      restTimer = window.setTimeout(() => void compute(false), REST_AFTER);
    window.clearTimeout(proofTimer);
    proofTimer = window.setTimeout(() => void prove(), PROOF_AFTER);
  };

  const take = (computed: Computed, id: string): void => {
    if (get().id === id)
      set({ computed, refused: null, ...(computed.reel ? { reel: computed.reel, stems: computed.sheet.charts } : {}) });
  };

  const prove = async (): Promise<void> => {
    const { document, computed, id } = get();
    if (!document || !computed?.reel) {
      set({ proof: null });
      return;
    }
    if (document === proved && get().proof) return;
    const proof = await ask<Proof>('compute/proof', { method: 'POST', body: { document } }).catch(() => null);
    proved = document;
    if (get().id === id) set({ proof });
  };

  const store = async (keepalive = false): Promise<boolean> => {
    window.clearTimeout(saveTimer);
    const { id, document, version, saved } = get();
    if (!document || saved === 'saved' || saved === 'conflict') return saved !== 'conflict';
    const at = edits;
    set({ saved: 'saving' });
    try {
      const stored = await ask<StoredPiece>(`pieces/${id}`, { method: 'PUT', body: { document }, version, keepalive });
      if (get().id !== id) return true;
      set({
        version: stored.version,
        canUndo: stored.canUndo,
        canRedo: stored.canRedo,
        saved: edits === at ? 'saved' : 'waiting',
        unsaved: null,
      });
      failures = 0;
      if (edits !== at) scheduleSave();
      return true;
    } catch (error) {
      if (get().id !== id) return false;
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

  const receive = (stored: StoredPiece): void => {
    edits++;
    set({
      document: stored.document,
      version: stored.version,
      canUndo: stored.canUndo,
      canRedo: stored.canRedo,
      saved: 'saved',
      theirs: null,
    });
    void compute();
  };

  const walk = async (which: 'undo' | 'redo'): Promise<void> => {
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
    void store(true);
    if (saved === 'failed' || saved === 'conflict') event.preventDefault();
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
    open: async (id) => {
      set({
        id,
        document: null,
        computed: null,
        reel: null,
        stems: {},
        proof: null,
        refused: null,
        missing: null,
        theirs: null,
        saved: 'saved',
      });
      try {
        receive(await ask<StoredPiece>(`pieces/${id}`));
      } catch (error) {
        set({ missing: reasonOf(error) });
      }
    },
    close: () => {
      void save();
    },
    edit: (change) => {
      const { document } = get();
      if (!document) return;
      const next = structuredClone(document);
      change(next);
      edits++;
      // Where another tab's piece waits for a choice, nothing is written over it.
      if (get().saved === 'conflict') {
        set({ document: next });
      } else {
        set({ document: next, saved: 'waiting', canUndo: true, canRedo: false });
        scheduleSave();
      }
      void compute();
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
      set({ version: theirs.version, theirs: null, saved: 'waiting' });
      await save();
    },
  };
});

function mayPass(error: unknown): boolean {
  return error instanceof OutOfReach || (error instanceof Refused && error.passes);
}

/** Told by the playhead, so that large pieces are computed around it. */
let playheadNow = (): number => 0;

export function followPlayhead(frame: () => number): void {
  playheadNow = frame;
}
