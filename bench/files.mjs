// How large files of each kind become and how long they take, against what is said of them beforehand from a sample:
// starters in several kits. KINDS and STARTERS choose among them.
import { execFileSync } from 'node:child_process';
import { statSync } from 'node:fs';
import { join } from 'node:path';
import { folderOf } from './folder.mjs';
import { spread, timed } from './measure.mjs';

const folder = folderOf(process.argv[2]);
const starters = (process.env.STARTERS ?? 'lamplight glass years').split(' ');
const endings = { mp4: 'mp4', draft: 'mp4', hq: 'mov', gif: 'gif', apng: 'apng', webp: 'webp' };
const kinds = process.env.KINDS?.split(' ') ?? Object.keys(endings);

for (const kind of kinds) {
  const told = starters.map((starter) => {
    const out = join(folder, `${starter}-${kind}.${endings[kind] ?? kind}`);
    const small = ['gif', 'apng', 'webp'].includes(kind) ? ['--width=640', '--rate=12.5'] : [];
    const asked = [
      'artisan',
      'lupine:film',
      `demo/starters/${starter}.json`,
      out,
      `--kind=${kind}`,
      '--mute',
      ...small,
    ];
    const { bytes, seconds } = JSON.parse(execFileSync('php', [...asked, '--estimate']).toString());
    const [took] = timed(() => execFileSync('php', asked, { stdio: 'pipe' }));
    return { bytes: bytes / statSync(out).size, seconds: seconds / took };
  });
  console.log(
    `${kind.padEnd(6)} told / made: bytes ${spread(told.map(({ bytes }) => bytes))}, ` +
      `seconds ${spread(told.map(({ seconds }) => seconds))}`,
  );
}
