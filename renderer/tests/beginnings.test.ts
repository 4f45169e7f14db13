import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createCanvas } from '@napi-rs/canvas';
import { expect, it } from 'vitest';
import { Exposure, Painter, type Reel } from '../../painter/src';
import type { Piece } from '../../contracts/piece';
import { grounds } from '../../contracts/settings';
import { PaintedFrames } from '../src/frames';
import { skia } from '../src/studio';

const root = new URL('../..', import.meta.url).pathname;
const folder = mkdtempSync(join(tmpdir(), 'beginnings-'));

/** A starter in no kit, with a soft shadow and a pattern, and a change half way; some stand on a ground that moves, all the time or then. */
function reelOf(form: string, shutter: boolean): Reel {
  const piece = JSON.parse(readFileSync(`${root}demo/starters/${form}.json`, 'utf8')) as Piece;
  const [chart] = piece.charts;
  const { swatches, colours } = chart.finish;
  chart.finish = {
    swatches,
    colours,
    shadows: [{ reach: 30, opacity: 0.5, colour: '#000000' }],
    patterns: [{ kind: 'stripes', size: 26, opacity: 0.2, degrees: 30 }],
  };
  piece.panels = [];
  piece.backdrop = { kind: 'radial', colour: '#24514a', edge: '#12211f', vignette: 0.3 };
  piece.stage = { ...piece.stage, width: 960, height: 540, frames: 150 };
  if (shutter) piece.shutter = { angle: 180, samples: 5, charts: true, words: true, camera: true };
  if (form === 'rings') piece.backdrop = grounds.find(({ name }) => name === 'Lights')!.backdrop;
  if (form === 'donut' || form === 'columns') {
    const ground = {
      id: 'ground',
      target: { stage: 'backdrop' as const },
      property: 'colour',
      from: null,
      to: '#204060',
    };
    piece.moves.push({
      ...ground,
      kind: 'change',
      begin: 108,
      pin: null,
      frames: 9,
      curve: 'linear',
      opens: 'forward',
    });
  }
  piece.moves.push({
    id: 'turns',
    kind: 'change',
    target: { chart: chart.id },
    property: 'turn',
    from: null,
    to: 12,
    begin: 110,
    pin: null,
    frames: 12,
    curve: 'linear',
    opens: 'forward',
  });
  const file = join(folder, `${form}.json`);
  writeFileSync(file, JSON.stringify(piece));
  const made = ['artisan', 'lupine:reel', file, ...(shutter ? ['--filmed'] : [])];
  return JSON.parse(execFileSync('php', made, { cwd: root, maxBuffer: 1e8 }).toString()) as Reel;
}

/** The last of some frames, painted one after another. */
function film(reel: Reel, frames: number[]): Uint8Array {
  const painted = new PaintedFrames(reel, { kind: 'rgba', scale: 1 });
  let pixels = new Uint8Array();
  for (const frame of frames) pixels = painted.paint(frame) as Uint8Array<ArrayBuffer>;
  return pixels;
}

it.each(['pie', 'donut', 'dial', 'rings', 'bars', 'columns', 'line', 'area', 'tilted', 'strip', 'ribbon'])(
  '%s: a frame is the same to the bit, wherever its film begins, and as a still',
  (form) => {
    const reel = reelOf(form, form === 'donut');
    for (const at of [60, 116, 149]) {
      const canvas = createCanvas(reel.width, reel.height);
      const context = canvas.getContext('2d');
      new Exposure(new Painter(reel, skia), skia).paint(context as never, at, 1);
      const still = new Uint8Array(context.getImageData(0, 0, reel.width, reel.height).data);
      for (const before of [[], [at - 1], [0, 20, 40, 50, 58, 59], [140, 30, 115]]) {
        expect(Buffer.compare(film(reel, [...before, at]), still), `frame ${at} after ${before.join()}`).toBe(0);
      }
    }
  },
  60_000,
);
