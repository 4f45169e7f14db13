import { createCanvas, DOMMatrix, ImageData, Path2D } from '@napi-rs/canvas';
import type { Studio } from '../../painter/src';
import { pictureOf } from './pictures';

/** Skia's canvas, for the painter. */
export const skia: Studio = {
  surface: (width, height) => createCanvas(width, height) as never,
  readable: (width, height) => createCanvas(width, height) as never,
  path: (data) => (data === undefined ? new Path2D() : new Path2D(data)) as never,
  matrix: ({ a, b, c, d, e, f }) => new DOMMatrix([a, b, c, d, e, f]),
  picture: pictureOf,
  pixels: (data, width, height) => new ImageData(data, width, height) as never,
};
