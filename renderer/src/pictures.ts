import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { loadImage, type Canvas, type Image } from '@napi-rs/canvas';
import type { Reel, Surface } from '../../painter/src';
import { blurred } from './blurred';

const known = new Map<string, Image | Canvas>();

const keyOf = (file: string, blur: number): string => `${file}/${blur}`;

/** The pictures of a reel, read before anything is painted; one that is gone is left out. */
export async function readPictures(reel: Reel): Promise<void> {
  const folder = process.env.LUPINE_PICTURES ?? '';
  // Each is read once, however many blurs of it there are.
  const sharp = new Map<string, Image | null>();
  for (const paint of reel.paints) {
    if (paint.kind !== 'picture' || known.has(keyOf(paint.file, paint.blur))) continue;
    const image = sharp.get(paint.file) ?? (await imageOf(folder, paint.file));
    sharp.set(paint.file, image);
    if (!image) continue;
    known.set(keyOf(paint.file, paint.blur), paint.blur > 0 ? blurred(image, paint.blur) : image);
  }
}

async function imageOf(folder: string, file: string): Promise<Image | null> {
  const path = ['.png', '.jpg'].map((ending) => join(folder, file + ending)).find((one) => existsSync(one));
  return path ? loadImage(readFileSync(path)) : null;
}

export const pictureOf = (file: string, blur: number): Surface | null =>
  (known.get(keyOf(file, blur)) as unknown as Surface | undefined) ?? null;
