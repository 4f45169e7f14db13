import { readFileSync } from 'node:fs';
import type { Reel } from '../../painter/src';

/** What is made of the frames. */
export const KINDS = ['mp4', 'draft', 'mov', 'hq', 'matte', 'webm', 'zip', 'zip16', 'gif', 'apng', 'webp'] as const;
export type Kind = (typeof KINDS)[number];

/** How frames come to ffmpeg: converted already, or as a canvas has them, with transparency. */
export type Frames = 'planar' | 'rgba';

/** What is heard with the frames, and ffmpeg’s filter that cuts it to them. */
export interface Sound {
  file: string;
  filter: string;
}

/** What film is wanted of the reels. */
export interface Order {
  kind: Kind;
  /** frames of the piece */
  from: number;
  to: number;
  /** width of a picture in pixels; null: as the stage has it */
  width: number | null;
  /** pictures in a second; null: as the stage has it */
  perSecond: number | null;
  /** frames in a row, of which a few runs are made to see what all would be; null: all are */
  run: number | null;
  /** whether a picture that plays by itself begins again at its end */
  loops: boolean;
  /** of the first frame, for a track of its own or to be burnt in; null: none */
  timecode: string | null;
  /** a font that a timecode is burnt in with; null: it is not */
  font: string | null;
  sound: Sound | null;
  /** a file of ffmpeg’s metadata format: title, description and chapters; null: none */
  told: string | null;
}

type Asked = Pick<Order, 'kind' | 'from' | 'to'> & Partial<Order>;

/** What is not said is as the stage has it. */
export function orderOf(asked: Asked): Order {
  return {
    width: null,
    perSecond: null,
    run: null,
    loops: true,
    timecode: null,
    font: null,
    sound: null,
    told: null,
    ...asked,
  };
}

export function orderIn(file: string): Order {
  return orderOf(JSON.parse(readFileSync(file, 'utf8')) as Asked);
}

export function framesFor(kind: Kind): Frames {
  return kind === 'mp4' || kind === 'draft' ? 'planar' : 'rgba';
}

/** Whether it is a picture that plays by itself. */
export const isLoop = (kind: Kind): boolean => kind === 'gif' || kind === 'apng' || kind === 'webp';

/** Size of a picture and rate of a film, as they are written. */
export interface Format {
  width: number;
  height: number;
  rate: [numerator: number, denominator: number];
}

/**
 * Width and height of a picture in its pixels. They are even where colour is shared between pixels: a row or column
 * that is one too many is left away.
 */
export function sidesOf({ width, height }: Pick<Reel, 'width' | 'height'>, frames: Frames, scale: number): number[] {
  const step = frames === 'planar' && scale !== 1 ? 2 : 1;
  return [width, height].map((side) => Math.max(step, Math.floor(Math.round(side * scale) / step) * step));
}

export function formatOf(reel: Pick<Reel, 'width' | 'height' | 'rate'>, order: Order): Format {
  const [width, height] = sidesOf(reel, framesFor(order.kind), scaleOf(reel, order));
  // Halves of frames, such as 12.5 a second, are told exactly.
  return { width, height, rate: order.perSecond === null ? reel.rate : [Math.round(order.perSecond * 2), 2] };
}

/** Pixels of the picture for one of the stage. */
export const scaleOf = ({ width }: Pick<Reel, 'width'>, order: Order): number => (order.width ?? width) / width;

/** runs of a sample */
const RUNS = 5;

/** The frames that are written, in their order: those that are seen at each of its moments; of a sample, a few runs. */
export function framesOf(reel: Pick<Reel, 'rate'>, order: Order): number[] {
  const all = everyFrame(reel, order);
  const { run } = order;
  if (run === null || all.length <= RUNS * run) return all;
  const room = all.length / RUNS;
  return Array.from({ length: RUNS }, (_, at) => Math.floor(at * room + (room - run) / 2)).flatMap((begin) =>
    all.slice(begin, begin + run),
  );
}

function everyFrame({ rate }: Pick<Reel, 'rate'>, order: Order): number[] {
  const all = order.to - order.from + 1;
  if (order.perSecond === null) return Array.from({ length: all }, (_, index) => order.from + index);
  const step = rate[0] / rate[1] / order.perSecond;
  const count = Math.max(1, Math.round(all / step));
  return Array.from({ length: count }, (_, index) => order.from + Math.min(all - 1, Math.floor(index * step + 1e-9)));
}
