import { goTo, letGo, makePiece, openDemo, placesOf, saved, stored } from './desk';
import { expect, test } from './kept';

test('coats and charts go from one piece to another in another tab', async ({ page, context, request }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await openDemo(page, request);
  await letGo(page);
  await page.keyboard.press('3');
  await page.getByRole('button', { name: /^Shadow: / }).click();
  await page.getByRole('group', { name: 'Shadow samples' }).getByRole('button').nth(2).click();
  await saved(page);
  await page.locator('.coat-tools').getByRole('button', { name: 'Copy' }).click();
  await expect(page.getByText('Copied. Select a chart, a part, words or a panel')).toBeVisible();

  const other = await context.newPage();
  const id = await makePiece(other);
  const before = (await stored(request, id)).document.charts[0].finish;
  await letGo(other);
  await other.keyboard.press('Control+v');
  await saved(other);
  await expect.poll(async () => (await stored(request, id)).document.charts[0].finish.shadows?.length).toBe(1);
  const { shadows, ...rest } = (await stored(request, id)).document.charts[0].finish;
  expect(shadows![0].reach).toBeGreaterThan(0);
  expect({ ...before, shadows: undefined }).toEqual({ ...rest, shadows: undefined });
  await other.close();
});

test('picked moves and lines of the script are copied to the playhead, there and in another piece', async ({
  page,
  context,
  request,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  const from = await openDemo(page, request);
  const { moves, script } = (await stored(request, from)).document;
  await page
    .getByRole('slider', { name: /Lamps & lights: entrance/ })
    .first()
    .click({ modifiers: ['Shift'] });
  await page.keyboard.press('Control+c');
  await expect(page.getByText('1 move copied. Paste it at the playhead')).toBeVisible();
  await goTo(page, 300);
  await page.keyboard.press('Control+v');
  await saved(page);
  // A part comes once: the copy takes the place of what was told.
  await expect
    .poll(
      async () => (await stored(request, from)).document.moves.filter(({ begin, pin }) => begin === 300 && !pin).length,
    )
    .toBe(1);
  expect((await stored(request, from)).document.moves.length).toBe(moves.length);
  await expect(page.locator('.key.is-picked').first()).toBeVisible();

  await page.keyboard.press('Escape');
  await page.locator('.line-text').nth(1).click();
  await letGoOfFields(page);
  await page.keyboard.press('Control+c');
  await expect(page.getByText('Line copied. Paste it at the playhead')).toBeVisible();
  const other = await context.newPage();
  const id = await makePiece(other);
  await goTo(other, 30);
  await letGo(other);
  await other.keyboard.press('Control+v');
  await saved(other);
  const line = (await stored(request, id)).document.script.lines[0];
  expect([line.text, line.begin]).toEqual([script.lines[1].text, 30]);
  expect(line.end - line.begin).toBe(script.lines[1].end - script.lines[1].begin);
  await other.close();
});

test('several are scaled and turned by number about one centre, nudged and duplicated by the same step', async ({
  page,
  request,
}) => {
  const id = await makePiece(page);
  await goTo(page, 200);
  await page.keyboard.press('a');
  const details = page.locator('.details');
  await details.getByLabel('Scale by').fill('50%');
  await details.getByLabel('Scale by').press('Enter');
  await saved(page);
  await expect.poll(async () => (await stored(request, id)).document.charts[0].place.size).toBe(0.5);
  const scaled = (await stored(request, id)).document;
  expect(scaled.words[0].size).toBe(32);
  await details.getByLabel('Turn by').fill('90');
  await details.getByLabel('Turn by').press('Enter');
  await expect.poll(async () => (await stored(request, id)).document.charts[0].place.turn).toBe(90);
  expect((await stored(request, id)).document.charts[0].place.y).not.toBe(scaled.charts[0].place.y);

  // A chart alone: its legend goes along by arrows.
  await letGo(page);
  await details.getByRole('button', { name: 'donut', exact: true }).click();
  await letGoOfFields(page);
  const { charts } = (await stored(request, id)).document;
  await page.keyboard.press('Shift+ArrowRight');
  await saved(page);
  await expect.poll(async () => (await stored(request, id)).document.charts[0].place.x).toBe(charts[0].place.x + 10);
  expect((await stored(request, id)).document.charts[0].words.legend).toMatchObject({ placedBy: 'rule' });
  expect((await placesOf(request, (await stored(request, id)).document))['legend-chart1'].x).toBe(
    (await placesOf(request, { ...scaled, charts }))['legend-chart1'].x + 10,
  );

  // A note: duplicated, the copy moved, and again as far on.
  await letGo(page);
  await page.keyboard.press('4');
  await page.getByRole('button', { name: 'Add title' }).click();
  await letGoOfFields(page);
  await page.keyboard.press('Control+d');
  await expect.poll(async () => (await stored(request, id)).document.words.length).toBe(3);
  for (let press = 0; press < 3; press++) await page.keyboard.press('Shift+ArrowDown');
  await saved(page);
  await page.keyboard.press('Control+d');
  await expect.poll(async () => (await stored(request, id)).document.words.length).toBe(4);
  await saved(page);
  await expect
    .poll(async () => {
      const [, first, second, third] = (await stored(request, id)).document.words;
      return [third.x - second.x, third.y - second.y].join() === [second.x - first.x, second.y - first.y].join();
    })
    .toBe(true);
});

test('all charts become as one is, on the face that is open', async ({ page, request }) => {
  const id = await makePiece(page);
  await page.locator('#chart-menu').click();
  await page.getByRole('button', { name: 'Duplicate chart' }).click();
  await saved(page);
  await letGo(page);
  await page.keyboard.press('2');
  await page.getByLabel('Hole', { exact: true }).fill('40%');
  await page.getByLabel('Hole', { exact: true }).press('Enter');
  await saved(page);
  await page.locator('#chart-menu').click();
  await page.getByRole('button', { name: 'Same form in all charts' }).click();
  await expect
    .poll(async () => (await stored(request, id)).document.charts.map(({ form }) => form.hole))
    .toEqual([0.4, 0.4]);
});

/** The keyboard goes back to the desk; what is selected stays. */
async function letGoOfFields(page: import('@playwright/test').Page): Promise<void> {
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
}
