import pixelmatch from 'pixelmatch';
import type { Piece } from '../contracts/piece';
import { goTo, store } from './desk';
import {
  artisan,
  decodedFrame,
  difference,
  fileOf,
  fineStage,
  pixelsOf,
  screenshotOf,
  stillOf,
  svgOf,
  write,
} from './pictures';
import { evenlySpoken } from '../demo/plain/evenlySpoken';
import { expect, test } from './kept';

const demo = evenlySpoken;

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
  const film = fileOf('plain.mp4');
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
  const id = await store(request, piece);
  const skia = await stillOf(request, id, 385);
  const drawn = await screenshotOf(page, await svgOf(request, id, 385), 1920, 1080);
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
  const film = fileOf('demo.mp4');
  const id = await store(request, piece);
  // As many frames of the film as are looked at.
  const first = 255;
  artisan('lupine:film', file, film, `--from=${first}`, '--to=475');
  for (const frame of [259, 470]) {
    const skia = await stillOf(request, id, frame);
    // Chromium draws the SVG by its own means, filters and patterns included.
    const drawn = await screenshotOf(page, await svgOf(request, id, frame), 1920, 1080);
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

    const stage = await fineStage(page, id, frame);
    expect(difference(skia.data, stage.data).mean, `stage, frame ${frame}`).toBeLessThan(0.8);
    expect(
      pixelmatch(skia.data, stage.data, undefined, 1920, 1080, { threshold: 0.15 }) / (1920 * 1080),
      `stage, frame ${frame}`,
    ).toBeLessThan(0.002);
  }
});

// Parts side by side, bright, on a dark ground: the dark may not show between them.
test('no seam of the ground shows between neighbouring parts', async ({ page, request }) => {
  const piece = plain();
  piece.charts[0].finish.swatches = ['#f0f0f0', '#e8e8e8', '#f0f0f0', '#e8e8e8', '#ececec'];
  piece.charts[0].form.startDegrees = 13;
  const id = await store(request, piece);
  await page.goto(`/pieces/${id}`);
  await expect(page.locator('.stage canvas')).toHaveAttribute('data-reel', /\d/);
  await goTo(page, 399);
  const stage = pixelsOf(
    await page.locator('.stage canvas').evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL()),
  );
  const pictures = {
    still: await stillOf(request, id, 399),
    svg: await screenshotOf(page, await svgOf(request, id, 399), 1920, 1080),
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
