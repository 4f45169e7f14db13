// How much faster one long film is made by 1, 2 and 4 workers, each a machine in all but its hardware: they share this
// one's processors, so no more can be won than one worker leaves free of them. FRAMES says how long the film is.
import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { serve } from './serve.mjs';

const folder = mkdtempSync(join(tmpdir(), 'lupine-machines-'));
const disk = join(folder, 'disk');
mkdirSync(disk);
const port = 6391;
const redis = spawn('redis-server', ['--port', `${port}`, '--bind', '127.0.0.1', '--save', '', '--dir', folder], {
  stdio: 'ignore',
});
await wait(500);
const shared = ['--redis', `redis://127.0.0.1:${port}/0`, '--disk', disk];
const lupine = await serve(join(folder, 'desk'), 8794, ['--workers', '1', ...shared]);

const ask = async (path, body) => {
  const response = await fetch(`${lupine.url}/api/${path}`, {
    method: body ? 'POST' : 'GET',
    headers: { 'Content-Type': 'application/json' },
    body: body && JSON.stringify(body),
  });
  return response.json();
};

const document = JSON.parse(readFileSync('demo/mended-or-not.json', 'utf8'));
document.stage = { ...document.stage, width: 1280, height: 720, frames: Number(process.env.FRAMES ?? 2400) };
if (document.script) document.script.recording = null;
const { id } = await ask('pieces', { document });

const workers = [];
async function add(many) {
  for (; many > 0; many--) {
    const process = spawn('bin/worker', [...shared, '--workers', '1', '--name', `worker-${workers.length + 1}`]);
    workers.push(process);
    await new Promise((resolve) => process.stdout.on('data', resolve));
  }
}

async function made() {
  const began = performance.now();
  const film = await ask(`pieces/${id}/hand-offs`, { kind: 'mp4' });
  for (;;) {
    const { status, message, machine } = await ask(`hand-offs/${film.id}`);
    if (status === 'failed') throw new Error(message);
    if (status === 'done') return { seconds: (performance.now() - began) / 1000, machine };
    await wait(100);
  }
}

let alone = 0;
for (const [many, more] of [
  [1, 0],
  [2, 1],
  [4, 2],
]) {
  await add(more);
  const { seconds, machine } = await made();
  alone ||= seconds;
  const times = (alone / seconds).toFixed(2);
  console.log(
    `machines   ${many} on ${availableParallelism()} processors: ${times} times as fast as one ` +
      `(${seconds.toFixed(1)} s, by ${machine})`,
  );
}

for (const process of [...workers, redis]) process.kill('SIGTERM');
await lupine.end();
await wait(1500);
rmSync(folder, { recursive: true, force: true });
