import { spawnSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import { CONVERSION } from '../src/encoder';
import { PlanarPicture } from '../src/planar';

const SQUARE = { left: 0, top: 0, right: 2, bottom: 2 };

/** The same pixels through ffmpeg's own scaler (libswscale), which is another project's. */
function byFfmpeg(pixels: Uint8Array, width: number, height: number): Buffer {
  const size = ['-video_size', `${width}x${height}`];
  const input = ['-f', 'rawvideo', '-pixel_format', 'rgba', ...size, '-i', 'pipe:0'];
  const { stdout, stderr } = spawnSync('ffmpeg', ['-v', 'error', ...input, '-vf', CONVERSION, '-f', 'rawvideo', '-'], {
    input: pixels,
    maxBuffer: 1e8,
  });
  expect(stderr.toString()).toBe('');
  return stdout;
}

/** A generator of numbers that are the same each time (Park and Miller 1988). */
function chance(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 16_807) % 2_147_483_647) / 2_147_483_647;
}

function differences(ours: Uint8Array, theirs: Uint8Array): { largest: number; share: number } {
  let largest = 0;
  let differ = 0;
  for (let at = 0; at < ours.length; at++) {
    const off = Math.abs(ours[at] - theirs[at]);
    largest = Math.max(largest, off);
    differ += off > 0 ? 1 : 0;
  }
  return { largest, share: differ / ours.length };
}

describe('a planar picture', () => {
  it.each([
    ['a size of whole blocks', 64, 48],
    ['odd edges: a width that no block divides', 90, 34],
    ['the smallest stage', 64, 64],
  ])('is what ffmpeg makes of the same pixels, but for the last bit: %s', (_, width, height) => {
    const random = chance(7);
    const pixels = new Uint8Array(width * height * 4).map((__, at) => (at % 4 === 3 ? 255 : random() * 256));
    const picture = new PlanarPicture(width, height);
    picture.update(pixels, width, { left: 0, top: 0, right: width, bottom: height });
    const theirs = byFfmpeg(pixels, width, height);
    expect(theirs.length).toBe(picture.planes.length);
    expect(differences(picture.planes, theirs).largest).toBeLessThanOrEqual(1);
  });

  it('has black, white and the primaries of ITU-R BT.709 where that puts them', () => {
    const expected: [number[], number[]][] = [
      [
        [0, 0, 0],
        [16, 128, 128],
      ],
      [
        [255, 255, 255],
        [235, 128, 128],
      ],
      [
        [255, 0, 0],
        [63, 102, 240],
      ],
      [
        [0, 255, 0],
        [173, 42, 26],
      ],
      [
        [0, 0, 255],
        [32, 240, 118],
      ],
      [
        [128, 128, 128],
        [126, 128, 128],
      ],
    ];
    for (const [colour, samples] of expected) {
      const picture = new PlanarPicture(2, 2);
      picture.update(Uint8Array.from([...Array(4)].flatMap(() => [...colour, 255])), 2, SQUARE);
      expect([picture.planes[0], picture.planes[4], picture.planes[5]], colour.join()).toEqual(samples);
    }
  });

  it('is the same with and without the module, to the byte', () => {
    for (const [width, height] of [
      [64, 8],
      [90, 34],
      [6, 4],
    ]) {
      const random = chance(width);
      const pixels = new Uint8Array(width * height * 4).map(() => random() * 256);
      const whole = { left: 0, top: 0, right: width, bottom: height };
      const [fast, plain] = [new PlanarPicture(width, height), new PlanarPicture(width, height, true)];
      for (const picture of [fast, plain]) {
        picture.update(pixels, width, whole);
        picture.update(pixels, width, { left: 2, top: 2, right: width - 2, bottom: height });
      }
      expect(Buffer.compare(fast.planes, plain.planes), `${width} × ${height}`).toBe(0);
    }
  });

  it('is the same whether all of it is converted or only a part', () => {
    const [width, height] = [166, 60];
    const random = chance(11);
    const pixels = new Uint8Array(width * height * 4).map(() => random() * 256);
    const whole = new PlanarPicture(width, height);
    whole.update(pixels, width, { left: 0, top: 0, right: width, bottom: height });
    const inParts = new PlanarPicture(width, height);
    const halves = [0, 70, width].flatMap((left, at, all) => (at < 2 ? [[left, all[at + 1]]] : []));
    for (const [left, right] of halves) {
      for (const [top, bottom] of [
        [0, 32],
        [32, height],
      ]) {
        // As a canvas that is larger than the part gives it.
        const stride = right - left + 6;
        const part = new Uint8Array(stride * (bottom - top) * 4);
        for (let row = top; row < bottom; row++) {
          const from = (row * width + left) * 4;
          part.set(pixels.subarray(from, from + (right - left) * 4), (row - top) * stride * 4);
        }
        inParts.update(part, stride, { left, top, right, bottom });
      }
    }
    expect(Buffer.compare(whole.planes, inParts.planes)).toBe(0);
  });

  it('shows a transparent picture over black, as the film always has', () => {
    const picture = new PlanarPicture(2, 2);
    // A canvas keeps its colours multiplied by their alpha.
    picture.update(Uint8Array.from([...Array(4)].flatMap(() => [100, 0, 0, 100])), 2, SQUARE);
    const opaque = new PlanarPicture(2, 2);
    opaque.update(Uint8Array.from([...Array(4)].flatMap(() => [100, 0, 0, 255])), 2, SQUARE);
    expect(picture.planes).toEqual(opaque.planes);
  });

  it('refuses an odd side', () => {
    expect(() => new PlanarPicture(3, 2)).toThrow('a side is odd');
  });
});
