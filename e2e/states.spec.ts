import { goTo, makePiece, openDemo, saved, store, stored } from './desk';
import { expectCell, type } from './cells';
import { expect, test } from './kept';

test('nothing typed is lost while the server is away', async ({ page, request, context }) => {
  const id = await makePiece(page);
  await context.setOffline(true);
  await type(page, 1, 'label', 'Kettles and toasters');
  await expect(page.locator('.saved')).toContainText('Not saved');
  await expect(page.locator('.problem-bar')).toContainText('Cannot reach');
  await type(page, 2, 'label', 'Lamps');
  await context.setOffline(false);
  await saved(page);
  await expect(page.locator('.problem-bar')).toHaveCount(0);
  expect((await stored(request, id)).document.tables[0].rows.slice(0, 2).map(({ label }) => label)).toEqual([
    'Kettles and toasters',
    'Lamps',
  ]);
});

test('the other tab’s piece can be taken instead', async ({ page, context }) => {
  const id = await makePiece(page);
  const other = await context.newPage();
  await other.goto(`/pieces/${id}`);
  await type(other, 1, 'typed', '600');
  await saved(other);
  await type(page, 1, 'typed', '700');
  await page.getByRole('dialog').getByRole('button', { name: 'Use the other tab’s' }).click();
  await expectCell(page, 1, 'typed', '600');
  await type(page, 1, 'typed', '601');
  await saved(page);
});

test('the proof page says what was measured, and what is in the way', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await page.locator('.proof-word').click();
  await page.getByRole('link', { name: 'Open the proof' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('The picture matches the figures.');
  await expect(page.getByRole('row', { name: /Small appliances/ })).toContainText('41.0256 %');
  await expect(page.getByRole('row', { name: /Small appliances/ })).toContainText('0.0000');
  await expect(page.locator('.outlines text').first()).toHaveText('147.69°');
  await page.getByRole('link', { name: 'Back to the desk' }).click();

  const { document } = await stored(request, id);
  Object.assign(document.words[0], { x: 1800, placedBy: 'hand' });
  document.tables[0].rows[0].cells[0] = 'lots';
  const broken = await store(request, document);
  await page.goto(`/pieces/${broken}/proof`);
  await expect(page.getByRole('alert')).toContainText('Row 1, “Small appliances”');
  document.tables[0].rows[0].cells[0] = '512';
  await page.goto(`/pieces/${await store(request, document)}/proof`);
  await expect(page.locator('.checks')).toContainText('runs over the edge of the stage');
});

test('the dim room stays, and the stage keeps its own colours in it', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await goTo(page, 470);
  const picture = () => page.locator('.stage canvas').evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL());
  const before = await picture();
  await page.getByRole('button', { name: 'Switch to dark theme' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-bs-theme', 'dark');
  expect(await picture()).toBe(before);
  await page.goto('/');
  await expect(page.locator('html')).toHaveAttribute('data-bs-theme', 'dark');
  await page.goto(`/pieces/${id}`);
  await page.getByRole('button', { name: 'Switch to light theme' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-bs-theme', 'light');
});

test('a piece on the shelf plays while it is pointed at, unless less motion is wanted', async ({ page, request }) => {
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await openDemo(page, request);
  await page.goto('/');
  const card = page.getByRole('article').first();
  const picture = () => card.locator('canvas').evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL());
  // Painted when the page has nothing else to do.
  const width = () => card.locator('canvas').evaluate((canvas: HTMLCanvasElement) => canvas.width);
  await expect.poll(width).toBe(320);
  const still = await picture();
  await card.hover();
  await expect.poll(picture).not.toBe(still);
  await page.mouse.move(5, 500);
  await expect.poll(picture).toBe(still);
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await card.hover();
  await page.waitForTimeout(500);
  expect(await picture()).toBe(still);
});

test('an address that leads nowhere says so', async ({ page }) => {
  await page.goto('/pieces/01aaaaaaaaaaaaaaaaaaaaaaaa');
  await expect(page.getByRole('main')).toContainText('no longer here');
  await page.getByRole('link', { name: 'Go to the shelf', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'On the shelf' })).toBeVisible();
});
