import type { Studio } from '../../painter/src';

/** The browser's canvas, for the painter. */
export const browserStudio: Studio = {
  surface: (width, height) => {
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(1, width);
    canvas.height = Math.max(1, height);
    return canvas as never;
  },
  path: (data) => new Path2D(data) as never,
};
