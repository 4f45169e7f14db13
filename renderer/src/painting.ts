// A worker thread: paints the frames that it is asked for and sends their raw pixels back.
import { parentPort, workerData } from 'node:worker_threads';
import { createCanvas } from '@napi-rs/canvas';
import { Painter, type Reel } from '../../painter/src';
import { skia } from './studio';

const { reel } = workerData as { reel: Reel };
const canvas = createCanvas(reel.width, reel.height);
const context = canvas.getContext('2d');
const painter = new Painter(reel, skia);

parentPort?.on('message', ({ frame, pixels }: { frame: number; pixels: ArrayBuffer | null }) => {
  painter.paint(context as never, frame, 1);
  const raw = canvas.data();
  const into = pixels ? new Uint8Array(pixels) : new Uint8Array(raw.byteLength);
  into.set(raw);
  parentPort?.postMessage({ frame, pixels: into.buffer }, [into.buffer]);
});
