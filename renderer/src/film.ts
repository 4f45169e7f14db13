// film REEL.json OUT.mp4: paints every frame and hands the raw pixels to ffmpeg.
// Says on standard output, one JSON object a line, how far it is; ends with {"done":true} or a non-zero exit status.
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { Timeline, type Reel } from '../../painter/src';
import { encoderArguments } from './encoder';

const [reelFile, target] = process.argv.slice(2);
const reel = JSON.parse(readFileSync(reelFile, 'utf8')) as Reel;
const timeline = new Timeline(reel);
const painters = Math.max(1, Math.min(2, availableParallelism()));
/** Frames painted ahead of the encoder, for each painter; each is a whole picture in memory. */
const AHEAD = 3;

// Frames that look like the one before are not painted again.
const pictures = [...new Set(Array.from({ length: reel.frames }, (_, frame) => timeline.sameSince(frame)))];

const ffmpeg = spawn('ffmpeg', encoderArguments(reel, target), { stdio: ['pipe', 'ignore', 'pipe'] });
let complaint = '';
ffmpeg.stderr.on('data', (chunk: Buffer) => {
  complaint = (complaint + chunk.toString()).slice(-2000);
});
let broken: Error | null = null;
ffmpeg.stdin.on('error', (error) => {
  broken = error;
});
const encoded = new Promise<number>((resolve, reject) => {
  ffmpeg.on('error', (error) => {
    broken = error;
    reject(error);
  });
  ffmpeg.on('close', (code) => resolve(code ?? 1));
});
encoded.catch(() => undefined);

class Paintings {
  private readonly waiting = new Map<number, (pixels: ArrayBuffer) => void>();
  private readonly ready = new Map<number, ArrayBuffer>();
  private readonly spare: ArrayBuffer[] = [];
  private readonly workers: Worker[];
  private asked = 0;

  constructor(count: number) {
    this.workers = Array.from(
      { length: count },
      () => new Worker(join(import.meta.dirname, 'painting.js'), { workerData: { reel } }),
    );
    this.workers.forEach((worker) => {
      worker.on('message', ({ frame, pixels }: { frame: number; pixels: ArrayBuffer }) => {
        const wanted = this.waiting.get(frame);
        if (wanted) {
          this.waiting.delete(frame);
          wanted(pixels);
        } else this.ready.set(frame, pixels);
      });
      worker.on('error', (error) => {
        fail(`Painting failed: ${error.message}`);
      });
    });
    for (let index = 0; index < count * AHEAD; index++) this.askNext();
  }

  /** Neighbouring pictures go to one painter in small groups, so that what it keeps stays of use. */
  private askNext(): void {
    if (this.asked >= pictures.length) return;
    const frame = pictures[this.asked];
    const pixels = this.spare.pop() ?? null;
    this.workers[this.asked % this.workers.length].postMessage({ frame, pixels }, pixels ? [pixels] : []);
    this.asked++;
  }

  async take(frame: number): Promise<ArrayBuffer> {
    const ready = this.ready.get(frame);
    if (ready) {
      this.ready.delete(frame);
      return ready;
    }
    return new Promise((resolve) => this.waiting.set(frame, resolve));
  }

  giveBack(pixels: ArrayBuffer): void {
    this.spare.push(pixels);
    this.askNext();
  }

  async close(): Promise<void> {
    await Promise.all(this.workers.map((worker) => worker.terminate()));
  }
}

function say(what: object): void {
  process.stdout.write(JSON.stringify(what) + '\n');
}

function fail(message: string): never {
  process.stderr.write(message + '\n');
  process.exit(1);
}

function write(pixels: ArrayBuffer): Promise<void> {
  return new Promise((resolve, reject) => {
    if (broken) {
      reject(broken);
      return;
    }
    ffmpeg.stdin.write(new Uint8Array(pixels), (error) => (error ? reject(error) : resolve()));
  });
}

process.on('SIGTERM', () => {
  ffmpeg.kill('SIGKILL');
  process.exit(143);
});

try {
  const paintings = new Paintings(painters);
  let current = null as { frame: number; pixels: ArrayBuffer } | null;
  let said = 0;
  for (let frame = 0; frame < reel.frames; frame++) {
    const picture = timeline.sameSince(frame);
    if (current?.frame !== picture) {
      if (current) paintings.giveBack(current.pixels);
      current = { frame: picture, pixels: await paintings.take(picture) };
    }
    await write(current!.pixels);
    if (Date.now() - said > 200) {
      said = Date.now();
      say({ frame: frame + 1 });
    }
  }
  ffmpeg.stdin.end();
  const code = await encoded;
  await paintings.close();
  if (code !== 0) fail(complaint.trim() || `ffmpeg ended with status ${code}.`);
  say({ frame: reel.frames });
  say({ done: true, memory: process.resourceUsage().maxRSS * 1024 });
} catch (error) {
  await encoded.catch(() => undefined);
  const reason =
    (broken as NodeJS.ErrnoException | null)?.code === 'ENOENT'
      ? 'ffmpeg is not installed. Install the package “ffmpeg”, then try again.'
      : complaint.trim() || (error as Error).message;
  fail(reason);
}
