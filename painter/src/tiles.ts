import { gradientNoise, whiteNoise } from './noise';
import type { TilePaint } from './reel';
import { contextOf, type Context, type Pattern, type Studio, type Surface } from './surface';

export type TileName = TilePaint['name'];

/** of a tile, in pixels of the stage at size 1 */
export const SIDE = 512;
/** below this, a tile is halved before it is scaled */
const HALVED = 0.71;
/** and no smaller than this, in pixels */
const SMALLEST = 16;

const SEEDS: Record<TileName, number> = {
  grain: 11,
  paper: 23,
  felt: 37,
  linen: 41,
  brushed: 53,
  chalk: 67,
  print: 79,
  slate: 97,
};

type Noise = Float64Array;

const step = (value: number, from: number, to: number): number => {
  const part = value <= from ? 0 : value >= to ? 1 : (value - from) / (to - from);
  return part * part * (3 - 2 * part);
};

function filled(side: number, valueAt: (at: number) => number): Uint8Array {
  const bytes = new Uint8Array(side * side);
  for (let at = 0; at < bytes.length; at++) {
    const value = valueAt(at);
    bytes[at] = value < 0 ? 0 : value > 255 ? 255 : Math.floor(value + 0.5);
  }
  return bytes;
}

function sum(side: number, level: number, noises: [much: number, noise: Noise][]): Uint8Array {
  return filled(side, (at) => {
    let value = level;
    for (const [much, noise] of noises) value += much * noise[at];
    return value;
  });
}

/** How each texture is made; core has the same (core/src/Texture/Tile.php). */
const MADE: Record<TileName, (side: number, seed: number) => Uint8Array> = {
  grain: (side, seed) =>
    sum(side, 128, [
      [70, whiteNoise(side, seed)],
      [34, gradientNoise(side, 256, 256, seed + 1)],
    ]),
  paper: (side, seed) =>
    sum(side, 128, [
      [18, gradientNoise(side, 8, 8, seed)],
      [34, gradientNoise(side, 24, 128, seed + 1)],
      [30, gradientNoise(side, 128, 96, seed + 2)],
      [16, whiteNoise(side, seed + 3)],
      [20, gradientNoise(side, 40, 16, seed + 4)],
    ]),
  felt: (side, seed) => {
    const long = gradientNoise(side, 40, 172, seed);
    const middle = gradientNoise(side, 22, 120, seed + 1);
    const short = gradientNoise(side, 96, 256, seed + 2);
    const white = whiteNoise(side, seed + 3);
    const wide = gradientNoise(side, 10, 10, seed + 4);
    return filled(side, (at) => {
      const fibre = long[at] * 0.8 + middle[at] * 0.6 + short[at] * 0.5;
      const height = fibre > 0 ? Math.min(1, fibre) : fibre * 0.8;
      return 128 + 105 * height + 14 * white[at] + 12 * wide[at];
    });
  },
  linen: (side, seed) => {
    const across = gradientNoise(side, 32, 128, seed);
    const down = gradientNoise(side, 128, 32, seed + 1);
    const white = whiteNoise(side, seed + 2);
    const wide = gradientNoise(side, 6, 6, seed + 3);
    const slubAcross = gradientNoise(side, 3, 64, seed + 4);
    const slubDown = gradientNoise(side, 64, 3, seed + 5);
    return filled(side, (at) => {
      const x = at % side;
      const y = (at - x) / side;
      const isWeft = ((x >> 2) + (y >> 2)) % 2 === 1;
      const off = ((isWeft ? y : x) & 3) - 1.5;
      const round = 1 - (off * off) / 3;
      const noise = isWeft ? across[at] + slubAcross[at] : down[at] + slubDown[at];
      return 128 + 70 * (round - 0.55) + 30 * noise + 9 * white[at] + 8 * wide[at] + (isWeft ? 10 : -10);
    });
  },
  brushed: (side, seed) =>
    sum(side, 128, [
      [46, gradientNoise(side, 3, 512, seed)],
      [40, gradientNoise(side, 8, 256, seed + 1)],
      [30, gradientNoise(side, 2, 128, seed + 2)],
      [26, gradientNoise(side, 32, 512, seed + 3)],
    ]),
  slate: (side, seed) =>
    sum(side, 128, [
      [70, gradientNoise(side, 3, 3, seed)],
      [40, gradientNoise(side, 7, 7, seed + 1)],
      [18, gradientNoise(side, 16, 16, seed + 2)],
    ]),
  chalk: (side, seed) => {
    const fine = gradientNoise(side, 128, 128, seed);
    const wide = gradientNoise(side, 48, 64, seed + 1);
    const white = whiteNoise(side, seed + 2);
    const long = gradientNoise(side, 220, 90, seed + 3);
    return filled(side, (at) => {
      const much = 0.5 * fine[at] + 0.34 * wide[at] + 0.38 * white[at] + 0.4 * long[at] + 0.3;
      return 255 * (0.08 + 0.92 * step(much, -0.25, 0.62));
    });
  },
  print: (side, seed) => {
    const fine = gradientNoise(side, 200, 200, seed);
    const wide = gradientNoise(side, 20, 20, seed + 1);
    const white = whiteNoise(side, seed + 2);
    return filled(side, (at) => {
      const much = 0.75 * fine[at] + 0.45 * white[at] + 0.25 * wide[at];
      return 255 * (1 - 0.85 * step(much, 0.42, 0.72));
    });
  },
};

/** made once for all canvases of a process: they never change */
const made = new Map<TileName, Uint8Array>();

/** One byte a pixel, row by row: heights, of which 128 is level, or how much is covered. */
export function tileBytes(name: TileName): Uint8Array {
  let bytes = made.get(name);
  if (!bytes) made.set(name, (bytes = MADE[name](SIDE, SEEDS[name])));
  return bytes;
}

function halved(bytes: Uint8Array, side: number): Uint8Array {
  const half = side / 2;
  const small = new Uint8Array(half * half);
  for (let y = 0; y < half; y++) {
    for (let x = 0; x < half; x++) {
      const at = y * 2 * side + x * 2;
      small[y * half + x] = (bytes[at] + bytes[at + 1] + bytes[at + side] + bytes[at + side + 1] + 2) >> 2;
    }
  }
  return small;
}

/** Tiles as a canvas repeats them, each made once; making one copies the picture, moving it costs nothing. */
export class Tiles {
  private readonly kept = new Map<string, { pattern: Pattern; side: number }>();

  /**
   * What a canvas fills with that stands as the stage does.
   *
   * @param scale canvas pixels for one pixel of the stage
   */
  style(context: Context, studio: Studio, paint: TilePaint, scale: number): Pattern {
    const { pattern, side } = this.pattern(context, studio, paint, scale);
    const turn = (paint.degrees * Math.PI) / 180;
    const size = (paint.size * SIDE) / side;
    const [cos, sin] = [Math.cos(turn) * size, Math.sin(turn) * size];
    pattern.setTransform(studio.matrix({ a: cos, b: sin, c: -sin, d: cos, e: paint.x, f: paint.y }));
    return pattern;
  }

  private pattern(
    context: Context,
    studio: Studio,
    paint: TilePaint,
    scale: number,
  ): { pattern: Pattern; side: number } {
    let side = SIDE;
    for (let size = scale * paint.size; size <= HALVED && side > SMALLEST; size *= 2) side /= 2;
    const key = `${paint.name}/${paint.ink}/${paint.amount}/${side}`;
    let known = this.kept.get(key);
    if (!known) {
      const pattern = context.createPattern(pictureOf(studio, paint, side), 'repeat');
      if (!pattern) throw new Error('This canvas cannot repeat a picture.');
      this.kept.set(key, (known = { pattern, side }));
    }
    return known;
  }
}

function pictureOf(studio: Studio, { name, ink, amount }: TilePaint, side: number): Surface {
  let bytes = tileBytes(name);
  for (let whole = SIDE; whole > side; whole /= 2) bytes = halved(bytes, whole);
  const data = new Uint8ClampedArray(side * side * 4);
  bytes.forEach((value, at) => {
    const grey = ink === 'grey' ? value : ink === 'relief' && value > 128 ? 255 : 0;
    data.fill(grey, at * 4, at * 4 + 3);
    data[at * 4 + 3] =
      ink === 'grey' ? 255 : ink === 'relief' ? Math.abs(value - 128) * 2 : Math.round(255 - amount * (255 - value));
  });
  const surface = studio.surface(side, side);
  contextOf(surface).putImageData(studio.pixels(data, side, side), 0, 0);
  return surface;
}
