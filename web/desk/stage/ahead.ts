import type { Reel } from '../../../painter/src';
import type { PaintedFrame, Told } from './paintWorker';

/** so many frames are painted before they are shown */
const MOST = 10;

/** How it is played. */
export interface Playing {
  frame: number;
  frames: number;
  speed: number;
  loop: { begin: number; end: number } | null;
}

/** The frames that come next, one after another, as far as they are asked for. */
export function comingFrames({ frame, frames, speed, loop }: Playing, most: number): number[] {
  const step = speed < 0 ? -1 : 1;
  const [first, end] = loop ? [loop.begin, Math.min(loop.end, frames)] : [0, frames];
  const coming: number[] = [];
  for (let at = frame + step; coming.length < most; at += step) {
    if (at >= end || at < first) {
      if (!loop || end <= first) break;
      at = step > 0 ? first : end - 1;
    }
    if (at === frame) break;
    coming.push(at);
  }
  return coming;
}

let worker: Worker | null = null;
let canWork = typeof Worker !== 'undefined' && typeof OffscreenCanvas !== 'undefined';
let reelNow: Reel | null = null;
let picture = 0;
let scaleNow = 0;
const painted = new Map<number, ImageBitmap>();

function forget(frames: Iterable<number>): void {
  for (const frame of [...frames]) {
    painted.get(frame)?.close();
    painted.delete(frame);
  }
}

function tell(what: Told): void {
  if (!worker) {
    worker = new Worker(new URL('./paintWorker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<PaintedFrame>) => {
      if (data.picture !== picture || data.scale !== scaleNow) {
        data.image.close();
        return;
      }
      forget([data.frame]);
      painted.set(data.frame, data.image);
    };
    // Where it cannot, every frame is painted when it is shown.
    worker.onerror = () => {
      canWork = false;
      leaveAhead();
    };
  }
  worker.postMessage(what);
}

/**
 * A frame that was painted while others were shown; null where it is not there in time. Those that come after it are
 * painted meanwhile, beside the page.
 */
export function paintedAhead(reel: Reel, scale: number, playing: Playing): ImageBitmap | null {
  if (!canWork) return null;
  if (reel !== reelNow) {
    leaveAhead();
    reelNow = reel;
    tell({ picture: ++picture, reel });
  }
  if (scale !== scaleNow) forget(painted.keys());
  scaleNow = scale;
  const coming = comingFrames(playing, MOST).filter((frame) => frame >= reel.from && frame <= reel.to);
  forget([...painted.keys()].filter((frame) => frame !== playing.frame && !coming.includes(frame)));
  tell({ picture, scale, frames: coming.filter((frame) => !painted.has(frame)) });
  return painted.get(playing.frame) ?? null;
}

/** Nothing is played any more. */
export function leaveAhead(): void {
  forget(painted.keys());
  if (worker && reelNow) worker.postMessage({ picture, scale: scaleNow, frames: [] } satisfies Told);
}
