import { follow, grown, joined, type Box } from './bounds';
import { chainOf, type Stretch } from './chain';
import { BLUR_REACH } from './effects';
import { litEdge } from './lights';
import { alikePoses, mapped } from './matrix';
import type { Leaf, Placing } from './placing';
import type { Effect, Reel, ReelPath } from './reel';
import type { Timeline } from './timeline';

type Arc = NonNullable<Stretch['arc']>;

/** pixels, and parts of them, that circles may differ by and still be one */
const SAME = 0.01;

/** radians that an end may go along its circle to be told by where it was and is */
const NEAR = 1;

/**
 * A box that two outlines differ in at most: of one that grows along its circle, only what it grows by. Null where they
 * are not made alike.
 *
 * @param before and now: absolute M, L, A and Z, as outlines of a reel are written
 */
export function outlineChange(before: string, now: string): Box | null {
  const [was, is] = [chainOf(before), chainOf(now)];
  if (was.length !== is.length) return null;
  let box: Box | null = null;
  const take = (x: number, y: number): void => {
    box = joined(box, { left: x, top: y, right: x, bottom: y });
  };
  for (const [at, one] of was.entries()) {
    const other = is[at];
    if (!one.arc !== !other.arc) return null;
    if (isSame(one, other)) continue;
    const ends = one.arc && other.arc ? endsAlong(one.arc, other.arc) : null;
    if (!ends) {
      follow(one, take);
      follow(other, take);
      continue;
    }
    const { x, y, radius } = other.arc!;
    for (const [from, turn] of ends) {
      // The corner of the two tangents holds the arc between them.
      const out = radius / Math.cos(turn / 2);
      take(x + radius * Math.cos(from), y + radius * Math.sin(from));
      take(x + radius * Math.cos(from + turn), y + radius * Math.sin(from + turn));
      take(x + out * Math.cos(from + turn / 2), y + out * Math.sin(from + turn / 2));
    }
  }
  return box;
}

const isSame = (one: Stretch, other: Stretch): boolean =>
  one.x === other.x &&
  one.y === other.y &&
  one.toX === other.toX &&
  one.toY === other.toY &&
  one.arc?.radius === other.arc?.radius &&
  one.arc?.sweep === other.arc?.sweep;

/**
 * How those ends of an arc that move go along its circle: from which angle on, and how far, in radians. Null where it
 * is not the same circle, or where they go too far to be told so.
 */
function endsAlong(one: Arc, other: Arc): [from: number, turn: number][] | null {
  const isOneCircle =
    Math.hypot(one.x - other.x, one.y - other.y) <= SAME &&
    Math.abs(one.radius - other.radius) <= SAME &&
    one.sweep * other.sweep >= 0;
  if (!isOneCircle) return null;
  const ends: [number, number][] = [
    [one.from, nearest(other.from - one.from)],
    [one.from + one.sweep, nearest(other.from + other.sweep - one.from - one.sweep)],
  ];
  return ends.every(([, turn]) => Math.abs(turn) <= NEAR)
    ? ends.filter(([, turn]) => Math.abs(turn) * one.radius > SAME)
    : null;
}

/** The same turn, by the shorter way, in radians. */
function nearest(turn: number): number {
  const rest = turn % (2 * Math.PI);
  if (rest > Math.PI) return rest - 2 * Math.PI;
  return rest < -Math.PI ? rest + 2 * Math.PI : rest;
}

/** Where leaves differ between two moments, in pixels of the stage. */
export class Changes {
  constructor(
    private readonly reel: Reel,
    private readonly timeline: Timeline,
    private readonly placing: Placing,
  ) {}

  /**
   * Where that is seen: what is rounded otherwise is left aside, and lights are where they shine.
   *
   * @param isSteady of a light: does it go so little along its edge that only the edge itself is seen to move?
   */
  seen(leaf: Leaf, before: number, now: number, isSteady: boolean): Box | null {
    const hasNoDashes = ({ stroke }: ReelPath): boolean =>
      !stroke || (stroke.gap === 0 && (isSteady || stroke.light === null));
    const all = this.of(leaf, before, now);
    const lit = isSteady ? null : this.lit(leaf, before, now);
    const part = lit ?? this.outlined(leaf, before, now, hasNoDashes);
    return part && all ? within(part, all) : all;
  }

  /** All of it: smoothed edges and soft ones are rounded otherwise where an outline is another. */
  of(leaf: Leaf, before: number, now: number): Box | null {
    let all: Box | null = null;
    for (const moment of [before, now]) {
      const box = this.placing.alphaOf(leaf.groups, moment) > 0 ? this.placing.boxOf(leaf, moment) : null;
      if (box) all = joined(all, box);
    }
    return all;
  }

  /** Is all but the outline as it was? */
  private hasOnlyMoved({ node, groups }: Leaf, before: number, now: number): boolean {
    const { timeline, placing } = this;
    const isSame = (look: (moment: number) => unknown): boolean => look(before) === look(now);
    return (
      node.kind === 'path' &&
      isSame((at) => timeline.fill(node.index, node.fill, at)) &&
      isSame((at) => timeline.effect(node, at)) &&
      isSame((at) => timeline.value(node.index, 'opacity', node.opacity, at)) &&
      isSame((at) => placing.alphaOf(groups, at)) &&
      alikePoses(placing.poseOf(groups, before), placing.poseOf(groups, now)) &&
      groups.every(
        ({ index, clip, mask }) =>
          (clip === null || isSame((at) => timeline.value(index, 'clip', clip, at))) &&
          (mask === null || isSame((at) => timeline.value(index, 'mask', mask, at))),
      )
    );
  }

  private outlined(leaf: Leaf, before: number, now: number, isFit: (node: ReelPath) => boolean): Box | null {
    const { node } = leaf;
    if (node.kind !== 'path' || !this.hasOnlyMoved(leaf, before, now)) return null;
    const [was, is] = [before, now].map((at) => this.timeline.value(node.index, 'outline', node.outline, at));
    if (was === 0 || is === 0 || !isFit(node)) return null;
    const change = outlineChange(this.reel.outlines[was], this.reel.outlines[is]);
    const effect = this.timeline.effect(node, now);
    const wide = node.stroke ? this.timeline.value(node.index, 'width', node.stroke.width, now) : 0;
    return (
      change && this.onStage(leaf, grown(change, wide + (effect === null ? 0 : far(this.reel.effects[effect]))), now)
    );
  }

  /** Where a light on an edge shines. */
  private lit(leaf: Leaf, before: number, now: number): Box | null {
    const { node } = leaf;
    if (node.kind !== 'path' || !node.stroke?.light || !this.hasOnlyMoved(leaf, before, now)) return null;
    const { width, light } = node.stroke;
    let all: Box | null = null;
    for (const moment of [before, now]) {
      const value = (property: 'length' | 'place' | 'width', constant: number): number =>
        this.timeline.value(node.index, property, constant, moment);
      const outline = this.timeline.value(node.index, 'outline', node.outline, moment);
      const edge = litEdge(this.reel.outlines[outline], value('length', light.length), value('place', light.place));
      const reach = edge && edge.dashes[0] / 2 + value('width', width);
      if (edge && reach !== null)
        all = joined(all, grown({ left: edge.x, top: edge.y, right: edge.x, bottom: edge.y }, reach));
    }
    return all && this.onStage(leaf, all, now);
  }

  private onStage({ groups }: Leaf, box: Box, moment: number): Box {
    const pose = this.placing.poseOf(groups, moment);
    return pose ? mapped(box, pose) : box;
  }
}

/** What of a box lies in another. */
function within(box: Box, other: Box): Box {
  return {
    left: Math.max(box.left, other.left),
    top: Math.max(box.top, other.top),
    right: Math.max(Math.max(box.left, other.left), Math.min(box.right, other.right)),
    bottom: Math.max(Math.max(box.top, other.top), Math.min(box.bottom, other.bottom)),
  };
}

/** How far from an edge its effect still changes with it, in pixels of the stage. */
function far(effect: Effect): number {
  const spread = effect.kind === 'blur' ? effect.spread : 0;
  return effect.deviation * BLUR_REACH + Math.max(Math.abs(effect.x), Math.abs(effect.y)) + spread;
}
