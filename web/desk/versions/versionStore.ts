import { create } from 'zustand';
import { ask } from '../../api/client';
import type { Computed, OneVersion } from '../../api/answers';
import { deskNow } from '../deskNow';
import { usePlay } from '../playStore';
import { shapeOf } from '../shapes';

/** A version that is looked at, and its picture around the playhead. */
export interface Looked extends OneVersion {
  reel: Computed['reel'];
  /** why it cannot be drawn */
  problem: string | null;
}

export type Side = 'left' | 'right';

interface Looking {
  /** number of the one that was chosen, also while its picture is on its way */
  chosen: number | null;
  /** the version on the left of the stage; null: none is looked at */
  left: Looked | null;
  /** the one that it is compared with; null: the piece as it is now */
  right: Looked | null;
  /** how much of the stage's width the left one takes */
  wipe: number;
}

export const useVersions = create<Looking>(() => ({ chosen: null, left: null, right: null, wipe: 0.5 }));

let wanted = { left: 0, right: 0 };

async function drawn(document: OneVersion['document']): Promise<Pick<Looked, 'reel' | 'problem'>> {
  const { frame, shape } = deskNow();
  const body = {
    document,
    frame: Math.min(frame, document.stage.frames - 1),
    inHurry: true,
    shape: shapeOf(document, shape),
  };
  const { reel, problems } = await ask('POST compute', { body });
  return { reel, problem: reel ? null : (problems[0]?.message ?? 'This version cannot be drawn.') };
}

/** Looks at a version on one side of the stage; null: at none. */
export async function lookAt(side: Side, piece: string, number: number | null): Promise<void> {
  const mine = ++wanted[side];
  if (side === 'left') useVersions.setState({ chosen: number });
  if (number === null) {
    useVersions.setState({ [side]: null });
    return;
  }
  const one = await ask('GET pieces/{piece}/versions/{version}', { at: { piece, version: String(number) } });
  const picture = await drawn(one.document);
  if (mine !== wanted[side]) return;
  // Both are seen whole, one beside the other.
  usePlay.getState().set({ view: null });
  useVersions.setState({ [side]: { ...one, ...picture } });
}

/** The playhead left what was drawn of a version: draws it where it is now. */
export async function drawAgain(side: Side): Promise<void> {
  const now = useVersions.getState()[side];
  if (!now) return;
  const picture = await drawn(now.document).catch(() => null);
  const then = useVersions.getState()[side];
  if (picture && then?.number === now.number) useVersions.setState({ [side]: { ...then, ...picture } });
}

export function lookNoMore(): void {
  wanted = { left: wanted.left + 1, right: wanted.right + 1 };
  useVersions.setState({ chosen: null, left: null, right: null, wipe: 0.5 });
}
