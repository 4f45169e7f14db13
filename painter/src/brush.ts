import { type Bounds } from './bounds';
import { times, type Matrix } from './matrix';
import type { Patterns } from './patterns';
import type { LinearPaint, PathNode, PatternPaint, RadialPaint, Reel, Stroke, TextNode } from './reel';
import { SoftEdges } from './soft';
import type { Context, OutlinePath, Studio } from './surface';
import type { Timeline } from './timeline';
import { onCanvas, withinCanvas, type View } from './view';

/**
 * What stays of use when a reel takes the place of another: patterns and letters, known by what they are made of.
 */
export interface KeptPaints {
  patterns: Patterns;
  glyphs: Map<string, OutlinePath>;
}

/** How many outlines are kept as paths before the oldest are let go. */
const KEPT_OUTLINES = 4000;

/** Puts single outlines and texts of a reel on a canvas. */
export class Brush {
  private readonly outlines = new Map<number, OutlinePath>();
  private readonly glyphs = new Map<number, OutlinePath>();
  private readonly softs: SoftEdges;

  constructor(
    private readonly reel: Reel,
    private readonly timeline: Timeline,
    private readonly studio: Studio,
    bounds: Bounds,
    private readonly kept: KeptPaints,
  ) {
    this.softs = new SoftEdges(studio, bounds, (number) => this.outline(number));
  }

  path(context: Context, node: PathNode, alpha: number, frame: number, view: View, pose: Matrix | null): void {
    const number = this.timeline.value(node.index, 'outline', node.outline, frame);
    if (number === 0) return;
    const fill = this.timeline.fill(node.index, node.fill, frame);
    context.globalAlpha = alpha * node.opacity;
    if (node.blur > 0) {
      this.softs.paint(context, node, number, view, pose);
      return;
    }
    set(context, onCanvas(view, pose));
    const outline = this.outline(number);
    if (node.stroke) {
      this.stroke(context, node, node.stroke, outline, frame);
      return;
    }
    if (typeof fill === 'string') {
      context.fillStyle = fill;
      context.fill(outline);
      return;
    }
    const paint = this.reel.paints[fill];
    if (paint.kind === 'pattern') {
      this.paintPattern(context, outline, paint, view, pose);
      return;
    }
    context.fillStyle = gradient(context, paint);
    if (paint.kind === 'radial' && paint.stretch !== 1) {
      // A squashed gradient is painted through the outline, in its own space.
      const { width, height } = this.reel;
      context.save();
      context.clip(outline);
      const squash = { a: 1, b: 0, c: 0, d: paint.stretch, e: 0, f: paint.y * (1 - paint.stretch) };
      set(context, times(onCanvas(view, pose), squash));
      context.fill(this.studio.path(`M${-width} ${-height * 4}H${width * 2}V${height * 5}H${-width}Z`));
      context.restore();
      return;
    }
    context.fill(outline);
  }

  /** From here on, only what lies in an outline is painted. */
  clip(context: Context, number: number, view: View, pose: Matrix | null): void {
    set(context, onCanvas(view, pose));
    context.clip(this.outline(number));
  }

  private stroke(context: Context, node: PathNode, stroke: Stroke, outline: OutlinePath, frame: number): void {
    const fill = this.timeline.fill(node.index, node.fill, frame);
    const paint = typeof fill === 'string' ? null : this.reel.paints[fill];
    if (paint?.kind === 'pattern') throw new Error('A line cannot have a pattern.');
    context.strokeStyle = paint ? gradient(context, paint) : fill;
    context.lineWidth = stroke.width;
    context.lineCap = stroke.caps;
    context.lineJoin = 'round';
    context.setLineDash(stroke.dashes);
    context.lineDashOffset = this.timeline.value(node.index, 'offset', stroke.offset, frame);
    context.stroke(outline);
  }

  private paintPattern(
    context: Context,
    outline: OutlinePath,
    paint: PatternPaint,
    view: View,
    pose: Matrix | null,
  ): void {
    const { scale } = view;
    context.save();
    context.clip(outline);
    const side = Math.ceil(paint.reach * scale) * 2;
    const left = Math.round(paint.x * scale) - side / 2 - view.left;
    const top = Math.round(paint.y * scale) - side / 2 - view.top;
    set(context, withinCanvas(view, pose));
    context.drawImage(this.kept.patterns.image(this.studio, paint, side, scale), left, top, side, side);
    context.restore();
  }

  text(context: Context, node: TextNode, alpha: number, frame: number, view: View, pose: Matrix | null): void {
    const [, width, places] = this.reel.runs[this.timeline.value(node.index, 'run', node.run, frame)];
    const size = node.scale;
    const left = this.timeline.value(node.index, 'x', node.x, frame) - shiftOf(node, width) * size;
    const base = this.timeline.value(node.index, 'y', node.y, frame);
    const all = onCanvas(view, pose);
    context.globalAlpha = alpha;
    context.fillStyle = node.fill;
    for (let at = 0; at < places.length; at += 2) {
      set(context, times(all, { a: size, b: 0, c: 0, d: size, e: left + places[at + 1] * size, f: base }));
      context.fill(this.glyph(places[at]));
    }
  }

  outline(number: number): OutlinePath {
    let path = this.outlines.get(number);
    if (!path) {
      if (this.outlines.size > KEPT_OUTLINES) this.outlines.clear();
      path = this.studio.path(this.reel.outlines[number]);
      this.outlines.set(number, path);
    }
    return path;
  }

  private glyph(number: number): OutlinePath {
    let path = this.glyphs.get(number);
    if (!path) {
      const data = this.reel.glyphs[number];
      path = this.kept.glyphs.get(data) ?? this.studio.path(data);
      this.kept.glyphs.set(data, path);
      this.glyphs.set(number, path);
    }
    return path;
  }
}

/** From the left end of a text to the point that it is aligned at, in font units. */
export function shiftOf(node: TextNode, width: number): number {
  return node.align === 'middle' ? width / 2 : node.align === 'right' ? width : 0;
}

function gradient(context: Context, paint: RadialPaint | LinearPaint): unknown {
  const made =
    paint.kind === 'radial'
      ? context.createRadialGradient(paint.x, paint.y, 0, paint.x, paint.y, paint.radius)
      : context.createLinearGradient(paint.x, paint.y, paint.toX, paint.toY);
  for (const [place, colour, opacity] of paint.stops) {
    const alpha = Math.round(opacity * 255)
      .toString(16)
      .padStart(2, '0');
    made.addColorStop(place, colour + alpha);
  }
  return made;
}

function set(context: Context, { a, b, c, d, e, f }: Matrix): void {
  context.setTransform(a, b, c, d, e, f);
}
