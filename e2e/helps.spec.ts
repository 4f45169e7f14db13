import { expectCell, type } from './cells';
import { goTo, makePiece, openDemo, saved, store, stored } from './desk';
import { evenlySpoken } from '../demo/plain/evenlySpoken';
import { expect, test } from './kept';

test('one figure is enough, and nothing typed is thrown away', async ({ page }) => {
  await page.goto('/');
  const box = page.getByRole('textbox', { name: 'Figures' });
  await box.fill('65');
  await page.getByRole('button', { name: 'Show as part of 100' }).click();
  await expect(box).toHaveValue(/65\n.*rest$/);
  await expect(page.getByLabel('The whole')).toHaveValue('100');
  // Away and back: it is still there.
  await page.goto('/hand-offs');
  await page.goto('/');
  await expect(box).toHaveValue(/65\n.*rest$/);
  await page.getByRole('button', { name: 'Create piece' }).click();
  await expectCell(page, 1, 'share', '65.00 %');
  await expectCell(page, 2, 'typed', 'rest35');
  await page.goto('/');
  await expect(box).toHaveValue('');
});

test('slips are pointed out over the desk, mended or let be, and proof says them', async ({ page, request }) => {
  const id = await makePiece(page);
  const stage = page.locator('.stage canvas');
  const before = await stage.boundingBox();
  await type(page, 1, 'typed', '4510');
  await page.keyboard.press('Escape');
  await expect(page.locator('.problem-bar')).toContainText('about ten times the others');
  expect(await stage.boundingBox()).toEqual(before);
  // The slip, and that it has no title yet.
  await expect(page.locator('.proof-word')).toContainText('exact, 2 issues');
  await page.getByRole('button', { name: 'Change to 451' }).click();
  await expectCell(page, 1, 'typed', '451');
  await expect(page.locator('.problem-bar')).toHaveCount(0);
  await type(page, 1, 'typed', '4510');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Keep 4510' }).click();
  await expect(page.locator('.problem-bar')).toHaveCount(0);
  await saved(page);
  expect((await stored(request, id)).document.tables[0].rows[0].sure).toBe('4510');
});

test('fields take what was typed in its order, and hold it to what the one before has changed', async ({
  page,
  request,
}) => {
  const id = await makePiece(page);
  await page.getByRole('button', { name: 'Type the first line' }).click();
  await page.keyboard.type('Four in ten were kettles.');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /Line: Four/ }).click();
  const details = page.getByRole('complementary');
  const type = async (field: string, text: string): Promise<void> => {
    await details.getByLabel(field).fill(text);
    await details.getByLabel(field).press('Enter');
  };
  const times = async () =>
    (await stored(request, id)).document.script.lines.slice(0, 1).map(({ begin, end }) => [begin, end]);
  await type('Starts', '100');
  await expect.poll(async () => (await times())[0]?.[0]).toBe(100);
  // With a unit it is read by the server, which takes its time; the plain number after it is known at once.
  await page.route('**/api/numbers/read', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 700));
    await route.continue();
  });
  await type('Starts', '9f');
  await type('Ends', '66');
  await expect.poll(times).toEqual([[9, 66]]);
});

test('a set begins with a colour for each part, grows, and says where colours are alike', async ({ page, request }) => {
  const id = await makePiece(page);
  await page.getByRole('tab', { name: 'Finish' }).click();
  await page.getByLabel('Colours', { exact: true }).selectOption('Colour set');
  await expect(page.getByLabel(/^Pick: Swatch/)).toHaveCount(5);
  await page.getByRole('button', { name: 'Add swatch' }).click();
  await expect(page.getByLabel(/^Pick: Swatch/)).toHaveCount(6);
  await saved(page);
  expect(new Set((await stored(request, id)).document.charts[0].finish.swatches).size).toBe(6);
  const first = await page.getByLabel('Pick: Swatch 1').inputValue();
  await page.getByLabel('Pick: Swatch 2').focus();
  await page.getByRole('textbox', { name: 'Swatch 2', exact: true }).fill(first);
  await page.keyboard.press('Enter');
  await expect(page.locator('.proof-word')).toContainText('2 issues');
  await page.locator('.proof-word').click();
  await page.getByRole('link', { name: 'Open the proof' }).click();
  await expect(page.locator('.checks')).toContainText('look the same to everybody');
});

test('what is hard to read is shown where it is, and the desk goes on where it was left', async ({ page, request }) => {
  const piece = evenlySpoken();
  Object.assign(piece.words[0], { x: 1000, y: 470, placedBy: 'hand' });
  const id = await store(request, piece);
  await page.goto(`/pieces/${id}`);
  // It opens where all is there, not on an empty stage.
  await expect(page.locator('.frame-number')).toHaveValue('335');
  await goTo(page, 300);
  await page.getByRole('tab', { name: 'Words' }).click();
  await page.getByRole('button', { name: 'Stem of Toys' }).click();
  await expect(page.locator('.proof-word')).toContainText('3 issues');
  await page.locator('.proof-word').click();
  await page.getByRole('link', { name: 'Open the proof' }).click();
  await expect(page.locator('.checks')).toContainText('overlap');
  await page.getByRole('link', { name: 'Back to the desk' }).click();
  await expect(page.locator('.frame-number')).toHaveValue('300');
  await expect(page.getByRole('tab', { name: 'Words' })).toHaveAttribute('aria-selected', 'true');
  await expect(page.getByRole('button', { name: 'Stem of Toys' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('link', { name: 'Open the proof' }).click();
  await page.getByRole('listitem').filter({ hasText: 'overlap' }).first().getByRole('link').click();
  await expect(page.locator('.pointed-out')).toHaveCount(1);

  // A moment can be typed, as timecode or as seconds.
  await page.getByLabel('Timecode').fill('0:02:15');
  await page.keyboard.press('Enter');
  await expect(page.locator('.frame-number')).toHaveValue('75');
  await page.getByLabel('Frame', { exact: true }).fill('4s');
  await page.keyboard.press('Enter');
  await expect(page.locator('.frame-number')).toHaveValue('120');

  // The bench is made taller with the keyboard, and stays so.
  const bar = page.getByRole('separator', { name: 'Resize bench' });
  const before = (await page.locator('.bench').boundingBox())!.height;
  await bar.focus();
  for (let press = 0; press < 3; press++) await page.keyboard.press('ArrowUp');
  const after = (await page.locator('.bench').boundingBox())!.height;
  expect(after).toBeGreaterThan(before + 20);
  await page.waitForTimeout(400);
  await page.reload();
  await expect(page.locator('.stage canvas')).toHaveAttribute('data-reel', /\d/);
  expect(Math.abs((await page.locator('.bench').boundingBox())!.height - after)).toBeLessThan(3);
});

test('a piece without a backdrop becomes a film with transparency, of the frames that are wanted', async ({
  page,
  request,
}) => {
  const id = await openDemo(page, request);
  const piece = (await stored(request, id)).document;
  piece.backdrop.kind = 'transparent';
  const open = await store(request, piece);
  await page.goto(`/pieces/${open}/hand-off`);
  const kind = (name: string) => page.getByRole('checkbox', { name, exact: true });
  await expect(kind('ProRes 4444')).toBeChecked();
  await kind('ProRes 4444').uncheck();
  // An MP4 asks for a colour instead of filming black.
  await kind('MP4').check();
  await expect(page.getByText('Choose a background colour')).toBeVisible();
  await kind('MP4').uncheck();
  await kind('WebM').check();
  await page.getByLabel('File name').fill('Over the clip');
  await page.getByLabel('Last frame').fill('311');
  await page.keyboard.press('Enter');
  // A film that is asked for while a sum is still being read is a film of what was typed.
  await page.route('**/numbers/read', async (route) => {
    await page.waitForTimeout(700);
    await route.continue();
  });
  await page.getByLabel('First frame').fill('3 * 100');
  await page.getByRole('button', { name: /^Make file/ }).click();
  await page.getByRole('button', { name: 'Play Over-the-clip.webm' }).click({ timeout: 60_000 });
  const video = page.locator('video');
  await expect.poll(() => video.evaluate((player: HTMLVideoElement) => player.readyState)).toBeGreaterThan(1);
  expect(await video.evaluate((player: HTMLVideoElement) => Math.round(player.duration * 10))).toBe(4);
});
