// kills.mjs FOLDER [SAVES] [FILMS]: everything is killed with -9 amid saves, and amid films, and started again. Nothing
// that was acknowledged may be lost, and every film has to be the same, byte for byte. A longer trial than CI's.
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import { serve } from './serve.mjs';
import { folderOf } from './folder.mjs';

const [given, saves = '30', films = '10'] = process.argv.slice(2);
const folder = folderOf(given);
const document = JSON.parse(readFileSync('demo/the-mending-room.json', 'utf8'));
document.stage = { ...document.stage, width: 960, height: 540, frames: 240 };

const ask = async (url, path, method = 'GET', body = undefined, version = undefined) => {
  const headers = { 'Content-Type': 'application/json', ...(version ? { 'If-Match': `"${version}"` } : {}) };
  const response = await fetch(`${url}/api/${path}`, { method, headers, body: body && JSON.stringify(body) });
  return { status: response.status, answer: await response.json() };
};

/** A process and all that it started, by what the system says of their parents. */
function familyOf(process) {
  const rows = execFileSync('ps', ['-eo', 'pid=,ppid='], { encoding: 'utf8' }).trim().split('\n');
  const children = new Map();
  for (const [pid, parent] of rows.map((row) => row.trim().split(/\s+/).map(Number))) {
    children.set(parent, [...(children.get(parent) ?? []), pid]);
  }
  const all = [process];
  for (let at = 0; at < all.length; at++) all.push(...(children.get(all[at]) ?? []));
  return all;
}

function killAll({ server }) {
  for (const pid of familyOf(server.pid)) {
    try {
      process.kill(pid, 'SIGKILL');
    } catch {
      // It had ended already.
    }
  }
}

let lupine = await serve(folder);
const { answer: piece } = await ask(lupine.url, 'pieces', 'POST', { document });
let acknowledged = { version: piece.version, title: piece.document.title };
let lost = 0;
let count = 0;
for (let round = 0; round < Number(saves); round++) {
  let over = false;
  const saving = (async () => {
    while (!over) {
      const title = `Save ${++count}`;
      try {
        const { status, answer } = await ask(
          lupine.url,
          `pieces/${piece.id}`,
          'PUT',
          { document: { ...document, title } },
          acknowledged.version,
        );
        if (status === 200) acknowledged = { version: answer.version, title };
        else if (status === 412) acknowledged = { version: answer.piece.version, title: answer.piece.document.title };
        else throw new Error(`A save was answered with ${status}.`);
      } catch (error) {
        if (!over) throw error;
      }
    }
  })();
  await wait(200 + Math.random() * 1200);
  over = true;
  killAll(lupine);
  await saving;
  lupine = await serve(folder);
  const { answer } = await ask(lupine.url, `pieces/${piece.id}`);
  // The save that was under way may have been kept or not; what was acknowledged has to be there.
  const kept = answer.version === acknowledged.version && answer.document.title === acknowledged.title;
  const oneMore = answer.version === acknowledged.version + 1 && answer.document.title === `Save ${count}`;
  if (!kept && !oneMore) lost++;
  acknowledged = { version: answer.version, title: answer.document.title };
}
const sound = execFileSync('php', [
  '-r',
  `
  $base = new PDO('sqlite:${join(folder, 'lupine.sqlite')}');
  echo $base->query('PRAGMA integrity_check')->fetchColumn();`,
]).toString();
console.log(`kills      ${saves} amid ${count} saves: ${lost} acknowledged saves lost, database ${sound}`);

async function filmed(killed) {
  const { answer: film } = await ask(lupine.url, `pieces/${piece.id}/hand-offs`, 'POST', {});
  if (killed) {
    await wait(300 + Math.random() * 2500);
    killAll(lupine);
    lupine = await serve(folder);
  }
  for (;;) {
    const { answer } = await ask(lupine.url, `hand-offs/${film.id}`);
    if (answer.status === 'done') break;
    if (answer.status === 'failed') throw new Error(answer.message);
    await wait(200);
  }
  const file = await (await fetch(`${lupine.url}/api/hand-offs/${film.id}/file`)).arrayBuffer();
  return createHash('sha256').update(Buffer.from(file)).digest('hex');
}

const reference = await filmed(false);
let different = 0;
for (let round = 0; round < Number(films); round++) different += (await filmed(true)) === reference ? 0 : 1;
const left = execFileSync('find', [join(folder, 'app/hand-offs'), '-name', '*.mp4'])
  .toString()
  .trim()
  .split('\n').length;
console.log(`           ${films} amid films: ${different} of them different, ${left} films kept`);
await lupine.end();
