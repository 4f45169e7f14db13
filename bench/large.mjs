// An edit of a large piece, as the desk asks for it: 60 marks that all move for 9,000 frames, against the same for 300;
// a new form against a pie; and what is sent, compressed as a browser takes it.
import { gunzipSync } from 'node:zlib';
import { request } from 'node:http';
import { median, spread } from './measure.mjs';
import { serve } from './serve.mjs';

const RUNS = 9;
const { url, end } = await serve(process.argv[2], 8798);

/** Asks as a browser does; answers with milliseconds, bytes on the wire, and what was said. */
function ask(path, body) {
  const began = performance.now();
  return new Promise((resolve, reject) => {
    const headers = { 'Content-Type': 'application/json', 'Accept-Encoding': 'gzip' };
    const asked = request(`${url}/api/${path}`, { method: 'POST', headers }, (answer) => {
      const parts = [];
      answer.on('data', (part) => parts.push(part));
      answer.on('end', () => {
        const bytes = Buffer.concat(parts);
        const text = answer.headers['content-encoding'] === 'gzip' ? gunzipSync(bytes) : bytes;
        resolve({ time: performance.now() - began, bytes: bytes.length, answer: JSON.parse(text.toString()) });
      });
    });
    asked.on('error', reject);
    asked.end(JSON.stringify(body));
  });
}

async function trial(form, rows, frames) {
  const text = Array.from({ length: rows }, (_, row) => `Row ${row}\t${10 + row * 7}`).join('\n');
  const { document } = (await ask('pieces', { text, form })).answer;
  document.stage.frames = frames;
  document.charts[0].entrance = {
    begin: 0,
    frames,
    curve: 'ease-in-out',
    order: 'together',
    overlap: 0,
    opens: 'forward',
  };
  const [times, sizes] = [[], []];
  for (let run = 0; run < RUNS; run++) {
    document.tables[0].rows[3].cells[0] = String(100 + run);
    const { time, bytes } = await ask('compute', { document, frame: 150, inHurry: true });
    times.push(time);
    sizes.push(bytes);
  }
  return { times: times.slice(1), bytes: median(sizes) };
}

try {
  const short = await trial('pie', 60, 300);
  const long = await trial('pie', 60, 9000);
  console.log(
    `large      60 marks × 9,000 frames, all moving: an edit in ${spread(long.times, 0)} ms,` +
      ` ${(long.bytes / 1000).toFixed(0)} kB;` +
      ` ${(median(long.times) / median(short.times)).toFixed(2)} times as long as with 300 frames`,
  );
  const others = [];
  for (const form of ['rings', 'bars', 'columns', 'strip', 'ribbon']) {
    const { times, bytes } = await trial(form, 60, 9000);
    others.push(`${form} ${(median(times) / median(long.times)).toFixed(2)} (${(bytes / 1000).toFixed(0)} kB)`);
  }
  console.log(`           against a pie: ${others.join(', ')}`);
} finally {
  await end();
}
