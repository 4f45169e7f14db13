// How large files of each kind become and how long they take, beside what the hand-off page says beforehand: a starter
// of each kit. What is said is in web/handoff/estimate.ts.
import { execFileSync } from 'node:child_process';
import { readFileSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createServer } from 'vite';
import { folderOf } from './folder.mjs';
import { median } from './measure.mjs';

const folder = folderOf(process.argv[2]);
const STARTERS = (process.env.STARTERS ?? 'lamplight ledger print-shop enamel glass signal cloth years').split(' ');
const KINDS = {
  mp4: 'mp4',
  draft: 'mp4',
  mov: 'mov',
  hq: 'mov',
  webm: 'webm',
  zip: 'zip',
  gif: 'gif',
  apng: 'apng',
  webp: 'webp',
  page: 'html',
  svg: 'svg',
};
const wanted = process.env.KINDS?.split(' ') ?? Object.keys(KINDS);
const vite = await createServer({
  configFile: false,
  server: { middlewareMode: true },
  appType: 'custom',
  logLevel: 'error',
});
const { workOf, estimateOf } = await vite.ssrLoadModule('/web/handoff/estimate.ts');

const found = {};
for (const starter of STARTERS) {
  const piece = JSON.parse(readFileSync(`demo/starters/${starter}.json`, 'utf8'));
  const file = join(folder, `${starter}.json`);
  writeFileSync(file, JSON.stringify({ ...piece, captions: piece.captions ?? null }));
  const reel = JSON.parse(execFileSync('php', ['artisan', 'lupine:reel', file], { maxBuffer: 1e9 }));
  const range = { from: 0, to: piece.stage.frames - 1 };
  for (const kind of wanted) {
    const out = join(folder, `${starter}-${kind}.${KINDS[kind]}`);
    const small = ['gif', 'apng', 'webp'].includes(kind) ? ['--width=640', '--rate=12.5'] : [];
    const began = performance.now();
    execFileSync('php', ['artisan', 'lupine:film', file, out, `--kind=${kind}`, '--silent', ...small], {
      stdio: 'pipe',
    });
    const seconds = (performance.now() - began) / 1000;
    const { bytes } = statSync(out).size ? { bytes: statSync(out).size } : { bytes: 0 };
    const work = workOf(reel, range, small.length > 0 ? { width: 640, perSecond: 12.5 } : {});
    const said = estimateOf(kind, work) ?? { bytes: NaN, seconds: NaN };
    (found[kind] ??= []).push({ starter, bytes, seconds, work, said });
  }
}
await vite.close();
for (const [kind, all] of Object.entries(found)) {
  const ratios = (of) => all.map(of).sort((one, other) => one - other);
  const span = (list) => `${list[0].toFixed(2)} to ${list.at(-1).toFixed(2)}, median ${median(list).toFixed(2)}`;
  console.log(
    `${kind.padEnd(8)} told / made: bytes ${span(ratios(({ bytes, said }) => said.bytes / bytes))}; ` +
      `seconds ${span(ratios(({ seconds, said }) => said.seconds / seconds))}`,
  );
  if (process.env.RAW)
    for (const { starter, bytes, seconds, work } of all)
      console.log(`  ${starter} ${bytes} bytes ${seconds.toFixed(1)} s ${JSON.stringify(work)}`);
}
