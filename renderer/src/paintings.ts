import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import type { Reel } from '../../painter/src';
import type { Painted } from './frames';

/**
 * bytes of pictures that are painted ahead of the encoder: it is slow where much moves, and quick where all is still
 */
const AHEAD_BYTES = 64_000_000;
const LEAST_AHEAD = 2;

/** The painters, each on a thread of its own, and the pictures that they have ready. */
export class Paintings {
  private readonly waiting = new Map<number, (planes: ArrayBuffer) => void>();
  private readonly ready = new Map<number, ArrayBuffer>();
  private readonly spare: ArrayBuffer[] = [];
  private readonly workers: Worker[];
  private asked = 0;

  /** @param frames of the pictures that will be taken, in their order */
  constructor(
    reel: Reel,
    private readonly frames: number[],
    painters: number,
    how: Painted,
    onEnd: (error: Error) => void,
  ) {
    this.workers = Array.from(
      { length: painters },
      () => new Worker(join(import.meta.dirname, 'painting.js'), { workerData: { reel, how } }),
    );
    for (const worker of this.workers) {
      worker.on('message', ({ frame, planes }: { frame: number; planes: ArrayBuffer }) => {
        const wanted = this.waiting.get(frame);
        if (wanted) {
          this.waiting.delete(frame);
          wanted(planes);
        } else this.ready.set(frame, planes);
      });
      worker.on('error', onEnd);
    }
    const ahead = Math.floor(
      AHEAD_BYTES / (reel.width * reel.height * how.scale ** 2 * (how.kind === 'planar' ? 1.5 : 4)),
    );
    for (let index = 0; index < Math.max(painters * LEAST_AHEAD, ahead); index++) this.askNext();
  }

  async take(frame: number): Promise<ArrayBuffer> {
    const ready = this.ready.get(frame);
    if (ready) {
      this.ready.delete(frame);
      return ready;
    }
    return new Promise((resolve) => this.waiting.set(frame, resolve));
  }

  /** A picture that the encoder has taken: its memory is used for another. */
  giveBack(planes: ArrayBuffer): void {
    this.spare.push(planes);
    this.askNext();
  }

  async close(): Promise<void> {
    await Promise.all(this.workers.map((worker) => worker.terminate()));
  }

  /** Painters take turns, so each has the picture before the last, which is nearly like the next. */
  private askNext(): void {
    if (this.asked >= this.frames.length) return;
    const frame = this.frames[this.asked];
    const planes = this.spare.pop() ?? null;
    this.workers[this.asked % this.workers.length].postMessage({ frame, planes }, planes ? [planes] : []);
    this.asked++;
  }
}
