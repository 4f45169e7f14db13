import type { Reel, ReelPath, ReelTrack } from './reel';

type Property = ReelTrack['property'];

/** The values of a reel's tracks on any frame, and where nothing changes. */
export class Timeline {
  private readonly tracks = new Map<number, Partial<Record<Property, ReelTrack>>>();
  private readonly changing: number[];
  private readonly samples: number;

  constructor(reel: Reel) {
    this.samples = reel.samples;
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

  /** The number of what is done to an outline; null where nothing is. */
  effect({ index, effect }: ReelPath, frame: number): number | null {
    return effect === null ? null : this.value(index, 'effect', effect, frame);
  }

  /** All that a line is told, as one text. */
  strokeOf({ index, stroke }: ReelPath, frame: number): string {
    if (!stroke) return '';
    const { light } = stroke;
    return [
      this.value(index, 'offset', stroke.offset, frame),
      this.value(index, 'width', stroke.width, frame),
      this.value(index, 'dash', stroke.dash, frame),
      this.value(index, 'gap', stroke.gap, frame),
      light ? this.value(index, 'length', light.length, frame) : '',
      light ? this.value(index, 'place', light.place, frame) : '',
    ].join(' ');
  }

  /** The frame, or the moment, since which the picture has been what it is on this one. */
  sameSince(frame: number): number {
    return this.changing[lastUpTo(this.changing, frame)] ?? 0;
  }

  /** The moment that is a frame's own time, as tracks count. */
  momentOf(frame: number): number {
    return frame * this.samples + (this.samples >> 1);
  }

  /** The moments of a frame that a shutter takes: one alone where nothing changes between them. */
  momentsOf(frame: number): number[] {
    const first = frame * this.samples;
    const last = first + this.samples - 1;
    if (this.sameSince(last) <= first) return [this.momentOf(frame)];
    return Array.from({ length: this.samples }, (_, index) => first + index);
  }

  /** The first frame whose picture is that of this one. */
  pictureOf(frame: number): number {
    if (this.momentsOf(frame).length > 1) return frame;
    return Math.ceil(this.sameSince(frame * this.samples) / this.samples);
  }

  isConstant(node: number): boolean {
    return !this.tracks.has(node);
  }

  /** Is a property of a node another at some time? */
  varies(node: number, property: Property): boolean {
    return this.tracks.get(node)?.[property] !== undefined;
  }

  /** Does a node of its own change after one moment, up to another? */
  changesWithin(node: number, from: number, to: number): boolean {
    const tracks = this.tracks.get(node);
    if (!tracks) return false;
    return Object.values(tracks).some(({ frames }) => frames[lastUpTo(frames, to)] > from);
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
