import type { Studio } from '../../painter/src';
import { pictureOf } from './pictures';

function canvasOf(width: number, height: number): HTMLCanvasElement {
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, width);
  canvas.height = Math.max(1, height);
  return canvas;
}

/** The browser's canvas, for the painter. */
export const browserStudio: Studio = {
  surface: (width, height) => canvasOf(width, height) as never,
  readable: (width, height) => {
    const canvas = canvasOf(width, height);
    // The first to ask says what the canvas is for.
    canvas.getContext('2d', { willReadFrequently: true });
    return canvas as never;
  },
  path: (data) => new Path2D(data) as never,
  matrix: (matrix) => matrix,
  picture: (file, blur) => pictureOf(file, blur) as never,
  pixels: (data, width, height) => new ImageData(data as Uint8ClampedArray<ArrayBuffer>, width, height),
};
