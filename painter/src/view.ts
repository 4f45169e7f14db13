import type { Box } from './bounds';
import { inverse, times, type Matrix } from './matrix';
import type { Reel } from './reel';

/** pixels that smoothed edges may stand out */
const EDGE = 2;

/** What of the picture is painted: how large, and from where on, in pixels of the canvas. */
export interface View {
  scale: number;
  left: number;
  top: number;
  width: number;
  height: number;
  /** Does a box of the stage lie in it, in part at least? */
  isSeen(box: Box | null): boolean;
}

export function wholeView({ width, height }: Reel, scale: number): View {
  return viewOf({ left: 0, top: 0, right: Math.round(width * scale), bottom: Math.round(height * scale) }, scale);
}

export function viewOf({ left, top, right, bottom }: Box, scale: number): View {
  const view = { scale, left, top, width: right - left, height: bottom - top, isSeen: () => true };
  return seenIn(view, [{ left, top, right, bottom }]);
}

/** The same view, of which parts alone are looked at, in pixels of the whole canvas. */
export function seenIn(view: View, parts: Box[]): View {
  const { scale } = view;
  return {
    ...view,
    isSeen: (box) =>
      box !== null &&
      parts.some(
        ({ left, top, right, bottom }) =>
          box.left * scale < right + EDGE &&
          box.right * scale > left - EDGE &&
          box.top * scale < bottom + EDGE &&
          box.bottom * scale > top - EDGE,
      ),
  };
}

/** From the stage to the canvas, for what stands where its groups have moved it. */
export function onCanvas({ scale, left, top }: View, pose: Matrix | null): Matrix {
  const canvas = { a: scale, b: 0, c: 0, d: scale, e: -left, f: -top };
  return pose ? times(canvas, pose) : canvas;
}

/** From where a picture would stand on the canvas, were nothing moved, to where it stands. */
export function withinCanvas(view: View, pose: Matrix | null): Matrix {
  const canvas = onCanvas(view, null);
  return pose ? times(times(canvas, pose), inverse(canvas)) : { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 };
}
