import { fillAlong } from './along';
import { posed, times, type Matrix } from './matrix';
import type { Patterns } from './patterns';
import type { CloudPictures } from './clouds';
import type { Halftones } from './dots';
import type {
  CloudsPaint,
  DotsPaint,
  LinearPaint,
  Paint,
  PatternPaint,
  PicturePaint,
  RadialPaint,
  Reel,
  TilePaint,
} from './reel';
import type { Tiles } from './tiles';
import type { Context, OutlinePath, Studio } from './surface';
import { onCanvas, withinCanvas, type View } from './view';

/** An outline that is filled, and where; the canvas stands as the outline does. */
export interface Filled {
  context: Context;
  outline: OutlinePath;
  view: View;
  pose: Matrix | null;
  reel: Reel;
  studio: Studio;
  patterns: Patterns;
  halftones: Halftones;
  tiles: Tiles;
  clouds: CloudPictures;
}

/** How a paint of the reel is painted. The classes of core say what each is (core/src/Reel). */
interface PaintRule<P> {
  /** what a canvas fills and strokes with; null where it has nothing of the kind */
  style: ((context: Context, paint: P) => unknown) | null;
  fill: (paint: P, on: Filled) => void;
}

const RULES: { [K in Paint['kind']]: PaintRule<Extract<Paint, { kind: K }>> } = {
  linear: {
    style: linear,
    fill: (paint, { context, outline }) => fillGradient(context, linear(context, paint), outline),
  },
  radial: { style: radial, fill: fillRadial },
  along: { style: null, fill: fillAlong },
  pattern: { style: null, fill: fillPattern },
  dots: { style: null, fill: fillDots },
  tile: { style: null, fill: fillTile },
  clouds: { style: null, fill: fillClouds },
  picture: { style: null, fill: fillPicture },
};

const ruleOf = (paint: Paint) => RULES[paint.kind] as PaintRule<Paint>;

export function fillWith(paint: Paint, on: Filled): void {
  ruleOf(paint).fill(paint, on);
}

/** What a canvas strokes with. */
export function strokeStyleOf(context: Context, paint: Paint): unknown {
  const { style } = ruleOf(paint);
  if (!style) throw new Error(`A line cannot have a ${paint.kind}.`);
  return style(context, paint);
}

function linear(context: Context, paint: LinearPaint): unknown {
  return stopped(context.createLinearGradient(paint.x, paint.y, paint.toX, paint.toY), paint);
}

function radial(context: Context, paint: RadialPaint): unknown {
  return stopped(context.createRadialGradient(paint.x, paint.y, 0, paint.x, paint.y, paint.radius), paint);
}

export function stopped<G extends { addColorStop(place: number, colour: string): void }>(
  gradient: G,
  { stops }: Pick<LinearPaint, 'stops'>,
): G {
  for (const [place, colour, opacity] of stops) {
    const alpha = Math.round(opacity * 255)
      .toString(16)
      .padStart(2, '0');
    gradient.addColorStop(place, colour + alpha);
  }
  return gradient;
}

/** Chromium goes on dithering after a gradient, whatever it paints with then; the film's canvas does not. */
function fillGradient(context: Context, gradient: unknown, outline: OutlinePath): void {
  context.save();
  context.fillStyle = gradient;
  context.fill(outline);
  context.restore();
}

function fillRadial(paint: RadialPaint, { context, outline, view, pose, reel, studio }: Filled): void {
  if (paint.stretch === 1) {
    fillGradient(context, radial(context, paint), outline);
    return;
  }
  // A squashed gradient is painted through the outline, in its own space.
  const { width, height } = reel;
  context.save();
  context.fillStyle = radial(context, paint);
  context.clip(outline);
  const squash = { a: 1, b: 0, c: 0, d: paint.stretch, e: 0, f: paint.y * (1 - paint.stretch) };
  const { a, b, c, d, e, f } = times(onCanvas(view, pose), squash);
  context.setTransform(a, b, c, d, e, f);
  context.fill(studio.path(`M${-width} ${-height * 4}H${width * 2}V${height * 5}H${-width}Z`));
  context.restore();
}

function fillPattern(paint: PatternPaint, { context, outline, view, pose, studio, patterns }: Filled): void {
  const { scale } = view;
  context.save();
  context.clip(outline);
  if (paint.isDrifting) {
    // Each picture of it would be another one, so none is kept.
    const turned = posed(0, 0, paint.x, paint.y, 1, paint.degrees);
    const { a, b, c, d, e, f } = times(onCanvas(view, pose), turned);
    context.setTransform(a, b, c, d, e, f);
    context.fillStyle = paint.colour;
    context.fill(patterns.path(studio, paint));
    context.restore();
    return;
  }
  const side = Math.ceil(paint.reach * scale) * 2;
  const left = Math.round(paint.x * scale) - side / 2 - view.left;
  const top = Math.round(paint.y * scale) - side / 2 - view.top;
  const { a, b, c, d, e, f } = withinCanvas(view, pose);
  context.setTransform(a, b, c, d, e, f);
  context.drawImage(patterns.image(studio, paint, side, scale), left, top, side, side);
  context.restore();
}

function fillDots(paint: DotsPaint, { context, outline, view, pose, studio, halftones }: Filled): void {
  context.save();
  context.clip(outline);
  const { image, left, top } = halftones.image(studio, paint, view.scale);
  const { a, b, c, d, e, f } = withinCanvas(view, pose);
  context.setTransform(a, b, c, d, e, f);
  context.drawImage(image, left - view.left, top - view.top, image.width, image.height);
  context.restore();
}

function fillTile(paint: TilePaint, { context, outline, view, studio, tiles }: Filled): void {
  context.imageSmoothingEnabled = true;
  context.imageSmoothingQuality = 'low';
  context.fillStyle = tiles.style(context, studio, paint, view.scale);
  context.fill(outline);
}

function fillClouds(paint: CloudsPaint, { context, outline, reel, studio, clouds }: Filled): void {
  context.save();
  context.clip(outline);
  context.imageSmoothingEnabled = true;
  context.imageSmoothingQuality = 'high';
  context.drawImage(clouds.image(studio, paint), 0, 0, reel.width, reel.height);
  context.restore();
}

function fillPicture(paint: PicturePaint, { context, outline, view, pose, studio }: Filled): void {
  const picture = studio.picture(paint.file, paint.blur);
  if (!picture) return;
  const { x, y, width, height } = paint;
  const turned = times(onCanvas(view, pose), posed(x + width / 2, y + height / 2, 0, 0, 1, paint.degrees));
  context.save();
  context.imageSmoothingEnabled = true;
  context.imageSmoothingQuality = 'high';
  if (paint.repeats) {
    const pattern = context.createPattern(picture, 'repeat');
    const one = { a: width / picture.width, b: 0, c: 0, d: height / picture.height, e: x, f: y };
    // A pattern lies as the canvas stands when it is filled with, which is as the outline does.
    const own = posed(x + width / 2, y + height / 2, 0, 0, 1, paint.degrees);
    pattern?.setTransform(studio.matrix(times(own, one)));
    context.fillStyle = pattern;
    context.fill(outline);
  } else {
    context.clip(outline);
    const { a, b, c, d, e, f } = turned;
    context.setTransform(a, b, c, d, e, f);
    context.drawImage(picture, x, y, width, height);
  }
  context.restore();
}
