import { goTo, letGo, makePiece, openDemo, saved, stored } from './desk';
import { cell, expectCell, paste, type } from './cells';
import { expect, test } from './kept';

test('a changed figure is seen at once, and undo survives a reload', async ({ page, request }) => {
  const id = await makePiece(page);
  const canvas = page.locator('.stage canvas');
  const before = await canvas.getAttribute('data-reel');
  await type(page, 1, 'typed', '65*3.6');
  await expect(canvas).not.toHaveAttribute('data-reel', before!);
  await expect(page.getByRole('row', { name: /Small appliances/ })).toContainText('24.12 %');
  await saved(page);
  await type(page, 5, 'label', 'Toys and games');
  await saved(page);

  await page.reload();
  await expectCell(page, 5, 'label', 'Toys and games');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expectCell(page, 5, 'label', 'Toys');
  await letGo(page);
  await page.keyboard.press('Control+z');
  await expectCell(page, 1, 'typed', '512');
  await page.keyboard.press('Control+Shift+z');
  await expectCell(page, 1, 'typed', '=234');
  expect((await stored(request, id)).document.tables[0].rows[0].cells[0]).toBe('65*3.6');
});

test('impossible figures are told, and nothing typed is lost', async ({ page }) => {
  await makePiece(page, 'Mended\t60 %\nBeyond us\t43 %');
  await expect(page.locator('.problem-bar')).toContainText('add up to 103');
  await page.getByRole('button', { name: 'Subtract it from the largest' }).click();
  await expectCell(page, 1, 'typed', '57 %');
  await expect(page.locator('.problem-bar')).toHaveCount(0);

  await type(page, 2, 'typed', 'many');
  await expect(page.getByRole('alert').first()).toContainText('Row 2, “Beyond us”');
  await expect(page.locator('.proof-word')).toHaveText('Proof');
  await saved(page);
  await page.reload();
  await expectCell(page, 2, 'typed', 'many');
  await type(page, 2, 'typed', 'rest');
  await expect(page.getByRole('row', { name: /Beyond us/ })).toContainText('43.00 %');

  // Rows from a spreadsheet, pasted into a cell.
  await cell(page, 2, 'label').click();
  await paste(page, 'Taken apart\t30 %\nGiven away\t13 %');
  await expectCell(page, 3, 'label', 'Given away');

  // A number field that cannot take what was typed keeps it and says why.
  await page.getByRole('tab', { name: 'Form' }).click();
  await page.getByLabel('Radius', { exact: true }).fill('12°');
  await page.getByLabel('Radius', { exact: true }).press('Enter');
  await expect(page.getByRole('alert')).toContainText('pixels');
  await expect(page.getByLabel('Radius', { exact: true })).toHaveValue('12°');
});

test('two tabs cannot overwrite each other silently', async ({ page, context, request }) => {
  const id = await makePiece(page);
  const other = await context.newPage();
  await other.goto(`/pieces/${id}`);
  await other.getByRole('textbox', { name: 'Title of the piece' }).fill('From the other tab');
  await other.keyboard.press('Enter');
  await saved(other);

  await page.getByRole('textbox', { name: 'Title of the piece' }).fill('From this tab');
  await page.keyboard.press('Enter');
  const choice = page.getByRole('dialog');
  await expect(choice).toContainText('changed in another tab');
  expect((await stored(request, id)).document.title).toBe('From the other tab');
  await choice.getByRole('button', { name: 'Keep this tab’s' }).click();
  await saved(page);
  expect((await stored(request, id)).document.title).toBe('From this tab');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('textbox', { name: 'Title of the piece' })).toHaveValue('From the other tab');
});

test('one selection everywhere, and a stem that is dragged onto a word is pinned to it', async ({ page, request }) => {
  await openDemo(page, request);
  await goTo(page, 470);
  const stage = (await page.locator('.stage canvas').boundingBox())!;
  // The orange part stands at the left of the ring.
  await page.mouse.click(stage.x + (stage.width * 300) / 1920, stage.y + (stage.height * 540) / 1080);
  await expect(page.locator('.dsg-row.is-picked')).toHaveClass(/row-r3/);
  await expect(page.getByRole('button', { name: 'Stem of Clothing' })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.locator('.ties path')).toHaveCount(1);
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('complementary')).toContainText('Bicycles');

  // Dragged away from every word it stays on its own, at an offset; dragged back, it takes hold of it anew.
  const key = page.getByRole('slider', { name: 'Bicycles: entrance' });
  const drag = async (by: number) => {
    // It stands still where it was taken before.
    await key.hover();
    const box = (await key.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 + by, { steps: 8 });
    await page.mouse.up();
    await saved(page);
  };
  await expect(key).toHaveAttribute('aria-valuetext', /on “Bikes”/);
  await drag(80);
  await expect(key).toHaveAttribute('aria-valuetext', /^frame 3\d\d, on “Bikes”$/);
  await drag(-80);
  await expect(key).toHaveAttribute('aria-valuetext', /on “Bikes”/);
  await key.focus();
  await page.keyboard.press('ArrowDown');
  await expect(key).toHaveAttribute('aria-valuetext', 'frame 295, on “Bikes”');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
});

test('time is walked, looped and played by keys', async ({ page, request }) => {
  await openDemo(page, request);
  await goTo(page, 215);
  await expect(page.locator('.now-code')).toHaveValue('0:07:05');
  await page.keyboard.press('o');
  await page.keyboard.press('l');
  // The line lasts from frame 208 to 278; its loop never leaves it.
  for (let look = 0; look < 6; look++) {
    await page.waitForTimeout(400);
    const frame = Number(await page.locator('.frame-number').inputValue());
    expect(frame).toBeGreaterThanOrEqual(208);
    expect(frame).toBeLessThan(278);
  }
  await page.keyboard.press('k');
  await page.keyboard.press('o');
  await page.keyboard.press('End');
  await expect(page.locator('.frame-number')).toHaveValue('479');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('jump ten frames');
});

test('a line that is moved takes along what is pinned to it, and pins hold on to their words', async ({
  page,
  request,
}) => {
  await openDemo(page, request);
  const row = page.getByRole('row', { name: /Clothing/ });
  await expect(row).toContainText('“coats”');
  const line = page.getByRole('button', { name: /Line: Then lamps/ });
  await line.dblclick();
  const field = page.getByRole('textbox', { name: 'Narration line' });
  await field.fill('Then, at last, lamps, and the coats nobody wanted to throw away.');
  await page.keyboard.press('Escape');
  await expect(row).toContainText('“coats”');
  await expect(page.getByRole('row', { name: /Lamps/ })).toContainText('“lamps”');
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /Line: Then lamps/ })).toBeVisible();
});
