import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import { PNG } from 'pngjs';

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
