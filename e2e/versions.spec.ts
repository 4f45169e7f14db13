import { letGo, makePiece, saved, stored } from './desk';
import { expect, test } from './kept';

test('versions are named, looked at beside now, and taken back whole or one chart', async ({ page, request }) => {
  const id = await makePiece(page);
  const first = (await stored(request, id)).document;
  await page.keyboard.press('e');
  const panel = page.getByRole('region', { name: 'Versions' });
  await expect(panel.getByRole('radio')).toHaveCount(1);
  await panel.getByRole('button', { name: 'Name this version…' }).click();
  await page.keyboard.type('as sent');
  await page.keyboard.press('Enter');
  await expect(panel.getByRole('radio', { name: /^as sent, named/ })).toBeChecked();

  await letGo(page);
  await expect(panel).toBeHidden();
  await page.getByLabel('Title of the piece').fill('The second year');
  await page.keyboard.press('Enter');
  await page.getByRole('gridcell', { name: '512' }).first().dblclick();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('498');
  await page.keyboard.press('Enter');
  await saved(page);
  await letGo(page);
  await page.keyboard.press('e');
  await expect(panel.getByRole('radio', { name: /2 changes since “as sent”/ })).toBeChecked();
  await expect(panel.locator('.version-picture canvas')).toHaveCount(3);

  // Beside now: what differs, and a line between both that the keyboard moves.
  await panel.getByRole('radio', { name: /^as sent/ }).check({ force: true });
  const compared = panel.getByRole('region', { name: /^From today/ });
  await expect(compared).toContainText('Small appliances 512 → 498');
  await expect(compared).toContainText('Piece renamed “The second year”');
  await expect(page.locator('.version-tag')).toHaveText([/^“as sent”/, 'Now']);
  const wipe = page.getByRole('slider', { name: 'How much of the earlier version is shown' });
  await wipe.press('ArrowRight');
  await expect(wipe).toHaveAttribute('aria-valuenow', '55');
  await wipe.press('End');
  await expect(page.locator('.version-drawn')).toHaveCSS('clip-path', 'inset(0px 0% 0px 0px)');

  // One chart of it: the title stays.
  await compared.getByRole('button', { name: 'Take one chart' }).click();
  await compared.getByRole('button', { name: /^donut/ }).click();
  await saved(page);
  await expect.poll(async () => (await stored(request, id)).document.tables).toEqual(first.tables);
  const { charts, words } = (await stored(request, id)).document;
  expect(charts).toEqual(first.charts);
  expect(words[0].text).toBe('The second year');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => (await stored(request, id)).document.tables[0].rows[0].cells[0]).toBe('498');

  // All of it, and back again: nothing is lost on the way.
  await panel.getByRole('radio', { name: /^as sent/ }).check({ force: true });
  await compared.getByRole('button', { name: 'Go back to this' }).click();
  await expect.poll(async () => (await stored(request, id)).document).toEqual(first);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => (await stored(request, id)).document.title).toBe('The second year');
  await expect(panel.getByRole('radio', { name: /undone/ }).first()).toBeAttached();
});

test('a version opens as a piece of its own', async ({ page, request }) => {
  const id = await makePiece(page);
  await page.getByLabel('Title of the piece').fill('Later');
  await page.keyboard.press('Enter');
  await saved(page);
  await page.getByRole('button', { name: 'Versions' }).click();
  const panel = page.getByRole('region', { name: 'Versions' });
  await panel.getByRole('radio', { name: /^Begun/ }).check({ force: true });
  await panel.getByRole('button', { name: 'Open as a new piece' }).click();
  await expect(page).not.toHaveURL(new RegExp(`${id}$`));
  await expect(page.getByLabel('Title of the piece')).toHaveValue(/, Begun$/);
  expect((await stored(request, id)).document.title).toBe('Later');
});
