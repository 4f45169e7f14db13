import type { Reel } from '../../painter/src';

/** A figure over time: its reading, value and share from each of the frames on. */
export interface Course {
  chart: string;
  chartName: string;
  figure: string;
  label: string;
  frames: number[];
  said: [reading: string, value: string, share: string][];
}

/** What a page knows of its piece beside the reels. */
export interface PagePiece {
  rate: [numerator: number, denominator: number];
  from: number;
  to: number;
  /** the frame that is shown before it plays */
  poster: number;
  shapes: [width: number, height: number][];
  /** data by fingerprint and blur */
  pictures: Record<string, string>;
  /** lines of the script: first frame, the one after the last, text */
  lines: [begin: number, end: number, text: string][];
  /** frames on which the figures stand still */
  holds: number[];
  /** whether captions are in the picture already */
  isCaptioned: boolean;
  figures: Course[];
  sound: string | null;
  /** whether it stops at the end of each line */
  stops: boolean;
}

/** The shape that suits a window best: the one whose ratio is nearest to that of the room. */
export function shapeFor(shapes: [number, number][], width: number, height: number): number {
  const far = ([wide, high]: [number, number]): number => Math.abs(Math.log((wide / high) * (height / width)));
  return shapes.reduce((best, shape, at) => (far(shape) < far(shapes[best]) ? at : best), 0);
}

/** What is said of a figure on a frame. */
export function saidAt({ frames, said }: Course, frame: number): [string, string, string] | null {
  let at = frames.length - 1;
  while (at > 0 && frames[at] > frame) at--;
  return said[at] ?? null;
}

/** Where it stops when it plays on: the last frame of each line, and the end. */
export function stopsOf({ lines, stops, to }: PagePiece): number[] {
  const ends = stops ? lines.map(([, end]) => end - 1).filter((frame) => frame < to) : [];
  return [...new Set([...ends, to])].sort((one, other) => one - other);
}

/** A reel as it stands in the page: JSON, gzip, base64. */
export async function unpacked(packed: string): Promise<Reel> {
  const bytes = Uint8Array.from(atob(packed), (sign) => sign.charCodeAt(0));
  const stream = new Blob([bytes]).stream().pipeThrough(new DecompressionStream('gzip'));
  return (await new Response(stream).json()) as Reel;
}
