// A worker thread: paints the frames that it is asked for and sends their raw pixels back.
import { parentPort, workerData } from 'node:worker_threads';
import { createCanvas } from '@napi-rs/canvas';
import { Painter, type Reel } from '../../painter/src';
import { letGo } from './memory';
import { skia } from './studio';

const { reel } = workerData as { reel: Reel };
const canvas = createCanvas(reel.width, reel.height);
const context = canvas.getContext('2d');
const painter = new Painter(reel, skia);

let painted = 0;

interface Wanted {
  frame: number;
  pixels: ArrayBuffer | null;
}

const wanted: Wanted[] = [];
let busy = false;

function paint({ frame, pixels }: Wanted): void {
  painter.paint(context as never, frame, 1);
  const raw = canvas.data();
  const into = pixels ? new Uint8Array(pixels) : new Uint8Array(raw.byteLength);
  into.set(raw);
  parentPort?.postMessage({ frame, pixels: into.buffer }, [into.buffer]);
}

async function paintAll(): Promise<void> {
  busy = true;
  for (let next = wanted.shift(); next; next = wanted.shift()) {
    paint(next);
    painted++;
    if (painted % 6 === 0) letGo();
    // The canvas frees its copies of pictures only when the event loop comes around.
    await new Promise((resolve) => {
      setImmediate(resolve);
    });
  }
  busy = false;
}

parentPort?.on('message', (next: Wanted) => {
  wanted.push(next);
  if (!busy) void paintAll();
});
