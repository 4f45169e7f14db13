import type { Page } from '@playwright/test';
import type { Piece } from '../contracts/piece';
import { goTo, letGo, openDemo, placesOf, saved, stored } from './desk';
import { expect, test } from './kept';

/** A point of the stage, in its own pixels, on the screen. */
async function screen(page: Page, x: number, y: number): Promise<[number, number]> {
  const box = (await page.locator('.stage canvas').boundingBox())!;
  return [box.x + (x * box.width) / 1920, box.y + (y * box.width) / 1920];
}

async function drag(page: Page, from: [number, number], by: [number, number], modifier?: string): Promise<void> {
  const [x, y] = await screen(page, ...from);
  const [toX, toY] = await screen(page, from[0] + by[0], from[1] + by[1]);
  await page.mouse.move(x, y);
  await page.mouse.down();
  if (modifier) await page.keyboard.down(modifier);
  await page.mouse.move((x + toX) / 2, (y + toY) / 2);
  await page.mouse.move(toX, toY);
  await page.mouse.up();
  if (modifier) await page.keyboard.up(modifier);
  await saved(page);
}

/** The chart as a whole, from the list of what is on the stage. */
const takeChart = (page: Page) => page.locator('.on-stage-chart .list-pick').first().click();

const details = (page: Page) => page.getByRole('complementary');

test('several charts stand together, are taken together, put in line and undone', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await page.locator('#chart-menu').click();
  await page.getByRole('button', { name: 'Add chart…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('radio', { name: 'columns' }).check({ force: true });
  await dialog.getByRole('button', { name: 'Add to stage' }).click();
  await expect(dialog).toBeHidden();
  await saved(page);
  const two = (await stored(request, id)).document;
  expect(two.charts.map(({ form, table }) => [form.kind, table])).toEqual([
    ['donut', 'table1'],
    ['columns', 'table1'],
  ]);
  // It shares the order of the first, and the rule gives each its own room.
  expect(two.charts[1].entrance).toMatchObject({ with: 'chart1', joins: 'together' });
  const places = await placesOf(request, two);
  expect(Math.abs(places.chart1.x - places.chart2.x)).toBeGreaterThan(200);

  // A frame around both takes both; from then on they are one, and move as one by the keys.
  await letGo(page);
  await goTo(page, 470);
  await drag(page, [20, 20], [1080, 960]);
  await expect(details(page)).toContainText('2 selected');
  await details(page).getByRole('button', { name: 'Align centres horizontally' }).click();
  await saved(page);
  const inLine = await placesOf(request, (await stored(request, id)).document);
  await details(page).getByRole('button', { name: 'Group', exact: true }).click();
  await page.keyboard.press('Control+Shift+ArrowRight');
  await saved(page);
  const moved = (await stored(request, id)).document;
  expect(moved.charts[0].group).toBe(moved.charts[1].group);
  expect(moved.charts.map(({ place }) => Math.round(place.x))).toEqual([
    Math.round(inLine.chart1.x + 10),
    Math.round(inLine.chart2.x + 10),
  ]);
  // It has a name, by which it is found.
  const name = details(page).getByLabel('Group name');
  await expect(name).toHaveValue('Group 1');
  await name.fill(' ');
  await expect(details(page).getByRole('alert')).toHaveText('A group needs a name.');
  await name.fill('Both years');
  await name.press('Enter');
  await saved(page);
  await expect.poll(async () => (await stored(request, id)).document.charts[1].group).toBe('Both years');
  await letGo(page);
  await page.keyboard.press('f');
  await page.keyboard.type('both years');
  await expect(page.getByRole('dialog', { name: 'Find' }).getByRole('option').first()).toContainText('group of 2');
  await page.keyboard.press('Enter');
  await expect(details(page)).toContainText('Both years');
  await letGo(page);
  for (let step = 0; step < 5; step++) {
    await page.getByRole('button', { name: 'Undo' }).click();
    await saved(page);
  }
  // The last step may still be on its way.
  await expect.poll(async () => (await stored(request, id)).document.charts.length).toBe(1);
});

test('what a handle does is seen on it, comes to rest on whole steps, and can be free', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await goTo(page, 470);
  await letGo(page);
  await takeChart(page);
  const { chart1 } = await placesOf(request, (await stored(request, id)).document);
  const hole = page.getByRole('button', { name: /^Hole, / });
  const box = (await hole.boundingBox())!;
  await page.mouse.move(box.x + 7, box.y + 7);
  await page.mouse.down();
  await page.mouse.move(box.x + 40, box.y + 40);
  await expect(page.locator('.handle-told').last()).toContainText('%');
  await page.mouse.up();
  await saved(page);
  const form = (await stored(request, id)).document.charts[0].form;
  expect(form.hole).not.toBe(0.585);
  expect(Number(form.hole) * 100).toBeCloseTo(Math.round(Number(form.hole) * 100), 6);
  // A number that the rule had set makes the chart stand by hand; nothing jumps, and it can be given back.
  await page.getByRole('button', { name: /^Radius, / }).focus();
  await page.keyboard.press('Shift+ArrowRight');
  await saved(page);
  const byHand = (await stored(request, id)).document.charts[0];
  expect(byHand.place).toMatchObject({ placedBy: 'hand' });
  expect(Math.abs(byHand.place.x - chart1.x)).toBeLessThan(1);
  expect(byHand.form.radius).not.toBe(372);
  await details(page).getByRole('button', { name: 'Return to the arrangement' }).click();
  await saved(page);
  expect((await stored(request, id)).document.charts[0].place.placedBy).toBe('rule');
});

test('each shape of the stage lays everything out, and can have a place of its own', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await goTo(page, 470);
  await page.getByRole('button', { name: 'Show all shapes side by side' }).click();
  await expect(page.locator('.other-shape canvas')).toHaveCount(2);
  await page.getByRole('button', { name: 'Edit in 1080 × 1920' }).click();
  await expect(page.locator('.stage canvas')).toBeVisible();
  await letGo(page);
  await takeChart(page);
  await expect(details(page)).toContainText('Placed by the arrangement');
  await page.keyboard.press('Control+Shift+ArrowDown');
  await expect(details(page)).toContainText('Own position in this shape');
  await saved(page);
  const { document } = await stored(request, id);
  expect(document.charts[0].place.placedBy).toBe('rule');
  expect(Object.keys(document.shapes![0].own)).toEqual(['chart1']);
  const [wide, upright] = [await placesOf(request, document), await placesOf(request, document, 'upright')];
  expect(upright.chart1.by).toBe('own');
  expect(wide.chart1.by).toBe('rule');
  // A film of it can be had in each shape.
  await page.goto(`/pieces/${id}/hand-off`);
  for (const shape of ['upright', 'square']) await page.getByRole('button', { name: shape, exact: true }).click();
  await expect(page.getByRole('button', { name: 'Make 3 files' })).toBeEnabled();
});

test('a part stands out on a beat, the camera goes to it, and both are undone', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await goTo(page, 400);
  await page.getByRole('button', { name: 'Stem of Clothing' }).click();
  await details(page).getByRole('button', { name: 'Emphasis' }).click();
  await details(page).getByRole('button', { name: 'Add emphasis at playhead' }).click();
  await details(page).getByLabel('Ends', { exact: true }).selectOption('On a word');
  await details(page).getByLabel('Word', { exact: true }).last().fill('catching');
  await page.keyboard.press('Enter');
  await saved(page);
  expect((await stored(request, id)).document.moves.at(-1)!.emphasis!.untilPin).toMatchObject({ offset: 0 });
  await details(page).getByLabel('Ends', { exact: true }).selectOption('On a frame');
  await saved(page);
  const emphasis = (await stored(request, id)).document.moves.at(-1)!;
  expect(emphasis).toMatchObject({ kind: 'emphasis', begin: 400, target: { chart: 'chart1', figure: 'r3' } });
  expect(emphasis.emphasis!.until).toBeGreaterThan(400);
  // A new note says what the part is, points at it, stands where nothing else does, and takes no title off the film.
  const note = details(page).getByLabel('Note');
  expect(await note.locator('option').allInnerTexts()).toEqual(['None', 'New note']);
  await note.selectOption('New note');
  await saved(page);
  const noted = (await stored(request, id)).document;
  const made = noted.words.at(-1)!;
  expect(made).toMatchObject({ pointsAt: { chart: 'chart1', figure: 'r3' }, text: '[name of r3]\n[value of r3]' });
  expect(noted.moves.at(-1)!.emphasis!.note).toBe(made.id);
  const proof = await request.post('/api/compute/proof', { data: { document: noted } });
  const { checks } = (await proof.json()) as { checks: { ok: boolean; message: string }[] };
  // The demo's first caption is read quickly as it is.
  const wrong = checks.filter(({ ok, message }) => !ok && !message.startsWith('The caption “Last year'));
  expect(wrong).toEqual([]);
  await page.getByRole('button', { name: 'Stem of Clothing' }).click();

  await page.getByRole('tab', { name: 'Stage' }).click();
  await page.getByRole('button', { name: 'Add shot at playhead' }).click();
  await expect(page.locator('.camera-frame')).toBeVisible();
  const middle = page.getByRole('button', { name: 'Centre of the shot' });
  await middle.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await page.getByRole('button', { name: /^Zoom/ }).first().focus();
  await page.keyboard.press('Shift+ArrowLeft');
  await saved(page);
  const shot = (await stored(request, id)).document.moves.at(-1)!;
  expect(shot.shot).toMatchObject({ on: { chart: 'chart1', figure: 'r3' } });
  expect(shot.shot!.x).toBeGreaterThan(0);
  expect(shot.shot!.zoom).not.toBe(2);
  await expect(page.locator('.proof-word')).toContainText('exact');
  await page.keyboard.press('Delete');
  await saved(page);
  expect((await stored(request, id)).document.moves.some(({ kind }) => kind === 'shot')).toBe(false);
});

test('a label is put elsewhere by hand, and charts go from one piece to another', async ({
  page,
  request,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  const id = await openDemo(page, request);
  await page.getByRole('tab', { name: 'Words' }).click();
  await page.locator('section', { hasText: 'Labels' }).getByLabel('Position').first().selectOption('beside');
  await saved(page);
  await goTo(page, 470);
  await page.getByRole('button', { name: 'Stem of Toys' }).click();
  await details(page).getByRole('button', { name: 'Label', exact: true }).click();
  await expect(details(page)).toContainText('Placed automatically');
  await details(page).getByLabel('Text').fill('Toys, at last');
  await saved(page);
  expect((await stored(request, id)).document.charts[0].own.r5?.label).toEqual({ text: 'Toys, at last' });

  await letGo(page);
  await takeChart(page);
  await page.keyboard.press('Control+C');
  await expect(page.getByText('Copied. Paste here')).toBeVisible();
  const other = await openDemo(page, request);
  await letGo(page);
  await page.keyboard.press('Control+V');
  // Core reads it before it is in the document.
  await expect.poll(async () => (await stored(request, other)).document.charts.length).toBe(2);
  const pasted: Piece = (await stored(request, other)).document;
  expect(pasted.charts).toHaveLength(2);
  expect(pasted.charts[1].own.r5?.label?.text).toBe('Toys, at last');
});

test('the view goes nearer and shows hairlines and rulers, and nothing of it is filmed', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await goTo(page, 470);
  const before = (await stored(request, id)).document;
  const canvas = page.locator('.stage canvas');
  const [x, y] = await screen(page, 600, 500);
  await page.mouse.move(x, y);
  await page.keyboard.down('Control');
  for (let step = 0; step < 5; step++) await page.mouse.wheel(0, -120);
  await page.keyboard.up('Control');
  await expect(page.locator('.view-zoom')).toContainText('all of it');
  // What is nearer is painted anew, not enlarged: as many dots as there are on the screen.
  const size = (await canvas.boundingBox())!;
  expect(await canvas.evaluate((one: HTMLCanvasElement) => one.width)).toBeGreaterThanOrEqual(
    Math.floor(size.width) - 1,
  );
  await page.keyboard.press('h');
  await expect(page.locator('.stage-outlines .mark')).toHaveCount(5);
  await page.keyboard.press('r');
  await expect(page.locator('.stage-grid rect')).toHaveCount(18);
  await page.keyboard.press('r');
  await expect(page.locator('.stage-grid')).toHaveCount(0);
  await page.locator('#view-menu').click();
  await page.getByText('Rulers in per cent').click();
  await expect(page.locator('.ruler')).toHaveCount(2);
  await page.locator('.view-zoom').click();
  await page.keyboard.press('h');
  expect((await stored(request, id)).document).toEqual(before);
});
