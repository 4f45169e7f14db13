import type { PlaceKey } from '../piece/places';
import { act } from './act';
import { useDesk } from './deskStore';
import { thingsOfKeys } from './parts';
import { editPlaces, placesNow } from './placesNow';
import { usePlay } from './playStore';
import { keysOf, selectionOf } from './stage/selected';

/** Duplicates a chart with everything that is its own, and selects the copy. */
export async function duplicate(chart: string): Promise<void> {
  const made = await act('copy-chart', { chart });
  if (made?.[0]) usePlay.getState().select({ kind: 'chart', chart: made[0] });
}

/** What was duplicated last, and into what: a copy that was moved on is followed by one as far on again. */
let last: { from: PlaceKey[]; made: PlaceKey[] } | null = null;

/**
 * Duplicates what is selected, with its moves, and selects the copies. They stand a little aside; where the last copies
 * were moved, the next stand as far from them.
 */
export async function duplicateSelection(): Promise<void> {
  const { document } = useDesk.getState();
  const keys = keysOf(usePlay.getState().selection);
  const things = document && thingsOfKeys(document, keys);
  if (!document || !things) return;
  const way = stepOf(keys);
  const made = await act('paste', { ...things, chart: null, figure: null }, 'This cannot be duplicated.');
  const now = useDesk.getState().document;
  if (!made || made.length === 0 || !now) return;
  if (way) {
    const from = placesNow(document, keys);
    const source = (copy: PlaceKey): PlaceKey => idsOf(things)[made.indexOf(copy)];
    await settled();
    editPlaces(made, (_, copy) => {
      const its = from[source(copy)] as { x: number; y: number } | undefined;
      return its ? { x: its.x + way.across, y: its.y + way.down } : null;
    });
  }
  last = { from: keys, made };
  usePlay.getState().select(selectionOf(now, made));
}

type Things = NonNullable<ReturnType<typeof thingsOfKeys>>;

/** Ids in the order in which they are pasted. */
const idsOf = ({ charts, words, panels }: Things): PlaceKey[] => [...charts, ...words, ...panels].map(({ id }) => id);

/** How far the last copies stand from what they were made of, where those are selected now and all as far. */
function stepOf(keys: PlaceKey[]): { across: number; down: number } | null {
  const { document } = useDesk.getState();
  if (!document || !last || keys.length !== last.made.length || keys.some((key) => !last?.made.includes(key)))
    return null;
  const [made] = Object.values(placesNow(document, last.made.slice(0, 1)));
  const [from] = Object.values(placesNow(document, last.from.slice(0, 1)));
  return made && from ? { across: made.x - from.x, down: made.y - from.y } : null;
}

/** Where it cannot be placed nobody waits for ever. */
const PATIENCE = 3000;

/** Core has placed what is in the document now. */
const settled = (): Promise<void> =>
  new Promise((resolve) => {
    const done = (): void => {
      end();
      window.clearTimeout(timer);
      resolve();
    };
    const timer = window.setTimeout(done, PATIENCE);
    const end = useDesk.subscribe(({ computed }, before) => {
      if (computed !== before.computed) done();
    });
  });
