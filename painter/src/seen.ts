import { shiftOf, type Brush } from './brush';
import { grown, joined, moved, type Bounds, type Box } from './bounds';
import { inverse, mapped, posed, times, type Matrix } from './matrix';
import type { GroupNode, PathNode, Reel, ReelNode, TextNode } from './reel';
import { BLUR_REACH } from './soft';
import type { Context, OutlinePath } from './surface';
import type { Timeline } from './timeline';

/** A leaf of the drawing with the groups that it stands in. */
export interface Leaf {
  node: PathNode | TextNode;
  groups: GroupNode[];
}

/** the group of all that the camera takes */
const CAMERA = '@camera';
/** across and down, in pixels of the stage */
export type Shift = [number, number];
export const UNSHIFTED: Shift = [0, 0];
/** opacity from which on a text can be taken hold of, and pixels around it */
const LEAST_SEEN = 0.05;
const REACH = 8;

function svgOf(pose: Matrix | null): string | undefined {
  return pose ? `matrix(${pose.a} ${pose.b} ${pose.c} ${pose.d} ${pose.e} ${pose.f})` : undefined;
}

/** What stands where in a reel on a frame, and what is found at a point of the stage. */
export abstract class Seen {
  protected readonly leaves: Leaf[] = [];
  /** how far a hand has taken what stands in groups of such names, in pixels of the stage, before it is in the reel */
  private shift: ((names: string[]) => Shift | null) | null = null;
  /** while something is painted to be kept, it stands where the reel says */
  protected isLeft = false;
  /** Shows the whole stage, as if there were no camera. */
  isUntaken = false;

  abstract readonly timeline: Timeline;
  protected abstract readonly brush: Brush;
  protected abstract readonly bounds: Bounds;

  constructor(readonly reel: Reel) {
    const walk = (node: ReelNode, groups: GroupNode[]): void => {
      if (node.kind === 'group') node.children.forEach((child) => walk(child, [...groups, node]));
      else this.leaves.push({ node, groups });
    };
    reel.nodes.forEach((node) => walk(node, []));
  }

  /** Until a reel says where things are that a hand moves, they are painted so far from where they were. */
  shifted(shift: ((names: string[]) => Shift | null) | null): void {
    this.shift = shift;
  }

  /** A box that a leaf is painted in on a frame, in pixels of the stage; null where nothing is painted. */
  protected boxOf({ node, groups }: Leaf, frame: number): Box | null {
    const box = this.ownBoxOf(node, frame);
    const pose = this.poseOf(groups, frame);
    return box && pose ? mapped(box, pose) : box;
  }

  /** How the groups of a leaf move it on a frame, in pixels of the stage; null where none does. */
  protected poseOf(groups: GroupNode[], frame: number): Matrix | null {
    let all: Matrix | null = null;
    for (const group of groups) {
      const one = group.name === CAMERA ? null : this.ownPose(group, frame);
      if (one) all = all ? times(all, one) : one;
    }
    const [across, down] = this.isLeft ? UNSHIFTED : this.shiftOf(groups);
    if (across !== 0 || down !== 0) {
      const taken = { a: 1, b: 0, c: 0, d: 1, e: across, f: down };
      all = all ? times(taken, all) : taken;
    }
    // The camera takes what stands on the stage, wherever a hand has put it.
    const camera = this.isUntaken ? undefined : groups.find(({ name }) => name === CAMERA);
    const taken = camera ? this.ownPose(camera, frame) : null;
    return taken && all ? times(taken, all) : (taken ?? all);
  }

  protected shiftOf(groups: GroupNode[]): Shift {
    return this.shift?.(groups.map(({ name }) => name)) ?? UNSHIFTED;
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
    return this.leaves.flatMap(({ node, groups }) => {
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

  protected alphaOf(groups: GroupNode[], frame: number): number {
    return groups.reduce(
      (alpha, group) => alpha * this.timeline.value(group.index, 'opacity', group.opacity, frame),
      1,
    );
  }
}
