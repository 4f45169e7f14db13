import type { GroupNode, PathNode, PatternPaint, RadialPaint, Reel, ReelNode, TextNode } from './reel';
import type { Context, OutlinePath, Studio, Surface } from './surface';
import { Timeline } from './timeline';

/**
 * What stays of use when a reel takes the place of another: the back of the picture, patterns, letters. Known by what
 * it is made of.
 */
interface Kept {
  back: { key: string; image: Surface } | null;
  patterns: Map<string, Surface>;
  glyphs: Map<string, OutlinePath>;
}

interface Soft {
  key: string;
  image: Surface;
}

/** A leaf of the drawing with the groups that it stands in. */
interface Leaf {
  node: PathNode | TextNode;
  groups: GroupNode[];
}

/** How many outlines are kept as paths before the oldest are let go. */
const KEPT_OUTLINES = 4000;
const KEPT_PATTERNS = 24;
const SPARE_LAYERS = 2;
/** pixels up to which a blur is not worth a canvas of its own */
const DIRECT_SIDE = 480;

/**
 * Paints frames of a reel on a 2D canvas. Knows outlines, fills, groups and blurs; no charts and no time of its own.
 * Things that stand still together around a frame are kept on a layer.
 */
export class Painter {
  readonly timeline: Timeline;
  private readonly leaves: Leaf[] = [];
  private readonly outlines = new Map<number, OutlinePath>();
  private readonly glyphs = new Map<number, OutlinePath>();
  private readonly kept: Kept;
  private readonly backLeaves: number;
  private readonly softs = new Map<number, Soft>();
  private readonly layers = new Map<number, { key: string; image: Surface | null }>();
  private readonly spare: Surface[] = [];

  constructor(
    readonly reel: Reel,
    private readonly studio: Studio,
    before?: Painter,
  ) {
    this.kept = before?.kept ?? { back: null, patterns: new Map(), glyphs: new Map() };
    this.timeline = new Timeline(reel);
    const walk = (node: ReelNode, groups: GroupNode[]): void => {
      if (node.kind === 'group') node.children.forEach((child) => walk(child, [...groups, node]));
      else this.leaves.push({ node, groups });
    };
    reel.nodes.forEach((node) => walk(node, []));
    const first = this.leaves.findIndex(
      ({ node, groups }) =>
        node.kind !== 'path' ||
        node.mark !== null ||
        node.blur > 0 ||
        [node, ...groups].some(({ index }) => !this.timeline.isConstant(index)),
    );
    this.backLeaves = first < 0 ? this.leaves.length : first;
  }

  /** @param scale canvas pixels for one pixel of the stage */
  paint(context: Context, frame: number, scale: number): void {
    const width = Math.round(this.reel.width * scale);
    const height = Math.round(this.reel.height * scale);
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.globalAlpha = 1;
    context.clearRect(0, 0, width, height);
    if (this.backLeaves > 0) context.drawImage(this.back(width, height, scale), 0, 0, width, height);
    const used = new Set<number>();
    for (let from = this.backLeaves; from < this.leaves.length;) {
      const to = this.stillUpTo(from, frame);
      const layer = to - from > 2 ? this.layer(from, to, frame, width, height, scale) : null;
      if (layer) {
        context.globalAlpha = 1;
        context.setTransform(1, 0, 0, 1, 0, 0);
        context.drawImage(layer, 0, 0, width, height);
      } else {
        this.paintLeaves(context, from, Math.max(to, from + 1), frame, scale);
      }
      used.add(from);
      from = Math.max(to, from + 1);
    }
    for (const [from, { image }] of this.layers) {
      if (used.has(from)) continue;
      this.layers.delete(from);
      if (image && this.spare.length < SPARE_LAYERS) this.spare.push(image);
    }
  }

  /** The figure whose mark covers a point of the stage, on a context that can be asked. */
  figureAt(
    context: Context & { isPointInPath(path: OutlinePath, x: number, y: number): boolean },
    frame: number,
    x: number,
    y: number,
  ): { chart: string; figure: string } | null {
    context.save();
    context.setTransform(1, 0, 0, 1, 0, 0);
    let found: { chart: string; figure: string } | null = null;
    for (const { node } of this.leaves) {
      if (node.kind !== 'path' || !node.mark) continue;
      const outline = this.timeline.value(node.index, 'outline', node.outline, frame);
      if (outline !== 0 && context.isPointInPath(this.outline(outline), x, y))
        found = { chart: node.mark.chart, figure: node.mark.figure };
    }
    context.restore();
    return found;
  }

  /** Path data of a figure's mark on a frame; empty where it is not there. */
  outlineOf(chart: string, figure: string, frame: number): string {
    for (const { node } of this.leaves) {
      if (node.kind === 'path' && node.mark?.chart === chart && node.mark.figure === figure) {
        return this.reel.outlines[this.timeline.value(node.index, 'outline', node.outline, frame)];
      }
    }
    return '';
  }

  /** The first leaf from here on that moves around this frame. */
  private stillUpTo(from: number, frame: number): number {
    let at = from;
    while (at < this.leaves.length && !this.moves(this.leaves[at], frame)) at++;
    return at;
  }

  private moves({ node, groups }: Leaf, frame: number): boolean {
    return (
      this.timeline.changesNear(node.index, frame, 2) ||
      groups.some((group) => this.timeline.changesNear(group.index, frame, 2))
    );
  }

  private isThere({ node, groups }: Leaf, frame: number): boolean {
    return (
      this.alphaOf(groups, frame) > 0 &&
      (node.kind === 'text' || this.timeline.value(node.index, 'outline', node.outline, frame) !== 0)
    );
  }

  /** Leaves that stand still together, once they are asked for a second time and look the same; null until then. */
  private layer(from: number, to: number, frame: number, width: number, height: number, scale: number): Surface | null {
    const look = this.leaves.slice(from, to).map((leaf) => this.lookOf(leaf, frame));
    const key = `${to}:${width}x${height}:${look.join(',')}`;
    const known = this.layers.get(from);
    if (known?.key !== key) {
      if (known?.image && this.spare.length < SPARE_LAYERS) this.spare.push(known.image);
      this.layers.set(from, { key, image: null });
      return null;
    }
    if (known.image) return known.image;
    if (this.leaves.slice(from, to).filter((leaf) => this.isThere(leaf, frame)).length < 3) return null;
    const spare = this.spare.pop();
    const image = spare?.width === width && spare.height === height ? spare : this.studio.surface(width, height);
    const context = contextOf(image);
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.clearRect(0, 0, width, height);
    this.paintLeaves(context, from, to, frame, scale);
    this.layers.set(from, { key, image });
    return image;
  }

  /** What is behind everything and never changes. */
  private back(width: number, height: number, scale: number): Surface {
    const made = this.leaves
      .slice(0, this.backLeaves)
      .map(({ node, groups }) => [
        groups.map(({ opacity }) => opacity),
        node.kind === 'path'
          ? [
              this.reel.outlines[node.outline],
              typeof node.fill === 'number' ? this.reel.paints[node.fill] : node.fill,
              node.opacity,
            ]
          : null,
      ]);
    const key = JSON.stringify([width, height, made]);
    if (this.kept.back?.key !== key) {
      const image = this.studio.surface(width, height);
      this.paintLeaves(contextOf(image), 0, this.backLeaves, this.reel.from, scale);
      this.kept.back = { key, image };
    }
    return this.kept.back.image;
  }

  private lookOf({ node, groups }: Leaf, frame: number): string {
    const alpha = this.alphaOf(groups, frame);
    if (node.kind === 'path') return `${this.timeline.value(node.index, 'outline', node.outline, frame)}/${alpha}`;
    const run = this.timeline.value(node.index, 'run', node.run, frame);
    const x = this.timeline.value(node.index, 'x', node.x, frame);
    const y = this.timeline.value(node.index, 'y', node.y, frame);
    return `${run}/${x}/${y}/${alpha}`;
  }

  private alphaOf(groups: GroupNode[], frame: number): number {
    return groups.reduce(
      (alpha, group) => alpha * this.timeline.value(group.index, 'opacity', group.opacity, frame),
      1,
    );
  }

  private paintLeaves(context: Context, from: number, to: number, frame: number, scale: number): void {
    for (let index = from; index < to; index++) {
      const { node, groups } = this.leaves[index];
      const alpha = this.alphaOf(groups, frame);
      if (alpha <= 0) continue;
      if (node.kind === 'path') this.paintPath(context, node, alpha, frame, scale);
      else this.paintText(context, node, alpha, frame, scale);
    }
  }

  private paintPath(context: Context, node: PathNode, alpha: number, frame: number, scale: number): void {
    const number = this.timeline.value(node.index, 'outline', node.outline, frame);
    if (number === 0) return;
    context.globalAlpha = alpha * node.opacity;
    if (node.blur > 0) {
      this.paintSoft(context, node, number, scale);
      return;
    }
    context.setTransform(scale, 0, 0, scale, 0, 0);
    const outline = this.outline(number);
    if (typeof node.fill === 'string') {
      context.fillStyle = node.fill;
      context.fill(outline);
      return;
    }
    const paint = this.reel.paints[node.fill];
    if (paint.kind === 'pattern') {
      this.paintPattern(context, outline, paint, scale);
      return;
    }
    context.fillStyle = gradient(context, paint);
    if (paint.stretch !== 1) {
      // A squashed gradient is painted through the outline, in its own space.
      context.save();
      context.clip(outline);
      context.setTransform(scale, 0, 0, scale * paint.stretch, 0, scale * paint.y * (1 - paint.stretch));
      context.fill(
        this.studio.path(
          `M${-this.reel.width} ${-this.reel.height * 4}H${this.reel.width * 2}V${this.reel.height * 5}H${-this.reel.width}Z`,
        ),
      );
      context.restore();
      return;
    }
    context.fill(outline);
  }

  private paintPattern(context: Context, outline: OutlinePath, paint: PatternPaint, scale: number): void {
    context.save();
    context.clip(outline);
    const side = Math.ceil(paint.reach * scale) * 2;
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.drawImage(
      this.pattern(paint, side, scale),
      Math.round(paint.x * scale) - side / 2,
      Math.round(paint.y * scale) - side / 2,
      side,
      side,
    );
    context.restore();
  }

  /** All the tiles that a chart can need, painted once at the size of the canvas. */
  private pattern(paint: PatternPaint, side: number, scale: number): Surface {
    const key = `${JSON.stringify(paint)}/${side}`;
    const known = this.kept.patterns.get(key);
    if (known) return known;
    const image = this.studio.surface(side, side);
    const context = contextOf(image);
    const tile = this.studio.path(paint.outline);
    const all = this.studio.path();
    const count = Math.ceil((paint.reach * Math.SQRT2) / paint.size) + 1;
    for (let row = -count; row < count; row++) {
      for (let column = -count; column < count; column++) {
        all.addPath(tile, { a: 1, b: 0, c: 0, d: 1, e: column * paint.size, f: row * paint.size });
      }
    }
    const cos = Math.cos((paint.degrees * Math.PI) / 180) * scale;
    const sin = Math.sin((paint.degrees * Math.PI) / 180) * scale;
    const offX = paint.x * scale - Math.round(paint.x * scale);
    const offY = paint.y * scale - Math.round(paint.y * scale);
    context.setTransform(cos, sin, -sin, cos, side / 2 + offX, side / 2 + offY);
    context.fillStyle = paint.colour;
    context.fill(all);
    if (this.kept.patterns.size > KEPT_PATTERNS) this.kept.patterns.clear();
    this.kept.patterns.set(key, image);
    return image;
  }

  /** A blurred outline, made small, since a blur has no fine detail, and kept as long as the outline stays. */
  private paintSoft(context: Context, node: PathNode, number: number, scale: number): void {
    if (!node.within) return;
    const deviation = node.blur * scale;
    const shrink = Math.max(1, Math.min(8, Math.floor(deviation / 2)));
    const [x, y, radius] = node.within.map((part) => part * scale);
    const reach = radius + deviation * 3 + shrink;
    const side = Math.ceil((2 * reach) / shrink);
    const left = x - (side * shrink) / 2;
    const top = y - (side * shrink) / 2;
    if (shrink === 1 && side <= DIRECT_SIDE) {
      // Small enough to be blurred where it belongs.
      this.dropSoft(context, node, this.outline(number), deviation, scale, 0, 0, this.reel.width * scale * 2);
      context.shadowColor = 'rgba(0, 0, 0, 0)';
      return;
    }
    const key = `${number}/${side}`;
    let soft = this.softs.get(node.index);
    if (soft?.key !== key) {
      const image = soft && soft.image.width === side ? soft.image : this.studio.surface(side, side);
      const small = contextOf(image);
      small.setTransform(1, 0, 0, 1, 0, 0);
      small.clearRect(0, 0, side, side);
      this.dropSoft(
        small,
        node,
        this.outline(number),
        deviation / shrink,
        scale / shrink,
        left / shrink,
        top / shrink,
        side * 2 + 100,
      );
      soft = { key, image };
      this.softs.set(node.index, soft);
    }
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.imageSmoothingEnabled = true;
    context.imageSmoothingQuality = 'low';
    context.drawImage(soft.image, left, top, side * shrink, side * shrink);
  }

  /** The outline itself is painted beside the canvas; only its shadow, which is the blur, falls on it. */
  private dropSoft(
    context: Context,
    node: PathNode,
    outline: OutlinePath,
    deviation: number,
    scale: number,
    left: number,
    top: number,
    away: number,
  ): void {
    context.shadowColor = typeof node.fill === 'string' ? node.fill : '#000000';
    context.shadowBlur = deviation * 2;
    context.shadowOffsetX = away;
    context.shadowOffsetY = 0;
    context.fillStyle = '#000000';
    context.setTransform(scale, 0, 0, scale, -left - away, -top);
    context.fill(outline);
  }

  private paintText(context: Context, node: TextNode, alpha: number, frame: number, scale: number): void {
    const [, width, places] = this.reel.runs[this.timeline.value(node.index, 'run', node.run, frame)];
    const size = node.scale * scale;
    const shift = node.align === 'middle' ? width / 2 : node.align === 'right' ? width : 0;
    const left = this.timeline.value(node.index, 'x', node.x, frame) * scale - shift * size;
    const base = this.timeline.value(node.index, 'y', node.y, frame) * scale;
    context.globalAlpha = alpha;
    context.fillStyle = node.fill;
    for (let at = 0; at < places.length; at += 2) {
      context.setTransform(size, 0, 0, size, left + places[at + 1] * size, base);
      context.fill(this.glyph(places[at]));
    }
  }

  private outline(number: number): OutlinePath {
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

function contextOf(surface: Surface): Context {
  const context = surface.getContext('2d');
  if (!context) throw new Error('This canvas has no 2D context.');
  return context;
}

function gradient(context: Context, paint: RadialPaint): unknown {
  const made = context.createRadialGradient(paint.x, paint.y, 0, paint.x, paint.y, paint.radius);
  for (const [place, colour, opacity] of paint.stops) {
    const alpha = Math.round(opacity * 255)
      .toString(16)
      .padStart(2, '0');
    made.addColorStop(place, colour + alpha);
  }
  return made;
}
