import { createCanvas, type Canvas } from '@napi-rs/canvas';
import { Boxes, Exposure, Painter, type Box, type Reel } from '../../painter/src';
import { FastSums } from './sums';
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

  /** @param takesAll whether a shutter takes all moments of what moves, however little that is */
  constructor(
    private readonly reel: Reel,
    kind: Frames = 'planar',
    takesAll = false,
  ) {
    this.painter = new Painter(reel, skia);
    this.exposure = new Exposure(this.painter, skia, new FastSums(), takesAll);
    this.canvas = createCanvas(reel.width, reel.height);
    this.picture =
      kind === 'planar' ? new PlanarPicture(reel.width, reel.height) : new StraightPicture(reel.width, reel.height);
  }

  /** A frame as the encoder takes it; it changes with the next. */
  paint(frame: number): Uint8Array {
    const whole: Box = { left: 0, top: 0, right: this.reel.width, bottom: this.reel.height };
    const { middle, moments } = this.painter.planOf(frame);
    const smears = this.exposure.smearsOf(frame);
    const changes = this.before === null ? [whole] : this.painter.changesBetween(this.before, middle);
    const parts = new Boxes();
    for (const part of [...changes, ...this.smears]) parts.add(part);
    const evened = (boxes: Box[]): Box[] =>
      boxes.map((part) => this.evened(part)).filter(({ left, top, right, bottom }) => right > left && bottom > top);
    const means = evened(smears);
    // What the mean takes anyway is not painted for itself.
    const plain = evened(parts.list).filter((part) => !means.some((mean) => holds(mean, part)));
    this.painted(middle, plain).forEach(({ data }, at) => this.take(data, plain[at], 1));
    for (const part of means) this.take(this.exposure.mean(frame, 1, part), part, moments.length);
    this.before = middle;
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

const holds = (one: Box, other: Box): boolean =>
  one.left <= other.left && one.top <= other.top && one.right >= other.right && one.bottom >= other.bottom;
