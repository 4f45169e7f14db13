import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createCanvas } from '@napi-rs/canvas';
import { describe, expect, it } from 'vitest';
import { Painter, type Reel } from '../../painter/src';
import type { Piece } from '../../contracts/piece';
import { skia } from '../src/studio';

const root = new URL('../..', import.meta.url).pathname;
const folder = mkdtempSync(join(tmpdir(), 'seams-'));

function painted(form: string, ground: string, frame: number, work: (piece: Piece) => void): Uint8ClampedArray {
  const piece = JSON.parse(readFileSync(`${root}demo/starters/${form}.json`, 'utf8')) as Piece;
  const [chart] = piece.charts;
  const { swatches, colours } = chart.finish;
  chart.finish = { swatches, colours, fills: [{ kind: 'shaded' }] };
  piece.panels = [];
  chart.words = { ...chart.words, axis: null, legend: null, names: null, centre: null };
  chart.words.labels.show = 'none';
  chart.own = {};
  const plain = { axis: 'none', ticks: 'none', gap: 0, corner: 0, apart: 0, track: 'none' };
  for (const [name, value] of Object.entries(plain))
    if (name in chart.form) Object.assign(chart.form, { [name]: value });
  piece.captions = null;
  piece.backdrop = { kind: 'colour', colour: ground, edge: ground, vignette: 0 };
  piece.words = [];
  work(piece);
  const file = join(folder, 'piece.json');
  writeFileSync(file, JSON.stringify(piece));
  const made = execFileSync('php', ['artisan', 'lupine:reel', file], { cwd: root, maxBuffer: 1e8 });
  const reel = JSON.parse(made.toString()) as Reel;
  const canvas = createCanvas(reel.width, reel.height);
  const context = canvas.getContext('2d');
  new Painter(reel, skia).paint(context as never, frame, 1);
  return context.getImageData(0, 0, reel.width, reel.height).data;
}

/**
 * Pixels through which more of the ground is seen than through the mark to both sides of them, or less: of two pictures
 * that differ in their ground alone.
 */
function seams(one: Uint8ClampedArray, other: Uint8ClampedArray, width: number): number {
  const seen = (at: number): number =>
    Math.abs(one[at] - other[at]) + Math.abs(one[at + 1] - other[at + 1]) + Math.abs(one[at + 2] - other[at + 2]);
  let count = 0;
  for (const by of [12, 12 * width]) {
    for (let at = 3 * by; at < one.length - 3 * by; at += 4) {
      const beside = [-3, -2, -1, 1, 2, 3].map((far) => seen(at + far * by));
      const [least, most] = [Math.min(...beside), Math.max(...beside)];
      if (most - least < 12 && most < 600 && Math.abs(seen(at) - most) > 24) count++;
    }
  }
  return count;
}

const dim = (piece: Piece): void => {
  piece.moves.push({
    id: 'fades',
    kind: 'change',
    target: { chart: piece.charts[0].id },
    property: 'opacity',
    from: null,
    to: 0.5,
    begin: 120,
    pin: null,
    frames: 20,
    curve: 'linear',
    opens: 'forward',
  });
};

describe('no ground shows between marks that touch', () => {
  it.each<[string, number, string, (piece: Piece) => void]>([
    [
      'tilted',
      239,
      'with shadow and gradient',
      ({ charts: [chart] }) => Object.assign(chart.finish, { shadow: { reach: 30, opacity: 0.5, colour: null } }),
    ],
    ['tilted', 70, 'amid its entrance', () => undefined],
    ['area', 209, 'at rest', () => undefined],
    ['area', 70, 'amid its entrance', () => undefined],
    ['area', 130, 'while it fades', dim],
    ['area', 209, 'half seen', dim],
    ['pie', 209, 'half seen', dim],
    ['strip', 209, 'half seen', dim],
  ])('%s, frame %i, %s', (form, frame, _, work) => {
    const [black, white] = ['#000000', '#ffffff'].map((ground) => painted(form, ground, frame, work));
    // A hairline is hundreds of pixels long; a few are corners at which three edges meet.
    expect(seams(black, white, 1920)).toBeLessThan(form === 'tilted' ? 40 : 1);
  });
});
