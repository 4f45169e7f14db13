import { replaceEqualDeep } from '@tanstack/react-query';
import { create } from 'zustand';
import { ask, reasonOf, Refused } from '../api/client';
import type { Computed, LivePart, StoredPiece } from '../api/answers';
import { actNow, endAct, newAct } from '../common/acts';
import { rememberWith } from '../common/later';
import type { Piece } from '../../contracts/piece';
import { allDone } from './acting';
import { ComputeQueue } from './computeQueue';
import { deskNow } from './deskNow';
import { NOTHING, type DeskState } from './deskState';
import { elsewhere } from './elsewhere';
import * as outbox from './outbox';
import { nowWider, paintSeen } from './seen';

/** milliseconds until a piece that was opened is proved */
const PROOF_AT_FIRST = 250;

type Way = 'undo' | 'redo';
/** steps of undo and redo that are under way */
let walking: Promise<void> = Promise.resolve();
/** steps that were asked for meanwhile: below 0 to undo */
let wantedSteps = 0;
/** the document as it is on the server, as far as this desk knows */
let base: Piece | null = null;
/** the piece that asked for what is carried out just now; null: the one on the desk */
let asking: { id: string; title: string } | null = null;
/** what was taken back before it was saved, to be done again */
let undone: { act: string; document: Piece }[] = [];

/** What the stage shows: a reel, and where everything stands in it. */
type Seen = Pick<DeskState, 'reel' | 'shown'>;

/** milliseconds until the rest of the desk follows a picture that came before its sheet */
const SETTLE_AFTER = 40;

/** milliseconds until the parts beside the stage follow an edit whose picture has not come */
const FOLLOW_AFTER = 200;
let followTimer = 0;

/** a picture that is painted already, and that the rest of the desk does not show yet */
let early: Seen | null = null;

/** What the stage shows just now: the newest picture, which is painted before anything else on the desk follows. */
export function seenNow(): Seen {
  return early ?? useDesk.getState();
}

export const useDesk = create<DeskState>((set, get) => {
  /** What core says again stays the same thing, so nothing on the desk that shows it is drawn again. */
  const told = ({ problems, sheet, reel }: Computed): Computed => {
    const before = get().computed;
    return {
      problems: replaceEqualDeep(before?.problems, problems),
      sheet: replaceEqualDeep(before?.sheet, sheet),
      reel,
    };
  };
  const standing = (shape: string | null, places: DeskState['shown']['places']): DeskState['shown'] =>
    replaceEqualDeep(get().shown, { shape, places });

  const take = (computed: Computed, id: string, shape: string | null): void => {
    if (get().id !== id) return;
    early = null;
    const its = told(computed);
    const shown = its.reel ? { reel: its.reel, stems: its.sheet.charts, shown: standing(shape, its.sheet.places) } : {};
    set({ computed: its, refused: null, followed: get().document, ...shown });
  };

  const takePart = ({ problems, places, sheet, reel }: LivePart, id: string, shape: string | null): void => {
    if (get().id !== id) return;
    const { computed } = get();
    if (sheet && problems) {
      const isImpossible = problems.some(({ severity }) => severity === 'error');
      const shows = early ?? get();
      early = null;
      const its = told({ problems, sheet, reel: isImpossible ? null : shows.reel });
      const { reel: seen, shown } = shows;
      const { document: followed } = get();
      set({
        computed: its,
        refused: null,
        followed,
        ...(isImpossible ? {} : { reel: seen, shown, stems: its.sheet.charts }),
      });
    } else if (reel && places) {
      // What plays goes on until all the frames around are there.
      if (deskNow().isPlaying) return;
      early = { reel, shown: standing(shape, places) };
      paintSeen();
      window.setTimeout(() => settle(), SETTLE_AFTER);
    } else if (reel && computed) {
      const before = get().reel;
      if (before && !deskNow().isPlaying) nowWider(reel, before);
      set({ reel, computed: { ...computed, reel }, shown: standing(shape, computed.sheet.places) });
    }
  };

  /** What is painted already is shown by the rest of the desk, too. */
  const settle = (): void => {
    if (!early) return;
    const { computed } = get();
    const { reel, shown } = early;
    early = null;
    set({
      reel,
      shown,
      refused: null,
      followed: get().document,
      computed:
        computed &&
        told({
          problems: computed.problems.filter(({ severity }) => severity !== 'error'),
          sheet: { ...computed.sheet, places: shown.places },
          reel,
        }),
    });
  };

  const queue = new ComputeQueue({
    // While figures are impossible the last reel is shown, and nothing is proved.
    now: () => {
      const { id, document, computed, reel, proof, proofOf } = get();
      return { id, document, reel: computed?.reel ? reel : null, hasProof: proof !== null, proofOf };
    },
    take,
    takePart,
    refuse: (reason, id) => {
      if (get().id === id) set({ refused: reason, followed: get().document });
    },
    prove: (proof, document, id) => {
      if (get().id === id) set({ proof, proofOf: document });
    },
  });
  const compute = (): void => void queue.compute();

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
      followed: stored.document,
      version: stored.version,
      canUndo: stored.canUndo,
      canRedo: stored.canRedo,
    });
    if (!computed) {
      compute();
      return;
    }
    take(computed, stored.id, null);
    queue.goOn(true, PROOF_AT_FIRST);
  };

  /** The desk goes on with what could not be saved so far. */
  const goOnWith = (unsaved: outbox.Unsaved | undefined): void => {
    const last = unsaved?.acts.at(-1);
    if (!unsaved || !last) return;
    if (unsaved.version !== get().version) base = null;
    set({
      document: last.document,
      followed: last.document,
      version: unsaved.version,
      saved: unsaved.state,
      unsaved: unsaved.reason,
      theirs: unsaved.theirs,
      canUndo: true,
      canRedo: false,
    });
    compute();
  };

  /** Steps asked for while others are under way are made together. */
  const walk = (which: Way): Promise<void> => {
    wantedSteps += which === 'undo' ? -1 : 1;
    const step = walking.then(async () => {
      await allDone();
      const steps = wantedSteps;
      wantedSteps = 0;
      if (steps !== 0) await walkSteps(steps < 0 ? 'undo' : 'redo', Math.abs(steps));
    });
    walking = step.catch(() => undefined);
    return step;
  };

  /** What the server does not have is taken back and done again here. Returns whether that was the step. */
  const walkHere = (which: Way): boolean => {
    const { id, version } = get();
    if (which === 'redo') {
      const again = undone.pop();
      if (again) {
        set({ document: again.document, followed: again.document, canUndo: true, canRedo: undone.length > 0 });
        outbox.push(id, version, again.document, again.act);
        compute();
      }
      return again !== undefined;
    }
    const back = outbox.takeBack(id);
    const before = back?.before ?? base;
    if (!back || !before) return false;
    endAct();
    undone.push(back.taken);
    set({ document: before, followed: before, canRedo: true });
    compute();
    return true;
  };

  const walkSteps = async (which: Way, count: number): Promise<void> => {
    let steps = count;
    while (steps > 0 && walkHere(which)) steps--;
    if (steps === 0) return;
    // What is not saved yet is the first step to take back.
    while (get().saved === 'waiting' || get().saved === 'saving') {
      if (await save()) continue;
      while (steps > 0 && walkHere(which)) steps--;
      return;
    }
    try {
      const body = { steps };
      receive(await ask(`POST pieces/{piece}/${which}`, { at: { piece: get().id }, body, version: get().version }));
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
    version: 0,
    canUndo: false,
    canRedo: false,
    ...NOTHING,
    follow: (frame) => queue.follow(frame),
    recompute: async () => {
      set({ proof: null, proofOf: null });
      await queue.compute();
    },
    open: async (id) => {
      early = null;
      set({ id, ...NOTHING });
      base = null;
      undone = [];
      try {
        // What was left a moment ago may still be on its way, or in the browser.
        await outbox.saved(id);
        const { frame, shape, hasBegun } = deskNow();
        const opened = await ask('GET pieces/{piece}/desk', { at: { piece: id }, query: hasBegun ? { frame } : {} });
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
      const changed = structuredClone(document);
      change(changed);
      // What the change leaves as it is stays the same thing, so nothing on the desk that shows it is drawn again.
      const next = replaceEqualDeep(document, changed);
      undone = [];
      set({ document: next, canUndo: true, canRedo: false });
      outbox.push(id, version, next, its ?? actNow());
      if (deskNow().isHeld) queue.computeHeld();
      else {
        compute();
        window.clearTimeout(followTimer);
        followTimer = window.setTimeout(() => set({ followed: get().document }), FOLLOW_AFTER);
      }
    },
    letGo: () => queue.letGo(),
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
