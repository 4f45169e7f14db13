import type { Box } from '../../painter/src';

/** A picture as a canvas has it, colours not multiplied by their opacity; only what changed is put in anew. */
export class StraightPicture {
  /** RGBA */
  readonly planes: Uint8Array;

  constructor(
    readonly width: number,
    height: number,
  ) {
    this.planes = new Uint8Array(width * height * 4);
  }

  /**
   * @param pixels RGBA of a part, row by row
   * @param stride pixels from one row of them to the next
   * @param part of the picture that they are
   */
  update(pixels: Uint8Array, stride: number, { left, top, right, bottom }: Box): void {
    for (let row = top; row < bottom; row++) {
      const from = (row - top) * stride * 4;
      this.planes.set(pixels.subarray(from, from + (right - left) * 4), (row * this.width + left) * 4);
    }
  }
}
