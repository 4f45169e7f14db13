// A film of 10 s at 1920 × 1080 and 30 frames a second, with glow: against ffmpeg alone on the same frames, and against
// screenshots of the browser.
import { execFileSync, spawnSync } from 'node:child_process';
import { createWriteStream, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { once } from 'node:events';
import { join } from 'node:path';
import { createCanvas, Path2D } from '@napi-rs/canvas';
import { chromium } from '@playwright/test';
import { createServer } from 'vite';

const folder = process.argv[2];
const piece = JSON.parse(readFileSync('demo/the-mending-room.json', 'utf8'));
piece.stage.frames = 300;
writeFileSync(join(folder, 'piece.json'), JSON.stringify(piece));
writeFileSync(
  join(folder, 'reel.json'),
  execFileSync('php', ['artisan', 'lupine:reel', join(folder, 'piece.json')], { maxBuffer: 1e9 }),
);

const timed = (work) => {
  const began = process.hrtime.bigint();
  const result = work();
  return [Number(process.hrtime.bigint() - began) / 1e9, result];
};

const [film, said] = timed(() =>
  execFileSync('node', ['renderer/dist/film.js', join(folder, 'reel.json'), join(folder, 'film.mp4')]).toString(),
);
const { memory } = JSON.parse(said.trim().split('\n').pop());

// The same frames, painted beforehand, through the same encoder.
const vite = await createServer({
  configFile: false,
  server: { middlewareMode: true },
  appType: 'custom',
  logLevel: 'error',
});
const { Painter } = await vite.ssrLoadModule('/painter/src/index.ts');
const { encoderArguments } = await vite.ssrLoadModule('/renderer/src/encoder.ts');
const reel = JSON.parse(readFileSync(join(folder, 'reel.json'), 'utf8'));
const raw = createWriteStream(join(folder, 'frames.rgba'));
const canvas = createCanvas(1920, 1080);
const painter = new Painter(reel, {
  surface: (width, height) => createCanvas(width, height),
  path: (data) => (data === undefined ? new Path2D() : new Path2D(data)),
});
for (let frame = 0; frame < reel.frames; frame++) {
  painter.paint(canvas.getContext('2d'), frame, 1);
  if (!raw.write(Buffer.from(canvas.data()))) await once(raw, 'drain');
}
raw.end();
await once(raw, 'finish');
await vite.close();
const parts = encoderArguments(reel, join(folder, 'alone.mp4')).map((part) =>
  part === 'pipe:0' ? join(folder, 'frames.rgba') : part,
);
const [alone] = timed(() => spawnSync('ffmpeg', parts, { stdio: 'inherit' }));
rmSync(join(folder, 'frames.rgba'));

// Screenshots of the same frames as SVG in Chromium: a few, taken for all.
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 1920, height: 1080 } });
const pictures = [60, 120, 160, 220, 240, 280];
let shots = 0;
for (const frame of pictures) {
  execFileSync('php', [
    'artisan',
    'lupine:draw',
    join(folder, 'piece.json'),
    join(folder, 'frame.svg'),
    `--at=${frame}`,
  ]);
  const began = performance.now();
  await page.setContent(
    `<style>*{margin:0}svg{display:block}</style>${readFileSync(join(folder, 'frame.svg'), 'utf8').replace(/^<\?xml[^>]*>/, '')}`,
  );
  await page.screenshot();
  shots += performance.now() - began;
}
await browser.close();
const screenshots = (shots / pictures.length / 1000) * 300 + alone;

const job = `
  require 'vendor/autoload.php';
  $app = require 'bootstrap/app.php';
  $app->make(Illuminate\\Contracts\\Console\\Kernel::class)->bootstrap();
  $film = App\\Models\\HandOff::query()->create([
    'piece_id' => App\\Models\\Piece::query()->firstOrFail()->id,
    'title' => 'x',
    'status' => 'waiting',
    'document' => (string) file_get_contents('${join(folder, 'piece.json')}'),
    'frames_total' => 300,
  ]);
  (new App\\Jobs\\MakeFilm($film->id))->handle(app(App\\Desk\\ComputedPiece::class), app(App\\Film\\Renderer::class));
  echo $film->refresh()->status, ' ', memory_get_peak_usage(true);`;
const peak = execFileSync('php', ['-r', job]).toString().split(' ');

console.log(
  `film       300 frames: ${film.toFixed(1)} s; ffmpeg alone ${alone.toFixed(1)} s, ratio ${(film / alone).toFixed(2)}; by browser screenshots about ${screenshots.toFixed(0)} s, ${(screenshots / film).toFixed(1)} times as long`,
);
console.log(
  `           renderer ${(memory / 1e6).toFixed(0)} MB at its peak, PHP worker ${(Number(peak[1]) / 1e6).toFixed(0)} MB (${peak[0]})`,
);
