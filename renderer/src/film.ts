// film FOLDER OUT ORDER: paints the frames and hands them to ffmpeg, with a sound where there is one. The folder holds
// the reels of the film, in the order of their names, each with the frames that follow those of the one before. ORDER
// is a JSON file (order.ts). For frames as PNG files OUT is a pattern of names, such as frames/%05d.png. Says on
// standard output, one JSON object a line, how far it is; ends with {"done":true}. Where it cannot, it says why on
// standard error and ends with 1; with 75 where something ended that may succeed another time.
import { spawn, type ChildProcess } from 'node:child_process';
import { readdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { Timeline, type Reel } from '../../painter/src';
import { encoderArguments, loopArguments } from './encoder';
import { formatOf, framesFor, framesOf, isLoop, orderIn, scaleOf } from './order';
import { Paintings } from './paintings';

const MAY_PASS = 75;

const [folder, target, orderFile] = process.argv.slice(2);
const order = orderIn(orderFile);
const files = readdirSync(folder).sort();
const form = framesFor(order.kind);

function reelOf(file: string): Reel {
  return JSON.parse(readFileSync(join(folder, file), 'utf8')) as Reel;
}

const first = reelOf(files[0]);
const format = formatOf(first, order);
const all = framesOf(first, order);
const scale = scaleOf(first, order);
// What a picture that plays without end is made of.
const whole = isLoop(order.kind) ? `${target}.frames.nut` : null;

let complaint = '';
/** ffmpeg at work, and how it ends. */
function encoding(of: string[]): { process: ChildProcess; ended: Promise<[number | null, string | null]> } {
  complaint = '';
  const process = spawn('ffmpeg', of, { stdio: ['pipe', 'ignore', 'pipe'] });
  process.stderr!.on('data', (chunk: Buffer) => {
    complaint = (complaint + chunk.toString()).slice(-2000);
  });
  const ended = new Promise<[number | null, string | null]>((resolve) => {
    process.on('error', (error) => {
      const missing = (error as NodeJS.ErrnoException).code === 'ENOENT';
      fail(missing ? 'ffmpeg is not installed. Install the package “ffmpeg”, then try again.' : error.message, 1);
    });
    process.on('close', (code, signal) => resolve([code, signal]));
  });
  // A pipe that breaks is told by ffmpeg's end, which has the reason.
  process.stdin!.on('error', () => undefined);
  return { process, ended };
}

let ffmpeg = encoding(encoderArguments(format, whole ?? target, form, order));

function say(what: object): void {
  process.stdout.write(JSON.stringify(what) + '\n');
}

function fail(message: string, status: number): never {
  ffmpeg.process.kill('SIGKILL');
  if (whole) rmSync(whole, { force: true });
  process.stderr.write(message + '\n');
  process.exit(status);
}

/** Ends this process where ffmpeg did not end well. */
async function heedEncoder(): Promise<void> {
  const [code, signal] = await ffmpeg.ended;
  if (signal) fail(`ffmpeg was ended by ${signal}.`, MAY_PASS);
  if (code !== 0) fail(complaint.trim() || `ffmpeg ended with status ${code}.`, 1);
}

async function write(planes: ArrayBuffer): Promise<void> {
  const broken = await new Promise<Error | null | undefined>((resolve) => {
    ffmpeg.process.stdin!.write(new Uint8Array(planes), resolve);
  });
  if (broken) {
    await heedEncoder();
    fail(broken.message, MAY_PASS);
  }
}

process.on('SIGTERM', () => {
  ffmpeg.process.kill('SIGKILL');
  if (whole) rmSync(whole, { force: true });
  process.exit(143);
});

const painters = Math.max(1, Math.min(2, availableParallelism()));
let written = 0;
let said = 0;

/** Frames of the piece are told, of which those of a slower film are a part. */
function tell(): void {
  if (Date.now() - said <= 200) return;
  said = Date.now();
  say({ frame: Math.round((written / all.length) * (order.to - order.from + 1)) });
}

async function film(reel: Reel): Promise<void> {
  const timeline = new Timeline(reel);
  const wanted = all.filter((frame) => frame >= reel.from && frame <= reel.to);
  if (wanted.length === 0) return;
  // Frames that look like the one before are not painted again.
  const pictureOf = (frame: number): number => Math.max(wanted[0], timeline.pictureOf(frame));
  const pictures = [...new Set(wanted.map(pictureOf))];
  const paintings = new Paintings(reel, pictures, painters, { kind: form, scale }, (error) =>
    fail(`Painting ended: ${error.message}`, MAY_PASS),
  );
  let current = null as { frame: number; planes: ArrayBuffer } | null;
  for (const frame of wanted) {
    const picture = pictureOf(frame);
    if (current?.frame !== picture) {
      if (current) paintings.giveBack(current.planes);
      current = { frame: picture, planes: await paintings.take(picture) };
    }
    await write(current.planes);
    written++;
    tell();
  }
  await paintings.close();
}

for (const [index, file] of files.entries()) await film(index === 0 ? first : reelOf(file));
ffmpeg.process.stdin!.end();
await heedEncoder();
for (const step of whole ? loopArguments(whole, target, order) : []) {
  ffmpeg = encoding(step);
  await heedEncoder();
}
if (whole) {
  rmSync(whole, { force: true });
  rmSync(`${target}.palette.png`, { force: true });
}
say({ frame: order.to - order.from + 1 });
say({ done: true, memory: process.resourceUsage().maxRSS * 1024 });
