// A shelf with 5,000 pieces against one with 50: its first page, a later one, and a search.
import { execFileSync } from 'node:child_process';
import { folderOf } from './folder.mjs';
import { median, spread } from './measure.mjs';
import { serve } from './serve.mjs';

const folder = folderOf(process.argv[2]);
const { url, end } = await serve(folder, 8797);

function put(count) {
  execFileSync('php', ['bench/manyPieces.php', String(count)], { env: { ...process.env, LUPINE_DATA: folder } });
}

async function times() {
  const first = await (await fetch(`${url}/api/pieces`)).json();
  const found = {};
  const asked = { 'its first page': '', 'the page after it': `?after=${encodeURIComponent(first.next ?? '')}` };
  asked['a search'] = '?search=week+17';
  for (const [name, query] of Object.entries(asked)) {
    const all = [];
    for (let run = 0; run < 13; run++) {
      const began = performance.now();
      const answer = await fetch(`${url}/api/pieces${query}`);
      if (!answer.ok) throw new Error(await answer.text());
      await answer.arrayBuffer();
      if (run > 1) all.push(performance.now() - began);
    }
    found[name] = all;
  }
  return found;
}

try {
  put(50);
  const few = await times();
  put(4950);
  const many = await times();
  for (const [name, all] of Object.entries(many)) {
    const ratio = (median(all) / median(few[name])).toFixed(2);
    console.log(`shelf      5,000 pieces, ${name}: ${spread(all, 0)} ms, ${ratio} times as long as of 50`);
  }
} finally {
  await end();
}
