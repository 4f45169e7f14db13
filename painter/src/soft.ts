import { type Bounds, type Box } from './bounds';
import type { ReelPath } from './reel';
import { contextOf, type Context, type OutlinePath, type Studio, type Surface } from './surface';
import type { Matrix } from './matrix';
import { withinCanvas, type View } from './view';

interface Soft {
  key: string;
  image: Surface;
  left: number;
  top: number;
}

/** canvases are made in steps of this, so that one can be used again while what is blurred grows */
const STEP = 64;
/** pixels up to which a sharp blur is not worth a canvas of its own */
const DIRECT_SIDE = 480;

/**
 * Blurred outlines. A blur has no fine detail, so it is made small, on a canvas as large as its own outline needs, and
 * kept as long as the outline stays.
 */
export class SoftEdges {
  private readonly softs = new Map<number, Soft>();

  constructor(
    private readonly studio: Studio,
    private readonly bounds: Bounds,
    private readonly outline: (number: number) => OutlinePath,
  ) {}

  /**
   * @param blur standard deviation, in pixels of the stage
   * @param reach of the blur, in standard deviations
   */
  paint(
    context: Context,
    node: ReelPath,
    number: number,
    blur: number,
    reach: number,
    view: View,
    pose: Matrix | null,
  ): void {
    const { scale } = view;
    const bounds = this.bounds.ofOutline(number);
    if (!bounds) return;
    const deviation = blur * scale;
    const shrink = Math.max(1, Math.min(8, Math.floor(deviation / 2)));
    const box = this.onStage(bounds, deviation * reach + shrink, scale, pose !== null);
    if (!box) return;
    // On a grid of its own, or the blur of what moves would shimmer.
    const left = Math.floor(box.left / shrink);
    const top = Math.floor(box.top / shrink);
    const width = Math.ceil(box.right / shrink) - left;
    const height = Math.ceil(box.bottom / shrink) - top;
    if (!pose && shrink === 1 && Math.max(width, height) <= DIRECT_SIDE) {
      this.drop(context, node, number, deviation, scale, view.left, view.top, this.bounds.reel.width * scale * 2);
      context.shadowColor = 'rgba(0, 0, 0, 0)';
      return;
    }
    const key = `${number}/${scale}`;
    let soft = this.softs.get(node.index);
    if (soft?.key !== key) {
      const image = this.surface(soft?.image, width, height);
      const small = contextOf(image);
      small.setTransform(1, 0, 0, 1, 0, 0);
      small.clearRect(0, 0, image.width, image.height);
      this.drop(small, node, number, deviation / shrink, scale / shrink, left, top, image.width * 2 + 100);
      soft = { key, image, left: left * shrink, top: top * shrink };
      this.softs.set(node.index, soft);
    }
    const { a, b, c, d, e, f } = withinCanvas(view, pose);
    context.setTransform(a, b, c, d, e, f);
    context.imageSmoothingEnabled = true;
    context.imageSmoothingQuality = 'low';
    const [wide, high] = [soft.image.width * shrink, soft.image.height * shrink];
    context.drawImage(soft.image, soft.left - view.left, soft.top - view.top, wide, high);
  }

  /**
   * What a blur can be seen of on the canvas, in its pixels; null where there is nothing. Of what is moved, all of it
   * may be, within reason.
   */
  private onStage(bounds: Box, reach: number, scale: number, isMoved: boolean): Box | null {
    const { width, height } = this.bounds.reel;
    if (isMoved) {
      const [left, top] = [bounds.left * scale - reach, bounds.top * scale - reach];
      return {
        left,
        top,
        right: Math.min(left + width * scale * 2, bounds.right * scale + reach),
        bottom: Math.min(top + height * scale * 2, bounds.bottom * scale + reach),
      };
    }
    const box = {
      left: Math.max(0, bounds.left * scale - reach),
      top: Math.max(0, bounds.top * scale - reach),
      right: Math.min(width * scale, bounds.right * scale + reach),
      bottom: Math.min(height * scale, bounds.bottom * scale + reach),
    };
    return box.right > box.left && box.bottom > box.top ? box : null;
  }

  /** One for that size, the same each time: a blur is rounded otherwise on a canvas that is larger. */
  private surface(old: Surface | undefined, width: number, height: number): Surface {
    const [wide, high] = [Math.ceil(width / STEP) * STEP, Math.ceil(height / STEP) * STEP];
    return old?.width === wide && old.height === high ? old : this.studio.surface(wide, high);
  }

  /** The outline itself is painted beside the canvas; only its shadow, which is the blur, falls on it. */
  private drop(
    context: Context,
    node: ReelPath,
    number: number,
    deviation: number,
    scale: number,
    left: number,
    top: number,
    away: number,
  ): void {
    context.shadowColor = typeof node.fill === 'string' ? node.fill : '#000000';
    context.shadowBlur = deviation * 2;
    context.shadowOffsetX = away;
    context.shadowOffsetY = 0;
    context.fillStyle = '#000000';
    context.setTransform(scale, 0, 0, scale, -left - away, -top);
    context.fill(this.outline(number));
  }
}
