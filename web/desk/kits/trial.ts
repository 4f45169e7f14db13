import { ask } from '../../api/client';
import type { Computed } from '../../api/answers';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { shapeOf } from '../shapes';

type Shown = Pick<ReturnType<typeof useDesk.getState>, 'reel' | 'stems' | 'shown'>;

/** What the desk showed before, while another document is tried on the stage. */
let before: (Shown & { ours: Computed['reel']; frame: number; isMuted: boolean }) | null = null;
let wanted = 0;

/**
 * Shows a document on the stage of which nothing is taken.
 *
 * @param isPlayed from its beginning; else it stands where the playhead is
 */
export async function tryOn(document: Piece, isPlayed = true): Promise<void> {
  const asked = ++wanted;
  const { frame, shape, isMuted } = usePlay.getState();
  const body = { document, frame: isPlayed ? 0 : frame, inHurry: true, shape: shapeOf(document, shape) };
  const computed = await ask('POST compute', { body }).catch(() => null);
  if (asked !== wanted || !computed?.reel) return;
  const { reel, stems, shown } = useDesk.getState();
  before ??= { reel, stems, shown, ours: null, frame, isMuted };
  before.ours = computed.reel;
  useDesk.setState({
    reel: computed.reel,
    stems: computed.sheet.charts,
    shown: { shape: body.shape, places: computed.sheet.places },
  });
  if (!isPlayed) return;
  const { set, go, play } = usePlay.getState();
  set({ isMuted: true });
  go(0);
  play(1);
}

/** The piece itself is on the stage again, where it was left. */
export function endTrial(): void {
  wanted++;
  if (!before) return;
  const { ours, frame, isMuted, ...shown } = before;
  before = null;
  const { stop, go, set } = usePlay.getState();
  stop();
  set({ isMuted });
  go(frame);
  // What was computed since is newer than what was there.
  if (useDesk.getState().reel === ours) useDesk.setState(shown);
}

export const isTrying = (): boolean => before !== null;
