import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { goTo } from './desk';
import { PNG } from 'pngjs';
import type { Piece } from '../contracts/piece';

const root = new URL('..', import.meta.url).pathname;
const folder = mkdtempSync(join(tmpdir(), 'pictures-'));

export const artisan = (...parts: string[]): Buffer =>
  execFileSync('php', ['artisan', ...parts], { cwd: root, stdio: 'pipe' });

/** Where a file of a test goes. */
export const fileOf = (name: string): string => join(folder, name);

export function write(name: string, piece: Piece): string {
  writeFileSync(fileOf(name), JSON.stringify(piece));
  return fileOf(name);
}

export interface Picture {
  width: number;
  height: number;
  /** RGBA */
  data: Buffer;
}

export function pixelsOf(dataUrl: string): Picture {
  return PNG.sync.read(Buffer.from(dataUrl.split(',')[1], 'base64'));
}

/** One frame of a film as ffmpeg decodes it, as RGBA, scaled to a size. */
export function decodedFrame(film: string, frame: number, width: number, height: number): Buffer {
  return execFileSync(
    'ffmpeg',
    [
      '-v',
      'error',
      '-i',
      film,
      '-vf',
      `select=eq(n\\,${frame}),scale=${width}:${height}:flags=area:in_color_matrix=bt709:in_range=tv:out_range=full,format=rgba`,
      '-frames:v',
      '1',
      '-f',
      'rawvideo',
      '-',
    ],
    { maxBuffer: 100_000_000 },
  );
}

/** Differences over red, green and blue, of 255. */
export function difference(a: Uint8Array, b: Uint8Array): { mean: number; apart: number } {
  let sum = 0;
  let apart = 0;
  for (let at = 0; at < a.length; at += 4) {
    let most = 0;
    for (let part = 0; part < 3; part++) {
      const by = Math.abs(a[at + part] - b[at + part]);
      sum += by;
      most = Math.max(most, by);
    }
    if (most > 48) apart++;
  }
  return { mean: sum / (a.length * 0.75), apart: apart / (a.length / 4) };
}

/** A picture of the page; asked for again where Chromium says that it cannot take one, as it does on busy machines. */
export async function shot(page: Page): Promise<PNG> {
  for (let left = 2; ; left--) {
    try {
      return PNG.sync.read(await page.screenshot());
    } catch (error) {
      if (!left || !String(error).includes('Unable to capture screenshot')) throw error;
    }
  }
}

/** Decibels of the peak over the mean square difference of colours. Source: ITU-T J.247, PSNR. */
export function decibels(one: Uint8Array, other: Uint8Array): number {
  let squares = 0;
  for (let at = 0; at < one.length; at++) if (at % 4 !== 3) squares += (one[at] - other[at]) ** 2;
  return 10 * Math.log10((255 * 255) / (squares / (one.length * 0.75) || 1e-9));
}

/** A frame of a stored piece as the still that is handed off. */
export async function stillOf(request: APIRequestContext, id: string, frame: number): Promise<Picture> {
  return PNG.sync.read(await fetched(request, `/api/pieces/${id}/still.png?frame=${frame}`));
}

/** The same frame as the SVG that is handed off. */
export async function svgOf(request: APIRequestContext, id: string, frame: number): Promise<string> {
  return (await fetched(request, `/api/pieces/${id}/still.svg?frame=${frame}`)).toString('utf8');
}

async function fetched(request: APIRequestContext, address: string): Promise<Buffer> {
  const answer = await request.get(address);
  expect(answer.status(), address).toBe(200);
  return answer.body();
}

let fine = 0;

/** The stage of a screen so fine that it has as many dots as the film. */
export async function fineStage(page: Page, id: string, frame: number): Promise<Picture> {
  const browser = await page.context().newCDPSession(page);
  const canvas = page.locator('.stage canvas');
  const finer = (deviceScaleFactor: number) =>
    browser.send('Emulation.setDeviceMetricsOverride', { width: 1280, height: 800, mobile: false, deviceScaleFactor });
  // The stage is as large in every piece: how fine the screen has to be is found once.
  if (fine > 0) await finer(fine);
  await page.goto(`/pieces/${id}`);
  await expect(canvas).toHaveAttribute('data-reel', /\d/);
  if (fine === 0) {
    await expect.poll(async () => (await canvas.boundingBox())?.width ?? 0).toBeGreaterThan(100);
    fine = 1920 / (await canvas.boundingBox())!.width;
    await finer(fine);
  }
  await goTo(page, frame);
  await expect(canvas).toHaveJSProperty('width', 1920);
  await expect(canvas).toHaveJSProperty('height', 1080);
  const pixels = await canvas.evaluate((shown: HTMLCanvasElement) => {
    const { data } = shown.getContext('2d')!.getImageData(0, 0, 1920, 1080);
    let text = '';
    for (let at = 0; at < data.length; at += 0x8000) text += String.fromCharCode(...data.subarray(at, at + 0x8000));
    return btoa(text);
  });
  await browser.detach();
  return { width: 1920, height: 1080, data: Buffer.from(pixels, 'base64') };
}

export async function screenshotOf(page: Page, svg: string, width: number, height: number): Promise<PNG> {
  const own = await page.context().newPage();
  await own.setViewportSize({ width, height });
  await own.setContent(`<style>*{margin:0}svg{display:block}</style>${svg.replace(/^<\?xml[^>]*>/, '')}`);
  const picture = await shot(own);
  await own.close();
  return picture;
}
