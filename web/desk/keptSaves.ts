import { createStore, del, entries, set } from 'idb-keyval';
import { newId } from '../common/newId';
import type { Unsaved } from './outbox';

/**
 * What is not saved yet, kept in the browser, so that a reload or a closed tab loses nothing. Each tab keeps its own;
 * what a tab left that is gone is taken over by the next one that looks.
 */
export interface KeptSave {
  tab: string;
  unsaved: Unsaved;
}

const LOCK = 'lupine-tab-';
const isThere = typeof indexedDB !== 'undefined';
const store = isThere ? createStore('lupine', 'unsaved') : undefined;
/** of this tab, for as long as it is open */
const tab = newId();

/** Held while the tab is open: browsers let it go when the tab is gone, however it went. */
const locks = typeof navigator === 'undefined' ? undefined : (navigator.locks as LockManager | undefined);
void locks?.request(LOCK + tab, () => new Promise(() => undefined));

const keyOf = (piece: string): string => `${tab}/${piece}`;

/** Keeps it, or forgets it where there is nothing left to save. Resolves to whether the browser keeps it. */
export async function keep(piece: string, unsaved: Unsaved | undefined): Promise<boolean> {
  if (!store) return false;
  try {
    if (unsaved) await set(keyOf(piece), { tab, unsaved: { ...unsaved, theirs: null } } satisfies KeptSave, store);
    else await del(keyOf(piece), store);
    return true;
  } catch {
    // No room, or a browser that keeps nothing: what is typed is still at the desk.
    return false;
  }
}

/**
 * What tabs left that are gone; from now on it is this tab's. Of a piece of which this tab has something unsaved
 * itself, and of what two tabs left of one piece, the rest stays where it is until its turn comes.
 */
export async function takeOver(hasOwn: (piece: string) => boolean): Promise<Unsaved[]> {
  if (!store) return [];
  try {
    const open = new Set((await locks?.query())?.held?.map(({ name }) => name));
    const left = (await entries<string, KeptSave>(store)).filter(
      ([, kept]) => kept.tab !== tab && !open.has(LOCK + kept.tab),
    );
    const taken = new Map<string, Unsaved>();
    for (const [key, { unsaved }] of left) {
      if (hasOwn(unsaved.id) || taken.has(unsaved.id)) continue;
      // Any of it may have been sent as the tab went, so it goes on as it is.
      unsaved.acts.forEach((act) => (act.isSent = true));
      taken.set(unsaved.id, unsaved);
      if (await keep(unsaved.id, unsaved)) await del(key, store);
    }
    return [...taken.values()];
  } catch {
    return [];
  }
}
