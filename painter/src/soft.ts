import { type Bounds, type Box } from './bounds';
import { BLUR_REACH, type Effected } from './effects';
import type { Blur, Inner } from './reel';
import { contextOf, type Context, type OutlinePath, type Studio, type Surface } from './surface';
import { onCanvas, withinCanvas } from './view';

/** What was blurred, and what it is known by. */
export interface Soft {
  /** of the outline */
  data: string;
  key: string;
  image: Surface;
  left: number;
  top: number;
}

type On = Omit<Effected, 'softs'>;

/** canvases are made in steps of this, so that one can be used again while what is blurred grows */
const STEP = 64;
/** pixels up to which a sharp blur is not worth a canvas of its own */
const DIRECT_SIDE = 480;
/** a canvas that a blur is made on is this many times smaller, at most */
const SMALLEST = 8;

/** How an outline is blurred onto a canvas: the blur's standard deviation, the outline's scale, and where it goes. */
interface Drop {
  colour: string;
  deviation: number;
  scale: number;
  /** pixels of the canvas that the stage's corner is left of it and above it */
  left: number;
  top: number;
  /** pixels that are surely beside the canvas */
  away: number;
  /** pixels of the stage that the outline is grown by */
  spread: number;
}

/**
 * Blurred outlines. A blur has no fine detail, so it is made small, on a canvas as large as its own outline needs, and
 * kept as long as the outline stays.
 */
export class SoftEdges {
  private sharp: Surface | undefined;

  /** @param softs what was blurred, by the index of its node; of use in another reel, too */
  constructor(
    private readonly studio: Studio,
    private readonly bounds: Bounds,
    private readonly outline: (number: number) => OutlinePath,
    private readonly softs: Map<number, Soft>,
  ) {}

  blur(effect: Blur, on: On): void {
    const { context, node, number, colour, view, pose } = on;
    const { scale } = view;
    const bounds = this.bounds.ofOutline(number);
    if (!bounds) return;
    const deviation = effect.deviation * scale;
    const shrink = shrinkOf(deviation);
    const reach = deviation * BLUR_REACH + effect.spread * scale + shrink;
    const moved = shifted(bounds, effect);
    const box = this.onStage(moved, reach, scale, pose !== null);
    if (!box) return;
    // On a grid of its own, or the blur of what moves would shimmer.
    const left = Math.floor(box.left / shrink);
    const top = Math.floor(box.top / shrink);
    const width = Math.ceil(box.right / shrink) - left;
    const height = Math.ceil(box.bottom / shrink) - top;
    const [offX, offY] = [effect.x * scale, effect.y * scale];
    const { spread } = effect;
    if (!pose && shrink === 1 && spread === 0 && Math.max(width, height) <= DIRECT_SIDE) {
      const away = this.bounds.reel.width * scale * 2;
      const to = { left: view.left - offX, top: view.top - offY };
      this.drop(context, number, { colour, deviation, scale, ...to, away, spread });
      context.shadowColor = 'rgba(0, 0, 0, 0)';
      return;
    }
    const data = this.bounds.reel.outlines[number];
    const key = this.keyOf(effect, on);
    let soft = this.softs.get(node.index);
    if (soft?.data !== data || soft.key !== key) {
      const image = this.surface(soft?.image, width, height);
      const small = cleared(image);
      const to = { left: left - offX / shrink, top: top - offY / shrink };
      const away = image.width * 2 + 100;
      this.drop(small, number, {
        colour,
        deviation: deviation / shrink,
        scale: scale / shrink,
        ...to,
        away,
        spread,
      });
      soft = { data, key, image, left: left * shrink, top: top * shrink };
      this.softs.set(node.index, soft);
    }
    this.put(soft, shrink, on);
  }

  /** What is left of a full canvas when the soft outline is taken out of it, seen through the outline. */
  inner(effect: Inner, on: On): void {
    const { context, node, number, colour, view, pose } = on;
    const { scale } = view;
    const bounds = this.bounds.ofOutline(number);
    if (!bounds) return;
    const deviation = effect.deviation * scale;
    const shrink = shrinkOf(deviation);
    const box = this.onStage(bounds, 2 * shrink, scale, pose !== null);
    if (!box) return;
    const left = Math.floor(box.left / shrink);
    const top = Math.floor(box.top / shrink);
    const data = this.bounds.reel.outlines[number];
    const key = this.keyOf(effect, on);
    let soft = this.softs.get(node.index);
    if (soft?.data !== data || soft.key !== key) {
      const image = this.surface(
        soft?.image,
        Math.ceil(box.right / shrink) - left,
        Math.ceil(box.bottom / shrink) - top,
      );
      const small = cleared(image);
      small.shadowColor = 'rgba(0, 0, 0, 0)';
      small.fillStyle = colour;
      small.fillRect(0, 0, image.width, image.height);
      small.globalCompositeOperation = 'destination-out';
      this.drop(small, number, {
        colour: '#000000',
        deviation: deviation / shrink,
        scale: scale / shrink,
        left: left - (effect.x * scale) / shrink,
        top: top - (effect.y * scale) / shrink,
        away: image.width * 2 + 100,
        spread: 0,
      });
      small.globalCompositeOperation = 'source-over';
      soft = { data, key, image, left: left * shrink, top: top * shrink };
      this.softs.set(node.index, soft);
    }
    context.save();
    const { a, b, c, d, e, f } = onCanvas(view, pose);
    context.setTransform(a, b, c, d, e, f);
    context.clip(this.outline(number));
    this.put(soft, shrink, on);
    context.restore();
  }

  /** All that a blurred picture depends on beside its outline. */
  private keyOf(effect: Blur | Inner, { colour, view, pose }: On): string {
    const { width, height } = this.bounds.reel;
    return [width, height, view.scale, pose !== null, colour, JSON.stringify(effect)].join('/');
  }

  private put(soft: Soft, shrink: number, { context, view, pose }: On): void {
    const { a, b, c, d, e, f } = withinCanvas(view, pose);
    context.setTransform(a, b, c, d, e, f);
    context.imageSmoothingEnabled = true;
    context.imageSmoothingQuality = 'low';
    const [wide, high] = [soft.image.width * shrink, soft.image.height * shrink];
    context.drawImage(soft.image, soft.left - view.left, soft.top - view.top, wide, high);
  }

  /**
   * What can be seen of it on the canvas, in its pixels; null where there is nothing. Of what is moved, all of it may
   * be, within reason.
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
  private drop(context: Context, number: number, drop: Drop): void {
    const { scale, left, top, away } = drop;
    const sharp = drop.spread > 0 ? this.grown(context, number, drop) : null;
    context.shadowColor = drop.colour;
    context.shadowBlur = drop.deviation * 2;
    context.shadowOffsetX = away;
    context.shadowOffsetY = 0;
    context.fillStyle = '#000000';
    if (sharp) {
      context.setTransform(1, 0, 0, 1, 0, 0);
      context.drawImage(sharp, -away, 0, sharp.width, sharp.height);
    } else {
      context.setTransform(scale, 0, 0, scale, -left - away, -top);
      context.fill(this.outline(number));
    }
  }

  /** The outline with a line around it, by which it is larger, as one shape. */
  private grown(context: Context, number: number, { scale, left, top, spread }: Drop): Surface {
    const { width, height } = context.canvas;
    this.sharp = this.sharp?.width === width && this.sharp.height === height ? this.sharp : undefined;
    this.sharp ??= this.studio.surface(width, height);
    const sharp = cleared(this.sharp);
    sharp.setTransform(scale, 0, 0, scale, -left, -top);
    sharp.fillStyle = sharp.strokeStyle = '#000000';
    sharp.lineWidth = 2 * spread;
    sharp.lineJoin = 'round';
    sharp.fill(this.outline(number));
    sharp.stroke(this.outline(number));
    return this.sharp;
  }
}

const shrinkOf = (deviation: number): number => Math.max(1, Math.min(SMALLEST, Math.floor(deviation / 2)));

const shifted = ({ left, top, right, bottom }: Box, { x, y }: { x: number; y: number }): Box => ({
  left: left + x,
  top: top + y,
  right: right + x,
  bottom: bottom + y,
});

function cleared(image: Surface): Context {
  const context = contextOf(image);
  context.setTransform(1, 0, 0, 1, 0, 0);
  context.clearRect(0, 0, image.width, image.height);
  return context;
}
