import type { PatternPaint } from './reel';
import { contextOf, type OutlinePath, type Studio, type Surface } from './surface';

const KEPT = 24;

/** Patterns: all the tiles that a chart can need, painted once at the size of the canvas, and kept. */
export class Patterns {
  private readonly kept = new Map<string, Surface>();
  private readonly paths = new Map<string, OutlinePath>();

  /**
   * @param side of the picture, in pixels of the canvas
   * @param scale canvas pixels for one pixel of the stage
   */
  image(studio: Studio, paint: PatternPaint, side: number, scale: number): Surface {
    const key = `${JSON.stringify(paint)}/${side}`;
    const known = this.kept.get(key);
    if (known) return known;
    const image = studio.surface(side, side);
    const context = contextOf(image);
    const cos = Math.cos((paint.degrees * Math.PI) / 180) * scale;
    const sin = Math.sin((paint.degrees * Math.PI) / 180) * scale;
    const offX = paint.x * scale - Math.round(paint.x * scale);
    const offY = paint.y * scale - Math.round(paint.y * scale);
    context.setTransform(cos, sin, -sin, cos, side / 2 + offX, side / 2 + offY);
    context.fillStyle = paint.colour;
    context.fill(this.path(studio, paint));
    if (this.kept.size > KEPT) this.kept.clear();
    this.kept.set(key, image);
    return image;
  }

  /** All the tiles side by side, from the corner of the middle one. */
  path(studio: Studio, { outline, reach, size }: PatternPaint): OutlinePath {
    const key = `${outline}/${reach}/${size}`;
    const known = this.paths.get(key);
    if (known) return known;
    const tile = studio.path(outline);
    const all = studio.path();
    const count = Math.ceil((reach * Math.SQRT2) / size) + 1;
    for (let row = -count; row < count; row++) {
      for (let column = -count; column < count; column++) {
        all.addPath(tile, { a: 1, b: 0, c: 0, d: 1, e: column * size, f: row * size });
      }
    }
    if (this.paths.size > KEPT) this.paths.clear();
    this.paths.set(key, all);
    return all;
  }
}
