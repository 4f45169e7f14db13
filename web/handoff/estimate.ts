import { Timeline, type Reel } from '../../painter/src';
import type { FileKind } from '../api/answers';

/** What there is to make of some frames. */
export interface Work {
  frames: number;
  /** how many of them differ from the one before */
  pictures: number;
  /** of one picture */
  megapixels: number;
  /** bytes of the reel as text */
  reel: number;
}

/** What a file becomes: roughly, for that depends on what is in its pictures. */
export interface Estimate {
  bytes: number;
  seconds: number;
}

/**
 * Bytes of a frame and of a picture for each million pixels, bytes for each byte of the reel; seconds of the start, of
 * a frame and of a picture for each million pixels. Measured by `bench/files.mjs` on two cores.
 */
const COSTS: Partial<
  Record<FileKind, [frame: number, picture: number, reel: number, start: number, perFrame: number, perPicture: number]>
> = {
  mp4: [200, 9000, 0, 1, 0.008, 0.03],
};

/** The frames of a reel that a file is made of, at its own size and rate. */
export function workOf(
  reel: Reel,
  { from, to }: { from: number; to: number },
  { width, perSecond }: { width?: number | null; perSecond?: number | null } = {},
): Work {
  const timeline = new Timeline(reel);
  const step = perSecond ? Math.max(1, reel.rate[0] / reel.rate[1] / perSecond) : 1;
  const [first, last] = [Math.max(from, reel.from), Math.min(to, reel.to)];
  const seen = new Set<number>();
  let frames = 0;
  for (let at = first; at <= last; at += step, frames++) seen.add(timeline.pictureOf(Math.floor(at)));
  const scale = (width ?? reel.width) / reel.width;
  // Of a large piece the reel has a part: the others are taken to be like it.
  const share = (to - from + 1) / Math.max(1, last - first + 1);
  return {
    frames: Math.round(frames * share),
    pictures: Math.round(seen.size * share),
    megapixels: (reel.width * reel.height * scale * scale) / 1e6,
    reel: Math.round(JSON.stringify(reel).length * share),
  };
}

export function estimateOf(kind: FileKind, { frames, pictures, megapixels, reel }: Work): Estimate | null {
  const costs = COSTS[kind];
  if (!costs) return null;
  const [frame, picture, ofReel, start, perFrame, perPicture] = costs;
  return {
    bytes: (frames * frame + pictures * picture) * megapixels + reel * ofReel,
    seconds: start + (frames * perFrame + pictures * perPicture) * megapixels,
  };
}

/** As one would say it: seconds, or minutes from one and a half on. */
export function secondsText(seconds: number): string {
  return seconds < 90 ? `${Math.max(1, Math.round(seconds))} s` : `${Math.round(seconds / 60)} min`;
}
