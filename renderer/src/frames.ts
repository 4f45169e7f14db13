import { createCanvas, type Canvas } from '@napi-rs/canvas';
import { Boxes, Exposure, Painter, type Box, type Reel } from '../../painter/src';
import { letGo } from './memory';
import { PlanarPicture } from './planar';
import { StraightPicture } from './straight';
import { skia } from './studio';
import type { Frames } from './encoder';

/** bytes of pixels; each fetching is a copy that lives outside V8's own heap */
const LET_GO_AFTER = 64_000_000;

/** The frames of a reel as the encoder takes them: of each only what differs from the one before is painted. */
export class PaintedFrames {
  readonly picture: PlanarPicture | StraightPicture;
  private readonly painter: Painter;
  private readonly exposure: Exposure;
  private readonly canvas: Canvas;
  /** the moment of the picture that was painted last */
  private before: number | null = null;
  /** where that is a mean of several, in pixels of the stage */
  private smears: Box[] = [];
  private fetched = 0;

  constructor(
    private readonly reel: Reel,
    kind: Frames = 'planar',
  ) {
    this.painter = new Painter(reel, skia);
    this.exposure = new Exposure(this.painter, skia);
    this.canvas = createCanvas(reel.width, reel.height);
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
    const even = parts.list
      .map((part) => this.evened(part))
      .filter((part) => part.right > part.left && part.bottom > part.top);
    const painted = moments.length > 1 ? this.exposure.means(frame, 1, even) : this.painted(moments[0], even);
    even.forEach((part, at) => this.take(painted[at].data, part, moments.length));
    this.before = moments[moments.length - 1];
    this.smears = smears;
    return this.picture.planes;
  }

  private painted(moment: number, parts: Box[]): { data: Uint8ClampedArray }[] {
    if (parts.length === 0) return [];
    const context = this.canvas.getContext('2d');
    this.painter.repaint(context as never, moment, 1, parts);
    return parts.map(({ left, top, right, bottom }) => context.getImageData(left, top, right - left, bottom - top));
  }

  private take({ buffer, byteOffset, byteLength }: Uint8ClampedArray, part: Box, times: number): void {
    const pixels = new Uint8Array(buffer, byteOffset, byteLength);
    this.picture.update(pixels, part.right - part.left, part);
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
}
