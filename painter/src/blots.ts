import type { Bounds } from './bounds';
import type { Matrix } from './matrix';
import { stopped } from './paints';
import type { RadialPaint } from './reel';
import { contextOf, type Context, type OutlinePath, type Studio, type Surface } from './surface';
import { onCanvas, type View } from './view';

/** pixels of the largest one that is kept, and how many are */
const LARGEST = 4_200_000;
const MOST = 8;
/** pixels of the stage that an outline may differ from the circle of its gradient */
const NEAR = 0.01;
const EDGE = 1;

/**
 * Round gradients that fade to nothing and are moved as they are, such as the lights of a backdrop: each is kept as a
 * picture, which goes by whole pixels. It is so soft that half a pixel is not seen, and laying a picture takes six
 * tenths of the time that a gradient does.
 */
export class Blots {
  private readonly kept = new Map<string, Surface>();

  /** @returns whether it was such a one, and is painted */
  paint(context: Context, paint: RadialPaint, on: Placed): boolean {
    const { number, outline, bounds, view, pose, studio } = on;
    const { scale } = view;
    if (!pose || !isMovedAlone(pose) || !fades(paint) || !fills(paint, bounds, number)) return false;
    const radius = Math.ceil(paint.radius * scale) + EDGE;
    const side = 2 * radius;
    if (side * side > LARGEST) return false;
    const image = this.image(studio, outline, paint, scale, radius);
    const { e, f } = onCanvas(view, pose);
    context.setTransform(1, 0, 0, 1, 0, 0);
    const [x, y] = [e + paint.x * scale, f + paint.y * scale];
    context.drawImage(image, Math.round(x) - radius, Math.round(y) - radius, side, side);
    return true;
  }

  private image(studio: Studio, outline: OutlinePath, paint: RadialPaint, scale: number, radius: number): Surface {
    const key = `${scale}/${JSON.stringify(paint)}`;
    const image = this.kept.get(key) ?? made(studio, outline, paint, scale, radius);
    // The one that was used last stands last; the first is let go of.
    this.kept.delete(key);
    this.kept.set(key, image);
    if (this.kept.size > MOST) this.kept.delete(this.kept.keys().next().value!);
    return image;
  }
}

/** An outline that is filled, and where. */
export interface Placed {
  number: number;
  outline: OutlinePath;
  bounds: Bounds;
  view: View;
  pose: Matrix | null;
  studio: Studio;
}

function made(studio: Studio, outline: OutlinePath, paint: RadialPaint, scale: number, radius: number): Surface {
  const image = studio.surface(2 * radius, 2 * radius);
  const context = contextOf(image);
  context.setTransform(scale, 0, 0, scale, radius - paint.x * scale, radius - paint.y * scale);
  context.fillStyle = stopped(context.createRadialGradient(paint.x, paint.y, 0, paint.x, paint.y, paint.radius), paint);
  context.fill(outline);
  return image;
}

const isMovedAlone = ({ a, b, c, d }: Matrix): boolean => a === 1 && b === 0 && c === 0 && d === 1;

const fades = ({ stops, stretch }: RadialPaint): boolean => stretch === 1 && stops[stops.length - 1][2] === 0;

/** Does nothing of the gradient lie beside the outline? */
function fills({ x, y, radius }: RadialPaint, bounds: Bounds, number: number): boolean {
  const box = bounds.ofOutline(number);
  return (
    box !== null &&
    [box.left - x + radius, box.top - y + radius, box.right - x - radius, box.bottom - y - radius].every(
      (off) => Math.abs(off) < NEAR,
    )
  );
}
