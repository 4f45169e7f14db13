import { type Bounds } from './bounds';
import { times, type Matrix } from './matrix';
import type { Patterns } from './patterns';
import { paintEffect } from './effects';
import { fillWith, strokeStyleOf } from './paints';
import { alignedAt } from './placing';
import type { Reel, ReelPath, ReelStroke, ReelText } from './reel';
import { SoftEdges } from './soft';
import type { Context, OutlinePath, Studio } from './surface';
import type { Timeline } from './timeline';
import { onCanvas, type View } from './view';

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

  path(context: Context, node: ReelPath, alpha: number, frame: number, view: View, pose: Matrix | null): void {
    const number = this.timeline.value(node.index, 'outline', node.outline, frame);
    if (number === 0) return;
    context.globalAlpha = alpha * node.opacity;
    if (node.effect) {
      paintEffect(node.effect, { context, node, number, view, pose, softs: this.softs });
      return;
    }
    const fill = this.timeline.fill(node.index, node.fill, frame);
    const outline = this.outline(number);
    set(context, onCanvas(view, pose));
    if (node.stroke) {
      this.stroke(context, node, node.stroke, outline, frame);
    } else if (typeof fill === 'string') {
      context.fillStyle = fill;
      context.fill(outline);
    } else {
      const { reel, studio } = this;
      fillWith(reel.paints[fill], { context, outline, view, pose, reel, studio, patterns: this.kept.patterns });
    }
  }

  /** From here on, only what lies in an outline is painted. */
  clip(context: Context, number: number, view: View, pose: Matrix | null): void {
    set(context, onCanvas(view, pose));
    context.clip(this.outline(number));
  }

  private stroke(context: Context, node: ReelPath, stroke: ReelStroke, outline: OutlinePath, frame: number): void {
    const fill = this.timeline.fill(node.index, node.fill, frame);
    context.strokeStyle = typeof fill === 'string' ? fill : strokeStyleOf(context, this.reel.paints[fill]);
    context.lineWidth = stroke.width;
    context.lineCap = stroke.caps;
    context.lineJoin = 'round';
    context.setLineDash(stroke.dashes);
    context.lineDashOffset = this.timeline.value(node.index, 'offset', stroke.offset, frame);
    context.stroke(outline);
  }

  text(context: Context, node: ReelText, alpha: number, frame: number, view: View, pose: Matrix | null): void {
    const [, width, places] = this.reel.runs[this.timeline.value(node.index, 'run', node.run, frame)];
    const size = node.scale;
    const left = this.timeline.value(node.index, 'x', node.x, frame) - alignedAt(node, width) * size;
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

function set(context: Context, { a, b, c, d, e, f }: Matrix): void {
  context.setTransform(a, b, c, d, e, f);
}
