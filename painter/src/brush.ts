import { Blots, type Placed } from './blots';
import type { Bounds, Box } from './bounds';
import { times, type Matrix } from './matrix';
import { Patterns } from './patterns';
import { paintEffect } from './effects';
import { CloudPictures } from './clouds';
import { Halftones } from './dots';
import { inPieces } from './chain';
import { FADE, litEdge, type LitEdge } from './lights';
import { fillWith, stopped, strokeStyleOf } from './paints';
import { alignedAt } from './placing';
import type { Reel, ReelPath, ReelStroke, ReelText } from './reel';
import { SoftEdges, type Soft } from './soft';
import { Tiles } from './tiles';
import type { Context, OutlinePath, Studio } from './surface';
import type { Timeline } from './timeline';
import { onCanvas, type View } from './view';

/**
 * What stays of use when a reel takes the place of another: patterns, letters and outlines, known by what they are
 * made of.
 */
export interface KeptPaints {
  patterns: Patterns;
  glyphs: Map<string, OutlinePath>;
  outlines: Map<string, OutlinePath>;
  boxes: Map<string, Box | null>;
  softs: Map<number, Soft>;
  halftones: Halftones;
  tiles: Tiles;
  clouds: CloudPictures;
  blots: Blots;
}

/** What nothing has been kept of yet. */
export const nothingKept = (): KeptPaints => ({
  patterns: new Patterns(),
  glyphs: new Map(),
  outlines: new Map(),
  boxes: new Map(),
  softs: new Map(),
  halftones: new Halftones(),
  tiles: new Tiles(),
  clouds: new CloudPictures(),
  blots: new Blots(),
});

/** How a canvas calls what a reel calls its blend. Source: Compositing and Blending Level 1. */
const BLENDS = {
  normal: 'source-over',
  multiply: 'multiply',
  screen: 'screen',
  overlay: 'overlay',
  'soft-light': 'soft-light',
  add: 'lighter',
} as const satisfies Record<ReelPath['blend'], string>;

/** How many outlines are kept as paths before the oldest are let go. */
const KEPT_OUTLINES = 4000;

/** Puts single outlines and texts of a reel on a canvas. */
export class Brush {
  private readonly glyphs = new Map<number, OutlinePath>();
  private readonly softs: SoftEdges;

  constructor(
    private readonly reel: Reel,
    private readonly timeline: Timeline,
    private readonly studio: Studio,
    private readonly bounds: Bounds,
    private readonly kept: KeptPaints,
  ) {
    this.softs = new SoftEdges(studio, bounds, (number) => this.outline(number), kept.softs);
  }

  path(context: Context, node: ReelPath, alpha: number, frame: number, view: View, pose: Matrix | null): void {
    const number = this.timeline.value(node.index, 'outline', node.outline, frame);
    if (number === 0) return;
    context.globalAlpha = alpha * this.timeline.value(node.index, 'opacity', node.opacity, frame);
    if (context.globalAlpha === 0) return;
    context.globalCompositeOperation = BLENDS[node.blend];
    this.pathAs(context, node, number, frame, view, pose);
    context.globalCompositeOperation = BLENDS.normal;
  }

  private pathAs(
    context: Context,
    node: ReelPath,
    number: number,
    frame: number,
    view: View,
    pose: Matrix | null,
  ): void {
    const fill = this.timeline.fill(node.index, node.fill, frame);
    const effect = this.timeline.effect(node, frame);
    if (effect !== null) {
      const colour = typeof fill === 'string' ? fill : '#000000';
      paintEffect(this.reel.effects[effect], { context, node, number, colour, view, pose, softs: this.softs });
      return;
    }
    const outline = this.outline(number);
    set(context, onCanvas(view, pose));
    if (node.stroke) {
      const isFlat = typeof fill === 'string' && !node.stroke.light;
      if (!isFlat) context.save();
      this.stroke(context, node, node.stroke, number, frame);
      if (!isFlat) context.restore();
    } else if (typeof fill === 'string') {
      context.fillStyle = fill;
      context.fill(outline);
    } else {
      this.paint(context, node, fill, { number, outline, view, pose });
    }
  }

  private paint(
    context: Context,
    node: ReelPath,
    fill: number,
    on: Pick<Placed, 'number' | 'outline' | 'view' | 'pose'>,
  ): void {
    const { reel, studio, kept, bounds } = this;
    const { number, outline, view, pose } = on;
    const paint = reel.paints[fill];
    // One that changes from frame to frame would be another picture each time.
    const isKept = paint.kind === 'radial' && !this.timeline.varies(node.index, 'fill');
    if (isKept && kept.blots.paint(context, paint, { number, outline, bounds, view, pose, studio })) return;
    fillWith(paint, { context, outline, view, pose, reel, studio, ...kept });
  }

  /** From here on, only what lies in an outline is painted. */
  clip(context: Context, number: number, view: View, pose: Matrix | null): void {
    set(context, onCanvas(view, pose));
    context.clip(this.outline(number));
  }

  private stroke(context: Context, node: ReelPath, stroke: ReelStroke, number: number, frame: number): void {
    const of = (property: 'width' | 'dash' | 'gap' | 'offset', still: number): number =>
      this.timeline.value(node.index, property, still, frame);
    const fill = this.timeline.fill(node.index, node.fill, frame);
    const gap = of('gap', stroke.gap);
    let dashes = gap > 0 ? [of('dash', stroke.dash), gap] : [];
    let offset = of('offset', stroke.offset);
    context.strokeStyle = typeof fill === 'string' ? fill : strokeStyleOf(context, this.reel.paints[fill]);
    if (stroke.light) {
      const lit = this.litEdge(node, stroke.light, number, frame);
      if (!lit || typeof fill !== 'string') return;
      context.strokeStyle = stopped(context.createRadialGradient(lit.x, lit.y, 0, lit.x, lit.y, lit.radius), {
        stops: FADE.map(([at, much]) => [at, fill, much]),
      });
      dashes = lit.dashes;
      offset = lit.offset;
    }
    context.lineWidth = of('width', stroke.width);
    context.lineCap = stroke.caps;
    context.lineJoin = 'round';
    context.setLineDash(dashes);
    context.lineDashOffset = offset;
    context.stroke(this.outline(number));
  }

  private litEdge(
    { index }: ReelPath,
    { length, place }: NonNullable<ReelStroke['light']>,
    number: number,
    frame: number,
  ): LitEdge | null {
    return litEdge(
      this.reel.outlines[number],
      this.timeline.value(index, 'length', length, frame),
      this.timeline.value(index, 'place', place, frame),
    );
  }

  /**
   * Of what is on the canvas, only that much is left which a tile covers.
   *
   * @param part of the canvas that it is about
   */
  cover(context: Context, paint: number, view: View, pose: Matrix | null, part: OutlinePath): void {
    const tile = this.reel.paints[paint];
    if (tile.kind !== 'tile') return;
    context.save();
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.clip(part);
    context.globalAlpha = 1;
    context.globalCompositeOperation = 'destination-in';
    context.imageSmoothingEnabled = true;
    context.imageSmoothingQuality = 'low';
    set(context, onCanvas(view, pose));
    context.fillStyle = this.kept.tiles.style(context, this.studio, tile, view.scale);
    const { width, height } = this.reel;
    context.fillRect(-width, -height, 3 * width, 3 * height);
    context.restore();
  }

  text(context: Context, node: ReelText, alpha: number, frame: number, view: View, pose: Matrix | null): void {
    // What is only read is seen as outlines beside it.
    if (!node.painted) return;
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
    const { outlines } = this.kept;
    const data = this.reel.outlines[number];
    let path = outlines.get(data);
    if (!path) {
      if (outlines.size > KEPT_OUTLINES) outlines.clear();
      path = this.studio.path(inPieces(data));
      outlines.set(data, path);
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
