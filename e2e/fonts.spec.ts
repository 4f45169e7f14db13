import { readFileSync } from 'node:fs';
import { openDemo, saved, stored } from './desk';
import { expect, test } from './kept';

const FIGTREE = new URL('../node_modules/@fontsource-variable/figtree/files/', import.meta.url);
const VARIABLE = new URL('figtree-latin-wght-normal.woff2', FIGTREE);

test('a font is chosen by how the words look in it, with the keyboard alone', async ({ page, request }) => {
  const id = await openDemo(page, request);
  const before = (await stored(request, id)).document.charts[0].words.legend!.font;
  await page.getByRole('tab', { name: 'Words' }).click();
  const field = page.locator('.font-field').first();
  await field.press('Enter');
  const rows = page.locator('.font-list .font-row');
  await expect(rows).toHaveCount(26);
  // Each is a picture of the words that are set, and no two are alike.
  const pictures = await rows.locator('path').evaluateAll((all) => all.map((one) => one.getAttribute('d')));
  expect(new Set(pictures).size).toBe(26);
  await page.keyboard.type('slab');
  await expect(rows).toHaveCount(2);
  await page.keyboard.press('Tab');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(rows.nth(1)).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('Escape');
  await expect(page.locator('.font-menu')).toBeHidden();
  await expect(field).toBeFocused();
  await saved(page);
  const fontNow = async (): Promise<string> => (await stored(request, id)).document.charts[0].words.legend!.font;
  expect(await fontNow()).toBe('slab-bold');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(fontNow).toBe(before);
});

test('a font of one’s own is dropped on the desk, cut to a weight, and sets all words', async ({ page, request }) => {
  const id = await openDemo(page, request);
  const drop = await page.evaluateHandle(
    (bytes) => {
      const data = new DataTransfer();
      data.items.add(new File([Uint8Array.from(bytes)], 'House.woff2'));
      return data;
    },
    [...readFileSync(VARIABLE)],
  );
  await page.locator('.desk').dispatchEvent('drop', { dataTransfer: drop });
  const dialog = page.getByRole('dialog');
  await expect(page.getByRole('dialog', { name: 'Figtree' })).toBeVisible();
  await expect(dialog).toContainText('The font file allows embedding.');
  await dialog.getByRole('button', { name: 'ExtraBold', exact: true }).click();
  await expect(dialog.getByRole('slider')).toHaveValue('800');
  await dialog.getByRole('button', { name: 'Use for all words' }).click();
  await expect(dialog).toBeHidden();
  await saved(page);
  const { words, charts } = (await stored(request, id)).document;
  for (const { font } of [...words, charts[0].words.legend!]) expect(font).toMatch(/^own-figtree-extrabold-/);
  await expect(page.locator('.proof-word')).toContainText('exact', { timeout: 30_000 });
  // One that is used stays.
  await page.getByRole('tab', { name: 'Words' }).click();
  await page.locator('.font-field').first().click();
  await page.getByRole('button', { name: 'About Figtree ExtraBold' }).click();
  await dialog.getByRole('button', { name: 'Remove' }).click();
  await expect(dialog.getByRole('alert')).toContainText('is used by “A copy of the demo”');
  await dialog.getByRole('button', { name: 'Close' }).click();
  // What is no font is refused in words, and nothing changes.
  await page.locator('.font-field').first().click();
  await page.getByLabel('Font file').setInputFiles({
    name: 'Notes.ttf',
    mimeType: 'font/ttf',
    buffer: Buffer.from('no font'),
  });
  await expect(page.getByText('“Notes.ttf” is not a TTF, OTF or WOFF2 font.')).toBeVisible();
});
