import type { Leaf, Placing } from './placing';
import type { Reel, ReelGroup } from './reel';
import type { Timeline } from './timeline';
import type { Together } from './together';

export const NONE: ReadonlySet<ReelGroup> = new Set();

/** how opaque a veil is at most, and how much of the picture it covers at least */
const FAINT = 0.3;
const WIDE = 0.2;

/** What stands still around a frame, and can be kept on a layer. */
export class Stillness {
  private readonly grounds: Leaf[];

  constructor(
    private readonly reel: Reel,
    private readonly leaves: readonly Leaf[],
    private readonly timeline: Timeline,
    private readonly placing: Placing,
    private readonly together: Together,
  ) {
    this.grounds = leaves.filter(({ groups }) => groups[0]?.role === 'backdrop');
  }

  /**
   * Does the ground move around this frame? Then all of the picture is painted anew, and layers are used from the
   * first: that follows from the frame alone, so that it is the same to the bit wherever a film begins.
   */
  isRestless(frame: number): boolean {
    return this.grounds.some((leaf) => this.moves(leaf, frame));
  }

  /** The first leaf from here on that moves around this frame. */
  upTo(from: number, frame: number): number {
    let at = from;
    const [across, down] = this.placing.carriedBy(this.leaves[from].groups);
    while (at < this.leaves.length && !this.moves(this.leaves[at], frame)) {
      const { groups } = this.leaves[at];
      const [x, y] = this.placing.carriedBy(groups);
      // What is carried is kept by itself.
      if (x !== across || y !== down) break;
      if (!this.standsOnItsGround(from, at, frame) || this.isVeil(this.leaves[at], frame)) break;
      const through = this.together.seenThrough(groups, frame, NONE);
      const [first, end] = (through && this.together.spanOf(through)) ?? [at, at + 1];
      // What is seen through as a whole stays together.
      if (through && (first < from || this.leaves.slice(first, end).some((leaf) => this.moves(leaf, frame)))) break;
      at = end;
    }
    return at;
  }

  /**
   * Can a leaf be painted on a layer that begins with another one? What blends with what is below it can only where its
   * own ground is on that layer, too.
   */
  private standsOnItsGround(from: number, at: number, frame: number): boolean {
    const { node } = this.leaves[at];
    if (node.kind !== 'path' || node.blend === 'normal') return true;
    const outline = this.timeline.value(node.index, 'outline', node.outline, frame);
    return this.leaves.slice(from, at).some(({ node: ground }) => {
      if (ground.kind !== 'path' || ground.blend !== 'normal' || ground.effect !== null || ground.stroke) return false;
      if (!this.isOpaque(this.timeline.fill(ground.index, ground.fill, frame))) return false;
      const opacity = this.timeline.value(ground.index, 'opacity', ground.opacity, frame);
      return opacity === 1 && this.timeline.value(ground.index, 'outline', ground.outline, frame) === outline;
    });
  }

  /** Faint and wide: on a layer it would be rounded to a few steps before it is laid over the picture. */
  private isVeil(leaf: Leaf, frame: number): boolean {
    const { node } = leaf;
    if (node.kind !== 'path' || node.effect !== null || node.stroke) return false;
    const fill = this.timeline.fill(node.index, node.fill, frame);
    const paint = typeof fill === 'string' ? null : this.reel.paints[fill];
    const least = paint && 'stops' in paint ? Math.min(...paint.stops.map(([, , opacity]) => opacity)) : 1;
    if (least * this.timeline.value(node.index, 'opacity', node.opacity, frame) >= FAINT) return false;
    const box = this.placing.boxOf(leaf, frame);
    const { width, height } = this.reel;
    return box !== null && (box.right - box.left) * (box.bottom - box.top) > WIDE * width * height;
  }

  /** Is nothing seen through a fill? */
  private isOpaque(fill: string | number): boolean {
    if (typeof fill === 'string') return true;
    const paint = this.reel.paints[fill];
    return 'stops' in paint && paint.stops.every(([, , opacity]) => opacity === 1);
  }

  private moves({ node, groups }: Leaf, frame: number): boolean {
    return (
      this.timeline.changesNear(node.index, frame, 2) ||
      groups.some((group) => this.timeline.changesNear(group.index, frame, 2))
    );
  }
}
