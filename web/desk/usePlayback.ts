import { useEffect } from 'react';
import { usePlay } from './playStore';

/** Plays at the piece's own rate by the clock: a slow screen shows fewer frames, never a slower film. */
export function usePlayback(rate: [number, number]): void {
  const playing = usePlay((state) => state.playing);
  const speed = usePlay((state) => state.speed);
  const [numerator, denominator] = rate;
  useEffect(() => {
    if (!playing) return undefined;
    let request = 0;
    let began = performance.now();
    let from = usePlay.getState().frame;
    let shown = from;
    const tick = (now: number): void => {
      const { frame, frames, loop, go, stop } = usePlay.getState();
      // A jump while it plays goes on from there.
      if (frame !== shown) {
        from = frame;
        began = now;
      }
      let next = from + Math.trunc(((now - began) / 1000) * (numerator / denominator) * speed);
      const [first, end] = loop ? [loop.begin, Math.min(loop.end, frames)] : [0, frames];
      if (next >= end || next < first) {
        if (!loop) {
          go(next < first ? first : end - 1);
          stop();
          return;
        }
        next = speed > 0 ? first : end - 1;
        from = next;
        began = now;
      }
      shown = Math.max(0, Math.min(frames - 1, next));
      if (shown !== frame) go(shown);
      request = requestAnimationFrame(tick);
    };
    request = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(request);
  }, [playing, speed, numerator, denominator]);
}
