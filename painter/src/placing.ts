import { grown, moved, type Bounds, type Box } from './bounds';
import { reachOf } from './effects';
import { mapped, posed, times, type Matrix } from './matrix';
import type { Reel, ReelGroup, ReelNode, ReelPath, ReelText } from './reel';
import type { Timeline } from './timeline';

/** A leaf of the drawing with the groups that it stands in, outermost first. */
export interface Leaf {
  node: ReelPath | ReelText;
  groups: ReelGroup[];
}

/** across and down, in pixels of the stage */
export type Shift = [number, number];
export const UNSHIFTED: Shift = [0, 0];

export function leavesOf(reel: Reel): Leaf[] {
  const leaves: Leaf[] = [];
  const walk = (node: ReelNode, groups: ReelGroup[]): void => {
    if (node.kind === 'group') node.children.forEach((child) => walk(child, [...groups, node]));
    else leaves.push({ node, groups });
  };
  reel.nodes.forEach((node) => walk(node, []));
  return leaves;
}

/** From the left end of a text to the point that it is aligned at, in font units. */
export function alignedAt(node: ReelText, width: number): number {
  return node.align === 'middle' ? width / 2 : node.align === 'right' ? width : 0;
}

/** Where the things of a reel stand on a frame, and how much of them is seen. Others may place them otherwise. */
export class Placing {
  constructor(
    protected readonly reel: Reel,
    protected readonly timeline: Timeline,
    private readonly bounds: Bounds,
  ) {}

  /** How its groups, from one of them inwards, move a leaf on a frame, in pixels of the stage; null where none does. */
  poseOf(groups: ReelGroup[], frame: number, from = 0): Matrix | null {
    let all: Matrix | null = null;
    for (let at = from; at < groups.length; at++) {
      const one = this.ownPose(groups[at], frame);
      if (one) all = all ? times(all, one) : one;
    }
    return all;
  }

  /** How far a leaf is carried from where the reel has it. */
  carriedBy(_groups: ReelGroup[]): Shift {
    return UNSHIFTED;
  }

  /** Is what is carried so far on the stage as far in the picture of a frame? */
  isCarriedPlainly(_frame: number): boolean {
    return true;
  }

  /** What is done to a picture that is kept: nothing is carried then. */
  uncarried<T>(make: () => T): T {
    return make();
  }

  /** 0 to 1 */
  alphaOf(groups: ReelGroup[], frame: number): number {
    return groups.reduce(
      (alpha, { index, opacity }) => alpha * this.timeline.value(index, 'opacity', opacity, frame),
      1,
    );
  }

  /** A box that a leaf is painted in on a frame, in pixels of the stage; null where nothing is painted. */
  boxOf({ node, groups }: Leaf, frame: number): Box | null {
    const box = this.ownBoxOf(node, frame);
    const pose = this.poseOf(groups, frame);
    return box && pose ? mapped(box, pose) : box;
  }

  protected ownPose({ index, pose }: ReelGroup, frame: number): Matrix | null {
    if (!pose) return null;
    const now = (property: 'x' | 'y' | 'size' | 'turn') => this.timeline.value(index, property, pose[property], frame);
    return posed(...pose.pivot, now('x'), now('y'), now('size'), now('turn'));
  }

  /** The same, were its groups not to move it. */
  ownBoxOf(node: ReelPath | ReelText, frame: number): Box | null {
    if (node.kind === 'path') {
      const box = this.bounds.ofOutline(this.timeline.value(node.index, 'outline', node.outline, frame));
      const effect = this.timeline.effect(node, frame);
      const wide = node.stroke ? this.timeline.value(node.index, 'width', node.stroke.width, frame) : 0;
      return box && grown(box, reachOf(effect === null ? null : this.reel.effects[effect]) + wide);
    }
    const run = this.timeline.value(node.index, 'run', node.run, frame);
    const left =
      this.timeline.value(node.index, 'x', node.x, frame) - alignedAt(node, this.reel.runs[run][1]) * node.scale;
    const base = this.timeline.value(node.index, 'y', node.y, frame);
    const box = this.bounds.ofRun(run);
    return box && moved(box, node.scale, left, base);
  }
}
