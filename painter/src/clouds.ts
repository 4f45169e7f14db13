import { fade, hash } from './noise';
import type { CloudsPaint } from './reel';
import { contextOf, type Studio, type Surface } from './surface';

// Evolving noise: the same bytes as core’s (core/src/Texture/Evolving.php), which says where it is from.

const GRADIENTS = [
  [1, 1, 0],
  [-1, 1, 0],
  [1, -1, 0],
  [-1, -1, 0],
  [1, 0, 1],
  [-1, 0, 1],
  [1, 0, -1],
  [-1, 0, -1],
  [0, 1, 1],
  [0, -1, 1],
  [0, 1, -1],
  [0, -1, -1],
];
const LAYERS = 3;
const TURNS = 4;
const GAIN = 0.62;
export const WIDTH = 192;
export const HEIGHT = 108;

interface Lattice {
  columns: number;
  rows: number;
  moments: number;
}

/** The gradient of each corner at a phase, three numbers each, row by row. */
function cornersOf({ columns, rows, moments }: Lattice, phase: number, seed: number): Float64Array {
  const time = phase * moments;
  const now = Math.floor(time);
  const gone = time - now;
  const come = fade(gone);
  const [from, to] = [now % moments, (now + 1) % moments];
  const corners = new Float64Array((columns + 1) * (rows + 1) * 3);
  for (let row = 0, at = 0; row <= rows; row++) {
    for (let column = 0; column <= columns; column++, at += 3) {
      const a = GRADIENTS[hash(column + 131 * from, row, seed) % 12];
      const b = GRADIENTS[hash(column + 131 * to, row, seed) % 12];
      corners[at] = (1 - come) * a[0] + come * b[0];
      corners[at + 1] = (1 - come) * a[1] + come * b[1];
      corners[at + 2] = (1 - come) * a[2] * gone + come * b[2] * (gone - 1);
    }
  }
  return corners;
}

function add(values: Float64Array, lattice: Lattice, phase: number, seed: number, gain: number): void {
  const { columns, rows } = lattice;
  const corners = cornersOf(lattice, phase, seed);
  const left = new Int32Array(WIDTH);
  const offset = new Float64Array(WIDTH);
  const eased = new Float64Array(WIDTH);
  for (let x = 0; x < WIDTH; x++) {
    const place = ((x + 0.5) * columns) / WIDTH;
    left[x] = Math.floor(place);
    offset[x] = place - left[x];
    eased[x] = fade(offset[x]);
  }
  for (let y = 0; y < HEIGHT; y++) {
    const place = ((y + 0.5) * rows) / HEIGHT;
    const row = Math.floor(place);
    const fall = place - row;
    const ease = fade(fall);
    for (let x = 0; x < WIDTH; x++) {
      const a = (row * (columns + 1) + left[x]) * 3;
      const c = a + (columns + 1) * 3;
      const f = offset[x];
      const first = corners[a] * f + corners[a + 1] * fall + corners[a + 2];
      const second = corners[a + 3] * (f - 1) + corners[a + 4] * fall + corners[a + 5];
      const third = corners[c] * f + corners[c + 1] * (fall - 1) + corners[c + 2];
      const fourth = corners[c + 3] * (f - 1) + corners[c + 4] * (fall - 1) + corners[c + 5];
      const top = first + (second - first) * eased[x];
      const low = third + (fourth - third) * eased[x];
      values[y * WIDTH + x] += gain * (top + (low - top) * ease);
    }
  }
}

/** How opaque clouds are, one byte a pixel, row by row. */
export function cloudBytes({ columns, rows, phase, seed }: Omit<CloudsPaint, 'colour' | 'kind'>): Uint8Array {
  const values = new Float64Array(WIDTH * HEIGHT);
  for (let layer = 0, gain = GAIN; layer < LAYERS; layer++, gain *= 0.5) {
    const lattice = { columns: columns << layer, rows: rows << layer, moments: TURNS * (layer + 1) };
    add(values, lattice, phase, seed + layer, gain);
  }
  return Uint8Array.from(values, (value) => {
    const byte = 128 + 127 * value;
    return byte < 0 ? 0 : byte > 255 ? 255 : Math.floor(byte + 0.5);
  });
}

/** Clouds as pictures: of each kind the one that was wanted last. */
export class CloudPictures {
  private readonly kept = new Map<string, { key: string; image: Surface }>();

  image(studio: Studio, paint: CloudsPaint): Surface {
    const kind = `${paint.columns}/${paint.rows}/${paint.seed}`;
    const key = `${paint.colour}/${paint.phase}`;
    const known = this.kept.get(kind);
    if (known?.key === key) return known.image;
    const image = known?.image ?? studio.surface(WIDTH, HEIGHT);
    const data = new Uint8ClampedArray(WIDTH * HEIGHT * 4);
    const [red, green, blue] = [1, 3, 5].map((at) => parseInt(paint.colour.slice(at, at + 2), 16));
    cloudBytes(paint).forEach((opacity, at) => {
      data[at * 4] = red;
      data[at * 4 + 1] = green;
      data[at * 4 + 2] = blue;
      data[at * 4 + 3] = opacity;
    });
    contextOf(image).putImageData(studio.pixels(data, WIDTH, HEIGHT), 0, 0);
    this.kept.set(kind, { key, image });
    return image;
  }
}
