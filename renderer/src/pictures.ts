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
  for (const paint of reel.paints) {
    if (paint.kind !== 'picture' || known.has(keyOf(paint.file, paint.blur))) continue;
    const file = ['.png', '.jpg'].map((ending) => join(folder, paint.file + ending)).find((path) => existsSync(path));
    if (!file) continue;
    const image = await loadImage(readFileSync(file));
    known.set(keyOf(paint.file, paint.blur), paint.blur > 0 ? blurred(image, paint.blur) : image);
  }
}

export const pictureOf = (file: string, blur: number): Surface | null =>
  (known.get(keyOf(file, blur)) as unknown as Surface | undefined) ?? null;
