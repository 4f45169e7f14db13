import { Bounds, Boxes, grown, moved, type Box } from './bounds';
import { inverse, mapped, posed, times, type Matrix } from './matrix';
import type { GroupNode, LinearPaint, PathNode, PatternPaint, RadialPaint, Reel, ReelNode, TextNode } from './reel';
import { Patterns } from './patterns';
import { BLUR_REACH, SoftEdges } from './soft';
import { contextOf, type Context, type OutlinePath, type Studio, type Surface } from './surface';
import { Timeline } from './timeline';
import { onCanvas, viewOf, wholeView, withinCanvas, type View } from './view';

/**
 * What stays of use when a reel takes the place of another: the back of the picture, patterns, letters. Known by what
 * it is made of.
 */
interface Kept {
  back: { key: string; image: Surface } | null;
  patterns: Patterns;
  glyphs: Map<string, OutlinePath>;
}

/** A leaf of the drawing with the groups that it stands in. */
interface Leaf {
  node: PathNode | TextNode;
  groups: GroupNode[];
}

/** How many outlines are kept as paths before the oldest are let go. */
const KEPT_OUTLINES = 4000;
const SPARE_LAYERS = 2;

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
  private readonly softs: SoftEdges;
  private readonly bounds: Bounds;
  private readonly layers = new Map<number, { key: string; image: Surface | null }>();
  private readonly spare: Surface[] = [];

  constructor(
    readonly reel: Reel,
    private readonly studio: Studio,
    before?: Painter,
  ) {
    this.kept = before?.kept ?? { back: null, patterns: new Patterns(), glyphs: new Map() };
    this.timeline = new Timeline(reel);
    this.bounds = new Bounds(reel);
    this.softs = new SoftEdges(studio, this.bounds, (number) => this.outline(number));
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

  /**
   * @param scale canvas pixels for one pixel of the stage
   * @param part of the picture that is wanted, in whole canvas pixels; its left top is painted at the canvas's own. All
   *     of it where it is not given.
   */
  paint(context: Context, frame: number, scale: number, part?: Box): void {
    const whole = wholeView(this.reel, scale);
    const view = part ? viewOf(part, scale) : whole;
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.globalAlpha = 1;
    context.clearRect(0, 0, view.width, view.height);
    const put = (image: Surface): void => {
      context.globalAlpha = 1;
      context.setTransform(1, 0, 0, 1, 0, 0);
      context.drawImage(image, -view.left, -view.top, whole.width, whole.height);
    };
    if (this.backLeaves > 0) put(this.back(whole));
    const used = new Set<number>();
    for (let from = this.backLeaves; from < this.leaves.length;) {
      const to = this.stillUpTo(from, frame);
      const layer = to - from > 2 ? this.layer(from, to, frame, whole) : null;
      if (layer) put(layer);
      else this.paintLeaves(context, from, Math.max(to, from + 1), frame, view);
      used.add(from);
      from = Math.max(to, from + 1);
    }
    for (const [from, { image }] of this.layers) {
      if (used.has(from)) continue;
      this.layers.delete(from);
      if (image && this.spare.length < SPARE_LAYERS) this.spare.push(image);
    }
  }

  /**
   * Where the picture of a frame differs from that of another, in pixels of the stage: a few boxes that do not overlap
   * much, none where they are alike.
   */
  changesBetween(before: number, now: number): Box[] {
    const boxes = new Boxes();
    for (const leaf of this.leaves.slice(this.backLeaves)) {
      if (this.lookOf(leaf, before) === this.lookOf(leaf, now)) continue;
      for (const frame of [before, now]) {
        if (this.alphaOf(leaf.groups, frame) > 0) boxes.add(this.boxOf(leaf, frame));
      }
    }
    return boxes.list;
  }

  /** A box that a leaf is painted in on a frame, in pixels of the stage; null where nothing is painted. */
  private boxOf({ node, groups }: Leaf, frame: number): Box | null {
    const box = this.ownBoxOf(node, frame);
    const pose = this.poseOf(groups, frame);
    return box && pose ? mapped(box, pose) : box;
  }

  /** How the groups of a leaf move it on a frame, in pixels of the stage; null where none does. */
  private poseOf(groups: GroupNode[], frame: number): Matrix | null {
    let all: Matrix | null = null;
    for (const { index, pose } of groups) {
      if (!pose) continue;
      const now = (property: 'x' | 'y' | 'size' | 'turn') =>
        this.timeline.value(index, property, pose[property], frame);
      const one = posed(...pose.pivot, now('x'), now('y'), now('size'), now('turn'));
      all = all ? times(all, one) : one;
    }
    return all;
  }

  private ownBoxOf(node: PathNode | TextNode, frame: number): Box | null {
    if (node.kind === 'path') {
      const box = this.bounds.ofOutline(this.timeline.value(node.index, 'outline', node.outline, frame));
      return box && grown(box, node.blur * BLUR_REACH);
    }
    const run = this.timeline.value(node.index, 'run', node.run, frame);
    const left =
      this.timeline.value(node.index, 'x', node.x, frame) - shiftOf(node, this.reel.runs[run][1]) * node.scale;
    const base = this.timeline.value(node.index, 'y', node.y, frame);
    const box = this.bounds.ofRun(run);
    return box && moved(box, node.scale, left, base);
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
    for (const { node, groups } of this.leaves) {
      if (node.kind !== 'path' || !node.mark) continue;
      const outline = this.timeline.value(node.index, 'outline', node.outline, frame);
      const pose = this.poseOf(groups, frame);
      const back = pose && inverse(pose);
      const [ownX, ownY] = back ? [back.a * x + back.c * y + back.e, back.b * x + back.d * y + back.f] : [x, y];
      if (outline !== 0 && context.isPointInPath(this.outline(outline), ownX, ownY))
        found = { chart: node.mark.chart, figure: node.mark.figure };
    }
    context.restore();
    return found;
  }

  /** Path data of a figure's mark on a frame, empty where it is not there, and how it is moved, as SVG says it. */
  outlineOf(chart: string, figure: string, frame: number): { path: string; transform?: string } {
    for (const { node, groups } of this.leaves) {
      if (node.kind === 'path' && node.mark?.chart === chart && node.mark.figure === figure) {
        const path = this.reel.outlines[this.timeline.value(node.index, 'outline', node.outline, frame)];
        const pose = this.poseOf(groups, frame);
        const { a, b, c, d, e, f } = pose ?? { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 };
        return pose ? { path, transform: `matrix(${a} ${b} ${c} ${d} ${e} ${f})` } : { path };
      }
    }
    return { path: '' };
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
  private layer(from: number, to: number, frame: number, view: View): Surface | null {
    const { width, height } = view;
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
    this.paintLeaves(context, from, to, frame, view);
    this.layers.set(from, { key, image });
    return image;
  }

  /** What is behind everything and never changes. */
  private back(view: View): Surface {
    const { width, height } = view;
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
      this.paintLeaves(contextOf(image), 0, this.backLeaves, this.reel.from, view);
      this.kept.back = { key, image };
    }
    return this.kept.back.image;
  }

  private lookOf({ node, groups }: Leaf, frame: number): string {
    const pose = this.poseOf(groups, frame);
    const alpha = `${this.alphaOf(groups, frame)}${pose ? `/${Object.values(pose).join(' ')}` : ''}`;
    if (node.kind === 'path') {
      const fill = this.timeline.fill(node.index, node.fill, frame);
      return `${this.timeline.value(node.index, 'outline', node.outline, frame)}/${fill}/${alpha}`;
    }
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

  private paintLeaves(context: Context, from: number, to: number, frame: number, view: View): void {
    for (let index = from; index < to; index++) {
      const { node, groups } = this.leaves[index];
      const alpha = this.alphaOf(groups, frame);
      if (alpha <= 0 || !view.isSeen(this.boxOf(this.leaves[index], frame))) continue;
      const pose = this.poseOf(groups, frame);
      if (node.kind === 'path') this.paintPath(context, node, alpha, frame, view, pose);
      else this.paintText(context, node, alpha, frame, view, pose);
    }
  }

  private paintPath(
    context: Context,
    node: PathNode,
    alpha: number,
    frame: number,
    view: View,
    pose: Matrix | null,
  ): void {
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

  private paintText(
    context: Context,
    node: TextNode,
    alpha: number,
    frame: number,
    view: View,
    pose: Matrix | null,
  ): void {
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

/** From the left end of a text to the point that it is aligned at, in font units. */
function shiftOf(node: TextNode, width: number): number {
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
