import { useEffect } from 'react';
import type { Recording } from '../../contracts/piece';
import { usePlay } from './playStore';
import { soundPlayer } from './voice/soundPlayer';

/**
 * Plays at the piece's own rate: by the sound where the recording is heard, by the clock elsewhere. A slow screen shows
 * fewer frames, never a slower film.
 */
export function usePlayback(rate: [number, number], recording: Recording | undefined): void {
  const playing = usePlay((state) => state.playing);
  const speed = usePlay((state) => state.speed);
  const isMuted = usePlay((state) => state.isMuted);
  const [numerator, denominator] = rate;
  useEffect(() => soundPlayer.mute(isMuted), [isMuted]);
  useEffect(() => soundPlayer.prepare(recording, [numerator, denominator]), [recording, numerator, denominator]);
  useEffect(() => {
    if (!playing) return undefined;
    soundPlayer.begin();
    let request = 0;
    let began = performance.now();
    let from = usePlay.getState().frame;
    let shown = from;
    const leave = (frame: number, now: number): void => {
      from = frame;
      began = now;
    };
    const tick = (now: number): void => {
      const { frame, frames, loop, go, stop } = usePlay.getState();
      // A jump while it plays goes on from there.
      if (frame !== shown) {
        leave(frame, now);
        soundPlayer.stop();
      }
      // A frame of a slow page can have begun before playing did.
      const passed = Math.max(0, now - began);
      let next = from + Math.trunc((passed / 1000) * (numerator / denominator) * speed);
      const heard = soundPlayer.now();
      if (heard === 'held') {
        leave(shown, now);
        next = shown;
      } else if (heard !== null) {
        next = Math.floor(heard + 1e-4);
        leave(next, now);
      } else if (soundPlayer.reaches(next, speed)) {
        soundPlayer.start(next, speed);
        leave(next, now);
      }
      const [first, end] = loop ? [loop.begin, Math.min(loop.end, frames)] : [0, frames];
      if (next >= end || next < first) {
        soundPlayer.stop();
        if (!loop) {
          go(next < first ? first : end - 1);
          stop();
          return;
        }
        next = speed > 0 ? first : end - 1;
        leave(next, now);
      }
      shown = Math.max(0, Math.min(frames - 1, next));
      if (shown !== frame) go(shown);
      request = requestAnimationFrame(tick);
    };
    request = requestAnimationFrame(tick);
    return () => {
      cancelAnimationFrame(request);
      soundPlayer.stop();
    };
  }, [playing, speed, numerator, denominator]);
}
