// join PARTS OUT ORDER: joins parts of a film to one, without encoding them again, and puts its sound to it. PARTS is a
// JSON file: the rate of the film, and of each part its file and how many frames it has; ORDER is one too (order.ts).
// Says {"done":true} when it is done; where it cannot be, it says why on standard error and ends with 1, or with 75
// where it may succeed another time.
import { spawnSync } from 'node:child_process';
import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { joinArguments, joinList } from './encoder';
import { orderIn } from './order';

const MAY_PASS = 75;

const [partsFile, target, orderFile] = process.argv.slice(2);
const { rate, parts } = JSON.parse(readFileSync(partsFile, 'utf8')) as {
  rate: [number, number];
  parts: { file: string; frames: number }[];
};
const list = `${target}.list`;
writeFileSync(list, joinList(parts, { rate }));
const ffmpeg = spawnSync('ffmpeg', joinArguments(list, target, { rate }, orderIn(orderFile)), { encoding: 'utf8' });
rmSync(list, { force: true });
if (ffmpeg.signal || ffmpeg.status !== 0) {
  process.stderr.write((ffmpeg.stderr || String(ffmpeg.error ?? `ffmpeg was ended by ${ffmpeg.signal}.`)).slice(-2000));
  process.exit(ffmpeg.signal ? MAY_PASS : 1);
}
process.stdout.write('{"done":true}\n');
