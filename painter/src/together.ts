import type { Leaf } from './placing';
import type { ReelGroup } from './reel';
import type { Timeline } from './timeline';

/** What coats are laid on, beside marks. */
const COATED: readonly ReelGroup['role'][] = ['panel', 'plate', 'lettered'];

/**
 * Groups whose leaves are put together before they are seen through: those of marks and of what else has coats, and
 * those with a mask.
 */
export class Together {
  /** the first leaf of each, and the one after its last */
  private readonly spans = new Map<ReelGroup, [from: number, to: number]>();

  constructor(
    leaves: readonly Leaf[],
    private readonly timeline: Timeline,
  ) {
    const wanted = new Set(
      leaves.flatMap(({ node, groups }) =>
        (node.kind === 'path' && node.mark) || groups.some(({ role }) => COATED.includes(role))
          ? groups
          : groups.filter(({ mask }) => mask !== null),
      ),
    );
    leaves.forEach(({ groups }, at) => {
      for (const group of groups) {
        if (wanted.has(group)) this.spans.set(group, [this.spans.get(group)?.[0] ?? at, at + 1]);
      }
    });
    for (const [group, [from, to]] of this.spans) {
      if (to - from < 2 && group.mask === null) this.spans.delete(group);
    }
  }

  spanOf(group: ReelGroup): [from: number, to: number] | undefined {
    return this.spans.get(group);
  }

  /**
   * The outermost of a leaf's groups that is seen through as a whole: what overlaps in it does not add up.
   *
   * @param done groups that are seen to elsewhere
   */
  seenThrough(groups: ReelGroup[], frame: number, done: ReadonlySet<ReelGroup>): ReelGroup | undefined {
    return groups.find((group) => {
      if (!this.spans.has(group) || done.has(group)) return false;
      const opacity = this.timeline.value(group.index, 'opacity', group.opacity, frame);
      return opacity > 0 && (opacity < 1 || group.mask !== null);
    });
  }
}
