import type { PointerEvent } from 'react';
import type { Taken } from '../../common/useDrag';
import { usePlay } from '../playStore';
import { soundPlayer } from '../voice/soundPlayer';

/** A press on what stands upright in time puts the playhead there, a drag takes it along; each moment is heard. */
export function scrub(event: PointerEvent<Element>, zoom: number): Taken | null {
  if (event.button !== 0) return null;
  const room = event.currentTarget;
  const go = (y: number): void => {
    usePlay.getState().stop();
    usePlay.getState().go(Math.round((y - room.getBoundingClientRect().top) / zoom));
    soundPlayer.grain(usePlay.getState().frame);
  };
  go(event.clientY);
  return {
    move: ({ event: { clientY } }) => {
      const before = usePlay.getState().frame;
      if (Math.round((clientY - room.getBoundingClientRect().top) / zoom) !== before) go(clientY);
    },
  };
}
