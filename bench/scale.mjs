// What grows with a piece and with a day's work: a thousand marks that move, long pieces, a table of 100,000 figures,
// half an hour of sound, 300 films that wait. Each against a small one, in one run.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { folderOf } from './folder.mjs';
import { median, spread } from './measure.mjs';
import { demoOf } from './pieces.mjs';
import { serve } from './serve.mjs';

const folder = folderOf(process.argv[2]);
const { url, end } = await serve(folder, 8797);
const headers = { 'Content-Type': 'application/json', Accept: 'application/json' };

/** Asks as often as it takes: what is costly may be asked for so often a minute. */
async function ask(method, path, body) {
  for (;;) {
    const sent = body instanceof Uint8Array ? body : body && JSON.stringify(body);
    const answer = await fetch(`${url}/api/${path}`, { method, headers, body: sent });
    if (answer.status === 429) {
      await new Promise((resolve) => setTimeout(resolve, 2000));
      continue;
    }
    const text = await answer.text();
    if (!answer.ok) throw new Error(`${method} ${path}: ${text.slice(0, 300)}`);
    return answer.headers.get('content-type')?.includes('json') ? JSON.parse(text) : null;
  }
}

/** Milliseconds to the first picture of an edit, and to all that comes with it. */
async function edited(document, frame) {
  const [seen, all] = [[], []];
  for (let run = 0; run < 9; run++) {
    document.tables[0].rows[0].cells[0] = String(500 + run);
    const body = JSON.stringify({ document, frame, shape: null });
    const began = performance.now();
    const answer = await fetch(`${url}/api/compute/live`, { method: 'POST', headers, body });
    if (!answer.ok) throw new Error(await answer.text());
    let first = 0;
    for await (const part of answer.body) {
      if (!first && part.includes(10)) first = performance.now() - began;
    }
    if (run < 2) continue;
    seen.push(first);
    all.push(performance.now() - began);
  }
  return { seen, all };
}

const table = (rows, columns) =>
  Array.from({ length: rows }, (_, row) =>
    [`Row ${row}`, ...Array.from({ length: columns }, (_, column) => 10 + ((row * 7 + column * 13) % 890))].join('\t'),
  ).join('\n');

async function moving(marks, frames, form) {
  const { document } = await ask('POST', 'pieces', { text: table(marks, 1), form });
  document.stage.frames = frames;
  Object.assign(document.charts[0], {
    pick: null,
    entrance: { begin: 0, frames, curve: 'ease-in-out', order: 'together', overlap: 0, opens: 'forward' },
  });
  return document;
}

async function figures(rows, columns) {
  const { document } = await ask('POST', 'pieces', { text: 'A\t1', form: 'bars' });
  const ids = Array.from({ length: columns }, (_, column) => `column${column + 1}`);
  document.tables[0].columns = ids.map((id) => ({ id, name: id }));
  document.tables[0].rows = Array.from({ length: rows }, (_, row) => ({
    id: `row${row + 1}`,
    label: `Row ${row + 1}`,
    cells: ids.map((_id, column) => String(10 + ((row * 7 + column * 13) % 890))),
  }));
  document.charts[0].column = ids[0];
  document.charts[0].pick = { by: 'largest', count: 20, others: false };
  return document;
}

async function grows(what, small, large, times) {
  const [one, many] = [await edited(await small, 60), await edited(await large, 60)];
  const ratio = (name) => median(many[name]) / median(one[name]);
  console.log(
    `scale      ${what}: first picture ${spread(many.seen, 0)} ms, ${ratio('seen').toFixed(2)} times; all that comes ` +
      `with an edit ${spread(many.all, 0)} ms, ${ratio('all').toFixed(2)} times for ${times} times as much`,
  );
}

/** Seconds from the upload of a recording until its levels and pauses are there. */
async function sound(minutes) {
  const file = join(folder, `${minutes}.wav`);
  const talk = `aevalsrc='0.4*sin(2*PI*220*t)*lt(mod(t,5),4.3)':s=16000:d=${minutes * 60}`;
  execFileSync('ffmpeg', ['-v', 'error', '-y', '-f', 'lavfi', '-i', talk, '-ac', '1', file]);
  const bytes = readFileSync(file);
  const began = performance.now();
  const { id, part } = await ask('POST', 'uploads', { name: `${minutes}.wav`, bytes: bytes.length });
  for (let at = 0; at < bytes.length; at += part)
    await ask('PUT', `uploads/${id}?at=${at}`, new Uint8Array(bytes.subarray(at, at + part)));
  let listening = await ask('POST', 'listenings', { kind: 'file', upload: id, name: `${minutes}.wav` });
  while (!['done', 'failed'].includes(listening.status)) {
    await new Promise((resolve) => setTimeout(resolve, 100));
    listening = await ask('GET', `listenings/${listening.id}`);
  }
  if (listening.status !== 'done') throw new Error(listening.message);
  await ask('GET', `sounds/${listening.result.sound}/levels`);
  await ask('GET', `sounds/${listening.result.sound}/pauses`);
  return (performance.now() - began) / 1000;
}

/** Milliseconds that the list of films takes, and an order of another one. */
async function list(piece, body) {
  const [lists, orders] = [[], []];
  for (let run = 0; run < 7; run++) {
    let began = performance.now();
    await ask('POST', `pieces/${piece}/hand-offs`, body);
    orders.push(performance.now() - began);
    began = performance.now();
    await ask('GET', 'hand-offs');
    lists.push(performance.now() - began);
  }
  return { lists, orders };
}

try {
  await grows('1,000 marks that move on 240 frames', moving(100, 240, 'bars'), moving(1000, 240, 'bars'), 10);
  await grows('60 marks on 9,000 frames', moving(60, 300, 'bars'), moving(60, 9000, 'bars'), 30);
  await grows('12 marks on 18,000 frames', moving(12, 300, 'pie'), moving(12, 18_000, 'pie'), 60);
  await grows('100,000 figures, the largest 20 drawn', figures(50, 20), figures(5000, 20), 100);

  const [short, long] = [await sound(3), await sound(30)];
  const ratio = (long / short).toFixed(1);
  console.log(`scale      30 minutes of sound: ${long.toFixed(1)} s, ${ratio} times as long as 3 minutes`);

  const piece = await demoOf(url);
  const body = { kind: 'mp4', name: 'Waiting', from: 0, to: 569, sound: false };
  const few = await list(piece, body);
  for (let film = 7; film < 293; film++) await ask('POST', `pieces/${piece}/hand-offs`, body);
  const many = await list(piece, body);
  const times = (name) => (median(many[name]) / median(few[name])).toFixed(2);
  console.log(
    `scale      300 films that wait: their list ${spread(many.lists, 0)} ms, ${times('lists')} times; another one ` +
      `ordered in ${spread(many.orders, 0)} ms, ${times('orders')} times as with few`,
  );
  await ask('POST', 'hand-offs/cancel');
} finally {
  await end();
}
