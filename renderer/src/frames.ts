import { createCanvas, type Canvas } from '@napi-rs/canvas';
import { Boxes, Exposure, Painter, type Box, type Reel } from '../../painter/src';
import { FastSums } from './sums';
import { letGo } from './memory';
import { PlanarPicture } from './planar';
import { StraightPicture } from './straight';
import { skia } from './studio';
import { sidesOf, type Frames } from './order';

/** bytes of pixels; each fetching is a copy that lives outside V8's own heap */
const LET_GO_AFTER = 64_000_000;

/** How frames are painted. */
export interface Painted {
  kind: Frames;
  /** pixels of the picture for one of the stage */
  scale: number;
}

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
  private readonly width: number;
  private readonly height: number;
  private readonly scale: number;

  /** @param takesAll whether a shutter takes all moments of what moves, however little that is */
  constructor(reel: Reel, { kind, scale }: Painted = { kind: 'planar', scale: 1 }, takesAll = false) {
    this.scale = scale;
    this.painter = new Painter(reel, skia);
    this.exposure = new Exposure(this.painter, skia, new FastSums(), takesAll);
    [this.width, this.height] = sidesOf(reel, kind, scale);
    this.canvas = createCanvas(this.width, this.height);
    this.picture =
      kind === 'planar' ? new PlanarPicture(this.width, this.height) : new StraightPicture(this.width, this.height);
  }

  /** A frame as the encoder takes it; it changes with the next. */
  paint(frame: number): Uint8Array {
    const { width, height, scale } = this;
    const whole: Box = { left: 0, top: 0, right: width / scale, bottom: height / scale };
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
    for (const part of means) this.take(this.exposure.mean(frame, scale, part), part, moments.length);
    this.before = middle;
    this.smears = smears;
    return this.picture.planes;
  }

  private painted(moment: number, parts: Box[]): { data: Uint8ClampedArray }[] {
    if (parts.length === 0) return [];
    const context = this.canvas.getContext('2d');
    this.painter.repaint(context as never, moment, this.scale, parts);
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

  /**
   * Pixels of the picture: within it, and even ones, for four of them share one sample of chroma. A part that is scaled
   * is taken with the pixels that it touches.
   */
  private evened({ left, top, right, bottom }: Box): Box {
    const { scale, width, height } = this;
    return {
      left: Math.max(0, Math.floor((left * scale) / 2) * 2),
      top: Math.max(0, Math.floor((top * scale) / 2) * 2),
      right: Math.min(width, Math.ceil((right * scale) / 2) * 2),
      bottom: Math.min(height, Math.ceil((bottom * scale) / 2) * 2),
    };
  }
}

const holds = (one: Box, other: Box): boolean =>
  one.left <= other.left && one.top <= other.top && one.right >= other.right && one.bottom >= other.bottom;
