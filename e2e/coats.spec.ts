import { readFileSync } from 'node:fs';
import { grounds, panels, samples } from '../contracts/settings';
import type { Panel, Picture, Piece } from '../contracts/piece';
import { evenlySpoken } from '../demo/plain/evenlySpoken';
import { openDemo, store, stored } from './desk';
import { decibels, fineStage, screenshotOf, stillOf, svgOf } from './pictures';
import { expect, test } from './kept';

const demo = evenlySpoken;

/** the starters in looks, and a frame of each on which parts come or change */
const LOOKS = {
  chalk: 150,
  cloth: 50,
  enamel: 148,
  glass: 60,
  lamplight: 50,
  ledger: 159,
  'print-shop': 45,
  signal: 40,
};

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
    const id = await store(request, piece);
    const frame = round % 2 === 0 ? 285 : 399;
    const skia = await stillOf(request, id, frame);
    const drawn = await screenshotOf(page, await svgOf(request, id, frame), 1920, 1080);
    const stage = await fineStage(page, id, frame);
    expect(decibels(skia.data, stage.data), 'stage').toBeGreaterThan(50);
    expect(decibels(skia.data, drawn.data), 'SVG').toBeGreaterThan(40);
  });
}

for (const [look, frame] of Object.entries(LOOKS)) {
  test(`${look} is the same on stage, still and SVG`, async ({ page, request }) => {
    const file = new URL(`../demo/starters/${look}.json`, import.meta.url);
    const id = await store(request, JSON.parse(readFileSync(file, 'utf8')) as Piece);
    const skia = await stillOf(request, id, frame);
    const drawn = await screenshotOf(page, await svgOf(request, id, frame), skia.width, skia.height);
    const stage = await fineStage(page, id, frame);
    expect.soft(decibels(skia.data, stage.data), 'stage').toBeGreaterThan(50);
    expect.soft(decibels(skia.data, drawn.data), 'SVG').toBeGreaterThan(40);
  });
}

test('a drawing becomes the tile of a pattern, drifts, and what is none says so', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await page.getByRole('tab', { name: 'Finish' }).click();
  await page.getByRole('button', { name: /^Pattern:/ }).click();
  const pattern = async () => (await stored(request, id)).document.charts[0].finish.patterns?.[0];
  const before = await pattern();
  const take = (name: string, svg: string): Promise<void> =>
    page.getByLabel('Add a tile').setInputFiles({ name, mimeType: 'image/svg+xml', buffer: Buffer.from(svg) });
  await take(
    'line.svg',
    '<svg viewBox="0 0 9 9" xmlns="http://www.w3.org/2000/svg"><path stroke="#000" fill="none" d="M0 0L9 9"/></svg>',
  );
  await expect(page.locator('.toast')).toContainText('Turn its strokes into shapes');
  expect(await pattern()).toEqual(before);
  await take(
    'kite.svg',
    '<svg viewBox="0 0 10 10" xmlns="http://www.w3.org/2000/svg"><path d="M5 0L10 5L5 10L0 5Z"/></svg>',
  );
  await expect.poll(pattern).toMatchObject({ kind: 'own', tile: 'M50 0L100 50L50 100L0 50L50 0Z' });
  await page.locator('.bench-face').getByLabel('Drift', { exact: true }).fill('40');
  await page.keyboard.press('Enter');
  await expect.poll(pattern).toMatchObject({ kind: 'own', drift: 40 });
  await expect(page.locator('.proof-word')).toContainText('exact');
  await page.keyboard.press('Control+z');
  await page.keyboard.press('Control+z');
  await expect.poll(pattern).toEqual(before);
});

// Chromium draws the SVG itself, and then the tile that was made of it.
test('the tile of a pattern is the drawing that it was made of', async ({ page, request }) => {
  const leaf = '<path d="M12 88C12 36 52 12 88 12C88 52 64 88 12 88Z"/>';
  const drawings = {
    leaf: [`0 0 100 100`, leaf],
    turned: ['-50 -50 100 100', `<g transform="rotate(30) scale(0.4 0.7) translate(-50 -50)">${leaf}</g>`],
    holes: ['0 0 60 60', '<path fill-rule="evenodd" d="M4 4h52v52h-52zM14 14h32v32h-32zM22 22h16v16h-16z"/>'],
    shapes: [
      '0 0 120 60',
      '<rect x="6" y="8" width="40" height="30" rx="9"/>' +
        '<ellipse cx="80" cy="30" rx="26" ry="14" transform="skewX(-12)"/>' +
        '<polygon points="8,44 40,44 24,58"/><g fill="none"><circle cx="60" cy="20" r="18"/></g>',
    ],
    arcs: [
      '0 0 60 60',
      '<path style="fill:#a33" d="m30 6a24 24 0 0112 45l-9-9a12 12 0 10-6 0l-9 9a24 24 0 0112-45z"/>',
    ],
  };
  await page.goto('/nowhere');
  for (const [name, [viewBox, drawn]] of Object.entries(drawings)) {
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="400" height="400" viewBox="${viewBox}">${drawn}</svg>`;
    const answer = await request.post(`/api/tiles?name=${name}.svg`, {
      headers: { 'Content-Type': 'application/octet-stream', Accept: 'application/json' },
      data: svg,
    });
    expect(answer.status(), await answer.text()).toBe(200);
    const { tile } = (await answer.json()) as { tile: string };
    const shown = await screenshotOf(page, svg.replaceAll('#a33', '#000'), 400, 400);
    const made = await screenshotOf(page, `<svg viewBox="0 0 100 100" width="400"><path d="${tile}"/></svg>`, 400, 400);
    expect(decibels(shown.data, made.data), name).toBeGreaterThan(40);
    expect(made.data.filter((part, at) => at % 4 === 0 && part < 60).length, name).toBeGreaterThan(9000);
  }
});

// A photograph and a drawing, whole, cut and side by side, turned, out of focus, on parts and panels.
test('pictures are the same on stage, still and SVG', async ({ page, request }) => {
  const send = async (name: string, data: Buffer): Promise<Omit<Picture, 'id'>> => {
    const answer = await request.post(`/api/pictures?name=${name}`, {
      headers: { 'Content-Type': 'application/octet-stream', Accept: 'application/json' },
      data,
    });
    expect(answer.status(), await answer.text()).toBe(201);
    return { name, ...((await answer.json()) as Omit<Picture, 'id' | 'name'>) };
  };
  const leaf = '<path d="M12 88C12 36 52 12 88 12C88 52 64 88 12 88Z" fill="#7fc9a0"/>';
  const drawing = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100">${leaf}</svg>`;
  const photograph = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [600, 400];
    const context = canvas.getContext('2d')!;
    const colours = context.createLinearGradient(0, 0, 600, 400);
    ['#12324a', '#e0a040', '#b03a2e'].forEach((colour, at) => colours.addColorStop(at / 2, colour));
    context.fillStyle = colours;
    context.fillRect(0, 0, 600, 400);
    context.fillStyle = '#f4ead2';
    for (let at = 0; at < 24; at++) context.fillRect((at * 97) % 560, (at * 61) % 360, 30, 30);
    return canvas.toDataURL('image/jpeg', 0.9).split(',')[1];
  });
  const piece = demo();
  const [chart] = piece.charts;
  piece.pictures = [
    { id: 'leaf', ...(await send('leaf.svg', Buffer.from(drawing))) },
    { id: 'photo', ...(await send('photo.jpg', Buffer.from(photograph, 'base64'))) },
  ];
  chart.own = {};
  chart.finish.fills = [{ kind: 'picture', picture: 'photo', fit: 'cover', across: 'chart' }];
  chart.own.r2 = {
    fills: [{ kind: 'flat' }, { kind: 'picture', picture: 'leaf', fit: 'tile', size: 0.05, degrees: 30 }],
  };
  const panel = { kind: 'rectangle' as const, width: 320, height: 200, colour: '#203040', y: 880, radius: 20 };
  const drifts = { drift: 0.05, every: 200, dim: 0.5, x: 0.55 };
  piece.backdrop = { ...piece.backdrop, kind: 'picture', picture: 'photo', ...drifts };
  const soft = { kind: 'picture' as const, picture: 'photo', blur: 0.03, opacity: 0.5 };
  piece.panels = [
    { ...panel, id: 'panel3', x: 1380, y: 400, width: 880, height: 700, stands: 'back', fills: [soft] },
    { ...panel, id: 'panel1', x: 1240, fills: [{ kind: 'picture', picture: 'photo', fit: 'contain', degrees: 20 }] },
    { ...panel, id: 'panel2', x: 1620, turn: 10, fills: [{ kind: 'picture', picture: 'leaf', fit: 'contain' }] },
  ];
  const id = await store(request, piece);
  const skia = await stillOf(request, id, 399);
  const drawn = await screenshotOf(page, await svgOf(request, id, 399), 1920, 1080);
  const stage = await fineStage(page, id, 399);
  expect(decibels(skia.data, stage.data), 'stage').toBeGreaterThan(50);
  expect(decibels(skia.data, drawn.data), 'SVG').toBeGreaterThan(40);
  // They are there: not what a part without its picture is filled with.
  piece.pictures = [];
  const without = await store(request, piece);
  const bare = await stillOf(request, without, 399);
  expect(decibels(skia.data, bare.data)).toBeLessThan(22);
});
