import { execFileSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beginOn, goTo, letGo, makePiece, saved, stored } from './desk';
import { decodedFrame, difference, pixelsOf } from './pictures';
import { expect, test } from './kept';

// The whole way of somebody who is here for the first time: a pasted table in, a film out.
test('a pasted table becomes a film that shows what the stage showed', async ({ page, request }) => {
  test.setTimeout(240_000);
  const id = await makePiece(page);
  await expect(page.getByRole('row', { name: /Small appliances/ })).toContainText('41.03 %');
  await expect(page.getByRole('row', { name: /Small appliances/ })).toContainText('147.69°');

  // Three lines, each begun where the one before ends; then their times are typed.
  await page.getByRole('button', { name: 'Type the first line' }).click();
  for (const line of ['Four in ten were kettles.', 'Then lamps, and old coats.', 'Bikes and toys made up the rest.']) {
    await page.keyboard.type(line);
    await page.keyboard.press('Enter');
  }
  await page.keyboard.press('Escape');
  await expect(page.locator('.line')).toHaveCount(3);
  // The next line is selected before the server has read what was typed for the one before.
  await page.route('**/numbers/read', async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 400));
    await route.continue();
  });
  for (const [name, begin, end] of [
    ['Bikes', '0:04:15', '6s'],
    ['Then', '2.4s', '0:04:10'],
    ['Four', '9f', '66'],
  ]) {
    await page.getByRole('button', { name: new RegExp(`Line: ${name}`) }).click();
    const details = page.getByRole('complementary');
    await details.getByLabel('Starts').fill(begin);
    await details.getByLabel('Starts').press('Enter');
    await details.getByLabel('Ends').fill(end);
    await details.getByLabel('Ends').press('Enter');
  }
  await expect
    .poll(async () => (await stored(request, id)).document.script.lines.map(({ begin, end }) => [begin, end]))
    .toEqual([
      [9, 66],
      [72, 130],
      [135, 180],
    ]);

  // Each part comes in on the word that names it.
  for (const [part, word] of [
    ['Small appliances', 'kettles'],
    ['Lamps & lights', 'lamps'],
    ['Clothing', 'coats'],
    ['Bicycles', 'Bikes'],
    ['Toys', 'toys'],
  ]) {
    await page.getByRole('button', { name: `Stem of ${part}` }).click();
    await beginOn(page.getByRole('complementary'), word);
    await expect(page.getByRole('row', { name: new RegExp(part) })).toContainText(`“${word}”`);
  }

  await page.getByRole('tab', { name: 'Finish' }).click();
  await page.getByLabel('Glow on', { exact: true }).check();
  await page.getByLabel('Pattern on').check();
  await page.getByRole('tab', { name: 'Words' }).click();
  await expect(page.getByLabel('Captions')).toBeChecked();
  await saved(page);

  // It plays at its own rate, and stops at the end.
  await letGo(page);
  await page.keyboard.press('Home');
  await page.keyboard.press('Space');
  await expect.poll(async () => Number(await page.locator('.frame-number').inputValue())).toBeGreaterThan(20);
  await page.keyboard.press('Space');

  await goTo(page, 80);
  const stage = await page
    .locator('.stage canvas')
    .evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL('image/png'));

  await page.getByRole('link', { name: 'Hand off' }).click();
  await page.getByRole('button', { name: 'Make file' }).click();
  await expect(page.getByRole('progressbar')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('link', { name: 'Download' })).toBeVisible({ timeout: 120_000 });
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Download' }).click(),
  ]);
  const film = join(mkdtempSync(join(tmpdir(), 'film-')), 'film.mp4');
  await download.saveAs(film);

  const { frames } = (await stored(request, id)).document.stage;
  // ffprobe: what an editor will find.
  const found = JSON.parse(
    execFileSync('ffprobe', ['-v', 'error', '-count_frames', '-show_streams', '-of', 'json', film]).toString(),
  ) as { streams: Record<string, string | number>[] };
  expect(found.streams[0]).toMatchObject({
    codec_name: 'h264',
    pix_fmt: 'yuv420p',
    width: 1920,
    height: 1080,
    r_frame_rate: '30/1',
    avg_frame_rate: '30/1',
    nb_read_frames: String(frames),
    color_space: 'bt709',
    color_primaries: 'bt709',
    color_transfer: 'bt709',
    color_range: 'tv',
  });
  // The stage, as large as it was shown, against the same frame of the film: nothing but the film's own coding between
  // them.
  const shown = pixelsOf(stage);
  const filmed = decodedFrame(film, 80, shown.width, shown.height);
  expect(difference(shown.data, filmed).mean).toBeLessThan(2.5);
});
