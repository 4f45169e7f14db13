// Seamless noise: the same bytes as core’s (core/src/Texture/Noise.php), which says where it is from. Whole numbers
// stay below 2^53, so that both count alike.

const D = Math.SQRT1_2;
const ACROSS = [1, D, 0, -D, -1, -D, 0, D];
const DOWN = [0, D, 1, D, 0, -D, -1, -D];
const GAIN = 1.6;

/** 32 bits that follow from three whole numbers. */
export function hash(x: number, y: number, seed: number): number {
  let h = (x * 73856 + y * 1934927 + seed * 834927 + 1013904223) >>> 0;
  h = (((h ^ (h >>> 15)) >>> 0) * 1540483) >>> 0;
  h = (((h ^ (h >>> 13)) >>> 0) * 1181783) >>> 0;
  return (h ^ (h >>> 16)) >>> 0;
}

export const fade = (t: number): number => t * t * t * (t * (t * 6 - 15) + 10);

/** About −1 to 1, row by row, on a square that fits to itself at its edges. */
export function gradientNoise(side: number, columns: number, rows: number, seed: number): Float64Array {
  const across = new Float64Array(columns * rows);
  const down = new Float64Array(columns * rows);
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const turn = hash(column, row, seed) & 7;
      across[row * columns + column] = ACROSS[turn];
      down[row * columns + column] = DOWN[turn];
    }
  }
  const left = new Int32Array(side);
  const right = new Int32Array(side);
  const offset = new Float64Array(side);
  const eased = new Float64Array(side);
  for (let x = 0; x < side; x++) {
    const place = (x * columns) / side;
    left[x] = Math.floor(place);
    right[x] = (left[x] + 1) % columns;
    offset[x] = place - left[x];
    eased[x] = fade(offset[x]);
  }
  const values = new Float64Array(side * side);
  for (let y = 0; y < side; y++) {
    const place = (y * rows) / side;
    const above = Math.floor(place);
    const fall = place - above;
    const ease = fade(fall);
    const upper = above * columns;
    const lower = ((above + 1) % rows) * columns;
    for (let x = 0; x < side; x++) {
      const [a, b, c, d] = [upper + left[x], upper + right[x], lower + left[x], lower + right[x]];
      const f = offset[x];
      const first = across[a] * f + down[a] * fall;
      const second = across[b] * (f - 1) + down[b] * fall;
      const third = across[c] * f + down[c] * (fall - 1);
      const fourth = across[d] * (f - 1) + down[d] * (fall - 1);
      const top = first + (second - first) * eased[x];
      values[y * side + x] = (top + (third + (fourth - third) * eased[x] - top) * ease) * GAIN;
    }
  }
  return values;
}

/** −1 to 1, each by itself, near 0 more often than not; row by row. */
export function whiteNoise(side: number, seed: number): Float64Array {
  const values = new Float64Array(side * side);
  for (let y = 0; y < side; y++) {
    for (let x = 0; x < side; x++) {
      const h = hash(x, y, seed);
      values[y * side + x] = ((h & 65535) + (h >>> 16)) / 65535 - 1;
    }
  }
  return values;
}
