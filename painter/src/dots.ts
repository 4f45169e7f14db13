import type { DotsPaint } from './reel';
import { contextOf, type Studio, type Surface } from './surface';

const KEPT = 48;
/** in pixels of the stage, below which a dot is left out */
const LEAST = 0.15;

interface Dots {
  image: Surface;
  /** where it begins, in whole pixels of the canvas */
  left: number;
  top: number;
}

/** Halftones, each painted once at the size of the canvas, and kept. Core has the same rule (DotsPaint). */
export class Halftones {
  private readonly kept = new Map<string, Dots>();

  /** @param scale canvas pixels for one pixel of the stage */
  image(studio: Studio, paint: DotsPaint, scale: number): Dots {
    const key = `${JSON.stringify(paint)}/${scale}`;
    let known = this.kept.get(key);
    if (!known) {
      if (this.kept.size > KEPT) this.kept.clear();
      this.kept.set(key, (known = painted(studio, paint, scale)));
    }
    return known;
  }
}

function painted(studio: Studio, paint: DotsPaint, scale: number): Dots {
  const [left, top, right, bottom] = paint.box;
  const from = [Math.floor(left * scale) - 1, Math.floor(top * scale) - 1];
  const to = [Math.ceil(right * scale) + 1, Math.ceil(bottom * scale) + 1];
  const image = studio.surface(to[0] - from[0], to[1] - from[1]);
  const context = contextOf(image);
  const all = studio.path();
  for (const [x, y, radius] of dotsOf(paint)) {
    all.moveTo(x + radius, y);
    all.arc(x, y, radius, 0, 2 * Math.PI);
  }
  context.setTransform(scale, 0, 0, scale, -from[0], -from[1]);
  context.fillStyle = paint.colour;
  context.fill(all);
  return { image, left: from[0], top: from[1] };
}

/** Middle and radius of each dot, in pixels of the stage. */
export function dotsOf({ cell, degrees, x, y, toX, toY, from, to, box }: DotsPaint): [number, number, number][] {
  const [left, top, right, bottom] = box;
  const turn = (degrees * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const [middleX, middleY] = [(left + right) / 2, (top + bottom) / 2];
  const count = Math.ceil((Math.hypot(right - left, bottom - top) / 2 + cell * 2) / cell);
  const column = Math.round((middleX * cos + middleY * sin) / cell);
  const row = Math.round((middleY * cos - middleX * sin) / cell);
  const [wayX, wayY] = [toX - x, toY - y];
  const square = Math.max(1e-9, wayX * wayX + wayY * wayY);
  const dots: [number, number, number][] = [];
  for (let i = column - count; i <= column + count; i++) {
    for (let j = row - count; j <= row + count; j++) {
      const [u, v] = [i * cell, j * cell];
      const [dotX, dotY] = [u * cos - v * sin, u * sin + v * cos];
      if (dotX < left - cell || dotX > right + cell || dotY < top - cell || dotY > bottom + cell) continue;
      const part = Math.max(0, Math.min(1, ((dotX - x) * wayX + (dotY - y) * wayY) / square));
      const radius = (from + (to - from) * part) * cell;
      if (radius > LEAST) dots.push([dotX, dotY, radius]);
    }
  }
  return dots;
}
