import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createCanvas, Path2D } from '@napi-rs/canvas';
import { describe, expect, it } from 'vitest';
import { PlainSums, type Reel } from '../../painter/src';
import { inPieces } from '../../painter/src/chain';
import type { Piece } from '../../contracts/piece';
import { PaintedFrames } from '../src/frames';
import { FastSums } from '../src/sums';

const root = new URL('../..', import.meta.url).pathname;

/** The demo as it is filmed: parts with glow, texture and lights that sweep and settle. */
function filmedDemo(): Reel {
  const piece = JSON.parse(readFileSync(join(root, 'demo/the-mending-room.json'), 'utf8')) as Piece;
  piece.shutter = { angle: 180, samples: 9, charts: true, words: true, camera: true };
  const file = join(mkdtempSync(join(tmpdir(), 'planned-')), 'piece.json');
  writeFileSync(file, JSON.stringify(piece));
  const made = execFileSync('php', ['artisan', 'lupine:reel', file, '--filmed'], { cwd: root, maxBuffer: 1e9 });
  return JSON.parse(made.toString()) as Reel;
}

it('a shutter takes no more moments than it needs: what it leaves out is within two levels', () => {
  const reel = filmedDemo();
  const [all, planned] = [new PaintedFrames(reel, undefined, true), new PaintedFrames(reel)];
  const luma = reel.width * reel.height;
  let [off, most, frames] = [0, 0, 0];
  for (let frame = 150; frame < 290; frame += 7) {
    const [wanted, got] = [all.paint(frame), planned.paint(frame)];
    for (let at = 0; at < luma; at++) {
      const far = Math.abs(wanted[at] - got[at]);
      if (far > 2) off++;
      most = Math.max(most, far);
    }
    frames++;
  }
  // Single pixels where letters or the ends of lights are cut otherwise.
  expect(off / frames).toBeLessThan(4);
  expect(most).toBeLessThanOrEqual(16);
}, 120_000);

describe('sums of moments', () => {
  const random = (seed: number) => () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648;

  it.each([
    ['nothing is seen through', 1, [1, 2, 2, 1]],
    ['some is, from the third picture on', 3, [3, 4, 4, 4, 3]],
    ['a picture is a pixel more than whole fours', 1, [1, 1]],
  ])('are the same in WebAssembly where %s', (_, clear, weights) => {
    const next = random(7);
    const length = 4 * 101;
    const [fast, plain] = [new FastSums(), new PlainSums()];
    for (const sums of [fast, plain]) sums.begin(length);
    weights.forEach((weight, at) => {
      const pixels = Uint8ClampedArray.from({ length }, (_pixel, place) =>
        place % 4 === 3 && (clear === 1 || at < clear - 1) ? 255 : Math.floor(next() * 256),
      );
      for (const sums of [fast, plain]) sums.add(pixels, weight);
    });
    const [ours, theirs] = [fast.mean(), plain.mean()];
    for (let at = 0; at < length; at++) expect(Math.abs(ours[at] - theirs[at])).toBeLessThanOrEqual(1);
  });
});

describe('an outline in pieces', () => {
  const RADIUS = 250;
  const sector = (degrees: number): string => {
    const angle = (degrees * Math.PI) / 180;
    const [x, y] = [300 + RADIUS * Math.sin(angle), 300 - RADIUS * Math.cos(angle)];
    return `M300 50A250 250 0 ${degrees > 180 ? 1 : 0} 1 ${x.toFixed(6)} ${y.toFixed(6)}L300 300Z`;
  };
  const painted = (degrees: number): Uint8ClampedArray => {
    const context = createCanvas(600, 600).getContext('2d');
    context.fill(new Path2D(inPieces(sector(degrees))));
    return context.getImageData(0, 0, 600, 600).data;
  };

  it('is as large as its circle', () => {
    for (const degrees of [5, 93, 180, 271, 355]) {
      let covered = 0;
      painted(degrees).forEach((value, at) => (covered += at % 4 === 3 ? value / 255 : 0));
      const area = (Math.PI * RADIUS ** 2 * degrees) / 360;
      expect(Math.abs(covered / area - 1), `${degrees}°`).toBeLessThan(2e-3);
    }
  });

  it('is drawn as it was where it stands, while its end goes on', () => {
    const [before, now] = [painted(100.3), painted(101.7)];
    for (let y = 0; y < 270; y++) {
      for (let x = 305; x < 600; x++) expect(before[(y * 600 + x) * 4 + 3]).toBe(now[(y * 600 + x) * 4 + 3]);
    }
  });

  it('leaves ellipses and other curves alone', () => {
    for (const data of ['M0 0A20 10 0 0 1 40 0Z', 'M0 0A20 20 30 0 1 40 0Z', 'M0 0Q10 10 20 0C30 0 40 0 50 50Z'])
      expect(inPieces(data)).toBe(data);
  });
});
