import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { loadImage, type Image } from '@napi-rs/canvas';
import type { Reel, Surface } from '../../painter/src';

const known = new Map<string, Image>();

/** The pictures of a reel, read before anything is painted; one that is gone is left out. */
export async function readPictures(reel: Reel): Promise<void> {
  const folder = process.env.LUPINE_PICTURES ?? '';
  for (const paint of reel.paints) {
    if (paint.kind !== 'picture' || known.has(paint.file)) continue;
    const file = ['.png', '.jpg'].map((ending) => join(folder, paint.file + ending)).find((path) => existsSync(path));
    if (file) known.set(paint.file, await loadImage(readFileSync(file)));
  }
}

export const pictureOf = (file: string): Surface | null => (known.get(file) as unknown as Surface | undefined) ?? null;
