import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createCanvas } from '@napi-rs/canvas';
import { describe, expect, it } from 'vitest';
import { evenlySpoken } from '../../demo/plain/evenlySpoken';
import { Exposure, Painter, type Box, type Reel } from '../../painter/src';
import type { Piece } from '../../contracts/piece';
import { PaintedFrames } from '../src/frames';
import { PlanarPicture } from '../src/planar';
import { skia } from '../src/studio';

const root = new URL('../..', import.meta.url).pathname;
const folder = mkdtempSync(join(tmpdir(), 'blur-'));
/** plain moments that a frame is compared with: an odd number, so that one of them is the frame itself */
const MOMENTS = 101;
const FRAMES = 60;

function reelOf(piece: Piece, ...options: string[]): Reel {
  const file = join(folder, 'piece.json');
  writeFileSync(file, JSON.stringify(piece));
  const made = execFileSync('php', ['artisan', 'lupine:reel', file, ...options], { cwd: root, maxBuffer: 1e9 });
  return JSON.parse(made.toString()) as Reel;
}

/** Parts that open and pop, a title that rises and turns, a camera that goes near; so many times as slow. */
function moving(slower = 1): Piece {
  const piece = evenlySpoken();
  const [chart] = piece.charts;
  piece.title = `Blur ${slower}`;
  piece.stage.frames = FRAMES * slower;
  piece.script.lines = [];
  piece.captions = null;
  // What counts stays sharp, so it is left out where all is to be blurred.
  chart.words = { ...chart.words, legend: null, centre: null };
  const [begin, frames] = [4 * slower, 20 * slower];
  chart.entrance = {
    begin,
    frames,
    curve: 'ease-in-out',
    order: 'overlapping',
    overlap: 17 * slower,
    opens: 'forward',
  };
  chart.exit = null;
  const curve = 'ease-in-out';
  piece.moves = [
    { id: 'pop', kind: 'entrance', target: { chart: chart.id, figure: 'r2' }, begin, frames, curve, manner: 'pop' },
    { id: 'title', kind: 'entrance', target: { words: piece.words[0].id }, begin, frames, curve, manner: 'rise' },
    {
      id: 'shot',
      kind: 'shot',
      target: { camera: true },
      begin: 40 * slower,
      frames: 12 * slower,
      curve,
      shot: { zoom: 2, x: 0.3, y: 0.4, turn: 8, on: null },
    },
  ] as Piece['moves'];
  return piece;
}

type Pixels = Uint8ClampedArray;

function painted(reel: Reel, scale: number, paint: (context: never) => void): Pixels {
  const context = createCanvas(reel.width * scale, reel.height * scale).getContext('2d');
  paint(context as never);
  return context.getImageData(0, 0, reel.width * scale, reel.height * scale).data as unknown as Pixels;
}

/** Parts begin and end on even pixels. */
const isWithin = (boxes: Box[], x: number, y: number): boolean =>
  boxes.some(({ left, top, right, bottom }) => x >= left - 2 && x <= right + 2 && y >= top - 2 && y <= bottom + 2);

describe('motion blur', () => {
  const plain = reelOf(moving());
  const piece = moving();
  piece.shutter = { angle: 360, samples: 33, charts: true, words: true, camera: true };
  const blurred = reelOf(piece, '--filmed');
  const exposure = new Exposure(new Painter(blurred, skia), skia);

  // Parts and a title that come, and the camera on its way.
  it.each([17, 46])(
    'is the mean of a hundred and one plain moments on frame %i',
    (frame) => {
      const slow = reelOf(moving(MOMENTS));
      const moments = new Painter(slow, skia);
      const scale = 0.5;
      const first = frame * MOMENTS - (MOMENTS >> 1);
      let sums = new Uint32Array(0);
      for (let at = first; at < first + MOMENTS; at++) {
        const pixels = painted(slow, scale, (context) => moments.paint(context, at, scale));
        if (at === first) sums = new Uint32Array(pixels.length);
        for (let byte = 0; byte < pixels.length; byte++) sums[byte] += pixels[byte];
      }
      const ours = painted(blurred, scale, (context) => exposure.paint(context, frame, scale));
      const sharp = painted(plain, scale, (context) => new Painter(plain, skia).paint(context, frame, scale));
      let [changed, off, far] = [0, 0, 0];
      for (let byte = 0; byte < ours.length; byte++) {
        const mean = sums[byte] / MOMENTS;
        if (Math.abs(sharp[byte] - mean) < 8) continue;
        const difference = Math.abs(ours[byte] - mean);
        changed++;
        off += difference;
        if (difference > 12) far++;
      }
      expect(changed).toBeGreaterThan(5000);
      expect(off / changed).toBeLessThan(1.2);
      expect(far / changed).toBeLessThan(0.003);
    },
    120_000,
  );

  it('leaves what stands still as it is without, pixel for pixel', () => {
    for (const frame of [1, 14, 38, 59]) {
      const smears = exposure.smearsOf(frame);
      const ours = painted(blurred, 1, (context) => exposure.paint(context, frame, 1));
      const sharp = painted(plain, 1, (context) => new Painter(plain, skia).paint(context, frame, 1));
      let [differ, outside] = [0, 0];
      for (let byte = 0; byte < ours.length; byte += 4) {
        const [x, y] = [(byte >> 2) % blurred.width, Math.floor((byte >> 2) / blurred.width)];
        const isAlike = [0, 1, 2, 3].every((part) => ours[byte + part] === sharp[byte + part]);
        if (isAlike) continue;
        differ++;
        if (!isWithin(smears, x, y)) outside++;
      }
      expect(outside, `frame ${frame}`).toBe(0);
      // Once all has come, before the camera goes, and after it.
      if ([1, 38, 59].includes(frame)) expect(differ, `frame ${frame}`).toBe(0);
      else expect(differ, `frame ${frame}`).toBeGreaterThan(1000);
    }
  });

  it('is the same in a film, where only what changed is painted', () => {
    const few = reelOf(
      { ...piece, shutter: { ...piece.shutter, angle: 180, samples: 5 } as Piece['shutter'] },
      '--filmed',
    );
    const seen = new Exposure(new Painter(few, skia), skia);
    const { width, height } = few;
    const frames = new PaintedFrames(few);
    for (const frame of [0, 12, 13, 27, 38, 44, 55, 16, 2]) {
      const whole = new PlanarPicture(width, height);
      const pixels = painted(few, 1, (context) => seen.paint(context, frame, 1));
      whole.update(new Uint8Array(pixels.buffer), width, { left: 0, top: 0, right: width, bottom: height });
      const ours = frames.paint(frame);
      let differ = 0;
      for (let at = 0; at < ours.length; at++) if (Math.abs(ours[at] - whole.planes[at]) > 2) differ++;
      // A smoothed edge may be rounded otherwise where the canvas begins elsewhere; nothing may be left standing.
      expect(differ, `frame ${frame}`).toBeLessThan(60);
    }
  }, 60_000);
});
