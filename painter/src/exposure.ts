import { Boxes, type Box } from './bounds';
import { LARGEST_LAYER, type Painter } from './painter';
import { contextOf, type Context, type Pixels, type Studio, type Surface } from './surface';

/** canvases are made in steps of this, so that one fits many parts */
const STEP = 128;

/**
 * Paints frames as a shutter sees them that is open for a while: what moves is the mean of the picture at all moments
 * that the reel holds of a frame. What does not differ between them is left as it is, to the bit.
 */
export class Exposure {
  private surface: Surface | null = null;

  constructor(
    private readonly painter: Painter,
    private readonly studio: Studio,
  ) {}

  paint(context: Context, frame: number, scale: number, part?: Box): void {
    const { reel, timeline } = this.painter;
    this.painter.paint(context, timeline.momentOf(frame), scale, part);
    const all = part ?? {
      left: 0,
      top: 0,
      right: Math.round(reel.width * scale),
      bottom: Math.round(reel.height * scale),
    };
    const boxes = this.smearsOf(frame)
      .map((smear) => ({
        left: Math.max(all.left, Math.floor(smear.left * scale)),
        top: Math.max(all.top, Math.floor(smear.top * scale)),
        right: Math.min(all.right, Math.ceil(smear.right * scale)),
        bottom: Math.min(all.bottom, Math.ceil(smear.bottom * scale)),
      }))
      .filter(({ left, top, right, bottom }) => right > left && bottom > top);
    const means = this.means(frame, scale, boxes);
    boxes.forEach(({ left, top }, at) => context.putImageData(means[at], left - all.left, top - all.top));
  }

  /** Where a frame's moments differ, in pixels of the stage. */
  smearsOf(frame: number): Box[] {
    const boxes = new Boxes();
    const moments = this.painter.timeline.momentsOf(frame);
    for (let at = 1; at < moments.length; at++) {
      for (const box of this.painter.changesBetween(moments[at - 1], moments[at])) boxes.add(box);
    }
    return boxes.list;
  }

  /**
   * The means of parts of the picture over the moments of a frame.
   *
   * @param parts in whole pixels of the canvas
   */
  means(frame: number, scale: number, parts: Box[]): Pixels[] {
    const { reel, timeline } = this.painter;
    const [width, height] = [Math.round(reel.width * scale), Math.round(reel.height * scale)];
    // Of a picture much larger than what is seen of it, each part by itself.
    const isInPlace = width * height <= LARGEST_LAYER;
    const sums = parts.map((part) => new Uint32Array((part.right - part.left) * (part.bottom - part.top) * 4));
    let pixels: Pixels[] = [];
    const moments = parts.length > 0 ? timeline.momentsOf(frame) : [];
    for (const moment of moments) {
      pixels = isInPlace
        ? this.inPlace(moment, scale, parts, this.context(width, height))
        : parts.map((part) => this.alone(moment, scale, part));
      pixels.forEach(({ data }, at) => add(sums[at], data));
    }
    pixels.forEach(({ data }, at) => divide(sums[at], moments.length, data));
    return pixels;
  }

  private inPlace(moment: number, scale: number, parts: Box[], context: Context): Pixels[] {
    this.painter.repaint(context, moment, scale, parts);
    return parts.map(({ left, top, right, bottom }) => context.getImageData(left, top, right - left, bottom - top));
  }

  private alone(moment: number, scale: number, part: Box): Pixels {
    const [width, height] = [part.right - part.left, part.bottom - part.top];
    const context = this.context(width, height);
    this.painter.paint(context, moment, scale, part);
    return context.getImageData(0, 0, width, height);
  }

  private context(width: number, height: number): Context {
    if (!this.surface || this.surface.width < width || this.surface.height < height) {
      const upTo = (side: number, had = 0): number => Math.max(had, Math.ceil(side / STEP) * STEP);
      this.surface = this.studio.readable(upTo(width, this.surface?.width), upTo(height, this.surface?.height));
    }
    return contextOf(this.surface);
  }
}

/** Colours count as much as they cover. */
function add(sums: Uint32Array, pixels: Uint8ClampedArray): void {
  for (let at = 0; at < pixels.length; at += 4) {
    const alpha = pixels[at + 3];
    sums[at] += pixels[at] * alpha;
    sums[at + 1] += pixels[at + 1] * alpha;
    sums[at + 2] += pixels[at + 2] * alpha;
    sums[at + 3] += alpha;
  }
}

function divide(sums: Uint32Array, count: number, into: Uint8ClampedArray): void {
  for (let at = 0; at < sums.length; at += 4) {
    const alpha = sums[at + 3];
    // The array rounds, and takes what is not a number, colours of nothing, as 0.
    into[at] = sums[at] / alpha;
    into[at + 1] = sums[at + 1] / alpha;
    into[at + 2] = sums[at + 2] / alpha;
    into[at + 3] = alpha / count;
  }
}
