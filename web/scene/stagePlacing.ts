import { Placing, times, UNSHIFTED, type Shift } from '../../painter/src';
import type { Matrix } from '../../painter/src';
import type { ReelGroup } from '../../contracts/reel';

export const isCamera = ({ role }: ReelGroup): boolean => role === 'camera';

/** The camera stands around everything that it takes. */
const isTaken = (groups: ReelGroup[]): boolean => groups.length > 0 && isCamera(groups[0]);

/** Where things stand on the desk's stage: as the reel says it, carried by the hand, and taken by the camera or not. */
export class StagePlacing extends Placing {
  /** Shows the whole stage, as if there were no camera. */
  isUntaken = false;
  /** how far a hand has carried what stands in such groups, before it is in the reel */
  hand: ((groups: ReelGroup[]) => Shift | null) | null = null;
  private isUncarried = false;

  override carriedBy(groups: ReelGroup[]): Shift {
    return this.hand?.(groups) ?? UNSHIFTED;
  }

  override uncarried<T>(make: () => T): T {
    this.isUncarried = true;
    try {
      return make();
    } finally {
      this.isUncarried = false;
    }
  }

  /** Where the camera is near, a hand's way is longer in the picture. */
  override isCarriedPlainly(frame: number): boolean {
    return this.cameraAt(frame) === null;
  }

  override poseOf(groups: ReelGroup[], frame: number): Matrix | null {
    let all = super.poseOf(groups, frame, isTaken(groups) ? 1 : 0);
    const [across, down] = this.isUncarried ? UNSHIFTED : this.carriedBy(groups);
    if (across !== 0 || down !== 0) {
      const carried = { a: 1, b: 0, c: 0, d: 1, e: across, f: down };
      all = all ? times(carried, all) : carried;
    }
    // The camera takes what stands on the stage, wherever a hand has put it.
    const taken = this.cameraOf(groups, frame);
    return taken && all ? times(taken, all) : (taken ?? all);
  }

  /** How the camera moves the stage on a frame; null where it takes all of it as it is. */
  cameraAt(frame: number): Matrix | null {
    const groups = this.reel.nodes.filter((node) => node.kind === 'group');
    return this.cameraOf(groups.filter(isCamera), frame);
  }

  private cameraOf(groups: ReelGroup[], frame: number): Matrix | null {
    return isTaken(groups) && !this.isUntaken ? this.ownPose(groups[0], frame) : null;
  }
}
