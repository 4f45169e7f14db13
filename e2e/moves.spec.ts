import type { Page } from '@playwright/test';
import type { Computed } from '../web/api/answers';
import { goTo, openDemo, saved, stored } from './desk';
import { expect, test } from './kept';

/** Keeps what the stage shows, under a name. */
async function keep(page: Page, name: string): Promise<void> {
  await page.locator('.stage canvas').evaluate((one: HTMLCanvasElement, as) => {
    const kept = (window as unknown as { kept?: Record<string, ImageData> }).kept ?? {};
    kept[as] = one.getContext('2d')!.getImageData(0, 0, one.width, one.height);
    Object.assign(window, { kept });
  }, name);
}

/** How many dots of the stage are otherwise than they were kept; smoothed edges may be rounded otherwise. */
const changedSince = (page: Page, name: string): Promise<number> =>
  page.locator('.stage canvas').evaluate((one: HTMLCanvasElement, as) => {
    const before = (window as unknown as { kept: Record<string, ImageData> }).kept[as].data;
    const { data } = one.getContext('2d')!.getImageData(0, 0, one.width, one.height);
    let changed = 0;
    for (let at = 0; at < data.length; at += 4) {
      if ([0, 1, 2].some((part) => Math.abs(data[at + part] - before[at + part]) > 16)) changed++;
    }
    return changed;
  }, name);

const FEW = 30;
const MANY = 150;

/** Drags from the middle of something, so far. */
async function drag(page: Page, what: ReturnType<Page['locator']>, across: number, down: number): Promise<void> {
  const box = (await what.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + across, y + down, { steps: 6 });
  await page.mouse.up();
}

test('keys on the stems go together, are stretched together, and their curve is drawn there', async ({
  page,
  request,
}) => {
  const id = await openDemo(page, request);
  const key = (name: RegExp) => page.getByRole('slider', { name }).first();
  const first = (await key(/Lamps & lights: entrance/).boundingBox())!;
  const last = (await key(/Toys: end/).boundingBox())!;
  // A frame around the keys of four parts.
  await page.mouse.move(first.x - 2, first.y - 14);
  await page.mouse.down();
  await page.mouse.move(last.x + last.width - 2, last.y + last.height + 4, { steps: 6 });
  await page.mouse.up();
  await expect(page.locator('.key.is-picked')).toHaveCount(8);

  const before = (await stored(request, id)).document.moves;
  await drag(page, key(/Clothing: entrance/), 0, 34);
  await saved(page);
  const shifted = (await stored(request, id)).document.moves;
  const offsets = (moves: typeof before) => moves.map(({ pin }) => pin?.offset ?? 0);
  const by = offsets(shifted).map((offset, index) => offset - offsets(before)[index]);
  expect(by[2]).toBeGreaterThan(5);
  expect(by).toEqual([0, 0, by[2], by[2], by[2], by[2]]);
  await drag(page, key(/Toys: end/), 0, -30);
  await saved(page);
  const stretched = (await stored(request, id)).document.moves;
  for (const index of [2, 3, 4, 5]) expect(stretched[index].frames).toBeLessThan(shifted[index].frames);
  expect(stretched[2].pin?.offset, 'the first stays where it is').toBe(shifted[2].pin?.offset);
  expect(stretched[1]).toEqual(shifted[1]);
  await page.keyboard.press('Escape');
  await expect(page.locator('.key.is-picked')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await stored(request, id)).document.moves).toEqual(shifted);

  await key(/Small appliances: entrance/).click();
  await drag(page, page.getByRole('slider', { name: /Small appliances.*second handle/ }), 14, 6);
  await saved(page);
  const curve = (await stored(request, id)).document.moves[1].curve as number[];
  expect(curve[3], 'past its end').toBeGreaterThan(1.2);
  await expect(page.locator('.proof-word')).toContainText('exact');
});

test('motion blur is switched on, seen at the desk and switched off there', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await goTo(page, 226);
  await keep(page, 'sharp');
  await page.getByRole('tab', { name: 'Stage' }).click();
  await page.getByLabel('Motion blur').check();
  await page.getByLabel('Shutter angle').fill('360');
  await page.getByLabel('Shutter angle').press('Enter');
  await page.getByLabel('Samples').selectOption('17 · smooth');
  await saved(page);
  expect((await stored(request, id)).document.shutter).toEqual({
    angle: 360,
    samples: 17,
    charts: true,
    words: true,
    camera: true,
  });
  await expect.poll(() => changedSince(page, 'sharp')).toBeGreaterThan(MANY);
  await keep(page, 'blurred');
  await page.locator('.stage').click({ position: { x: 4, y: 4 } });
  await page.keyboard.press('b');
  await expect.poll(() => changedSince(page, 'sharp'), 'sharp at this desk').toBeLessThan(FEW);
  await page.keyboard.press('b');
  await expect.poll(() => changedSince(page, 'blurred')).toBeLessThan(FEW);
  const filmed = page.waitForResponse((answer) => answer.url().endsWith('/compute/filmed'));
  await page.getByLabel('Charts', { exact: true }).uncheck();
  // Not the sharp picture that is shown until then.
  await filmed;
  await page.waitForTimeout(500);
  await expect.poll(() => changedSince(page, 'sharp'), 'a chart that is left out is sharp').toBeLessThan(FEW);
});

test('a chart comes in one course, its labels wait, and what drifts and travels goes on', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await page.keyboard.press('Escape');
  await page.getByRole('tab', { name: 'Motion' }).click();
  const comes = page.locator('.motion-face section', { has: page.getByLabel('Entrance', { exact: true }) });
  await comes.getByLabel('Order').selectOption('As one sweep');
  await comes.getByLabel('Direction').selectOption('Neighbour’s edge');
  await page.getByRole('tab', { name: 'Words' }).click();
  const labels = page.locator('section', { hasText: 'Labels' }).first();
  await labels.getByLabel('Position').first().selectOption('beside');
  await labels.getByLabel('Appear', { exact: true }).selectOption('After their part');
  await page.getByRole('tab', { name: 'Finish' }).click();
  await page.getByLabel('Edge light on').check();
  await page.getByLabel('Length', { exact: true }).fill('220');
  await page.getByLabel('Length', { exact: true }).press('Enter');
  await page.getByLabel('Time per lap').fill('2s');
  await page.getByLabel('Time per lap').press('Enter');
  await page.getByRole('tab', { name: 'Stage' }).click();
  await page.locator('.stage-list, .details').getByText('donut', { exact: true }).first().click();
  await page.getByLabel('Drift').check();
  await saved(page);
  const [chart] = (await stored(request, id)).document.charts;
  expect(chart.entrance).toMatchObject({ order: 'one', opens: 'neighbour' });
  expect(chart.words.labels.comes).toBe('end');
  expect(chart.finish.edges).toEqual([expect.objectContaining({ length: 220, round: 60 })]);
  expect(chart.drift).toEqual({ across: 14, down: 8, turn: 0, every: 192 });
  await goTo(page, 470);
  await keep(page, 'before');
  await goTo(page, 474);
  expect(await changedSince(page, 'before'), 'nothing is keyed here, and it goes on').toBeGreaterThan(MANY);
  await expect(page.locator('.proof-word')).toContainText('exact');
});

test('the backdrop changes its colour on a beat, and has a lane for it', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await goTo(page, 300);
  await page.getByRole('tab', { name: 'Stage' }).click();
  const backdrop = page.locator('section', { has: page.getByRole('heading', { name: 'Backdrop' }) });
  await backdrop.getByLabel('Add a change').selectOption('colour');
  await backdrop.getByRole('textbox', { name: 'To', exact: true }).fill('#7a4b2a');
  await backdrop.getByRole('textbox', { name: 'To', exact: true }).press('Enter');
  await saved(page);
  const change = (await stored(request, id)).document.moves.at(-1)!;
  expect(change).toMatchObject({ target: { stage: 'backdrop' }, property: 'colour', to: '#7a4b2a', begin: 300 });
  await keep(page, 'before');
  await goTo(page, 330);
  await expect.poll(() => changedSince(page, 'before')).toBeGreaterThan(100 * MANY);
  await page.locator('.lanes-fold').click();
  await page.getByRole('slider', { name: 'the backdrop, change: start' }).press('Shift+ArrowDown');
  await saved(page);
  expect((await stored(request, id)).document.moves.at(-1)!.begin).toBe(310);
  await expect(page.locator('.proof-word')).toContainText('exact');
});

test('a label is told when to come, and a part may pass its figure where it is asked to', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await page.getByRole('tab', { name: 'Words' }).click();
  const labels = page.locator('section', { hasText: 'Labels' }).first();
  await labels.getByLabel('Position').first().selectOption('beside');
  await page.getByRole('button', { name: 'Stem of Clothing' }).click();
  await page
    .locator('.details')
    .getByRole('button', { name: /^Label/ })
    .click();
  await page.getByLabel('Set own entrance').check();
  const key = page.getByRole('slider', { name: 'Clothing: label entrance' });
  const begin = Number(await key.getAttribute('aria-valuenow'));
  await key.focus();
  await page.keyboard.press('Shift+ArrowDown');
  await saved(page);
  const told = (await stored(request, id)).document.moves.find(({ target }) => 'part' in target);
  expect(told).toMatchObject({ kind: 'entrance', target: { figure: 'r3', part: 'label' }, begin: begin + 10 });
  await goTo(page, begin + 9);
  await keep(page, 'without');
  await goTo(page, begin + 30);
  await expect.poll(() => changedSince(page, 'without')).toBeGreaterThan(MANY);

  await page.getByRole('button', { name: 'Stem of Clothing' }).click();
  await page.locator('.details').getByLabel('Easing').first().selectOption('settle');
  await page.getByLabel('Overshoot', { exact: true }).fill('50');
  await page.getByLabel('Overshoot', { exact: true }).press('Enter');
  const furthest = async (): Promise<number> => {
    const asked = await request.post('/api/compute', { data: { document: (await stored(request, id)).document } });
    const { sheet } = (await asked.json()) as Computed;
    const { stem } = sheet.charts.chart1.figures.find(({ label }) => label === 'Clothing')!;
    return Math.max(...stem.map(([, width]) => width)) / stem[stem.length - 1][1];
  };
  await saved(page);
  expect(await furthest()).toBe(1);
  await page.getByLabel('Overshoot the figure').last().check();
  await saved(page);
  expect(await furthest()).toBeGreaterThan(1.3);
  await expect(page.locator('.proof-word')).toContainText('exact');
});
