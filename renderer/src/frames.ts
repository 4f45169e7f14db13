import { createCanvas, type Canvas } from '@napi-rs/canvas';
import { Boxes, Exposure, Painter, type Box, type Reel } from '../../painter/src';
import { letGo } from './memory';
import { PlanarPicture } from './planar';
import { StraightPicture } from './straight';
import { skia } from './studio';
import type { Frames } from './encoder';

/** canvases are made in steps of this, so that one fits many parts */
const STEP = 128;
const KEPT_CANVASES = 6;
/** bytes of pixels; each fetching is a copy that lives outside V8's own heap */
const LET_GO_AFTER = 64_000_000;

/** The frames of a reel as the encoder takes them: of each only what differs from the one before is painted. */
export class PaintedFrames {
  readonly picture: PlanarPicture | StraightPicture;
  private readonly painter: Painter;
  private readonly exposure: Exposure;
  private readonly canvases = new Map<string, Canvas>();
  /** the moment of the picture that was painted last */
  private before: number | null = null;
  /** where that is a mean of several, in pixels of the stage */
  private smears: Box[] = [];
  private fetched = 0;

  constructor(
    private readonly reel: Reel,
    private readonly kind: Frames = 'planar',
  ) {
    this.painter = new Painter(reel, skia);
    this.exposure = new Exposure(this.painter, skia);
    this.picture =
      kind === 'planar' ? new PlanarPicture(reel.width, reel.height) : new StraightPicture(reel.width, reel.height);
  }

  /** A frame as the encoder takes it; it changes with the next. */
  paint(frame: number): Uint8Array {
    const whole: Box = { left: 0, top: 0, right: this.reel.width, bottom: this.reel.height };
    const moments = this.painter.timeline.momentsOf(frame);
    const smears = this.exposure.smearsOf(frame);
    const changes = this.before === null ? [whole] : this.painter.changesBetween(this.before, moments[0]);
    const parts = new Boxes();
    for (const part of [...changes, ...this.smears, ...smears]) parts.add(part);
    for (const part of parts.list) this.paintPart(frame, moments, this.evened(part));
    this.before = moments[moments.length - 1];
    this.smears = smears;
    return this.picture.planes;
  }

  private paintPart(frame: number, moments: number[], part: Box): void {
    if (part.right <= part.left || part.bottom <= part.top) return;
    if (moments.length > 1) {
      const { data, width } = this.exposure.mean(frame, 1, part);
      this.take(new Uint8Array(data.buffer, data.byteOffset, data.byteLength), width, part, moments.length);
      return;
    }
    const canvas = this.canvas(part.right - part.left, part.bottom - part.top);
    this.painter.paint(canvas.getContext('2d') as never, moments[0], 1, part);
    this.take(this.kind === 'planar' ? canvas.data() : straight(canvas), canvas.width, part, 1);
  }

  private take(pixels: Uint8Array, stride: number, part: Box, times: number): void {
    this.picture.update(pixels, stride, part);
    this.fetched += pixels.byteLength * times;
    if (this.fetched > LET_GO_AFTER) {
      this.fetched = 0;
      letGo();
    }
  }

  /** Within the stage, and on even pixels: four of them share one sample of chroma. */
  private evened({ left, top, right, bottom }: Box): Box {
    return {
      left: Math.max(0, Math.floor(left / 2) * 2),
      top: Math.max(0, Math.floor(top / 2) * 2),
      right: Math.min(this.reel.width, Math.ceil(right / 2) * 2),
      bottom: Math.min(this.reel.height, Math.ceil(bottom / 2) * 2),
    };
  }

  private canvas(width: number, height: number): Canvas {
    const wide = Math.min(this.reel.width, Math.ceil(width / STEP) * STEP);
    const high = Math.min(this.reel.height, Math.ceil(height / STEP) * STEP);
    const key = `${wide}x${high}`;
    const canvas = this.canvases.get(key) ?? createCanvas(wide, high);
    // The one that was used last stands last; the first is let go of.
    this.canvases.delete(key);
    this.canvases.set(key, canvas);
    if (this.canvases.size > KEPT_CANVASES) this.canvases.delete([...this.canvases.keys()][0]);
    return canvas;
  }
}

/** The pixels of a canvas with their colours as they are, not multiplied by their opacity. */
function straight(canvas: Canvas): Uint8Array {
  const { data } = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height);
  return new Uint8Array(data.buffer, data.byteOffset, data.byteLength);
}
