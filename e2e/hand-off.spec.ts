import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import type { Piece } from '../contracts/piece';
import { goTo, letGo, makePiece, openDemo, saved, store, stored } from './desk';
import { type } from './cells';
import { evenlySpoken } from '../demo/plain/evenlySpoken';
import { expect, test } from './kept';

const demo = (): Piece => evenlySpoken();

test('a film that is being made can be cancelled, tried again and removed', async ({ page, request }) => {
  const piece = demo();
  piece.title = 'Long one';
  piece.stage.frames = 900;
  piece.charts[0].entrance = { ...piece.charts[0].entrance!, begin: 0, frames: 900, order: 'together' };
  piece.moves = [];
  const id = await store(request, piece);
  await page.goto(`/pieces/${id}/hand-off`);
  await expect(page.getByText('No files yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Make file' }).click();
  await expect(page.getByText(/of 900 frames, about \d+ s left/)).toBeVisible({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('Cancelled. No file was kept.')).toBeVisible({ timeout: 15_000 });
  await expect(page.getByRole('link', { name: 'Download' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText(/Rendering/)).toBeVisible({ timeout: 15_000 });
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('Cancelled. No file was kept.')).toBeVisible({ timeout: 15_000 });
  await page.getByRole('button', { name: 'Remove long-one.mp4' }).click();
  await expect(page.getByText('No files yet.')).toBeVisible();
});

test('stills and the piece itself can be had', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await goTo(page, 150);
  await page.getByRole('link', { name: 'Hand off' }).click();
  await expect(page.getByLabel('Frame', { exact: true })).toHaveValue('150');
  const fetched = async (name: string): Promise<Buffer> => {
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name, exact: true }).click(),
    ]);
    return readFileSync((await download.path())!);
  };
  expect((await fetched('PNG')).subarray(1, 4).toString()).toBe('PNG');
  expect((await fetched('SVG')).toString()).toContain('data-figure="r1"');
  const piece = JSON.parse((await fetched('JSON')).toString()) as Piece;
  expect(piece).toEqual((await stored(request, id)).document);

  // And the piece can be opened on a shelf again.
  await page.goto('/');
  await page.getByLabel('A table or a piece').setInputFiles({
    name: 'copy.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...piece, title: 'Opened again' })),
  });
  await expect(page.getByRole('textbox', { name: 'Title of the piece' })).toHaveValue('Opened again');
  await page.goto('/');
  await page.getByLabel('A table or a piece').setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"stage": {}, "charts": []}'),
  });
  await expect(page.getByText('not a Lupine piece')).toBeVisible();
  await page.getByLabel('A table or a piece').setInputFiles({
    name: 'kinds.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('kind,things\nKettles,3\nLamps,5\n'),
  });
  await page.getByRole('button', { name: 'Use these figures' }).click();
  await expect(page.locator('.taken-file')).toContainText('Kettles');
  await expect(page.getByText('2 figures, whole')).toBeVisible();
  await expect(page.getByLabel('The whole')).toHaveAttribute('placeholder', '8');
});

/** The cues of a WebVTT file as Chromium's own reader finds them. */
const cuesOf = (page: Page, text: string): Promise<{ from: number; to: number; words: string }[]> =>
  page.evaluate(async (vtt) => {
    const video = document.createElement('video');
    const track = document.createElement('track');
    track.src = `data:text/vtt;charset=utf-8,${encodeURIComponent(vtt)}`;
    video.append(track);
    document.body.append(video);
    track.track.mode = 'hidden';
    await new Promise((resolve, reject) => {
      track.onload = resolve;
      track.onerror = reject;
    });
    return [...(track.track.cues ?? [])].map((cue) => ({
      from: cue.startTime,
      to: cue.endTime,
      words: (cue as VTTCue).getCueAsHTML().textContent!.replace(/\s+/g, ' '),
    }));
  }, text);

test('each who comes next finds files to work with', async ({ page, request }) => {
  const id = await openDemo(page, request);
  const { document } = await stored(request, id);
  const [first] = document.script.lines;
  await page.goto(`/pieces/${id}/hand-off`);
  const kind = (name: string) => page.getByRole('checkbox', { name, exact: true });
  await kind('MP4').uncheck();
  for (const group of ['subtitler', 'checker']) await page.getByRole('button', { name: `For the ${group}` }).click();
  for (const name of ['SRT', 'WebVTT by word', 'Markers', 'Proof', 'Values by frame']) await kind(name).check();
  await page.getByRole('button', { name: 'Make 5 files' }).click();
  const fetched = async (name: string): Promise<string> => {
    const row = page.locator('.film', { hasText: name });
    const [download] = await Promise.all([
      page.waitForEvent('download', { timeout: 60_000 }),
      row.getByRole('link', { name: 'Download' }).click({ timeout: 60_000 }),
    ]);
    return readFileSync((await download.path())!, 'utf8');
  };
  expect((await fetched('.srt')).replace(/\s+/g, ' ')).toContain(first.text);
  expect(await fetched('-proof.csv')).toMatch(/^What,.*\r\npiece,.*,exact\r\n/s);
  expect((await fetched('-values-by-frame.csv')).split('\r\n').length).toBeGreaterThan(document.stage.frames);
  expect(await fetched('-markers.csv')).toContain(`\r\nline,"${first.text}"`);
  const vtt = await fetched('-words.vtt');

  await page.goto('about:blank');
  const cues = await cuesOf(page, vtt);
  expect(cues[0].from).toBeCloseTo((first.begin * document.stage.rate[1]) / document.stage.rate[0], 2);
  const said = document.script.lines.map((line) => line.text).join(' ');
  expect(cues.map(({ words }) => words).join(' ')).toBe(said.replace(/\s+/g, ' '));
  expect(cues.every(({ from, to }, place) => to > from && (place === 0 || from >= cues[place - 1].to))).toBe(true);

  const silent = demo();
  silent.script.lines = [];
  silent.moves = [];
  await page.goto(`/pieces/${await store(request, silent)}/hand-off`);
  await expect(kind('SRT')).toBeDisabled();
  await expect(page.locator('.kind', { has: kind('SRT') })).toContainText('needs a script');
});

test('each part can be styled on its own, and keeps it when the figures change', async ({ page, request }) => {
  const id = await makePiece(page);
  await page.getByRole('button', { name: 'Stem of Clothing' }).click();
  await page.getByRole('button', { name: 'Look', exact: true }).click();
  await page.getByLabel('Pull out').fill('12*3');
  await page.getByLabel('Pull out').press('Enter');
  await page.getByLabel('Custom colour').check();
  await page.getByRole('textbox', { name: 'Colour', exact: true }).fill('#c23a74');
  await page.getByRole('textbox', { name: 'Colour', exact: true }).press('Enter');
  await page.getByRole('button', { name: 'Its coats' }).click();
  await page.getByRole('button', { name: 'Clothing', exact: true }).click();
  await page.getByLabel('Pattern on').check();
  await page.getByRole('button', { name: 'Dots', exact: true }).click();
  await page.getByRole('button', { name: /^Glow:/ }).click();
  await page.getByRole('button', { name: 'None', exact: true }).click();
  await saved(page);
  await page.getByRole('tab', { name: 'Figures' }).click();
  await type(page, 3, 'typed', '700');
  await page.getByRole('button', { name: 'Move Clothing up' }).click();
  await saved(page);
  const { document } = await stored(request, id);
  expect(document.tables[0].rows.map(({ label }) => label)[1]).toBe('Clothing');
  expect(document.charts[0].own.r3).toMatchObject({
    out: 36,
    colour: '#c23a74',
    patterns: [{ kind: 'dots' }],
    glows: [],
  });
  await expect(page.getByRole('row', { name: /Clothing/ }).locator('.chip')).toHaveCSS(
    'background-color',
    'rgb(194, 58, 116)',
  );
});

test('the stage takes any size and rate, and refuses what cannot be', async ({ page, request }) => {
  const id = await makePiece(page);
  await page.getByRole('button', { name: /1920 × 1080/ }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByLabel('Drop-frame timecode')).toBeDisabled();
  await dialog.getByLabel('Frame rate').selectOption('29.97');
  await dialog.getByLabel('Drop-frame timecode').check();
  // Typed as the stage numbers its frames: a minute of drop-frame is 1800 frames, and ends in 02.
  await dialog.getByLabel('Length', { exact: true }).fill('0:01:00;02');
  await dialog.getByLabel('Length', { exact: true }).press('Enter');
  await expect(dialog.getByLabel('Length', { exact: true })).toHaveValue('1800');
  await dialog.getByLabel('Length', { exact: true }).fill('61s');
  await dialog.getByLabel('Length', { exact: true }).press('Enter');
  await dialog.getByLabel('Size', { exact: true }).selectOption('1080 × 1920, upright');
  await dialog.getByLabel('Width').fill('9000');
  await dialog.getByLabel('Width').press('Enter');
  await expect(dialog.getByRole('alert')).toContainText('From 64 to 3840');
  await dialog.getByRole('button', { name: 'Done' }).click();
  await saved(page);
  expect((await stored(request, id)).document.stage).toEqual({
    width: 1080,
    height: 1920,
    rate: [30000, 1001],
    dropFrame: true,
    frames: 1828,
  });
  await letGo(page);
  await page.keyboard.press('End');
  // SMPTE ST 12-1: after a minute two numbers have been dropped.
  await expect(page.locator('.now-code')).toHaveValue('1:00;29');
});
