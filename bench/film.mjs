// A film of 10 s at 1920 × 1080 and 30 frames a second, with glow: against ffmpeg alone on the same frames, by turns,
// and against screenshots of the browser; then one with 200 glowing marks, and one at 3840 × 2160 for its memory.
import { CHROMIUM } from '../e2e/browser.mjs';
import { execFileSync, spawnSync } from 'node:child_process';
import { createWriteStream, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { once } from 'node:events';
import { join } from 'node:path';
import { createCanvas } from '@napi-rs/canvas';
import { chromium } from '@playwright/test';
import { createServer } from 'vite';
import { median, spread, timed } from './measure.mjs';
import { folderOf } from './folder.mjs';

const TURNS = Number(process.env.TURNS ?? 3);
const folder = folderOf(process.argv[2]);
const file = (name) => join(folder, name);

/** Writes the reel of a piece and gives it back. */
function reelOf(name, piece) {
  writeFileSync(file(`${name}.json`), JSON.stringify(piece));
  const reel = execFileSync('php', ['artisan', 'lupine:reel', file(`${name}.json`), '--filmed'], { maxBuffer: 1e9 });
  mkdirSync(file(`${name}.reels`), { recursive: true });
  writeFileSync(file(`${name}.reels/0.json`), reel);
  return JSON.parse(reel.toString());
}

function filmed(name, frames) {
  writeFileSync(file('order.json'), JSON.stringify({ kind: 'mp4', from: 0, to: frames - 1 }));
  const of = [file(`${name}.reels`), file(`${name}.mp4`), file('order.json')];
  const said = execFileSync('node', ['renderer/dist/film.js', ...of]);
  return JSON.parse(said.toString().trim().split('\n').pop());
}

const vite = await createServer({
  configFile: false,
  server: { middlewareMode: true },
  appType: 'custom',
  logLevel: 'error',
});
const { Painter } = await vite.ssrLoadModule('/painter/src/index.ts');
const { skia } = await vite.ssrLoadModule('/renderer/src/studio.ts');
const { encoderArguments } = await vite.ssrLoadModule('/renderer/src/encoder.ts');
const { orderOf } = await vite.ssrLoadModule('/renderer/src/order.ts');
const { grounds, samples } = await vite.ssrLoadModule('/contracts/settings.ts');

/** The film of a piece, and the same frames, painted beforehand, through the same encoder alone. */
async function against(name, of, count) {
  const reel = reelOf(name, of);
  const raw = createWriteStream(file('frames.rgba'));
  const canvas = createCanvas(1920, 1080);
  const painter = new Painter(reel, skia);
  for (let frame = 0; frame < reel.frames; frame++) {
    painter.paint(canvas.getContext('2d'), frame, 1);
    if (!raw.write(Buffer.from(canvas.data()))) await once(raw, 'drain');
  }
  raw.end();
  await once(raw, 'finish');
  const alone = encoderArguments(reel, file('alone.mp4'), 'rgba', orderOf({ kind: 'mp4', from: 0, to: 299 })).map(
    (part) => (part === 'pipe:0' ? file('frames.rgba') : part),
  );
  // By turns, so that whatever else the machine does meets both.
  const turns = Array.from({ length: count }, () => {
    const [film, { memory }] = timed(() => filmed(name, 300));
    const [encoder] = timed(() => spawnSync('ffmpeg', alone, { stdio: 'inherit' }));
    return { film, encoder, ratio: film / encoder, memory };
  });
  rmSync(file('frames.rgba'));
  return turns;
}

const piece = JSON.parse(readFileSync('demo/the-mending-room.json', 'utf8'));
piece.stage.frames = 300;
delete piece.shutter;
const turns = await against('piece', piece, TURNS);

// Coats of every kind on its marks, its title and a card behind the legend, on a ground with lights.
const dressed = structuredClone(piece);
const coats = Object.fromEntries(Object.entries(samples).map(([list, all]) => [list, all[1 % all.length].coats]));
Object.assign(dressed.charts[0].finish, coats);
dressed.charts[0].own = {};
Object.assign(dressed.words[0], coats);
const card = { id: 'card', kind: 'rectangle', x: 0, y: 0, width: 1, height: 1, around: 'legend-chart1' };
dressed.panels = [{ ...card, colour: '#24424a', ...coats }];
dressed.backdrop = grounds.find(({ name }) => name === 'Lights').backdrop;
const dear = await against('dressed', dressed, 1);
await vite.close();

// Screenshots of the same frames as SVG in Chromium: a few, taken for all.
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: ['--no-sandbox', '--disable-gpu'],
});
const page = await browser.newPage({ viewport: { width: 1920, height: 1080 } });
const pictures = [60, 120, 160, 220, 240, 280];
let shots = 0;
for (const frame of pictures) {
  execFileSync('php', ['artisan', 'lupine:draw', file('piece.json'), file('frame.svg'), `--at=${frame}`]);
  const svg = readFileSync(file('frame.svg'), 'utf8').replace(/^<\?xml[^>]*>/, '');
  const began = performance.now();
  await page.setContent(`<style>*{margin:0}svg{display:block}</style>${svg}`);
  await page.screenshot();
  shots += performance.now() - began;
}
await browser.close();
const film = median(turns.map((turn) => turn.film));
const encoder = median(turns.map((turn) => turn.encoder));
const screenshots = (shots / pictures.length / 1000) * 300 + encoder;

console.log(
  `film       300 frames, ${TURNS} turns: ${film.toFixed(1)} s; ffmpeg alone on raw RGBA ${encoder.toFixed(1)} s; ` +
    `ratio ${spread(turns.map((turn) => turn.ratio))}`,
);
console.log(
  `           with coats of every kind on marks, title and a card, on lights: ${dear[0].film.toFixed(1)} s; ` +
    `ffmpeg alone ${dear[0].encoder.toFixed(1)} s; ratio ${dear[0].ratio.toFixed(2)}`,
);
console.log(
  `           by browser screenshots about ${screenshots.toFixed(0)} s, ` +
    `${(screenshots / film).toFixed(1)} times as long; renderer ${(turns[0].memory / 1e6).toFixed(0)} MB at its peak`,
);

// With motion blur, at each number of samples.
for (const samples of [5, 9, 17]) {
  const shutter = { angle: 180, samples, charts: true, words: true, camera: true };
  reelOf(`blur${samples}`, { ...piece, shutter });
  const [took] = timed(() => filmed(`blur${samples}`, 300));
  console.log(
    `blur       ${samples} samples: ${took.toFixed(1)} s, ${(took / film).toFixed(1)} times as long as without`,
  );
}

// Many glows: each is as large as its own mark.
const many = JSON.parse(readFileSync('demo/mended-or-not.json', 'utf8'));
many.stage = { width: 1920, height: 1080, rate: [30, 1], dropFrame: false, frames: 120 };
many.tables[0].rows = Array.from({ length: 200 }, (_, row) => ({ id: `r${row}`, label: `Kind ${row}`, cells: ['5'] }));
many.charts[0].entrance = { begin: 0, frames: 100, curve: 'ease-in-out', order: 'together', overlap: 0 };
many.charts[0].own = {};
many.moves = [];
const times = ['without', 'with'].map((glow) => {
  many.charts[0].finish.glows = glow === 'with' ? [{ reach: 40, opacity: 0.6 }] : [];
  reelOf(glow, many);
  return timed(() => filmed(glow, 120))[0];
});
console.log(
  `glows      200 glowing marks, 120 frames: ${times[1].toFixed(1)} s; without glow ${times[0].toFixed(1)} s, ` +
    `ratio ${(times[1] / times[0]).toFixed(1)}`,
);

const large = structuredClone(piece);
large.stage = { ...large.stage, width: 3840, height: 2160, frames: 90 };
large.charts[0].place = { x: 1240, y: 1080 };
large.charts[0].form.radius *= 2;
reelOf('large', large);
const { memory } = filmed('large', 90);
console.log(`memory     the same at 3840 × 2160: renderer ${(memory / 1e6).toFixed(0)} MB at its peak`);
