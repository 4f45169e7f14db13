// Eight stills at once, and meanwhile other requests: how long those take, against the same with nothing else going on.
import { readFileSync } from 'node:fs';
import { spread } from './measure.mjs';
import { serve } from './serve.mjs';

const { url, end } = await serve(process.argv[2]);
const document = JSON.parse(readFileSync('demo/the-mending-room.json', 'utf8'));
const made = await fetch(`${url}/api/pieces`, {
  method: 'POST',
  headers: { 'Content-Type': 'application/json' },
  body: JSON.stringify({ document }),
});
const { id } = await made.json();

async function timed(path) {
  const began = performance.now();
  const response = await fetch(`${url}/api/${path}`);
  await response.arrayBuffer();
  return { status: response.status, time: performance.now() - began };
}

async function others(until) {
  const times = [];
  while (!until.over) times.push((await timed(`pieces/${id}`)).time);
  return times;
}

try {
  await timed(`pieces/${id}/still.png?frame=1`);
  const quiet = { over: false };
  setTimeout(() => (quiet.over = true), 1500);
  const alone = await others(quiet);
  const busy = { over: false };
  const waiting = others(busy);
  const stills = await Promise.all(
    Array.from({ length: 8 }, (_, at) => timed(`pieces/${id}/still.png?frame=${at * 40}`)),
  );
  busy.over = true;
  const meanwhile = await waiting;
  console.log(
    `stills     8 at once: ${stills.filter(({ status }) => status === 200).length} painted, ` +
      `in ms ${spread(
        stills.map(({ time }) => time),
        0,
      )}; other requests meanwhile, in ms, ${spread(meanwhile, 0)}, ` +
      `with nothing else going on ${spread(alone, 0)}`,
  );
} finally {
  await end();
}
