import { grounds, panels, samples } from '../contracts/settings';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test, type Page } from '@playwright/test';
import pixelmatch from 'pixelmatch';
import { PNG } from 'pngjs';
import type { Panel, Piece } from '../contracts/piece';
import { goTo, store } from './desk';
import { decodedFrame, difference, pixelsOf, shot, type Picture } from './pictures';
import { evenlySpoken } from '../demo/evenlySpoken';

const root = new URL('..', import.meta.url).pathname;
const folder = mkdtempSync(join(tmpdir(), 'pictures-'));
const demo = evenlySpoken;
const artisan = (...parts: string[]): Buffer =>
  execFileSync('php', ['artisan', ...parts], { cwd: root, stdio: 'pipe' });
const write = (name: string, piece: Piece): string => {
  const file = join(folder, name);
  writeFileSync(file, JSON.stringify(piece));
  return file;
};

/** Flat, far apart in colour, without anything over them: every pixel of a part can be told by its colour. */
function plain(): Piece {
  const piece = demo();
  Object.assign(piece.charts[0].finish, {
    colours: 'set',
    swatches: ['#e03030', '#30c030', '#3050e0', '#e0d030', '#c030c0'],
    fills: [],
    patterns: [],
    glows: [],
    shadows: [],
  });
  Object.assign(piece.charts[0].words, { legend: null, centre: null });
  Object.assign(piece.charts[0].form, { gap: 0 });
  piece.charts[0].place = { x: 584, y: 492 };
  Object.assign(piece.backdrop, { kind: 'colour', colour: '#000000', vignette: 0 });
  piece.words = [];
  piece.captions = null;
  piece.stage.frames = 400;
  return piece;
}

const PARTS: [string, [number, number, number], number][] = [
  ['Small appliances', [0xe0, 0x30, 0x30], 512],
  ['Lamps & lights', [0x30, 0xc0, 0x30], 287],
  ['Clothing', [0x30, 0x50, 0xe0], 199],
  ['Bicycles', [0xe0, 0xd0, 0x30], 150],
  ['Toys', [0xc0, 0x30, 0xc0], 100],
];

/** How much of the ring each colour covers: a pixel counts for its nearest colour, the black outside for none. */
function sharesOf(pixels: Uint8Array): number[] {
  const counts = PARTS.map(() => 0);
  for (let at = 0; at < pixels.length; at += 4) {
    let best = -1;
    // Nearer to a colour than to the black around: a pixel at the rim is taken for what it is mostly.
    let least = Math.max(3 * 24 ** 2, pixels[at] ** 2 + pixels[at + 1] ** 2 + pixels[at + 2] ** 2);
    PARTS.forEach(([, [red, green, blue]], index) => {
      const away = (pixels[at] - red) ** 2 + (pixels[at + 1] - green) ** 2 + (pixels[at + 2] - blue) ** 2;
      if (away < least) {
        best = index;
        least = away;
      }
    });
    if (best >= 0) counts[best]++;
  }
  const all = counts.reduce((sum, count) => sum + count, 0);
  return counts.map((count) => count / all);
}

// The film decoded by ffmpeg, and its pixels counted: nobody who drew it is asked.
test('every part covers its share of the film, to a thousandth of the whole', () => {
  const piece = plain();
  const file = write('plain.json', piece);
  const film = join(folder, 'plain.mp4');
  artisan('lupine:film', file, film);
  const whole = sharesOf(decodedFrame(film, 399, 1920, 1080));
  PARTS.forEach(([label, , value], index) => expect(Math.abs(whole[index] - value / 1248), label).toBeLessThan(0.001));
  // While it opens, parts that are there keep their proportion.
  const half = sharesOf(decodedFrame(film, 280, 1920, 1080));
  [512, 287, 199].forEach((value, index) =>
    expect(Math.abs(half[index] - value / 998), PARTS[index][0]).toBeLessThan(0.001),
  );
});

// A dashed line inside each part, one with its line on the edge, while a part is moved, turned and scaled.
test('lines, dashes and clips are the same on stage, still and SVG', async ({ page, request }) => {
  const piece = demo();
  const [chart] = piece.charts;
  const line = { width: 9, colour: '#ffffff', opacity: 0.9, dash: 34, gap: 20, caps: 'round' } as const;
  chart.finish.lines = [{ ...line, place: 'inside' }];
  chart.own = { r2: { lines: [{ ...line, place: 'centred', caps: 'butt' }] } };
  const move = { pin: null, frames: 40, curve: 'linear', opens: 'forward', begin: 360, kind: 'change' } as const;
  piece.moves.push(
    { ...move, id: 'turns', target: { chart: chart.id, figure: 'r1' }, property: 'turn', to: 25 },
    { ...move, id: 'shrinks', target: { chart: chart.id, figure: 'r1' }, property: 'size', to: 0.7 },
  );
  const file = write('lines.json', piece);
  artisan('lupine:draw', file, join(folder, 'lines.png'), '--at=385');
  artisan('lupine:draw', file, join(folder, 'lines.svg'), '--at=385');
  const skia = PNG.sync.read(readFileSync(join(folder, 'lines.png')));
  const drawn = await screenshotOf(page, readFileSync(join(folder, 'lines.svg'), 'utf8'), 1920, 1080);
  const id = await store(request, piece);
  const stage = await fineStage(page, id, 385);
  for (const [name, picture, mean] of [['SVG', drawn, 1.2] as const, ['stage', stage, 0.8] as const]) {
    expect(difference(skia.data, picture.data).mean, name).toBeLessThan(mean);
    expect(
      pixelmatch(skia.data, picture.data, undefined, 1920, 1080, { threshold: 0.15 }) / (1920 * 1080),
      name,
    ).toBeLessThan(0.002);
  }
});

test('stage, still, film and SVG show the same picture at the same moment', async ({ page, request }) => {
  test.setTimeout(180_000);
  const piece = demo();
  const file = write('demo.json', piece);
  const film = join(folder, 'demo.mp4');
  const still = join(folder, 'demo.png');
  const svg = join(folder, 'demo.svg');
  // As many frames of the film as are looked at.
  const first = 255;
  artisan('lupine:film', file, film, `--from=${first}`, '--to=475');
  for (const frame of [259, 470]) {
    artisan('lupine:draw', file, still, `--at=${frame}`);
    artisan('lupine:draw', file, svg, `--at=${frame}`);
    const skia = PNG.sync.read(readFileSync(still));

    // Chromium draws the SVG by its own means, filters and patterns included.
    const drawn = await screenshotOf(page, readFileSync(svg, 'utf8'), 1920, 1080);
    expect(difference(skia.data, drawn.data).mean, `SVG, frame ${frame}`).toBeLessThan(1.2);
    expect(
      pixelmatch(skia.data, drawn.data, undefined, 1920, 1080, { threshold: 0.15 }) / (1920 * 1080),
      `SVG, frame ${frame}`,
    ).toBeLessThan(0.002);
    // H.264 at 4:2:0 blurs colours a little; nothing may stand elsewhere.
    expect(
      difference(skia.data, decodedFrame(film, frame - first, 1920, 1080)).mean,
      `film, frame ${frame}`,
    ).toBeLessThan(1.6);

    const id = await store(request, piece);
    const stage = await fineStage(page, id, frame);
    expect(difference(skia.data, stage.data).mean, `stage, frame ${frame}`).toBeLessThan(0.8);
    expect(
      pixelmatch(skia.data, stage.data, undefined, 1920, 1080, { threshold: 0.15 }) / (1920 * 1080),
      `stage, frame ${frame}`,
    ).toBeLessThan(0.002);
  }
});

/** Decibels of the peak over the mean square difference of colours. Source: ITU-T J.247, PSNR. */
function decibels(one: Uint8Array, other: Uint8Array): number {
  let squares = 0;
  for (let at = 0; at < one.length; at++) if (at % 4 !== 3) squares += (one[at] - other[at]) ** 2;
  return 10 * Math.log10((255 * 255) / (squares / (one.length * 0.75) || 1e-9));
}

// Samples of every coat, a few at a time, on marks, words, plates and panels, on grounds with lights, clouds and
// textures, amid the entrance or after.
for (const round of [0, 1, 2, 3, 4]) {
  test(`coats and grounds are the same on stage, still and SVG: ${round}`, async ({ page, request }) => {
    const piece = demo();
    const [chart] = piece.charts;
    chart.own = {};
    chart.finish.colours = 'set';
    chart.finish.swatches = ['#e3a033', '#d9752e', '#c4512f', '#8a3f4a', '#54416b'];
    for (const [list, all] of Object.entries(samples))
      Object.assign(chart.finish, { [list]: all[round % all.length].coats });
    // Of textures and patterns there are more than of the others: those that are left, one a part.
    chart.form.gap = 8;
    ['r1', 'r2', 'r3', 'r4', 'r5'].forEach((id, at) => {
      const pattern = samples.patterns[(round * 2 + at) % samples.patterns.length].coats;
      const texture = samples.textures[(round + at) % samples.textures.length].coats;
      chart.own[id] = at % 2 === 0 ? { patterns: pattern } : { textures: texture };
    });
    const coatsOf = (shift: number): Partial<Panel> =>
      Object.fromEntries(Object.entries(samples).map(([list, all]) => [list, all[(round + shift) % all.length].coats]));
    Object.assign(piece.words[0], coatsOf(1), { colour: '#e8e0cc', plate: { colour: '#24424a', ...coatsOf(2) } });
    const shape = { width: 300, height: 170, colour: '#7a5ca8', radius: 30, thickness: 24 };
    const kinds = Object.keys(panels) as Panel['kind'][];
    piece.panels = [0, 1].map((place) => ({
      ...shape,
      ...coatsOf(3 + place),
      id: `panel${place}`,
      kind: kinds[(round * 2 + place) % kinds.length],
      x: 1240 + place * 340,
      y: 900,
      turn: place * 14,
      stands: place === 0 ? 'back' : 'front',
    }));
    // One of them is half there: its coats are put together first.
    piece.moves.push({
      id: 'dims',
      kind: 'change',
      target: { panel: 'panel1' },
      property: 'opacity',
      from: null,
      to: 0.5,
      begin: 0,
      pin: null,
      frames: 10,
      curve: 'linear',
      opens: 'forward',
    });
    piece.backdrop = grounds[(round * 2 + 1) % grounds.length].backdrop;
    const file = write(`coats-${round}.json`, piece);
    const id = await store(request, piece);
    for (const frame of [round % 2 === 0 ? 285 : 399]) {
      artisan('lupine:draw', file, join(folder, 'coats.png'), `--at=${frame}`);
      artisan('lupine:draw', file, join(folder, 'coats.svg'), `--at=${frame}`);
      const skia = PNG.sync.read(readFileSync(join(folder, 'coats.png')));
      const drawn = await screenshotOf(page, readFileSync(join(folder, 'coats.svg'), 'utf8'), 1920, 1080);
      const stage = await fineStage(page, id, frame);
      expect(decibels(skia.data, stage.data), `stage, ${frame}`).toBeGreaterThan(50);
      expect(decibels(skia.data, drawn.data), `SVG, ${frame}`).toBeGreaterThan(40);
    }
  });
}

// Parts side by side, bright, on a dark ground: the dark may not show between them.
test('no seam of the ground shows between neighbouring parts', async ({ page, request }) => {
  const piece = plain();
  piece.charts[0].finish.swatches = ['#f0f0f0', '#e8e8e8', '#f0f0f0', '#e8e8e8', '#ececec'];
  piece.charts[0].form.startDegrees = 13;
  const file = write('seams.json', piece);
  artisan('lupine:draw', file, join(folder, 'seams.png'), '--at=last');
  artisan('lupine:draw', file, join(folder, 'seams.svg'), '--at=last');
  const id = await store(request, piece);
  await page.goto(`/pieces/${id}`);
  await expect(page.locator('.stage canvas')).toHaveAttribute('data-reel', /\d/);
  await goTo(page, 399);
  const stage = pixelsOf(
    await page.locator('.stage canvas').evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL()),
  );
  const pictures = {
    still: PNG.sync.read(readFileSync(join(folder, 'seams.png'))),
    svg: await screenshotOf(page, readFileSync(join(folder, 'seams.svg'), 'utf8'), 1920, 1080),
    stage,
  };
  for (const [name, { width, data }] of Object.entries(pictures)) {
    const scale = width / 1920;
    let darkest = 255;
    for (let degree = 0; degree < 360; degree += 0.05) {
      for (const radius of [240, 300, 355]) {
        const x = Math.round((584 + radius * Math.sin((degree * Math.PI) / 180)) * scale);
        const y = Math.round((492 - radius * Math.cos((degree * Math.PI) / 180)) * scale);
        darkest = Math.min(darkest, data[(y * width + x) * 4]);
      }
    }
    expect(darkest, name).toBeGreaterThan(222);
  }
});

// The browser's own animation, on the same curve: core's sheet against the Web Animations API.
test('curves run as Chromium runs them', async ({ page, request }) => {
  const curves: (string | [number, number, number, number])[] = [
    'ease',
    'ease-in',
    'ease-out',
    'ease-in-out',
    'linear',
    [0.22, 0.72, 0.2, 1],
    [0.68, -0.45, 0.27, 1.45],
    'linear(0, 0.25 75%, 1)',
    'linear(0, 0.5 25% 75%, 0.9 80%, 1)',
    'steps(4)',
    'steps(5, jump-start)',
    'steps(3, jump-none)',
    'steps(6, jump-both)',
  ];
  await page.goto('/');
  for (const curve of curves) {
    const piece = demo();
    piece.moves[1].curve = curve;
    const { sheet } = (await (await request.post('/api/compute', { data: { document: piece } })).json()) as {
      sheet: { charts: { chart1: { figures: { entrance: { curvePoints: number[] } }[] } } };
    };
    const theirs = await page.evaluate(
      (easing) => {
        const animation = document.body.animate({ opacity: [0, 1] }, { duration: 1000, easing, fill: 'both' });
        animation.pause();
        return Array.from({ length: 81 }, (_, step) => {
          animation.currentTime = step * 12.5;
          return animation.effect!.getComputedTiming().progress ?? 0;
        });
      },
      Array.isArray(curve) ? `cubic-bezier(${curve.join(', ')})` : curve,
    );
    sheet.charts.chart1.figures[0].entrance.curvePoints.forEach((point, step) =>
      expect(Math.abs(point - theirs[step]), `${String(curve)} at ${step}`).toBeLessThan(1e-3),
    );
  }
});

/** The stage of a screen so fine that it has as many dots as the film. */
async function fineStage(page: Page, id: string, frame: number): Promise<Picture> {
  await page.goto(`/pieces/${id}`);
  const widthNow = async (): Promise<number> => (await page.locator('.stage canvas').boundingBox())?.width ?? 0;
  await expect(page.locator('.stage canvas')).toHaveAttribute('data-reel', /\d/);
  await expect.poll(widthNow).toBeGreaterThan(100);
  const width = await widthNow();
  const fine = await page
    .context()
    .browser()!
    .newPage({
      viewport: { width: 1280, height: 800 },
      deviceScaleFactor: 1920 / width,
      baseURL: new URL(page.url()).origin,
    });
  await fine.goto(`/pieces/${id}`);
  await expect(fine.locator('.stage canvas')).toHaveAttribute('data-reel', /\d/);
  await goTo(fine, frame);
  const stage = pixelsOf(
    await fine.locator('.stage canvas').evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL()),
  );
  await fine.close();
  expect([stage.width, stage.height]).toEqual([1920, 1080]);
  return stage;
}

async function screenshotOf(page: Page, svg: string, width: number, height: number): Promise<PNG> {
  const own = await page.context().newPage();
  await own.setViewportSize({ width, height });
  await own.setContent(`<style>*{margin:0}svg{display:block}</style>${svg.replace(/^<\?xml[^>]*>/, '')}`);
  const picture = await shot(own);
  await own.close();
  return picture;
}
