import { Brush, shiftOf, type KeptPaints } from './brush';
import { Bounds, Boxes, grown, joined, moved, type Box } from './bounds';
import { inverse, mapped, posed, times, type Matrix } from './matrix';
import type { GroupNode, PathNode, Reel, ReelNode, TextNode } from './reel';
import { Patterns } from './patterns';
import { BLUR_REACH } from './soft';
import { contextOf, type Context, type OutlinePath, type Studio, type Surface } from './surface';
import { Timeline } from './timeline';
import { viewOf, wholeView, type View } from './view';

/**
 * What stays of use when a reel takes the place of another: the back of the picture, patterns, letters. Known by what
 * it is made of.
 */
interface Kept extends KeptPaints {
  back: { key: string; image: Surface } | null;
}

/** A leaf of the drawing with the groups that it stands in. */
interface Leaf {
  node: PathNode | TextNode;
  groups: GroupNode[];
}

/** the group of all that the camera takes */
const CAMERA = '@camera';
const SPARE_LAYERS = 2;
/** pixels of a whole picture beyond which no layers of it are kept */
const LARGEST_LAYER = 12_000_000;
/** opacity from which on a text can be taken hold of, and pixels around it */
const LEAST_SEEN = 0.05;
const REACH = 8;

function svgOf(pose: Matrix | null): string | undefined {
  return pose ? `matrix(${pose.a} ${pose.b} ${pose.c} ${pose.d} ${pose.e} ${pose.f})` : undefined;
}

/**
 * Paints frames of a reel on a 2D canvas. Knows outlines, fills, groups and blurs; no charts and no time of its own.
 * Things that stand still together around a frame are kept on a layer.
 */
export class Painter {
  readonly timeline: Timeline;
  private readonly leaves: Leaf[] = [];
  private readonly kept: Kept;
  private readonly backLeaves: number;
  private readonly brush: Brush;
  private readonly bounds: Bounds;
  private readonly layers = new Map<number, { key: string; image: Surface | null }>();
  private readonly spare: Surface[] = [];
  /** how far a hand has taken what stands in groups of such names, in pixels of the stage, before it is in the reel */
  /** Shows the whole stage, as if there were no camera. */
  isUntaken = false;
  private shift: ((names: string[]) => [number, number] | null) | null = null;

  constructor(
    readonly reel: Reel,
    private readonly studio: Studio,
    before?: Painter,
  ) {
    this.kept = before?.kept ?? { back: null, patterns: new Patterns(), glyphs: new Map() };
    this.timeline = new Timeline(reel);
    this.bounds = new Bounds(reel);
    this.brush = new Brush(reel, this.timeline, studio, this.bounds, this.kept);
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
        node.stroke !== undefined ||
        groups.some(({ clip }) => clip !== undefined) ||
        [node, ...groups].some(({ index }) => !this.timeline.isConstant(index)),
    );
    this.backLeaves = first < 0 ? this.leaves.length : first;
  }

  /** Until a reel says where things are that a hand moves, they are painted so far from where they were. */
  shifted(shift: ((names: string[]) => [number, number] | null) | null): void {
    this.shift = shift;
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
    if (whole.width * whole.height > LARGEST_LAYER) {
      // Nothing is kept of a picture much larger than what is seen of it.
      this.paintLeaves(context, 0, this.leaves.length, frame, view);
      return;
    }
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
    for (const group of groups) {
      const one = group.name === CAMERA ? null : this.ownPose(group, frame);
      if (one) all = all ? times(all, one) : one;
    }
    const shift = this.shift?.(groups.map(({ name }) => name));
    if (shift && (shift[0] !== 0 || shift[1] !== 0)) {
      const taken = { a: 1, b: 0, c: 0, d: 1, e: shift[0], f: shift[1] };
      all = all ? times(taken, all) : taken;
    }
    // The camera takes what stands on the stage, wherever a hand has put it.
    const camera = this.isUntaken ? undefined : groups.find(({ name }) => name === CAMERA);
    const taken = camera ? this.ownPose(camera, frame) : null;
    return taken && all ? times(taken, all) : (taken ?? all);
  }

  private ownPose({ index, pose }: GroupNode, frame: number): Matrix | null {
    if (!pose) return null;
    const now = (property: 'x' | 'y' | 'size' | 'turn') => this.timeline.value(index, property, pose[property], frame);
    return posed(...pose.pivot, now('x'), now('y'), now('size'), now('turn'));
  }

  /** How the camera moves the stage on a frame; null where it takes all of it as it is. */
  cameraOf(frame: number): Matrix | null {
    if (this.isUntaken) return null;
    const camera = this.leaves.flatMap(({ groups }) => groups).find(({ name }) => name === CAMERA);
    return camera ? this.ownPose(camera, frame) : null;
  }

  private ownBoxOf(node: PathNode | TextNode, frame: number): Box | null {
    if (node.kind === 'path') {
      const box = this.bounds.ofOutline(this.timeline.value(node.index, 'outline', node.outline, frame));
      return box && grown(box, node.blur * BLUR_REACH + (node.stroke?.width ?? 0));
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
      if (outline !== 0 && context.isPointInPath(this.brush.outline(outline), ownX, ownY))
        found = { chart: node.mark.chart, figure: node.mark.figure };
    }
    context.restore();
    return found;
  }

  /** The names of the groups, outermost first, of the text that stands at a point of the stage. */
  wordsAt(frame: number, x: number, y: number): string[] | null {
    for (const leaf of [...this.leaves].reverse()) {
      if (leaf.node.kind !== 'text' || this.alphaOf(leaf.groups, frame) < LEAST_SEEN) continue;
      const box = this.boxOf(leaf, frame);
      if (box && x >= box.left - REACH && x <= box.right + REACH && y >= box.top - REACH && y <= box.bottom + REACH)
        return leaf.groups.map(({ name }) => name);
    }
    return null;
  }

  /** What all leaves lie in together whose groups have such names, in pixels of the stage; null where none is seen. */
  boxWithin(frame: number, isOne: (names: string[]) => boolean): Box | null {
    let all: Box | null = null;
    for (const leaf of this.leaves) {
      if (this.alphaOf(leaf.groups, frame) < LEAST_SEEN || !isOne(leaf.groups.map(({ name }) => name))) continue;
      const box = this.boxOf(leaf, frame);
      if (box) all = joined(all, box);
    }
    return all;
  }

  /** Path data of a figure's mark on a frame, empty where it is not there, and how it is moved, as SVG says it. */
  outlineOf(chart: string, figure: string, frame: number): { path: string; transform?: string } {
    for (const { node, groups } of this.leaves) {
      if (node.kind === 'path' && node.mark?.chart === chart && node.mark.figure === figure) {
        const path = this.reel.outlines[this.timeline.value(node.index, 'outline', node.outline, frame)];
        return { path, transform: svgOf(this.poseOf(groups, frame)) };
      }
    }
    return { path: '' };
  }

  /** All sharp outlines that are seen on a frame, and how each is moved, as SVG says it. */
  outlines(frame: number): { path: string; transform?: string; isMark: boolean }[] {
    return this.leaves.slice(this.backLeaves).flatMap(({ node, groups }) => {
      if (node.kind !== 'path' || node.blur > 0 || node.stroke || this.alphaOf(groups, frame) < LEAST_SEEN) return [];
      const path = this.reel.outlines[this.timeline.value(node.index, 'outline', node.outline, frame)];
      if (!path) return [];
      return [{ path, transform: svgOf(this.poseOf(groups, frame)), isMark: node.mark !== null }];
    });
  }

  /** What each text that is seen on a frame lies in. */
  textBoxes(frame: number): Box[] {
    return this.leaves
      .filter(({ node, groups }) => node.kind === 'text' && this.alphaOf(groups, frame) >= LEAST_SEEN)
      .map((leaf) => this.boxOf(leaf, frame))
      .filter((box): box is Box => box !== null);
  }

  /** How a chart as a whole is moved on a frame, whatever is done to its single marks. */
  placeOf(chart: string, frame: number): Matrix {
    const mark = this.leaves.find(({ node }) => node.kind === 'path' && node.mark?.chart === chart);
    const groups = (mark?.groups ?? []).filter(({ name }) => !name.startsWith('figure-'));
    return this.poseOf(groups, frame) ?? { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 };
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
    const clips = groups.map((group) => this.clipOf(group, frame) ?? '').join('');
    const alpha = `${this.alphaOf(groups, frame)}${pose ? `/${Object.values(pose).join(' ')}` : ''}/${clips}`;
    if (node.kind === 'path') {
      const fill = this.timeline.fill(node.index, node.fill, frame);
      const dashes = node.stroke ? this.timeline.value(node.index, 'offset', node.stroke.offset, frame) : '';
      return `${this.timeline.value(node.index, 'outline', node.outline, frame)}/${fill}/${dashes}/${alpha}`;
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
      const isClipped = groups.some(({ clip }) => clip !== undefined);
      if (isClipped) {
        context.save();
        this.clip(context, groups, frame, view);
      }
      if (node.kind === 'path') this.brush.path(context, node, alpha, frame, view, pose);
      else this.brush.text(context, node, alpha, frame, view, pose);
      if (isClipped) context.restore();
    }
  }

  /** Each group's own outline, where that group stands. */
  private clip(context: Context, groups: GroupNode[], frame: number, view: View): void {
    groups.forEach((group, at) => {
      const clip = this.clipOf(group, frame);
      if (clip !== null) this.brush.clip(context, clip, view, this.poseOf(groups.slice(0, at + 1), frame));
    });
  }

  private clipOf({ index, clip }: GroupNode, frame: number): number | null {
    return clip === undefined ? null : this.timeline.value(index, 'clip', clip, frame);
  }
}
