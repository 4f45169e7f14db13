import AxeBuilder from '@axe-core/playwright';
import { paste } from './cells';
import { evenlySpoken } from '../demo/plain/evenlySpoken';
import { openDemo, store, stored } from './desk';
import { expect, test } from './kept';

test('pieces are renamed, duplicated, deleted and put back', async ({ page, request }) => {
  // Of a title of its own: beside it other checks make new pieces.
  await store(request, { ...evenlySpoken(), title: 'Autumn' });
  await page.goto('/');
  const card = (title: string) =>
    page.getByRole('article').filter({ has: page.getByRole('link', { name: title, exact: true }) });
  await page.getByRole('button', { name: 'Actions for Autumn' }).click();
  await page.getByRole('button', { name: 'Rename' }).click();
  await page.getByRole('textbox', { name: 'New title' }).fill('Spring');
  await page.keyboard.press('Enter');
  await expect(card('Spring')).toHaveCount(1);
  await page.getByRole('button', { name: 'Actions for Spring' }).click();
  await page.getByRole('button', { name: 'Duplicate' }).click();
  await expect(card('Spring copy')).toHaveCount(1);
  await page.getByRole('button', { name: 'Actions for Spring copy' }).click();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(card('Spring copy')).toHaveCount(0);
  await page.getByRole('button', { name: 'Restore' }).click();
  await expect(card('Spring copy')).toHaveCount(1);
});

test('pictures on the shelf are painted when they come into view', async ({ page }) => {
  await page.goto('/');
  const starters = page.locator('.starter canvas');
  const isPainted = (place: number) =>
    starters.nth(place).evaluate((canvas: HTMLCanvasElement) => {
      const { width, height } = canvas;
      return canvas.getContext('2d')!.getImageData(width / 2, height / 2, 1, 1).data[3] === 255;
    });
  await starters.first().scrollIntoViewIfNeeded();
  await expect.poll(() => isPainted(0)).toBe(true);
  const last = (await starters.count()) - 1;
  expect(await isPainted(last)).toBe(false);
  await starters.nth(last).scrollIntoViewIfNeeded();
  await expect.poll(() => isPainted(last)).toBe(true);
});

test('pieces lie in folders, are sorted, and what is deleted lies in the bin', async ({ page, request }) => {
  const name = `Series ${Date.now()}`;
  await store(request, { ...evenlySpoken(), title: `${name} B` });
  await store(request, { ...evenlySpoken(), title: `${name} A` });
  await page.goto('/');
  for (const one of ['A', 'B']) {
    await page.getByRole('button', { name: `Actions for ${name} ${one}` }).click();
    await page.getByRole('button', { name: 'Move to a folder…' }).click();
    await page.getByRole('combobox', { name: 'Folder' }).fill(name);
    await page.getByRole('button', { name: 'Move', exact: true }).click();
    await expect(page.getByRole('dialog')).toHaveCount(0);
  }
  await page.getByRole('group', { name: 'Folders' }).getByRole('button', { name }).click();
  await expect(page.getByRole('article')).toHaveCount(2);
  await page.getByLabel('Sort the shelf').selectOption('By title');
  await expect(page.locator('.card-title')).toHaveText([`${name} A`, `${name} B`]);

  await page.getByRole('button', { name: `Actions for ${name} A` }).click();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByRole('article')).toHaveCount(1);
  await page.getByRole('button', { name: /^Bin/ }).click();
  const bin = page.getByRole('dialog', { name: 'Bin' });
  const item = bin.getByRole('listitem').filter({ hasText: `${name} A` });
  await expect(item).toContainText('gone in 30 days');
  await item.getByRole('button', { name: 'Restore' }).click();
  await expect(item).toHaveCount(0);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('article')).toHaveCount(2);
  // For good only when it is said twice.
  await page.getByRole('button', { name: `Actions for ${name} A` }).click();
  await page.getByRole('button', { name: 'Delete' }).click();
  await page.getByRole('button', { name: /^Bin/ }).click();
  await item.getByRole('button', { name: /for good/ }).click();
  await item.getByRole('button', { name: 'Keep' }).click();
  await expect(item.getByRole('button', { name: 'Restore' })).toBeVisible();
  await item.getByRole('button', { name: /for good/ }).click();
  await item.getByRole('button', { name: 'Delete it and all versions' }).click();
  await expect(item).toHaveCount(0);
});

test('a piece from a piece, with other figures, compared before they are taken', async ({ page, request }) => {
  await store(request, { ...evenlySpoken(), title: 'The year before' });
  await page.goto('/');
  await page.getByRole('button', { name: 'Actions for The year before', exact: true }).first().click();
  await page.getByRole('button', { name: 'New one with other figures…' }).click();
  await page
    .getByLabel('Other figures', { exact: true })
    .fill('Kind\tThings\nSmall appliances\t600\nLamps & lights\t300');
  await page.getByRole('button', { name: 'Compare on its desk' }).click();
  await page.waitForURL(/pieces\//);
  await page.getByRole('button', { name: /^New figures for/ }).click();
  await expect(page.getByRole('dialog')).toContainText('2 changed, 3 removed');
});

test('a table that cannot be taken says why before anything is made', async ({ page }) => {
  await page.goto('/');
  const box = page.getByRole('textbox', { name: 'Figures' });
  await box.fill('kettles and lamps');
  await expect(page.getByRole('alert')).toContainText('number');
  await expect(page.getByRole('button', { name: 'Create piece' })).toBeDisabled();
  // Below zero it is no part of a whole: forms that cannot show it say so, others can.
  await box.fill('Kettles\t-3\nLamps\t4');
  await expect(page.locator('.new-piece').getByRole('status')).toContainText('Row 1, “Kettles”');
  await expect(page.getByRole('radio', { name: /^donut: / })).toBeDisabled();
  await expect(page.getByRole('radio', { name: 'bars', exact: true })).toBeChecked();
  await box.fill('');
  await box.focus();
  await paste(page, Array.from({ length: 5300 }, (_, row) => `Thing ${row}\t${row}`).join('\n'));
  await expect(page.getByRole('alert')).toContainText('the limit is 5,000');
  await page
    .getByLabel('A table or a piece')
    .setInputFiles({ name: 'large.csv', mimeType: 'text/csv', buffer: Buffer.alloc(10_200_000, 'a,1\n') });
  await expect(page.getByText('the limit is 10 MB')).toBeVisible();
  await expect(box).toHaveValue(/Thing 5299/);
});

test('a pasted number that can be read in two ways is asked about, on the shelf and in the sheet', async ({
  page,
  request,
}) => {
  await page.goto('/');
  await page.getByRole('textbox', { name: 'Figures' }).fill('Kind;Kept\nKettles;1.234\nLamps;912');
  await page.getByLabel('What 1.234 means').selectOption(',');
  await expect(page.getByLabel('The whole')).toHaveAttribute('placeholder', '2,146');
  await page.getByRole('button', { name: 'Create piece' }).click();
  await page.waitForURL(/pieces\//);
  const id = page.url().split('/').pop()!;
  const cells = async (): Promise<string[][]> =>
    (await stored(request, id)).document.tables[0].rows.map((row) => row.cells);
  expect(await cells()).toEqual([['1234'], ['912']]);
  await page.getByRole('row', { name: /Lamps/ }).getByText('912').click();
  await paste(page, '7.500\n3');
  await page.getByRole('button', { name: 'Read it in thousands' }).click();
  await expect.poll(cells).toEqual([['1234'], ['7500'], ['3']]);
});

// WCAG 2.2 AA as axe checks it, in both lights.
for (const light of ['light', 'dark']) {
  test(`every page can be used by everybody, ${light}`, async ({ page, request }) => {
    await page.addInitScript((value) => localStorage.setItem('lupine-light', value), light);
    // Colours are judged at rest, not while a face fades in.
    await page.emulateMedia({ reducedMotion: 'reduce' });
    const id = await openDemo(page, request);
    await page.getByRole('button', { name: 'Stem of Clothing' }).click();
    expect.soft(await found(page, light), 'the desk').toEqual([]);
    for (const face of ['Form', 'Finish', 'Words', 'Stage', 'Motion']) {
      await page.getByRole('tab', { name: face }).click();
      // What is around the bench stays as it is.
      expect.soft(await found(page, light, '.bench'), face).toEqual([]);
    }
    // What lies over the desk or beside it, each by its key.
    await page.keyboard.press('Escape');
    for (const [key, part] of [
      ['e', '.version-panel'],
      ['y', '.kit-panel'],
      ['f', '.modal.show'],
      ['?', '.modal.show'],
    ]) {
      await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
      await page.keyboard.press(key);
      await expect(page.locator(part)).toBeVisible();
      if (key === 'f') await page.keyboard.type('shadow');
      if (key === 'e') await page.getByRole('button', { name: 'Name this version…' }).click();
      expect.soft(await found(page, light, part), part).toEqual([]);
      await page.keyboard.press('Escape');
      await page.keyboard.press('Escape');
    }
    for (const name of ['Stage size, frame rate and length', 'What is wrong, and what mends it']) {
      const opener = page.getByTitle(name);
      if ((await opener.count()) === 0) continue;
      await opener.click();
      expect.soft(await found(page, light, '.modal.show, .issue-list'), name).toEqual([]);
      await page.keyboard.press('Escape');
    }
    for (const path of ['/', `/pieces/${id}/proof`, `/pieces/${id}/hand-off`, '/nowhere']) {
      await page.goto(path);
      await page.waitForLoadState('networkidle');
      expect.soft(await found(page, light), path).toEqual([]);
    }
  });
}

/** In the dark only colours are other ones. */
async function found(page: import('@playwright/test').Page, light: string, part = 'html'): Promise<string[]> {
  const rules = new AxeBuilder({ page }).include(part);
  if (light === 'dark') rules.withRules(['color-contrast']);
  else rules.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']);
  const { violations } = await rules.analyze();
  return violations.flatMap(({ id, nodes }) =>
    nodes.map((node) => `${id}: ${node.html.slice(0, 120)} ${node.any[0]?.message ?? ''}`),
  );
}
