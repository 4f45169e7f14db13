import { holdKey, idsOf, type HeldKey, type KeyRef, type Timed } from '../../piece/retime';
import { useDesk } from '../deskStore';

/** What is known of a key's move now; undefined where it is gone. */
export function timedOf({ id, kind, chart, figure, part }: KeyRef): Timed | undefined {
  const sheet = useDesk.getState().computed?.sheet;
  const one = chart ? sheet?.charts[chart]?.figures.find((other) => other.id === figure) : undefined;
  if (one && !part && (kind === 'entrance' || kind === 'exit')) return one[kind] ?? undefined;
  return id === null ? undefined : sheet?.moves[id];
}

/** Of what is dragged, the moves of the document: a key does not snap to what goes along with it. */
export function idsNow(held: HeldKey[]): string[] {
  const { document } = useDesk.getState();
  return document ? idsOf(document, held) : [];
}

export function heldOf(refs: KeyRef[]): HeldKey[] {
  const { document } = useDesk.getState();
  return refs.flatMap((ref) => {
    const now = timedOf(ref);
    return document && now ? [holdKey(document, ref, now)] : [];
  });
}
