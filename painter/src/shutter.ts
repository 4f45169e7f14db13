import { joined, type Box } from './bounds';
import { chainOf } from './chain';
import type { Changes } from './changes';
import { lengthOf } from './lights';
import type { Matrix } from './matrix';
import type { Leaf, Placing } from './placing';
import type { Reel, ReelPath } from './reel';
import type { Timeline } from './timeline';
import type { Together } from './together';

/** levels of 255 by which a mean may differ from the middle of what fades before it is made */
const FADES = 0.75;

/** pixels of a way that nobody sees */
const STANDS = 0.02;

/** a soft edge may go so many of its deviations from one moment to the next */
const SOFT_STEP = 0.6;

/**
 * A light on an edge is soft along it: what its deviation would be, as a part of its length. Its fading has corners
 * (lights.ts), at which a step of s half lengths errs by at most 1.6 s / 8 of its opacity.
 */
const SOFT_LIGHT = 0.02;

/**
 * The trapezoid of m steps over a way of w pixels differs from the mean of all moments by at most 255 w / (8 m²)
 * levels: the error of that rule for an edge one pixel wide. With m² = w / this it is at most 0.64 of one.
 */
const SHARP_STEP = 0.02;

/** of what no way can be told, all moments are taken */
const ALL = Infinity;

/** a way as long as that is as good as none that can be told, in pixels */
const FAR = 1000;

/** a leaf that moves while the shutter is open */
interface Moving {
  at: number;
  /** how many steps from moment to moment its way needs */
  steps: number;
  /** where it differs between the moments, in pixels of the stage */
  box: Box;
}

/** How a shutter sees a frame. */
export interface Plan {
  moments: number[];
  /** the moment that stands for the frame */
  middle: number;
  /** by leaf: 1 where it moves; the others are seen as they are in the middle */
  moves: Uint8Array;
  moving: Moving[];
}

/** Which leaves move while the shutter is open, and how many moments each needs. */
export class Shutter {
  private last: { frame: number; plan: Plan } | null = null;
  private readonly numbers = new Map<number, Float64Array>();

  /**
   * @param first the first leaf that may change at all
   */
  constructor(
    private readonly reel: Reel,
    private readonly leaves: readonly Leaf[],
    private readonly timeline: Timeline,
    private readonly placing: Placing,
    private readonly together: Together,
    private readonly first: number,
    private readonly changes: Changes,
  ) {}

  planOf(frame: number): Plan {
    if (this.last?.frame === frame) return this.last.plan;
    const moments = this.timeline.momentsOf(frame);
    const plan: Plan = {
      moments,
      middle: this.timeline.momentOf(frame),
      moves: new Uint8Array(this.leaves.length),
      moving: [],
    };
    if (moments.length > 1) {
      for (let at = this.first; at < this.leaves.length; at++) this.look(plan, at);
      this.holdTogether(plan);
    }
    this.last = { frame, plan };
    return plan;
  }

  private look({ moments, moves, moving }: Plan, at: number): void {
    const leaf = this.leaves[at];
    const [from, to] = [moments[0], moments[moments.length - 1]];
    const changes = (index: number): boolean => this.timeline.changesWithin(index, from, to);
    if (!changes(leaf.node.index) && !leaf.groups.some(({ index }) => changes(index))) return;
    const steps = this.stepsOf(leaf, moments);
    if (steps === 0) return;
    moves[at] = 1;
    const isSteady = this.isSteady(leaf, from, to);
    let box: Box | null = null;
    for (let next = 1; next < moments.length; next++) {
      const one = this.changes.seen(leaf, moments[next - 1], moments[next], isSteady);
      if (one) box = joined(box, one);
    }
    if (box) moving.push({ at, steps, box });
  }

  /** What is seen through as a whole is painted at one moment as a whole. */
  private holdTogether({ moves }: Plan): void {
    for (const { groups } of this.leaves.filter((_, at) => moves[at] === 1)) {
      for (const group of groups) {
        const [from, to] = this.together.spanOf(group) ?? [0, 0];
        moves.fill(1, from, to);
      }
    }
  }

  /** How many steps the moments of a leaf need; 0 where the middle stands for all of them. */
  private stepsOf(leaf: Leaf, moments: number[]): number {
    const { node, groups } = leaf;
    const alphas = moments.map((moment) => this.alphaOf(leaf, moment));
    if (Math.max(...alphas) <= 0) return 0;
    let sum = 0;
    for (const alpha of alphas) sum += alpha;
    if (Math.abs(sum / alphas.length - alphas[alphas.length >> 1]) * 255 > FADES) return ALL;
    const isAlike = (look: (moment: number) => unknown): boolean =>
      moments.every((moment) => look(moment) === look(moments[0]));
    const { timeline } = this;
    if (groups.some(({ index, mask }) => mask !== null && !isAlike((at) => timeline.value(index, 'mask', mask, at))))
      return ALL;
    if (node.kind === 'path') {
      const { index, fill, stroke } = node;
      if (!isAlike((at) => timeline.fill(index, fill, at)) || !isAlike((at) => timeline.effect(node, at))) return ALL;
      const isPlainLine = (at: number): string =>
        stroke
          ? `${timeline.value(index, 'dash', stroke.dash, at)} ${timeline.value(index, 'gap', stroke.gap, at)}`
          : '';
      if (!isAlike(isPlainLine)) return ALL;
    } else if (!isAlike((at) => timeline.value(node.index, 'run', node.run, at))) return ALL;
    let way = 0;
    for (let next = 1; next < moments.length; next++) way += this.wayOf(leaf, moments[next - 1], moments[next]);
    const soft = this.softnessOf(leaf, moments[0]);
    if (soft > 0) {
      const steps = way / (soft * SOFT_STEP);
      return steps <= 1 ? 0 : steps;
    }
    return way < STANDS ? 0 : Math.sqrt(way / SHARP_STEP);
  }

  /** The deviation of a soft edge, in pixels; 0 where it is sharp. */
  private softnessOf({ node }: Leaf, moment: number): number {
    if (node.kind !== 'path') return 0;
    const effect = this.timeline.effect(node, moment);
    if (effect !== null && this.reel.effects[effect].kind === 'blur') return this.reel.effects[effect].deviation;
    const light = node.stroke?.light;
    return light && this.stands(node, moment)
      ? this.timeline.value(node.index, 'length', light.length, moment) * SOFT_LIGHT
      : 0;
  }

  /** Does a light go so little along its edge that its soft ends stand? */
  private isSteady({ node }: Leaf, from: number, to: number): boolean {
    if (node.kind !== 'path' || !node.stroke?.light) return false;
    const { light } = node.stroke;
    const [[place, length], [toPlace, toLength]] = [from, to].map((moment) => {
      const round = this.roundOf(this.timeline.value(node.index, 'outline', node.outline, moment));
      return [
        this.timeline.value(node.index, 'place', light.place, moment) * round,
        this.timeline.value(node.index, 'length', light.length, moment),
      ];
    });
    return (
      Math.abs(toPlace - place) + Math.abs(toLength - length) <= Math.min(length, toLength) * SOFT_LIGHT * SOFT_STEP
    );
  }

  /** Does the outline of a light stay, so that the light alone goes along it? */
  private stands({ stroke, index, outline }: ReelPath, moment: number): boolean {
    const { timeline } = this;
    const last = moment + this.reel.samples - 1;
    const width = stroke?.width ?? 0;
    return (
      timeline.value(index, 'outline', outline, moment) === timeline.value(index, 'outline', outline, last) &&
      timeline.value(index, 'width', width, moment) === timeline.value(index, 'width', width, last)
    );
  }

  private alphaOf({ node, groups }: Leaf, moment: number): number {
    const own = node.kind === 'path' ? this.timeline.value(node.index, 'opacity', node.opacity, moment) : 1;
    return own * this.placing.alphaOf(groups, moment);
  }

  /** The longest way that any point of a leaf goes from one moment to another, in pixels of the stage. */
  private wayOf({ node, groups }: Leaf, before: number, now: number): number {
    const { timeline } = this;
    const changed = (index: number, property: Parameters<Timeline['value']>[1], constant: number): number =>
      Math.abs(timeline.value(index, property, constant, now) - timeline.value(index, property, constant, before));
    let way = 0;
    for (const { index, clip } of groups) {
      if (clip !== null) way += this.outlineWay(index, 'clip', clip, before, now);
    }
    if (node.kind === 'text') way += changed(node.index, 'x', node.x) + changed(node.index, 'y', node.y);
    else {
      way += this.outlineWay(node.index, 'outline', node.outline, before, now);
      const { stroke } = node;
      if (stroke) way += changed(node.index, 'offset', stroke.offset) + changed(node.index, 'width', stroke.width);
      if (stroke?.light) {
        const round = this.roundOf(timeline.value(node.index, 'outline', node.outline, now));
        way += changed(node.index, 'length', stroke.light.length);
        way += changed(node.index, 'place', stroke.light.place) * round;
      }
    }
    const [was, is] = [this.placing.poseOf(groups, before), this.placing.poseOf(groups, now)];
    return was === is ? way : way + this.poseWay(this.placing.ownBoxOf(node, before), was ?? STILL, is ?? STILL);
  }

  private poseWay(box: Box | null, was: Matrix, is: Matrix): number {
    let farthest = 0;
    for (const x of box ? [box.left, box.right] : []) {
      for (const y of [box!.top, box!.bottom]) {
        const across = (is.a - was.a) * x + (is.c - was.c) * y + is.e - was.e;
        const down = (is.b - was.b) * x + (is.d - was.d) * y + is.f - was.f;
        farthest = Math.max(farthest, Math.hypot(across, down));
      }
    }
    return farthest;
  }

  private outlineWay(index: number, property: 'clip' | 'outline', constant: number, from: number, to: number): number {
    const one = this.timeline.value(index, property, constant, from);
    const other = this.timeline.value(index, property, constant, to);
    if (one === other) return 0;
    const [before, now] = [this.numbersOf(one), this.numbersOf(other)];
    if (before.length !== now.length) return FAR;
    let most = 0;
    for (let at = 0; at < now.length; at++) most = Math.max(most, Math.abs(now[at] - before[at]));
    // Across and down together.
    return most * Math.SQRT2;
  }

  private numbersOf(outline: number): Float64Array {
    let numbers = this.numbers.get(outline);
    if (!numbers) {
      if (this.numbers.size > KEPT) this.numbers.clear();
      const found = this.reel.outlines[outline].match(/-?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/g) ?? [];
      numbers = Float64Array.from(found, Number);
      this.numbers.set(outline, numbers);
    }
    return numbers;
  }

  /** How long an outline is, in pixels. */
  private roundOf(outline: number): number {
    let round = 0;
    for (const stretch of chainOf(this.reel.outlines[outline])) round += lengthOf(stretch);
    return round;
  }
}

const STILL: Matrix = { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 };
const KEPT = 2000;
