// What each coat and ground costs: CPU milliseconds a frame over the same chart without it, on the film's canvas at
// 1920 × 1080 and on one of 960 × 540 as the stage has it, while its marks stand still and while they come; and the
// conversion of a picture for the encoder, in WebAssembly against JavaScript. Then the eight looks of the
// starters, whole, and whether memory grows over 10,000 frames. With --scenes those alone.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createCanvas } from '@napi-rs/canvas';
import { createServer } from 'vite';
import { median } from './measure.mjs';

const root = new URL('..', import.meta.url).pathname;
const folder = mkdtempSync(join(tmpdir(), 'looks-'));
const vite = await createServer({ root, configFile: false, server: { middlewareMode: true }, logLevel: 'error' });
try {
  const { Painter } = await vite.ssrLoadModule('/painter/src/index.ts');
  const { skia } = await vite.ssrLoadModule('/renderer/src/studio.ts');
  const { PlanarPicture } = await vite.ssrLoadModule('/renderer/src/planar.ts');
  const { samples, grounds } = await vite.ssrLoadModule('/contracts/settings.ts');

  const cpu = () => {
    const { user, system } = process.cpuUsage();
    return (user + system) / 1000;
  };
  const reelOf = (change) => {
    const piece = JSON.parse(readFileSync(join(root, 'demo/starters/donut.json'), 'utf8'));
    Object.assign(piece.charts[0].finish, { fills: [], glows: [], patterns: [], shadows: [] });
    Object.assign(piece.backdrop, { kind: 'colour', vignette: 0 });
    change(piece);
    const file = join(folder, 'piece.json');
    writeFileSync(file, JSON.stringify(piece));
    const made = execFileSync('php', ['artisan', 'lupine:reel', file], { cwd: root, maxBuffer: 1e8 });
    return JSON.parse(made.toString());
  };
  const ROUNDS = 4;
  /** milliseconds of CPU a frame: amid the entrance, and after it */
  const costs = (reel, scale) => {
    const painter = new Painter(reel, skia);
    const canvas = createCanvas(reel.width * scale, reel.height * scale);
    const context = canvas.getContext('2d');
    const run = (from, count) => {
      const began = cpu();
      for (let frame = from; frame < from + count; frame++) {
        painter.paint(context, frame, scale);
        // Painting is done when its pixels are asked for.
        canvas.data();
      }
      return (cpu() - began) / count;
    };
    run(14, 4);
    const coming = Array.from({ length: ROUNDS }, () => run(20, 5));
    run(reel.frames - 12, 4);
    const still = Array.from({ length: ROUNDS }, () => run(reel.frames - 8, 5));
    // The least is what it costs where nothing else wants the processor.
    return [Math.min(...coming), Math.min(...still)];
  };
  const plain = reelOf(() => undefined);
  const flat = { film: costs(plain, 1), stage: costs(plain, 0.5) };
  const told = (name, reel) => {
    const parts = Object.entries({ film: 1, stage: 0.5 }).map(([where, scale]) => {
      // By turns, so that whatever else the machine does counts for both.
      const without = costs(plain, scale);
      const more = costs(reel, scale).map((one, at) => (one - without[at]).toFixed(1).padStart(6));
      return `${where} ${more[0]} coming ${more[1]} still`;
    });
    console.log(`looks      ${name.padEnd(26)} + ${parts.join(' · ')}  ms a frame`);
  };
  console.log(
    `looks      flat donut: film ${flat.film.map((one) => one.toFixed(1)).join(' coming, ')} still, ` +
      `stage ${flat.stage.map((one) => one.toFixed(1)).join(' coming, ')} still  ms a frame`,
  );
  const isShort = process.argv.includes('--scenes');
  for (const [list, all] of isShort ? [] : Object.entries(samples)) {
    for (const { name, coats } of all) {
      const reel = reelOf((piece) => Object.assign(piece.charts[0].finish, { [list]: coats }));
      told(`${list}, ${name.toLowerCase()}`, reel);
    }
  }
  for (const { name, backdrop } of isShort ? [] : grounds)
    told(
      `ground, ${name.toLowerCase()}`,
      reelOf((piece) => (piece.backdrop = backdrop)),
    );

  const scenes = ['lamplight', 'ledger', 'print-shop', 'enamel', 'chalk', 'glass', 'signal', 'cloth'];
  const reels = scenes.map((name) => {
    const made = execFileSync('php', ['artisan', 'lupine:reel', join(root, `demo/starters/${name}.json`)], {
      cwd: root,
      maxBuffer: 1e8,
    });
    return JSON.parse(made.toString());
  });
  scenes.forEach((name, at) => {
    const [film, stage] = [costs(reels[at], 1), costs(reels[at], 0.5)];
    const words = [film, stage].map((one) => one.map((ms) => ms.toFixed(1).padStart(6)).join(' coming '));
    console.log(`scene      ${name.padEnd(12)} film ${words[0]} still · stage ${words[1]} still  ms a frame`);
  });
  // Painted over and over, small: what is kept for a frame and not let go adds up.
  const painter = new Painter(reels[0], skia);
  const canvas = createCanvas(reels[0].width / 4, reels[0].height / 4);
  const memory = [];
  for (let frame = 0; frame < 10_000; frame++) {
    painter.paint(canvas.getContext('2d'), frame % reels[0].frames, 0.25);
    canvas.data();
    // As the film's painters do: the canvas frees its copies when the event loop comes around.
    await new Promise((resolve) => setImmediate(resolve));
    if (frame % 500 === 499) memory.push(process.memoryUsage().rss / 1e6);
  }
  const [half, whole10] = [Math.max(...memory.slice(5, 10)), Math.max(...memory.slice(15))];
  console.log(
    `leak       10,000 frames of ${scenes[0]}: ${whole10.toFixed(0)} MB at most in the last quarter against ` +
      `${half.toFixed(0)} in the second, ${(whole10 / half).toFixed(2)} times`,
  );

  const pixels = new Uint8Array(1920 * 1080 * 4).map((_, at) => (at * 2654435761) >>> 24);
  const whole = { left: 0, top: 0, right: 1920, bottom: 1080 };
  const ways = [new PlanarPicture(1920, 1080, true), new PlanarPicture(1920, 1080)].map((picture) => {
    const times = Array.from({ length: 9 }, () => {
      const began = cpu();
      picture.update(pixels, 1920, whole);
      return cpu() - began;
    });
    return median(times);
  });
  console.log(
    `conversion a picture of 1920 × 1080: ${ways[0].toFixed(1)} ms in JavaScript, ${ways[1].toFixed(1)} ms in ` +
      `WebAssembly: ${(ways[0] / ways[1]).toFixed(1)} times as fast`,
  );
} finally {
  await vite.close();
  rmSync(folder, { recursive: true, force: true });
}
