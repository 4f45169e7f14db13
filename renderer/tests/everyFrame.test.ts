import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import type { Reel, ReelNode } from '../../painter/src';
import { Timeline } from '../../painter/src';
import type { Piece } from '../../contracts/piece';
import { evenlySpoken } from '../../demo/plain/evenlySpoken';

const root = new URL('../..', import.meta.url).pathname;
const folder = mkdtempSync(join(tmpdir(), 'every-frame-'));
const FRAMES = 84;
const [WIDTH, HEIGHT] = [960, 540];
/** the chart lies left of this, its legend with the readings right of it */
const CHART = 500;
const COLOURS: [string, ...string[]] = ['#1f8a5b', '#f3b735', '#d9402b', '#3f63e0', '#a04bc0'];

/** Five flat parts beside their legend, last year's figures and this year's. */
function piece(form: Record<string, unknown>, work: (made: Piece) => void): Piece {
  const made = evenlySpoken();
  made.stage = { ...made.stage, width: WIDTH, height: HEIGHT, frames: FRAMES };
  made.script.lines = [];
  made.captions = null;
  made.words = [];
  made.moves = [];
  made.shapes = [];
  made.backdrop = { kind: 'colour', colour: '#ffffff', edge: '#ffffff', vignette: 0 };
  const [table] = made.tables;
  table.columns.push({ id: 'c2', name: 'This year' });
  table.rows.forEach((row, index) => row.cells.push(['431', '389', '214', '156', '95'][index]));
  const [chart] = made.charts;
  chart.form = form as Piece['charts'][number]['form'];
  chart.place = { x: 250, y: 270 };
  chart.finish = { ...chart.finish, swatches: COLOURS, fills: [], patterns: [], glows: [], shadows: [] };
  chart.words.centre = null;
  chart.words.legend = {
    ...chart.words.legend!,
    x: 560,
    y: 160,
    width: 380,
    size: 24,
    colour: '#222222',
    placedBy: 'hand',
  };
  work(made);
  return made;
}

const entrance = (more: object): Piece['charts'][number]['entrance'] => ({
  begin: 4,
  frames: 20,
  curve: 'ease-out',
  order: 'overlapping',
  overlap: 8,
  opens: 'forward',
  ...more,
});
const donut = { kind: 'donut', radius: 210, hole: 0.5, gap: 0 };
const columns = { kind: 'columns', width: 420, height: 320, corner: 0, track: 'none', axis: 'none', ticks: 'none' };

const PIECES: [string, Piece][] = [
  [
    'parts that overlap, at their neighbours’ edges',
    piece(donut, (made) => (made.charts[0].entrance = entrance({ opens: 'neighbour' }))),
  ],
  [
    'one course that would settle past its end, and a change between two years',
    piece(donut, (made) => {
      made.charts[0].entrance = entrance({ order: 'one', frames: 40, curve: { settle: { past: 0.2, back: 10 } } });
      made.moves = [
        {
          id: 'm1',
          kind: 'change',
          target: { chart: 'chart1' },
          property: 'column',
          from: null,
          to: 'c2',
          begin: 50,
          pin: null,
          frames: 26,
          curve: { spring: { damping: 0.4 } },
          opens: 'forward',
        },
      ] as Piece['moves'];
    }),
  ],
  [
    'columns with a spring that leads past their figures, the largest first',
    piece(columns, (made) => {
      made.charts[0].entrance = entrance({ curve: { spring: { damping: 0.3 } }, sequence: 'largest', passes: true });
      made.charts[0].words.reading.of = 'value';
      made.charts[0].words.reading.suffix = '';
    }),
  ],
  [
    'the same with motion blur',
    piece(donut, (made) => {
      made.charts[0].entrance = entrance({ order: 'one', frames: 60, curve: 'linear' });
      made.shutter = { angle: 360, samples: 9, charts: true, words: true, camera: true };
    }),
  ],
];

function reelOf(made: Piece, ...options: string[]): Reel {
  writeFileSync(join(folder, 'piece.json'), JSON.stringify(made));
  const all = ['artisan', 'lupine:reel', join(folder, 'piece.json'), ...options];
  return JSON.parse(execFileSync('php', all, { cwd: root, maxBuffer: 1e9 }).toString()) as Reel;
}

/** What each figure's reading says, frame by frame, as it is set. */
function readingsOf(reel: Reel): Record<string, number[]> {
  const timeline = new Timeline(reel);
  const readings: Record<string, number[]> = {};
  const walk = (node: ReelNode): void => {
    if (node.kind === 'group') node.children.forEach(walk);
    if (node.kind !== 'text' || !node.reading) return;
    readings[node.reading] = Array.from({ length: FRAMES }, (_, frame) =>
      Number(reel.runs[timeline.value(node.index, 'run', node.run, frame)][0].replace(/[^\d.]/g, '')),
    );
  };
  reel.nodes.forEach(walk);
  return readings;
}

/**
 * How many dots each colour covers, frame by frame, in the film as ffmpeg decodes it: nobody who drew it is asked. A dot
 * on white is covered as far as it lies on the way from white to the colour whose way it is nearest to.
 */
function dotsOf(film: string): number[][] {
  const crop = `crop=${CHART}:${HEIGHT}:0:0`;
  const pixels = execFileSync(
    'ffmpeg',
    ['-v', 'error', '-i', film, '-vf', crop, '-f', 'rawvideo', '-pix_fmt', 'rgb24', '-'],
    { maxBuffer: 1e9 },
  );
  const ways = COLOURS.map((colour) => {
    const way = [1, 3, 5].map((at) => 255 - parseInt(colour.slice(at, at + 2), 16));
    return { way, length: way[0] ** 2 + way[1] ** 2 + way[2] ** 2 };
  });
  const size = CHART * HEIGHT * 3;
  return Array.from({ length: pixels.length / size }, (_, frame) => {
    const counts = ways.map(() => 0);
    for (let at = frame * size; at < (frame + 1) * size; at += 3) {
      const [red, green, blue] = [255 - pixels[at], 255 - pixels[at + 1], 255 - pixels[at + 2]];
      if (red + green + blue < 24) continue;
      let [best, least, far] = [0, Infinity, 0];
      ways.forEach(({ way, length }, index) => {
        const part = (red * way[0] + green * way[1] + blue * way[2]) / length;
        const away = (red - part * way[0]) ** 2 + (green - part * way[1]) ** 2 + (blue - part * way[2]) ** 2;
        if (away < least) [best, least, far] = [index, away, part];
      });
      counts[best] += Math.min(1, far);
    }
    return counts;
  });
}

describe('on every frame of a film', () => {
  it.each(PIECES)(
    'marks are as large as their readings say: %s',
    (_, made) => {
      const readings = readingsOf(reelOf(made));
      const target = mkdtempSync(join(folder, 'film-'));
      mkdirSync(join(target, 'reels'));
      writeFileSync(join(target, 'reels/0.json'), JSON.stringify(reelOf(made, '--filmed')));
      const film = join(target, 'film.mp4');
      const order = join(target, 'order.json');
      writeFileSync(order, JSON.stringify({ kind: 'mp4', from: 0, to: FRAMES - 1 }));
      execFileSync('node', [join(root, 'renderer/dist/film.js'), join(target, 'reels'), film, order]);
      const dots = dotsOf(film);
      expect(dots).toHaveLength(FRAMES);
      const last = dots[FRAMES - 1];
      const most = Math.max(...last);
      let moving = 0;
      Object.values(readings).forEach((numbers, figure) => {
        const all = numbers[FRAMES - 1];
        numbers.forEach((number, frame) => {
          const shown = dots[frame][figure] / last[figure];
          // A hundredth of the largest mark: edges are smooth, and chroma has half as many dots.
          const room = (0.012 * most) / last[figure];
          expect(Math.abs(shown - number / all), `figure ${figure}, frame ${frame}: ${number}`).toBeLessThan(room);
          if (number > 0 && number < all * 0.98) moving++;
        });
      });
      expect(Object.keys(readings)).toHaveLength(5);
      expect(moving).toBeGreaterThan(15);
    },
    120_000,
  );
});
