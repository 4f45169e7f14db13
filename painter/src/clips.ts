import type { Brush } from './brush';
import type { Matrix } from './matrix';
import type { Context } from './surface';
import type { View } from './view';

/** An outline of the reel that a group is seen in, where the group stands. */
export interface Clip {
  outline: number;
  pose: Matrix | null;
}

const isSame = (one: Clip, other: Clip): boolean =>
  one.outline === other.outline && JSON.stringify(one.pose) === JSON.stringify(other.pose);

/** What has one clip in a row is clipped once: an outline of many parts is dear to clip with. */
export class ClipRun {
  private now: Clip[] = [];

  constructor(
    private readonly context: Context,
    private readonly brush: Brush,
    private readonly view: View,
  ) {}

  /** From here on, what is painted is seen in all of these, and in nothing else. */
  to(clips: Clip[]): void {
    if (clips.length === this.now.length && clips.every((one, at) => isSame(one, this.now[at]))) return;
    if (this.now.length > 0) this.context.restore();
    if (clips.length > 0) this.context.save();
    for (const { outline, pose } of clips) this.brush.clip(this.context, outline, this.view, pose);
    this.now = clips;
  }
}
