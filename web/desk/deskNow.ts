/** What the desk is at just now, for those who compute. */
interface DeskNow {
  frame: number;
  /** of the stage; null: the piece's own */
  shape: string | null;
  isPlaying: boolean;
  /** does a hand hold something on the stage? */
  isHeld: boolean;
  /** has it been taken to a moment of this piece at which something can be seen? */
  hasBegun: boolean;
}

let told = (): DeskNow => ({ frame: 0, shape: null, isPlaying: false, isHeld: false, hasBegun: false });

/** Large pieces are computed around the playhead, and each shape of the stage by itself. */
export function deskNow(): DeskNow {
  return told();
}

export function followDesk(now: () => DeskNow): void {
  told = now;
}
