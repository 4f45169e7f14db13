// A worker thread: paints the frames that it is asked for and sends them back as the encoder takes them.
import { parentPort, workerData } from 'node:worker_threads';
import type { Reel } from '../../painter/src';
import { PaintedFrames, type Painted } from './frames';
import { readPictures } from './pictures';

const { reel, how } = workerData as { reel: Reel; how: Painted };
// Messages that come meanwhile wait in the port.
await readPictures(reel);
const frames = new PaintedFrames(reel, how);
interface Wanted {
  frame: number;
  planes: ArrayBuffer | null;
}

const wanted: Wanted[] = [];
let busy = false;

function paint({ frame, planes }: Wanted): void {
  const made = frames.paint(frame);
  const into = planes ? new Uint8Array(planes) : new Uint8Array(made.byteLength);
  into.set(made);
  parentPort?.postMessage({ frame, planes: into.buffer }, [into.buffer]);
}

async function paintAll(): Promise<void> {
  busy = true;
  for (let next = wanted.shift(); next; next = wanted.shift()) {
    paint(next);
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
