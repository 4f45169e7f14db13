import type { Reel, Track } from './reel';

type Property = Track['property'];

/** The values of a reel's tracks on any frame, and where nothing changes. */
export class Timeline {
  private readonly tracks = new Map<number, Partial<Record<Property, Track>>>();
  private readonly changing: number[];

  constructor(reel: Reel) {
    const frames = new Set<number>();
    for (const track of reel.tracks) {
      const known = this.tracks.get(track.node) ?? {};
      known[track.property] = track;
      this.tracks.set(track.node, known);
      for (const frame of track.frames) frames.add(frame);
    }
    this.changing = [...frames].sort((a, b) => a - b);
  }

  value(node: number, property: Property, constant: number, frame: number): number {
    const track = this.tracks.get(node)?.[property];
    return track ? Number(track.values[lastUpTo(track.frames, frame)]) : constant;
  }

  /** A colour, or the number of a paint. */
  fill(node: number, constant: string | number, frame: number): string | number {
    const track = this.tracks.get(node)?.fill;
    return track ? track.values[lastUpTo(track.frames, frame)] : constant;
  }

  /** The frame since which the picture has been what it is on this frame. */
  sameSince(frame: number): number {
    return this.changing[lastUpTo(this.changing, frame)] ?? 0;
  }

  isConstant(node: number): boolean {
    return !this.tracks.has(node);
  }

  /** Does a node of its own change within so many frames of this one? */
  changesNear(node: number, frame: number, reach: number): boolean {
    const tracks = this.tracks.get(node);
    if (!tracks) return false;
    return Object.values(tracks).some((track) => {
      const next = track.frames[lastUpTo(track.frames, frame + reach)];
      return track.frames.length > 1 && next > frame - reach && next > track.frames[0];
    });
  }
}

/** Index of the last number that is not above the limit; 0 where all are. */
function lastUpTo(numbers: number[], limit: number): number {
  let low = 0;
  let high = numbers.length - 1;
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (numbers[middle] <= limit) low = middle;
    else high = middle - 1;
  }
  return low;
}
