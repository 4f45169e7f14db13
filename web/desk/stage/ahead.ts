import type { Reel } from '../../../painter/src';
import type { PaintedFrame, Told } from './paintWorker';

/** so many frames are painted before they are shown */
const MOST = 10;
/** frames ahead at which the worker begins at the most */
const FURTHEST = 4;

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
/** the frames that were asked for last */
let awaited: number[] = [];
/** How far ahead the worker begins, in frames: further where it comes late, so that what it does is of use. */
let lead = 1;

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
      const isWanted = data.picture === picture && data.scale === scaleNow && awaited.includes(data.frame);
      if (!isWanted) {
        data.image.close();
        lead = Math.min(FURTHEST, lead + 1);
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
  awaited = comingFrames(playing, 2 * MOST).filter((frame) => frame >= reel.from && frame <= reel.to);
  forget([...painted.keys()].filter((frame) => frame !== playing.frame && !awaited.includes(frame)));
  const first = Math.round(lead) - 1;
  const frames = awaited.slice(first, first + MOST);
  tell({ picture, scale, frames: frames.filter((frame) => !painted.has(frame)) });
  const ready = painted.get(playing.frame) ?? null;
  if (ready) lead = Math.max(1, lead - 0.5);
  return ready;
}

/** Nothing is played any more. */
export function leaveAhead(): void {
  awaited = [];
  forget(painted.keys());
  if (worker && reelNow) worker.postMessage({ picture, scale: scaleNow, frames: [] } satisfies Told);
}
