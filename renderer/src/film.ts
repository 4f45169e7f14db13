// film FOLDER OUT KIND FROM TO [TIMECODE [SOUND FILTER]]: paints the frames and hands them to ffmpeg, with a sound
// where there is one. The folder holds the reels of the film, in the order of their names, each with the frames that
// follow those of the one before. KIND is mp4, mov, hq, webm or zip; TIMECODE is that of the first frame, or empty.
// For zip OUT is a pattern of names for PNG files, such as frames/%05d.png. Says on standard output, one JSON object a
// line, how far it is; ends with {"done":true}. Where it cannot, it says why on standard error and ends with 1; with
// 75 where something ended that may succeed another time.
import { spawn } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { Timeline, type Reel } from '../../painter/src';
import { encoderArguments, framesFor, type Kind } from './encoder';
import { Paintings } from './paintings';

const MAY_PASS = 75;

const [folder, target, kind = 'mp4', fromText, toText, timecode, soundFile, soundFilter = 'anull'] = process.argv.slice(
  2,
) as [string, string, Kind, ...string[]];
const from = Number(fromText);
const to = Number(toText);
const files = readdirSync(folder).sort();
const form = framesFor(kind);

function reelOf(file: string): Reel {
  return JSON.parse(readFileSync(join(folder, file), 'utf8')) as Reel;
}

const sound = soundFile ? { file: soundFile, filter: soundFilter } : null;
const ffmpeg = spawn('ffmpeg', encoderArguments(reelOf(files[0]), target, form, kind, from, sound, timecode), {
  stdio: ['pipe', 'ignore', 'pipe'],
});
let complaint = '';
ffmpeg.stderr.on('data', (chunk: Buffer) => {
  complaint = (complaint + chunk.toString()).slice(-2000);
});
const encoded = new Promise<{ code: number | null; signal: string | null }>((resolve) => {
  ffmpeg.on('error', (error) => {
    const missing = (error as NodeJS.ErrnoException).code === 'ENOENT';
    fail(missing ? 'ffmpeg is not installed. Install the package “ffmpeg”, then try again.' : error.message, 1);
  });
  ffmpeg.on('close', (code, signal) => resolve({ code, signal }));
});
// A pipe that breaks is told by ffmpeg's end, which has the reason.
ffmpeg.stdin.on('error', () => undefined);

function say(what: object): void {
  process.stdout.write(JSON.stringify(what) + '\n');
}

function fail(message: string, status: number): never {
  ffmpeg.kill('SIGKILL');
  process.stderr.write(message + '\n');
  process.exit(status);
}

/** Ends this process where ffmpeg did not end well. */
async function heedEncoder(): Promise<void> {
  const { code, signal } = await encoded;
  if (signal) fail(`ffmpeg was ended by ${signal}.`, MAY_PASS);
  if (code !== 0) fail(complaint.trim() || `ffmpeg ended with status ${code}.`, 1);
}

async function write(planes: ArrayBuffer): Promise<void> {
  const broken = await new Promise<Error | null | undefined>((resolve) => {
    ffmpeg.stdin.write(new Uint8Array(planes), resolve);
  });
  if (broken) {
    await heedEncoder();
    fail(broken.message, MAY_PASS);
  }
}

process.on('SIGTERM', () => {
  ffmpeg.kill('SIGKILL');
  process.exit(143);
});

const painters = Math.max(1, Math.min(2, availableParallelism()));
let written = 0;
let said = 0;

async function film(reel: Reel): Promise<void> {
  const timeline = new Timeline(reel);
  const first = Math.max(from, reel.from);
  const wanted = Array.from({ length: Math.min(to, reel.to) - first + 1 }, (_, index) => first + index);
  // Frames that look like the one before are not painted again.
  const pictureOf = (frame: number): number => Math.max(first, timeline.pictureOf(frame));
  const paintings = new Paintings(reel, [...new Set(wanted.map(pictureOf))], painters, form, (error) =>
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
    if (Date.now() - said > 200) {
      said = Date.now();
      say({ frame: written });
    }
  }
  await paintings.close();
}

for (const file of files) await film(reelOf(file));
ffmpeg.stdin.end();
await heedEncoder();
say({ frame: written });
say({ done: true, memory: process.resourceUsage().maxRSS * 1024 });
