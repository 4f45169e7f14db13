import { Painter, type Reel, type Studio } from '../../../painter/src';

/** What the worker is told: a reel to paint from, or which of its frames are wanted next. */
export type Told = { picture: number; reel: Reel } | { picture: number; scale: number; frames: number[] };

/** A frame that it has painted. */
export interface PaintedFrame {
  picture: number;
  scale: number;
  frame: number;
  image: ImageBitmap;
}

const studio: Studio = {
  surface: (width, height) => new OffscreenCanvas(Math.max(1, width), Math.max(1, height)) as never,
  readable: (width, height) => {
    const canvas = new OffscreenCanvas(Math.max(1, width), Math.max(1, height));
    canvas.getContext('2d', { willReadFrequently: true });
    return canvas as never;
  },
  path: (data) => new Path2D(data) as never,
};

let painter: Painter | null = null;
let picture = 0;
let scale = 1;
let wanted: number[] = [];
let isAtWork = false;
/** between two frames it hears what is wanted by now */
const turns = new MessageChannel();

function paintNext(): void {
  const frame = wanted.shift();
  isAtWork = frame !== undefined && painter !== null;
  if (frame === undefined || !painter) return;
  const { width, height } = painter.reel;
  const canvas = new OffscreenCanvas(Math.max(1, Math.round(width * scale)), Math.max(1, Math.round(height * scale)));
  painter.paint(canvas.getContext('2d') as never, frame, scale);
  const image = canvas.transferToImageBitmap();
  const painted: PaintedFrame = { picture, scale, frame, image };
  (self as unknown as { postMessage: (what: PaintedFrame, along: Transferable[]) => void }).postMessage(painted, [
    image,
  ]);
  turns.port2.postMessage(null);
}

turns.port1.onmessage = paintNext;
self.onmessage = ({ data }: MessageEvent<Told>): void => {
  if ('reel' in data) {
    painter = new Painter(data.reel, studio, painter ?? undefined);
    picture = data.picture;
    wanted = [];
  } else if (data.picture === picture) {
    scale = data.scale;
    wanted = data.frames;
    if (!isAtWork) paintNext();
  }
};
