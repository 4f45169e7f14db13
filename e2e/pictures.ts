import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, type Page } from '@playwright/test';
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

/** The stage of a screen so fine that it has as many dots as the film. */
export async function fineStage(page: Page, id: string, frame: number): Promise<Picture> {
  await page.goto(`/pieces/${id}`);
  const widthNow = async (): Promise<number> => (await page.locator('.stage canvas').boundingBox())?.width ?? 0;
  await expect(page.locator('.stage canvas')).toHaveAttribute('data-reel', /\d/);
  await expect.poll(widthNow).toBeGreaterThan(100);
  const width = await widthNow();
  const fine = await page
    .context()
    .browser()!
    .newPage({
      viewport: { width: 1280, height: 800 },
      deviceScaleFactor: 1920 / width,
      baseURL: new URL(page.url()).origin,
    });
  await fine.goto(`/pieces/${id}`);
  await expect(fine.locator('.stage canvas')).toHaveAttribute('data-reel', /\d/);
  await goTo(fine, frame);
  const stage = pixelsOf(
    await fine.locator('.stage canvas').evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL()),
  );
  await fine.close();
  expect([stage.width, stage.height]).toEqual([1920, 1080]);
  return stage;
}

export async function screenshotOf(page: Page, svg: string, width: number, height: number): Promise<PNG> {
  const own = await page.context().newPage();
  await own.setViewportSize({ width, height });
  await own.setContent(`<style>*{margin:0}svg{display:block}</style>${svg.replace(/^<\?xml[^>]*>/, '')}`);
  const picture = await shot(own);
  await own.close();
  return picture;
}
