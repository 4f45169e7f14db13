// Eight clients that save at once, each a piece of its own, after one client alone: errors, and how much longer it
// takes.
import { readFileSync } from 'node:fs';
import { serve } from './serve.mjs';
import { folderOf } from './folder.mjs';

const [given, seconds = '10'] = process.argv.slice(2);
const folder = folderOf(given);
const document = JSON.parse(readFileSync('demo/the-mending-room.json', 'utf8'));
const { url, end } = await serve(folder);

const ask = async (path, method, body, version) => {
  const headers = { 'Content-Type': 'application/json', ...(version ? { 'If-Match': `"${version}"` } : {}) };
  const response = await fetch(`${url}/api/${path}`, { method, headers, body: JSON.stringify(body) });
  return { status: response.status, answer: await response.json().catch(() => null) };
};

/** Saves again and again until the time is over. */
async function client(until) {
  const { answer } = await ask('pieces', 'POST', { document });
  let { id, version } = answer;
  const times = [];
  let errors = 0;
  while (performance.now() < until) {
    document.title = `Save ${times.length}`;
    const began = performance.now();
    const saved = await ask(`pieces/${id}`, 'PUT', { document }, version);
    times.push(performance.now() - began);
    if (saved.status === 200) version = saved.answer.version;
    else errors++;
  }
  return { times, errors };
}

async function trial(clients, length) {
  const until = performance.now() + length * 1000;
  const all = await Promise.all(Array.from({ length: clients }, () => client(until)));
  const times = all.flatMap((one) => one.times).sort((a, b) => a - b);
  const at = (part) => times[Math.floor(part * (times.length - 1))];
  const errors = all.reduce((sum, one) => sum + one.errors, 0);
  return { saves: times.length, errors, median: at(0.5), late: at(0.95), worst: times.at(-1) };
}

try {
  await trial(1, 2);
  const alone = await trial(1, 3);
  const eight = await trial(8, Number(seconds));
  console.log(
    `saves      8 clients for ${seconds} s: ${eight.saves} saves, ${eight.errors} errors, ` +
      `median ${eight.median.toFixed(0)} ms, 95th percentile ${eight.late.toFixed(0)} ms, worst ${eight.worst.toFixed(0)} ms`,
  );
  console.log(
    `           one client alone: median ${alone.median.toFixed(0)} ms, 95th percentile ${alone.late.toFixed(0)} ms; ` +
      `eight over one ${(eight.median / alone.median).toFixed(1)}`,
  );
} finally {
  await end();
}
