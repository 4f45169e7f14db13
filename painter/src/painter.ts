import { Brush, nothingKept, type KeptPaints } from './brush';
import { Bounds, Boxes, joined, meet, type Box } from './bounds';
import { Changes } from './changes';
import { ClipRun, type Clip } from './clips';
import type { Reel, ReelGroup } from './reel';
import { LARGEST_LAYER, Layers, type Layer } from './layers';
import { leavesOf, Placing, UNSHIFTED, type Leaf } from './placing';
import { Shutter, type Plan } from './shutter';
import { NONE, Stillness } from './stillness';
import { contextOf, type Context, type OutlinePath, type Studio, type Surface } from './surface';
import { Timeline } from './timeline';
import { Together } from './together';
import { seenIn, viewOf, wholeView, type View } from './view';

/**
 * What stays of use when a reel takes the place of another: the back of the picture, patterns, letters. Known by what
 * it is made of.
 */
interface Kept extends KeptPaints {
  back: { key: string; image: Surface } | null;
}

type Placed = (...of: ConstructorParameters<typeof Placing>) => Placing;

/** canvases on which groups are put together that are kept at a time */
const MOST_MERGED = 4;

/**
 * Paints frames of a reel on a 2D canvas. Knows outlines, fills, groups and blurs; no charts and no time of its own.
 * Things that stand still together around a frame are kept on a layer.
 */
export class Painter {
  readonly timeline: Timeline;
  readonly leaves: readonly Leaf[];
  readonly placing: Placing;
  private readonly kept: Kept;
  private readonly backLeaves: number;
  private readonly brush: Brush;
  private readonly layers: Layers;
  private readonly together: Together;
  readonly stillness: Stillness;
  private readonly changes: Changes;
  private readonly shutter: Shutter;
  /** what groups are put together on before they are seen through, by how deep they stand in each other */
  private readonly merged = new Map<string, Surface>();

  /**
   * @param before of which what is still of use is kept
   * @param placing another way to place things than where the reel has them
   */
  constructor(
    readonly reel: Reel,
    private readonly studio: Studio,
    before?: Painter,
    placing: Placed = (...of) => new Placing(...of),
  ) {
    this.leaves = leavesOf(reel);
    this.kept = before?.kept ?? { back: null, ...nothingKept() };
    this.timeline = new Timeline(reel);
    const bounds = new Bounds(reel, this.kept.boxes);
    this.placing = placing(reel, this.timeline, bounds);
    this.together = new Together(this.leaves, this.timeline);
    this.stillness = new Stillness(reel, this.leaves, this.timeline, this.placing, this.together);
    this.layers = new Layers(this.leaves, this.placing, studio, {
      paint: (...all) => this.paintLeaves(...all),
      lookOf: (...all) => this.lookOf(...all),
      isThere: (...all) => this.isThere(...all),
    });
    this.brush = new Brush(reel, this.timeline, studio, bounds, this.kept);
    const first = this.leaves.findIndex(
      ({ node, groups }) =>
        node.kind !== 'path' ||
        node.mark !== null ||
        node.effect !== null ||
        node.stroke !== null ||
        groups.some(({ clip, mask }) => clip !== null || mask !== null) ||
        [node, ...groups].some(({ index }) => !this.timeline.isConstant(index)),
    );
    this.backLeaves = first < 0 ? this.leaves.length : first;
    this.changes = new Changes(reel, this.timeline, this.placing);
    this.shutter = new Shutter(
      reel,
      this.leaves,
      this.timeline,
      this.placing,
      this.together,
      this.backLeaves,
      this.changes,
    );
  }

  /** How a shutter sees a frame. */
  planOf(frame: number): Plan {
    return this.shutter.planOf(frame);
  }

  /**
   * @param scale canvas pixels for one pixel of the stage
   * @param part of the picture that is wanted, in whole canvas pixels; its left top is painted at the canvas's own. All
   *     of it where it is not given.
   */
  paint(context: Context, frame: number, scale: number, part?: Box): void {
    const whole = wholeView(this.reel, scale);
    const view = part ? viewOf(part, scale) : whole;
    this.compose(context, frame, whole, view, [{ left: 0, top: 0, right: view.width, bottom: view.height }], true);
  }

  /**
   * Parts of the picture, painted anew on a canvas that holds all of it. What lies across the edges of a part is
   * painted whole, for smoothed edges depend on where they are cut; so beside the parts the canvas is of no use
   * afterwards, and within them everything is as in a picture that was painted by itself.
   *
   * @param parts in whole pixels of the canvas
   */
  repaint(context: Context, frame: number, scale: number, parts: Box[]): void {
    const whole = wholeView(this.reel, scale);
    this.compose(context, frame, whole, seenIn(whole, parts), parts, false);
  }

  /**
   * @param parts of the canvas that are wanted, in its own pixels
   * @param isWhole is nothing else kept of what was on the canvas?
   */
  private compose(context: Context, frame: number, whole: View, view: View, parts: Box[], isWhole: boolean): void {
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.globalAlpha = 1;
    for (const { left, top, right, bottom } of parts) context.clearRect(left, top, right - left, bottom - top);
    if (whole.width * whole.height > LARGEST_LAYER) {
      // Nothing is kept of a picture much larger than what is seen of it.
      this.paintLeaves(context, 0, this.leaves.length, frame, view);
      return;
    }
    if (this.backLeaves > 0) put(context, this.back(whole), view, parts);
    const used = new Set<number>();
    const isRestless = this.stillness.isRestless(frame);
    for (let from = this.backLeaves; from < this.leaves.length;) {
      const still = this.stillness.upTo(from, frame);
      const through = still > from ? undefined : this.together.seenThrough(this.leaves[from].groups, frame, NONE);
      const to = Math.max(through ? this.together.spanOf(through)![1] : still, from + 1);
      const layer = isRestless || isWhole ? this.layers.of(from, still, frame, whole, isRestless) : null;
      if (layer) put(context, layer, view, parts, this.placing.carriedBy(this.leaves[from].groups));
      else this.paintLeaves(context, from, to, frame, view);
      used.add(from);
      from = to;
    }
    if (isRestless || isWhole) this.layers.keepOnly(used);
  }

  /**
   * Where the picture of a frame differs from that of another, in pixels of the stage: a few boxes that do not overlap
   * much, none where they are alike.
   */
  changesBetween(before: number, now: number): Box[] {
    const { width, height } = this.reel;
    if ([before, now].some((moment) => this.stillness.isRestless(moment)))
      return [{ left: 0, top: 0, right: width, bottom: height }];
    const boxes = new Boxes();
    for (const leaf of this.leaves.slice(this.backLeaves)) {
      if (this.lookOf(leaf, before) !== this.lookOf(leaf, now)) boxes.add(this.changes.of(leaf, before, now));
    }
    return boxes.list;
  }

  private isThere({ node, groups }: Leaf, frame: number): boolean {
    return (
      this.placing.alphaOf(groups, frame) > 0 &&
      (node.kind === 'text' || this.timeline.value(node.index, 'outline', node.outline, frame) !== 0)
    );
  }

  /** how many layers are kept of the picture that was painted last */
  get layersNow(): number {
    return this.layers.count;
  }

  /** What is behind everything and never changes. */
  private back(view: View): Layer {
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
              node.blend,
            ]
          : null,
      ]);
    const key = JSON.stringify([width, height, made]);
    if (this.kept.back?.key !== key) {
      const image = this.studio.surface(width, height);
      this.paintLeaves(contextOf(image), 0, this.backLeaves, this.reel.from, view);
      this.kept.back = { key, image };
    }
    return { image: this.kept.back.image, box: { left: 0, top: 0, right: width, bottom: height } };
  }

  private lookOf({ node, groups }: Leaf, frame: number): string {
    const pose = this.placing.poseOf(groups, frame);
    const clips = groups
      .map((group) => `${this.clipOf(group, frame) ?? ''}${this.maskOf(group, frame) ?? ''}`)
      .join('');
    const alpha = `${this.placing.alphaOf(groups, frame)}${pose ? `/${Object.values(pose).join(' ')}` : ''}/${clips}`;
    if (node.kind === 'path') {
      const fill = this.timeline.fill(node.index, node.fill, frame);
      const opacity = this.timeline.value(node.index, 'opacity', node.opacity, frame);
      const effect = this.timeline.effect(node, frame) ?? '';
      const outline = this.timeline.value(node.index, 'outline', node.outline, frame);
      return `${outline}/${fill}/${this.timeline.strokeOf(node, frame)}/${opacity}/${effect}/${alpha}`;
    }
    const run = this.timeline.value(node.index, 'run', node.run, frame);
    const x = this.timeline.value(node.index, 'x', node.x, frame);
    const y = this.timeline.value(node.index, 'y', node.y, frame);
    return `${run}/${x}/${y}/${alpha}`;
  }

  /**
   * What a shutter sees of a part of the picture is painted in three: what stands below all that moves in it, that
   * itself at each of its moments, and what stands above. Each leaf is there as the frame's plan has it.
   *
   * @param part of the picture, in its whole pixels; its left top is painted at the canvas's own
   */
  paintPlanned(
    context: Context,
    plan: Plan,
    moment: number,
    [from, to]: [from: number, to: number],
    scale: number,
    part: Box,
  ): void {
    const view = viewOf(part, scale);
    if (from === 0 && this.backLeaves > 0) {
      const own = { left: 0, top: 0, right: view.width, bottom: view.height };
      put(context, this.back(wholeView(this.reel, scale)), view, [own]);
    }
    this.paintLeaves(context, Math.max(from, this.backLeaves), to, moment, view, NONE, 0, plan);
  }

  /**
   * The leaves from the first to the last that move in a part, with all that is put together with them; and whether
   * those after them can be painted by themselves: nothing of them blends with what is below.
   *
   * @param part in pixels of the stage
   */
  movingIn(plan: Plan, part: Box): { span: [from: number, to: number]; isAboveApart: boolean; hasAbove: boolean } {
    let [from, to] = [this.leaves.length, 0];
    for (const { at } of plan.moving.filter(({ box }) => meet(box, part))) {
      [from, to] = [Math.min(from, at), Math.max(to, at + 1)];
      for (const group of this.leaves[at].groups) {
        const [first, end] = this.together.spanOf(group) ?? [at, at + 1];
        [from, to] = [Math.min(from, first), Math.max(to, end)];
      }
    }
    const above = this.leaves
      .slice(to)
      .filter((leaf) => this.isThere(leaf, plan.middle) && meet(this.placing.boxOf(leaf, plan.middle), part));
    return {
      span: [from, to],
      hasAbove: above.length > 0,
      isAboveApart: above.every(({ node }) => node.kind === 'text' || node.blend === 'normal'),
    };
  }

  /** @param done groups whose opacity is seen to elsewhere */
  private paintLeaves(
    context: Context,
    from: number,
    to: number,
    moment: number,
    view: View,
    done: ReadonlySet<ReelGroup> = NONE,
    depth = 0,
    plan: Plan | null = null,
  ): void {
    const clips = new ClipRun(context, this.brush, view);
    for (let index = from; index < to; index++) {
      const { node, groups } = this.leaves[index];
      const frame = plan?.moves[index] === 0 ? plan.middle : moment;
      const through = this.together.seenThrough(groups, frame, done);
      const end = through ? Math.min(to, this.together.spanOf(through)![1]) : index;
      if (through && (end - index > 1 || through.mask !== null)) {
        clips.to([]);
        this.paintThrough(
          context,
          [index, end],
          frame,
          view,
          groups.slice(0, groups.indexOf(through) + 1),
          done,
          depth,
          plan,
        );
        index = end - 1;
        continue;
      }
      const alpha = this.placing.alphaOf(
        groups.filter((group) => !done.has(group)),
        frame,
      );
      if (alpha <= 0 || !view.isSeen(this.placing.boxOf(this.leaves[index], frame))) continue;
      const pose = this.placing.poseOf(groups, frame);
      clips.to(this.clipsOf(groups, frame));
      if (node.kind === 'path') this.brush.path(context, node, alpha, frame, view, pose);
      else this.brush.text(context, node, alpha, frame, view, pose);
    }
    clips.to([]);
  }

  /** Leaves that are put together first, and then seen through as one. */
  private paintThrough(
    context: Context,
    [from, to]: [number, number],
    frame: number,
    view: View,
    groups: ReelGroup[],
    done: ReadonlySet<ReelGroup>,
    depth: number,
    plan: Plan | null,
  ): void {
    const alpha = this.placing.alphaOf(
      groups.filter((group) => !done.has(group)),
      frame,
    );
    let all: Box | null = null;
    for (const leaf of this.leaves.slice(from, to)) {
      const box = this.placing.boxOf(leaf, frame);
      if (box && view.isSeen(box)) all = joined(all, box);
    }
    if (alpha <= 0 || !all) return;
    const edge = 2;
    const left = Math.max(0, Math.floor(all.left * view.scale - view.left) - edge);
    const top = Math.max(0, Math.floor(all.top * view.scale - view.top) - edge);
    const width = Math.min(view.width, Math.ceil(all.right * view.scale - view.left) + edge) - left;
    const height = Math.min(view.height, Math.ceil(all.bottom * view.scale - view.top) + edge) - top;
    if (width <= 0 || height <= 0) return;
    const surface = this.mergedOn(depth, view);
    const inner = contextOf(surface);
    inner.setTransform(1, 0, 0, 1, 0, 0);
    inner.clearRect(left, top, width, height);
    this.paintLeaves(inner, from, to, frame, view, new Set([...done, ...groups]), depth + 1, plan);
    const mask = this.maskOf(groups[groups.length - 1], frame);
    if (mask !== null) {
      const part = this.studio.path(
        `M${left} ${top}L${left + width} ${top}L${left + width} ${top + height}L${left} ${top + height}Z`,
      );
      this.brush.cover(inner, mask, view, this.placing.poseOf(groups, frame), part);
    }
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.globalAlpha = alpha;
    context.drawImage(surface, left, top, width, height, left, top, width, height);
  }

  private mergedOn(depth: number, { width, height }: View): Surface {
    const key = `${depth}/${width}x${height}`;
    const surface = this.merged.get(key) ?? this.studio.surface(width, height);
    // The one that was used last stands last; the first is let go of.
    this.merged.delete(key);
    this.merged.set(key, surface);
    if (this.merged.size > MOST_MERGED) this.merged.delete(this.merged.keys().next().value!);
    return surface;
  }

  /** Each group's own outline, where that group stands. */
  private clipsOf(groups: ReelGroup[], frame: number): Clip[] {
    return groups.flatMap((group, at) => {
      const outline = this.clipOf(group, frame);
      return outline === null ? [] : [{ outline, pose: this.placing.poseOf(groups.slice(0, at + 1), frame) }];
    });
  }

  private clipOf({ index, clip }: ReelGroup, frame: number): number | null {
    return clip === null ? null : this.timeline.value(index, 'clip', clip, frame);
  }

  private maskOf({ index, mask }: ReelGroup, frame: number): number | null {
    return mask === null ? null : this.timeline.value(index, 'mask', mask, frame);
  }

  /** An outline of the reel as the canvas knows it. */
  outline(number: number): OutlinePath {
    return this.brush.outline(number);
  }
}

/**
 * A layer in parts of a canvas, in whole pixels, so that what is kept stays as sharp as it is.
 *
 * @param parts in pixels of that canvas
 */
function put(context: Context, { image, box }: Layer, view: View, parts: Box[], [across, down] = UNSHIFTED): void {
  context.globalAlpha = 1;
  context.setTransform(1, 0, 0, 1, 0, 0);
  // From the layer to the canvas.
  const byX = Math.round(across * view.scale) - view.left;
  const byY = Math.round(down * view.scale) - view.top;
  for (const part of parts) {
    const [x, y] = [Math.max(part.left, box.left + byX), Math.max(part.top, box.top + byY)];
    const width = Math.min(part.right, box.right + byX) - x;
    const height = Math.min(part.bottom, box.bottom + byY) - y;
    if (width > 0 && height > 0) context.drawImage(image, x - byX, y - byY, width, height, x, y, width, height);
  }
}
