import { inverse, joined, Painter } from '../../painter/src';
import type { Box, Context, Leaf, Matrix, OutlinePath, Shift, Studio } from '../../painter/src';
import type { Reel, ReelGroup } from '../../contracts/reel';
import type { PlaceKey } from '../piece/places';
import { chartOf, idOf, isIn, isOfKey } from './keys';
import { StagePlacing } from './stagePlacing';

/** opacity from which on a text can be taken hold of, and pixels around it */
const LEAST_SEEN = 0.05;
const REACH = 8;

type Asked = Context & { isPointInPath(path: OutlinePath, x: number, y: number): boolean };

/** What stands where on the desk's stage: marks, words and charts of a reel, wherever hand and camera have them. */
export class Scene {
  readonly painter: Painter;
  private placing!: StagePlacing;

  /** @param before of which what is still of use is kept */
  constructor(
    readonly reel: Reel,
    studio: Studio,
    before?: Scene,
  ) {
    this.painter = new Painter(reel, studio, before?.painter, (...of) => (this.placing = new StagePlacing(...of)));
  }

  /** Until a reel says where things are that a hand moves, they are painted so far from where they were. */
  carriedBy(hand: (groups: ReelGroup[]) => Shift | null): void {
    this.placing.hand = hand;
  }

  /** Shows the whole stage, as if there were no camera. */
  leaveCamera(isUntaken: boolean): void {
    this.placing.isUntaken = isUntaken;
  }

  /** How the camera moves the stage on a frame; null where it takes all of it as it is. */
  cameraOf(frame: number): Matrix | null {
    return this.placing.cameraAt(frame);
  }

  /** The figure whose mark covers a point of the stage, on a context that can be asked. */
  figureAt(context: Asked, frame: number, x: number, y: number): { chart: string; figure: string } | null {
    const leaf = this.covering(context, frame, x, y, ({ node }) => node.kind === 'path' && node.mark !== null);
    return leaf?.node.kind === 'path' && leaf.node.mark
      ? { chart: leaf.node.mark.chart, figure: leaf.node.mark.figure }
      : null;
  }

  /** The panel that covers a point of the stage: the one in front. */
  panelAt(context: Asked, frame: number, x: number, y: number): string | null {
    const isIts = (leaf: Leaf): boolean =>
      isIn(leaf.groups, 'panel') && leaf.node.kind === 'path' && leaf.node.effect === null && this.isSeen(leaf, frame);
    const leaf = this.covering(context, frame, x, y, isIts);
    return leaf ? idOf(leaf.groups, 'panel') : null;
  }

  /** The last of some outlines that covers a point of the stage. */
  private covering(
    context: Asked,
    frame: number,
    x: number,
    y: number,
    isAsked: (leaf: Leaf) => boolean,
  ): Leaf | undefined {
    context.save();
    context.setTransform(1, 0, 0, 1, 0, 0);
    const found = this.painter.leaves.findLast((leaf) => {
      const { node, groups } = leaf;
      if (node.kind !== 'path' || !isAsked(leaf)) return false;
      const outline = this.painter.timeline.value(node.index, 'outline', node.outline, frame);
      const pose = this.placing.poseOf(groups, frame);
      const back = pose && inverse(pose);
      const [ownX, ownY] = back ? [back.a * x + back.c * y + back.e, back.b * x + back.d * y + back.f] : [x, y];
      return outline !== 0 && context.isPointInPath(this.painter.outline(outline), ownX, ownY);
    });
    context.restore();
    return found;
  }

  /** The groups, outermost first, of the text that stands at a point of the stage. */
  wordsAt(frame: number, x: number, y: number): ReelGroup[] | null {
    for (const leaf of [...this.painter.leaves].reverse()) {
      if (leaf.node.kind !== 'text' || !this.isSeen(leaf, frame)) continue;
      const box = this.placing.boxOf(leaf, frame);
      if (box && x >= box.left - REACH && x <= box.right + REACH && y >= box.top - REACH && y <= box.bottom + REACH)
        return leaf.groups;
    }
    return null;
  }

  /** The box around what has a place: of a chart its marks alone; null where there is nothing to be seen of it. */
  boxOf(key: PlaceKey, frame: number): Box | null {
    let all: Box | null = null;
    for (const leaf of this.painter.leaves) {
      if (!isOfKey(leaf.groups, key) || !this.isSeen(leaf, frame)) continue;
      const box = this.placing.boxOf(leaf, frame);
      if (box) all = joined(all, box);
    }
    return all;
  }

  /** The box around a figure's mark; null where it is not there. */
  figureBox(chart: string, figure: string, frame: number): Box | null {
    const leaf = this.painter.leaves.find(
      ({ node }) => node.kind === 'path' && node.mark?.chart === chart && node.mark.figure === figure,
    );
    return leaf ? this.placing.boxOf(leaf, frame) : null;
  }

  /** Path data of a figure's mark on a frame, empty where it is not there, and how it is moved, as SVG says it. */
  outlineOf(chart: string, figure: string, frame: number): { path: string; transform?: string } {
    for (const { node, groups } of this.painter.leaves) {
      if (node.kind === 'path' && node.mark?.chart === chart && node.mark.figure === figure) {
        const path = this.reel.outlines[this.painter.timeline.value(node.index, 'outline', node.outline, frame)];
        return { path, transform: svgOf(this.placing.poseOf(groups, frame)) };
      }
    }
    return { path: '' };
  }

  /** All sharp outlines that are seen on a frame, and how each is moved, as SVG says it. */
  outlines(frame: number): { path: string; transform?: string; isMark: boolean }[] {
    return this.painter.leaves.flatMap((leaf) => {
      const { node, groups } = leaf;
      if (node.kind !== 'path' || node.effect || node.stroke || !this.isSeen(leaf, frame)) return [];
      const path = this.reel.outlines[this.painter.timeline.value(node.index, 'outline', node.outline, frame)];
      if (!path) return [];
      return [{ path, transform: svgOf(this.placing.poseOf(groups, frame)), isMark: node.mark !== null }];
    });
  }

  /** What each text that is seen on a frame lies in. */
  textBoxes(frame: number): Box[] {
    return this.painter.leaves
      .filter((leaf) => leaf.node.kind === 'text' && this.isSeen(leaf, frame))
      .map((leaf) => this.placing.boxOf(leaf, frame))
      .filter((box): box is Box => box !== null);
  }

  /** How a chart as a whole is moved on a frame, whatever is done to its single marks. */
  placeOf(chart: string, frame: number): Matrix {
    const mark = this.painter.leaves.find(
      ({ node, groups }) => node.kind === 'path' && node.mark && chartOf(groups) === chart,
    );
    const groups = (mark?.groups ?? []).filter(({ role }) => role !== 'figure');
    return this.placing.poseOf(groups, frame) ?? { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 };
  }

  private isSeen({ groups }: Leaf, frame: number): boolean {
    return this.placing.alphaOf(groups, frame) >= LEAST_SEEN;
  }
}

function svgOf(pose: Matrix | null): string | undefined {
  return pose ? `matrix(${pose.a} ${pose.b} ${pose.c} ${pose.d} ${pose.e} ${pose.f})` : undefined;
}
