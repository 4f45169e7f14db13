// film REEL.json OUT KIND FROM TO [SOUND FILTER]: paints the frames and hands them to ffmpeg, with a sound where there
// is one. KIND is mp4, mov, webm or zip; for zip OUT is a pattern of names for PNG files, such as frames/%05d.png.
// Says on standard output, one JSON object a line, how far it is; ends with {"done":true}. Where it cannot, it says why
// on standard error and ends with 1; with 75 where something ended that may succeed another time.
import { spawn } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { Timeline, type Reel } from '../../painter/src';
import { encoderArguments, framesFor, type Kind } from './encoder';
import { Paintings } from './paintings';

const MAY_PASS = 75;

const [reelFile, target, kind = 'mp4', fromText, toText, soundFile, soundFilter = 'anull'] = process.argv.slice(2) as [
  string,
  string,
  Kind?,
  ...string[],
];
const reel = JSON.parse(readFileSync(reelFile, 'utf8')) as Reel;
const timeline = new Timeline(reel);
const from = Number(fromText ?? 0);
const to = Number(toText ?? reel.frames - 1);
const wanted = Array.from({ length: to - from + 1 }, (_, index) => from + index);
const form = framesFor(kind);

// Frames that look like the one before are not painted again.
const pictures = [...new Set(wanted.map((frame) => timeline.sameSince(frame)))];

const sound = soundFile ? { file: soundFile, filter: soundFilter } : null;
const ffmpeg = spawn('ffmpeg', encoderArguments(reel, target, form, kind, from, sound), {
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
const paintings = new Paintings(reel, pictures, painters, form, (error) =>
  fail(`Painting ended: ${error.message}`, MAY_PASS),
);
let current = null as { frame: number; planes: ArrayBuffer } | null;
let said = 0;
for (const frame of wanted) {
  const picture = timeline.sameSince(frame);
  if (current?.frame !== picture) {
    if (current) paintings.giveBack(current.planes);
    current = { frame: picture, planes: await paintings.take(picture) };
  }
  await write(current.planes);
  if (Date.now() - said > 200) {
    said = Date.now();
    say({ frame: frame - from + 1 });
  }
}
ffmpeg.stdin.end();
await heedEncoder();
await paintings.close();
say({ frame: wanted.length });
say({ done: true, memory: process.resourceUsage().maxRSS * 1024 });
