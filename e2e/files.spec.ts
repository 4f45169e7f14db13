import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import AxeBuilder from '@axe-core/playwright';
import type { APIRequestContext, Page } from '@playwright/test';
import type { Piece } from '../contracts/piece';
import { openDemo, store, stored } from './desk';
import { evenlySpoken } from '../demo/plain/evenlySpoken';
import { expect, test } from './kept';
import { decibels, pixelsOf, shot, stillOf } from './pictures';

const root = new URL('..', import.meta.url).pathname;

interface Wrong {
  type: 'error' | 'warning';
  message: string;
}

/** What the publisher of the Lottie Specification finds wrong in an animation: lottie-specs 0.3, version 1.0. */
function wrongIn(animation: object): Wrong[] {
  const specs = createRequire(import.meta.url).resolve(
    '@lottie-animation-community/lottie-specs/src/validator-node.js',
  );
  const { LottieValidator, get_schema_path: schemaPath } = createRequire(specs)(specs) as {
    LottieValidator: new (ajv: unknown, schema: object) => { validate: (data: object) => Wrong[] };
    get_schema_path: () => string;
  };
  const { Ajv2020 } = createRequire(specs)('ajv/dist/2020') as { Ajv2020: unknown };
  const schema = JSON.parse(readFileSync(schemaPath(), 'utf8')) as object;
  return new LottieValidator(Ajv2020, schema).validate(animation).filter(({ type }) => type === 'error');
}

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
    const all: { seconds: number; picture: string }[] = [];
    for (let frameIndex = 0; frameIndex < decoder.tracks.selectedTrack!.frameCount; frameIndex++) {
      const { image } = await decoder.decode({ frameIndex });
      const canvas = new OffscreenCanvas(image.displayWidth, image.displayHeight);
      canvas.getContext('2d')!.drawImage(image, 0, 0);
      const bytes = new Uint8Array(await (await canvas.convertToBlob()).arrayBuffer());
      const text = btoa(bytes.reduce((signs, byte) => signs + String.fromCharCode(byte), ''));
      all.push({ seconds: image.timestamp / 1e6, picture: `data:image/png;base64,${text}` });
    }
    return all;
  }, file);
  // What is alike is one picture that is seen for longer.
  expect(frames.length).toBeGreaterThan(8);
  expect(frames.every(({ seconds }) => Math.abs(seconds * 10 - Math.round(seconds * 10)) < 1e-3)).toBe(true);
  for (const { seconds, picture } of [4, frames.length - 1].map((place) => frames[place])) {
    const still = await stillOf(request, id, 60 + Math.round(seconds * 30));
    expect(decibels(pixelsOf(picture).data, still.data), `at ${seconds} s`).toBeGreaterThan(34);
  }
});

test('vector animation JSON is valid, and a player has the frames of the film', async ({ page, request }) => {
  // Marks, lines and words alone; then a textured ground, patterns and counting numbers, drawn by pictures in it.
  for (const [starter, frames, exact] of [
    ['columns', [8, 24, 40, 90], true],
    ['area', [30, 200], false],
  ] as const) {
    const document = JSON.parse(readFileSync(`${root}demo/starters/${starter}.json`, 'utf8')) as Piece;
    const id = await store(request, document);
    const animation = (await (await request.get(await made(request, id, { kind: 'lottie' }))).json()) as object;
    expect(wrongIn(animation)).toEqual([]);
    const isAllVector = !JSON.stringify(animation).includes('data:image');
    expect(isAllVector).toBe(exact);

    await page.setViewportSize({ width: 1920, height: 1080 });
    await page.setContent('<style>*{margin:0}</style><div id="stage" style="width:1920px;height:1080px"></div>');
    await page.addScriptTag({ path: `${root}node_modules/lottie-web/build/player/lottie_svg.min.js` });
    await page.evaluate((animationData) => {
      const { lottie } = window as unknown as { lottie: { loadAnimation: (how: object) => unknown } };
      const container = window.document.getElementById('stage');
      const how = { container, renderer: 'svg', loop: false, autoplay: false, animationData };
      Object.assign(window, { animation: lottie.loadAnimation(how) });
    }, animation);
    for (const frame of frames) {
      await page.evaluate(async (at) => {
        const { animation } = window as unknown as { animation: { goToAndStop: (at: number, is: boolean) => void } };
        animation.goToAndStop(at, true);
        await Promise.all([...window.document.images].map((image) => image.decode()));
      }, frame);
      const played = await shot(page);
      const still = await stillOf(request, id, frame);
      expect(decibels(played.data, still.data), `${starter}, frame ${frame}`).toBeGreaterThan(40);
    }
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
