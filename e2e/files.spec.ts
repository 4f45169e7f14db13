import { readFileSync } from 'node:fs';
import AxeBuilder from '@axe-core/playwright';
import type { APIRequestContext, Page } from '@playwright/test';
import type { Piece } from '../contracts/piece';
import { openDemo, store, stored } from './desk';
import { evenlySpoken } from '../demo/plain/evenlySpoken';
import { expect, test } from './kept';
import { decibels, pixelsOf, shot, stillOf } from './pictures';

/** The demo without what a page and an SVG leave out: a shutter, and the narrator's sound. */
function sharp(): Piece {
  const piece = evenlySpoken();
  piece.shutter = null;
  return piece;
}

/** A file of a piece, made by the queue. */
async function made(request: APIRequestContext, id: string, order: object): Promise<string> {
  const { id: file } = (await (await request.post(`/api/pieces/${id}/hand-offs`, { data: order })).json()) as {
    id: string;
  };
  await expect
    .poll(async () => ((await (await request.get(`/api/hand-offs/${file}`)).json()) as { status: string }).status, {
      timeout: 60_000,
    })
    .toBe('done');
  return `/api/hand-offs/${file}/file`;
}

const seek = (page: Page, frame: number): Promise<void> =>
  page.locator('#time').evaluate((slider: HTMLInputElement, to) => {
    slider.value = String(to);
    slider.dispatchEvent(new Event('input'));
  }, frame);

test('a page plays by itself, says each figure, and is the picture of the film', async ({ page, request }) => {
  const id = await store(request, sharp());
  const address = await made(request, id, { kind: 'page', everyShape: true });
  const asked: string[] = [];
  page.on('request', (one) => void asked.push(one.url()));
  await page.goto(`${address}?play=1`);
  await expect(page.getByRole('group', { name: 'Playback' })).toBeVisible();
  // The checks run with reduced motion: nothing moves before somebody wants it to.
  await expect(page.getByRole('button', { name: 'Play' }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Figures' }).click();
  await expect(page.getByRole('rowheader', { name: 'Clothing' })).toBeVisible();
  await page.getByText('Description').click();
  await expect(page.getByText(/^The narrator says/)).toBeVisible();
  expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);
  expect(asked.filter((url) => !url.startsWith('data:'))).toHaveLength(1);

  // As fine as the film is wide.
  const browser = await page.context().newCDPSession(page);
  await browser.send('Emulation.setDeviceMetricsOverride', {
    width: 1920,
    height: 1300,
    mobile: false,
    deviceScaleFactor: 1,
  });
  await page.locator('#frame').evaluate((frame) => (frame.style.width = '1920px'));
  for (const frame of [90, 240, 330, 479]) {
    await seek(page, frame);
    await expect(page.locator('canvas')).toHaveJSProperty('width', 1920);
    const painted = await page.locator('canvas').evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL('image/png'));
    const still = await stillOf(request, id, frame);
    expect(decibels(pixelsOf(painted).data, still.data), `frame ${frame}`).toBeGreaterThan(40);
  }
  await browser.detach();

  await page.locator('#picture').focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('#said')).toHaveText(/^Small appliances: 41.0%, 512$/);
  await page.keyboard.press('ArrowLeft');
  await expect(page.locator('#value')).toHaveText(/^Toys: /);
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
  await expect.poll(async () => Number(await page.locator('#time').inputValue())).toBeGreaterThan(5);

  // On a phone the upright picture is shown, and nothing is wider than it.
  await page.setViewportSize({ width: 390, height: 844 });
  await expect
    .poll(() => page.locator('canvas').evaluate((canvas: HTMLCanvasElement) => canvas.height > canvas.width))
    .toBe(true);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a page with stops waits at the end of each line for whoever presents it', async ({ page, request }) => {
  const piece = sharp();
  const id = await store(request, piece);
  await page.goto(`${await made(request, id, { kind: 'stops' })}?play=1`);
  await expect(page.getByRole('group', { name: 'Playback' })).toBeVisible();
  const frame = async (): Promise<number> => Number(await page.locator('#time').inputValue());
  await page.keyboard.press('PageDown');
  await expect.poll(frame, { timeout: 20_000 }).toBe(piece.script.lines[0].end - 1);
  await expect(page.getByRole('button', { name: 'Play' })).toBeVisible();
  await page.keyboard.press('PageDown');
  await expect.poll(frame, { timeout: 20_000 }).toBe(piece.script.lines[1].end - 1);
  await page.keyboard.press('PageUp');
  await expect.poll(frame).toBe(piece.script.lines[0].end - 1);
});

test('an animated SVG has the frames of the film', async ({ page, request }) => {
  const piece = sharp();
  const id = await store(request, piece);
  const svg = await (await request.get(await made(request, id, { kind: 'svg' }))).text();
  await page.setViewportSize({ width: 1920, height: 1080 });
  await page.setContent(`<style>*{margin:0}svg{display:block}</style>${svg.replace(/^<\?xml[^>]*>/, '')}`);
  // Who wants nothing to move sees it when all figures have come.
  const poster = await request.get(await made(request, id, { kind: 'poster' }));
  const standing = pixelsOf(`data:image/png;base64,${(await poster.body()).toString('base64')}`);
  expect(decibels((await shot(page)).data, standing.data)).toBeGreaterThan(40);
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  const [numerator, denominator] = piece.stage.rate;
  // Ten moments, in entrances, holds and the change: SMIL is gone through by Chromium.
  for (const frame of [40, 90, 135, 165, 200, 236, 270, 310, 380, 470]) {
    await page.evaluate(
      (seconds) => {
        const root = document.querySelector('svg')!;
        root.pauseAnimations();
        root.setCurrentTime(seconds);
      },
      ((frame + 0.01) * denominator) / numerator,
    );
    const played = await shot(page);
    const still = await stillOf(request, id, frame);
    expect(decibels(played.data, still.data), `frame ${frame}`).toBeGreaterThan(40);
  }
});

test('an animated WebP has the frames of the film, as far as it can hold them', async ({ page, request }) => {
  const id = await store(request, sharp());
  const file = await made(request, id, { kind: 'webp', from: 60, to: 119, perSecond: 10 });
  await page.goto('/');
  // Chromium's own decoder. Source: W3C, WebCodecs, ImageDecoder.
  const frames = await page.evaluate(async (address) => {
    const data = await (await fetch(address)).arrayBuffer();
    const decoder = new ImageDecoder({ data, type: 'image/webp' });
    await decoder.tracks.ready;
    const all: string[] = [];
    for (let frameIndex = 0; frameIndex < decoder.tracks.selectedTrack!.frameCount; frameIndex++) {
      const { image } = await decoder.decode({ frameIndex });
      const canvas = new OffscreenCanvas(image.displayWidth, image.displayHeight);
      canvas.getContext('2d')!.drawImage(image, 0, 0);
      const bytes = new Uint8Array(await (await canvas.convertToBlob()).arrayBuffer());
      all.push(`data:image/png;base64,${btoa(bytes.reduce((text, byte) => text + String.fromCharCode(byte), ''))}`);
    }
    return all;
  }, file);
  expect(frames).toHaveLength(20);
  for (const index of [0, 7, 13, 19]) {
    const still = await stillOf(request, id, 60 + index * 3);
    expect(decibels(pixelsOf(frames[index]).data, still.data), `picture ${index}`).toBeGreaterThan(34);
  }
});

test('many tables are seen and proved before they are made', async ({ page, request }) => {
  const id = await openDemo(page, request);
  const { document } = await stored(request, id);
  const rows = document.tables[0].rows.map(({ label }) => label);
  const { columns } = document.tables[0];
  const table = (name: string, values: number[]): string =>
    rows.map((label, at) => [name, label, ...columns.map(() => values[at])].join(',')).join('\n');
  const csv = [
    ['Place', 'Kind', ...columns.map((column) => column.name)].join(','),
    table('Mill Lane', [512, 287, 199, 150, 100]),
    table('Old Depot', [125, 120, 90, 47, 20]),
  ].join('\n');
  await page.goto(`/pieces/${id}/hand-off`);
  await page.getByLabel('Files with tables').setInputFiles([
    { name: 'places.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) },
    { name: 'broken.csv', mimeType: 'text/csv', buffer: Buffer.from('Kind,Other\nToys,few\n') },
  ]);
  const divided = page.getByLabel('places.csv: one for');
  if ((await divided.inputValue()) !== 'names 0') await divided.selectOption({ label: 'each name in “Place”' });
  const row = (name: string) =>
    page.getByRole('listitem').filter({ has: page.getByRole('checkbox', { name: `Make ${name}` }) });
  await expect(row('Old Depot')).toContainText('“Four in ten”', { timeout: 30_000 });
  await expect(row('Mill Lane')).toContainText('exact', { timeout: 30_000 });
  await expect(row('Mill Lane').locator('canvas')).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('alert').filter({ hasText: /broken/i })).toBeVisible();

  await page.getByRole('checkbox', { name: 'MP4', exact: true }).uncheck();
  await page.getByRole('checkbox', { name: 'Animated SVG', exact: true }).check();
  await expect(page.getByRole('button', { name: 'Make 2 files for 2 tables' })).toBeEnabled();
  await row('Old Depot').getByRole('button', { name: 'Leave out' }).click();
  await page.getByLabel('File names').fill('{nam}');
  await page.getByRole('button', { name: 'Make file for 1 table' }).click();
  // Refused by name, and nothing that was chosen is lost.
  await expect(page.getByText('File names have no part {nam}.')).toBeVisible();
  await page.getByLabel('File names').fill('{name} {kind}');
  await page.getByRole('button', { name: 'Make file for 1 table' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Download ZIP' }).click({ timeout: 60_000 }),
  ]);
  expect(readFileSync((await download.path())!).includes('Mill-Lane-svg.svg')).toBe(true);
});
