import { readFileSync } from 'node:fs';
import type { Proof } from '../contracts/api';
import type { Move, Piece } from '../contracts/piece';
import { beginOn, goTo, makePiece, saved, store, stored } from './desk';
import { artisan, decodedFrame, difference, fileOf, screenshotOf, stillOf, svgOf, write } from './pictures';
import { expect, test } from './kept';

const root = new URL('..', import.meta.url).pathname;
const FORMS = ['pie', 'donut', 'dial', 'rings', 'bars', 'columns', 'line', 'area', 'tilted', 'strip', 'ribbon'];
const YEARS = 'What\tLast year\tThis year\nSmall appliances\t512\t430\nLamps\t287\t402\nClothing\t199\t260';

test('a form is chosen by its picture, and keeps figures, words and moves', async ({ page, request }) => {
  const id = await makePiece(page, YEARS);
  await goTo(page, 200);
  await page.getByRole('tab', { name: 'Form' }).click();
  for (const form of ['bars', 'columns', 'rings', 'strip', 'ribbon', 'pie']) {
    const before = await page.locator('.stage canvas').getAttribute('data-reel');
    await page.getByRole('radio', { name: form }).check({ force: true });
    await expect(page.locator('.stage canvas')).not.toHaveAttribute('data-reel', before!);
    await expect(page.locator('.proof-word')).toContainText('exact');
  }
  // One figure alone can be a dial; three cannot, and it says why.
  await expect(page.getByRole('radio', { name: /^dial: .*one figure/ })).toBeDisabled();
  await saved(page);
  const { document } = await stored(request, id);
  expect(document.charts[0].form.kind).toBe('pie');
  expect(document.tables[0].rows).toHaveLength(3);
  expect(document.charts[0].words.legend).not.toBeNull();
});

test('figures change to another column on a word, and a part is dimmed', async ({ page, request }) => {
  const id = await makePiece(page, YEARS);
  await page.getByRole('button', { name: 'Type the first line' }).click();
  await page.keyboard.type('This year it was otherwise.');
  await page.keyboard.press('Escape');
  await goTo(page, 120);
  await page.getByRole('tab', { name: 'Motion' }).click();
  const changes = page.locator('.bench-face .change-list');
  await changes.getByLabel('Add a change').selectOption('column');
  await expect(changes.locator('.change-head')).toContainText('This year');
  await beginOn(changes, 'otherwise');
  await page.getByRole('button', { name: 'Stem of Lamps' }).click();
  await page.getByRole('button', { name: /^Changes/ }).click();
  const own = page.locator('.details .change-list');
  await own.getByLabel('Add a change').selectOption('opacity');
  await own.getByLabel('To', { exact: true }).fill('40%');
  await own.getByLabel('To', { exact: true }).press('Enter');
  await expect(page.locator('.proof-word')).toContainText('exact');
  await saved(page);
  const moves = (await stored(request, id)).document.moves;
  expect(moves.map(({ property, to }) => [property, to])).toEqual([
    ['column', 'c2'],
    ['opacity', 0.4],
  ]);
  expect(moves[0].pin).toEqual({ line: 'line1', word: 4, offset: 0 });
  // Its bars stand on the stems, and can be nudged.
  const key = page.getByRole('slider', { name: 'Lamps: change' });
  await key.focus();
  await page.keyboard.press('ArrowDown');
  await saved(page);
  expect((await stored(request, id)).document.moves[0].pin?.offset).toBe(1);
});

/** A starter with everything on it that can be moved, so that painter and SVG are seen to agree on all of it. */
function moved(form: string): Piece {
  const piece = JSON.parse(readFileSync(`${root}demo/starters/${form}.json`, 'utf8')) as Piece;
  const change = (number: number, property: string, to: number, figure?: string): Move => ({
    id: `extra${number}`,
    kind: 'change',
    target: figure ? { chart: 'chart1', figure } : { chart: 'chart1' },
    property,
    from: null,
    to,
    begin: 90,
    pin: null,
    frames: 40,
    curve: 'linear',
    opens: 'forward',
  });
  piece.moves = [
    ...piece.moves,
    change(1, 'size', 0.8),
    change(2, 'turn', 8),
    change(3, 'x', piece.charts[0].place.x + 40),
    change(4, 'opacity', 0.5, 'r1'),
    change(5, 'size', 1.2, 'r1'),
    change(6, 'light', 0.4, 'r1'),
  ];
  piece.charts[0].finish.glows = [{ reach: 24, opacity: 0.4 }];
  piece.charts[0].finish.patterns = [{ kind: 'stripes', size: 26, opacity: 0.2, degrees: 30 }];
  return piece;
}

for (const form of FORMS) {
  test(`${form}: painter and Chromium's SVG show the same picture, also amid changes`, async ({ page, request }) => {
    const document = moved(form);
    const id = await store(request, document);
    // Amid everything that moves; the pictures of other tests stand still.
    const frame = 118;
    const painted = await stillOf(request, id, frame);
    const shown = await screenshotOf(page, await svgOf(request, id, frame), 1920, 1080);
    const { mean, apart } = difference(painted.data, shown.data);
    expect(mean).toBeLessThan(1.2);
    expect(apart).toBeLessThan(0.002);
    const proof = (await (await request.post('/api/compute/proof', { data: { document } })).json()) as Proof;
    expect(proof.exact).toBe(true);
  });
}

// Nobody who drew it is asked: pixels of the film are counted.
test('bars of a film are as long as their figures say, to a thousandth of the scale', () => {
  const piece = JSON.parse(readFileSync(`${root}demo/starters/bars.json`, 'utf8')) as Piece;
  piece.charts[0].form.corner = 0;
  piece.charts[0].form.axis = 'none';
  piece.charts[0].place = { x: 1090, y: 560 };
  piece.charts[0].finish = { swatches: ['#e03030'], colours: 'set' };
  piece.panels = [];
  Object.assign(piece.charts[0].words, { names: null, legend: null });
  piece.charts[0].words.labels.show = 'none';
  piece.backdrop = { kind: 'colour', colour: '#000000', edge: '#000000', vignette: 0 };
  piece.words = [];
  piece.stage.frames = 200;
  const film = fileOf('lengths.mp4');
  artisan('lupine:film', write('lengths.json', piece), film);
  const pixels = decodedFrame(film, 199, 1920, 1080);
  const { width, height } = piece.charts[0].form as unknown as { width: number; height: number };
  const top = piece.charts[0].place.y - height / 2;
  [430, 402, 260, 171, 82].forEach((value, row) => {
    const y = Math.round(top + ((row + 0.5) * height) / 5);
    const red = (x: number): number => pixels[(y * 1920 + x) * 4];
    // As bright as the encoder has made the middle of the bar.
    const bright = red(Math.round(piece.charts[0].place.x - width / 2 + (value / 600 / 2) * width));
    let sum = 0;
    for (let x = 0; x < 1920; x++) sum += red(x) / bright;
    expect(Math.abs(sum / width - value / 600), `row ${row}`).toBeLessThan(0.001);
  });
});

test('a starter becomes a piece of its own', async ({ page, request }) => {
  await page.goto('/');
  await page.getByRole('button', { name: /Start from Hours by month/ }).click();
  await expect(page.locator('.proof-word')).toContainText('exact');
  const { document } = await stored(request, page.url().split('/').pop()!);
  expect(document.charts[0].form.kind).toBe('columns');
  await store(request, document);
});
