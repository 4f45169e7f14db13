import type { Box } from '../../painter/src';
import { planarExports } from './planarExports';

/** pixels that the module converts side by side */
const EIGHT = 8;
const PAGE = 65_536;

interface Fast {
  memory: WebAssembly.Memory;
  convert(
    pixels: number,
    stride: number,
    y: number,
    width: number,
    columns: number,
    rows: number,
    cb: number,
    cr: number,
  ): void;
}

/**
 * A picture as planar Y′CbCr 4:2:0, 8 bits, limited range, BT.709, as films are encoded from. Sources: ITU-R BT.709-6,
 * 3.2 and 3.3, for the coefficients; ITU-R BT.601-7, 2.5.3, for the range. One chroma sample is the mean of its four
 * pixels. Alpha is left out: where a picture is transparent, its colour is what it has over black.
 *
 * Pictures of a film are nearly alike, so only what changed is converted anew. Where the machine can, eight pixels by
 * two are converted at a time, to the same bytes.
 */
export class PlanarPicture {
  /** the Y′ plane, then Cb, then Cr */
  readonly planes: Uint8Array;
  private readonly fast: Fast | null;
  /** where pixels are put for the module, in its memory */
  private readonly input: number;

  /**
   * @param width and height, both even, as 4:2:0 needs them
   * @param isPlain whether it does without the module
   */
  constructor(
    readonly width: number,
    readonly height: number,
    isPlain = false,
  ) {
    if (width % 2 !== 0 || height % 2 !== 0)
      throw new Error(`A film of ${width} × ${height} cannot be: a side is odd.`);
    const size = (width * height * 3) / 2;
    this.fast = isPlain ? null : planarExports<Fast>();
    this.input = Math.ceil(size / EIGHT) * EIGHT;
    this.fast?.memory.grow(Math.ceil((this.input + width * height * 4) / PAGE));
    this.planes = this.fast ? new Uint8Array(this.fast.memory.buffer, 0, size) : new Uint8Array(size);
  }

  /**
   * Converts a part of the picture.
   *
   * @param pixels RGBA in the order of memory, as a canvas gives them
   * @param stride pixels from one row of them to the next
   * @param part of the picture that they are, in pixels; all of its sides even
   */
  update(pixels: Uint8Array, stride: number, part: Box): void {
    const done = this.converted(pixels, stride, part);
    if (done < part.right) this.plainly(pixels, stride, part, done);
  }

  /** Where the module has come to from the left: it takes whole eights of a part that its memory has room for. */
  private converted(pixels: Uint8Array, stride: number, { left, top, right, bottom }: Box): number {
    const { width, height, fast, input } = this;
    const columns = Math.floor((right - left) / EIGHT) * EIGHT;
    const rows = bottom - top;
    const bytes = ((rows - 1) * stride + columns) * 4;
    if (!fast || columns === 0 || input + bytes > fast.memory.buffer.byteLength) return left;
    new Uint8Array(fast.memory.buffer, input).set(pixels.subarray(0, bytes));
    const cb = width * height + (top >> 1) * (width >> 1) + (left >> 1);
    const cr = cb + ((width * height) >> 2);
    fast.convert(input, stride, top * width + left, width, columns, rows, cb, cr);
    return left + columns;
  }

  private plainly(pixels: Uint8Array, stride: number, { left, top, right, bottom }: Box, begin: number): void {
    const { width, height, planes } = this;
    const now = new Uint32Array(pixels.buffer, pixels.byteOffset, pixels.byteLength >> 2);
    for (let row = top; row < bottom; row += 2) {
      let from = (row - top) * stride + begin - left;
      let to = row * width + begin;
      let blue = width * height + (row >> 1) * (width >> 1) + (begin >> 1);
      let red = blue + ((width * height) >> 2);
      for (let at = begin; at < right; at += 2, from += 2, to += 2, blue++, red++) {
        const a = now[from];
        const b = now[from + 1];
        const c = now[from + stride];
        const d = now[from + stride + 1];
        planes[to] = luma(a);
        planes[to + 1] = luma(b);
        planes[to + width] = luma(c);
        planes[to + width + 1] = luma(d);
        const r = (a & 255) + (b & 255) + (c & 255) + (d & 255);
        const g = ((a >> 8) & 255) + ((b >> 8) & 255) + ((c >> 8) & 255) + ((d >> 8) & 255);
        const bl = ((a >> 16) & 255) + ((b >> 16) & 255) + ((c >> 16) & 255) + ((d >> 16) & 255);
        planes[blue] = (CB_R * r + CB_G * g + CB_B * bl + CHROMA_ZERO) >> 18;
        planes[red] = (CR_R * r + CR_G * g + CR_B * bl + CHROMA_ZERO) >> 18;
      }
    }
  }
}

// In 65,536ths; those of a component add up to 219 ÷ 255 for luma and to nothing for chroma, so that grey stays grey.
const Y_R = 11_966;
const Y_G = 40_254;
const Y_B = 4_064;
const CB_R = -6_596;
const CB_G = -22_188;
const CB_B = 28_784;
const CR_R = 28_784;
const CR_G = -26_145;
const CR_B = -2_639;
/** black is 16, rounded to the nearest */
const BLACK = (16 << 16) + (1 << 15);
/** no colour is 128, rounded to the nearest; four pixels are summed, hence 18 instead of 16 bits */
const CHROMA_ZERO = (128 << 18) + (1 << 17);

/** @param pixel R, G, B, A from its lowest byte up */
function luma(pixel: number): number {
  return (Y_R * (pixel & 255) + Y_G * ((pixel >> 8) & 255) + Y_B * ((pixel >> 16) & 255) + BLACK) >> 16;
}
