import type { Page } from '@playwright/test';
import { goTo, letGo, makePiece, openDemo, saved, stored } from './desk';
import { expect, test } from './kept';

/** What has the keyboard: what it is called, and whether it is in the sheet, which has its own cells. */
const focused = (page: Page): Promise<{ name: string; place: string }> =>
  page.evaluate(() => {
    const now = document.activeElement as HTMLElement;
    const labels = now instanceof HTMLInputElement || now instanceof HTMLSelectElement ? now.labels : null;
    const name = now.getAttribute('aria-label') ?? labels?.[0]?.textContent ?? (now.title || now.textContent) ?? '';
    return { name: now === document.body ? '' : name.trim(), place: now.className.toString() };
  });

test('every stop of the keyboard has a name, and the keyboard goes round', async ({ page }) => {
  await makePiece(page);
  await letGo(page);
  const unnamed: string[] = [];
  let rounds = 0;
  for (let stop = 0; stop < 130 && rounds < 2; stop++) {
    await page.keyboard.press('Tab');
    const { name, place } = await focused(page);
    if (name === 'Lupine: go to the shelf') rounds++;
    // In the sheet the cell has it, and between the last stop and the first the page has.
    const isInSheet = (await page.locator('.figure-grid[data-has-keys]').count()) > 0;
    if (name === '' && !isInSheet && place !== '') unnamed.push(place);
  }
  expect(unnamed).toEqual([]);
  expect(rounds, 'from the last stop to the first').toBe(2);
});

test('F6 finds the face that is open, and down selects where nothing is selected', async ({ page }) => {
  await makePiece(page);
  await page.getByRole('tab', { name: 'Words' }).click();
  await page.getByLabel('Title of the piece').focus();
  for (let press = 0; press < 3; press++) await page.keyboard.press('F6');
  await expect(page.getByRole('tab', { name: 'Words' })).toBeFocused();
  await letGo(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('.lane-chip.is-picked')).toHaveAttribute('aria-label', 'Stem of Small appliances');
  await page.keyboard.press('Escape');
  await page.keyboard.press('ArrowUp');
  await expect(page.locator('.lane-chip.is-picked')).toHaveAttribute('aria-label', 'Stem of Toys');
});

test('a set has a colour of its own for each figure that comes, by paste and by hand', async ({ page }) => {
  const id = await makePiece(page, 'Kettles\t5\nLamps\t4\nCoats\t3');
  await page.getByRole('tab', { name: 'Finish' }).click();
  await page.getByLabel('Colours', { exact: true }).selectOption('Colour set');
  // Core makes its colours before it is one.
  await expect.poll(async () => (await stored(page.request, id)).document.charts[0].finish.colours).toBe('set');
  const colours = async (): Promise<string[]> => {
    const { document } = await stored(page.request, id);
    const answer = await page.request.post('/api/compute', { data: { document, frame: 0 } });
    const { sheet } = (await answer.json()) as { sheet: { charts: Record<string, { figures: { colour: string }[] }> } };
    return sheet.charts.chart1.figures.map(({ colour }) => colour);
  };
  const before = await colours();
  await page.getByRole('tab', { name: 'Figures' }).click();
  for (let more = 0; more < 4; more++) await page.getByRole('button', { name: 'Add figure', exact: true }).click();
  await saved(page);
  const after = await colours();
  expect(after.slice(0, 3)).toEqual(before);
  expect(new Set(after).size).toBe(7);
});

test('a source line is made small and at its place', async ({ page }) => {
  const id = await makePiece(page);
  await page.getByRole('tab', { name: 'Words' }).click();
  await page.getByRole('button', { name: 'Add source line' }).click();
  await saved(page);
  const { document } = await stored(page.request, id);
  const words = document.words.at(-1)!;
  expect(words).toMatchObject({ role: 'source', placedBy: 'rule', text: 'Source: ', font: 'figtree-regular' });
  expect(words.size).toBeLessThan(30);
});

test('what was refused goes when one moves on, and a frame around keys ends with its button', async ({
  page,
  request,
}) => {
  await openDemo(page, request);
  await goTo(page, 300);
  await page.getByRole('tab', { name: 'Form' }).click();
  const field = page.locator('.bench-face .field-number').first();
  const before = await field.inputValue();
  await field.fill('many');
  await field.press('Enter');
  await expect(page.locator('.field-wrong')).toBeVisible();
  await page.getByLabel('Title of the piece').click();
  await expect(page.locator('.field-wrong')).toHaveCount(0);
  await expect(field).toHaveValue(before);

  const stems = (await page.locator('svg.stems').boundingBox())!;
  await page.mouse.move(stems.x + 4, stems.y + 180);
  await page.mouse.down();
  await page.mouse.move(stems.x - 200, stems.y + 260, { steps: 4 });
  await expect(page.locator('.keys-frame')).toBeVisible();
  await page.mouse.up();
  await expect(page.locator('.keys-frame')).toHaveCount(0);
  await page.mouse.move(stems.x + 40, stems.y + 300, { steps: 3 });
  await expect(page.locator('.keys-frame')).toHaveCount(0);
  expect(await page.evaluate(() => window.getSelection()?.toString())).toBe('');
});
