import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import type { ReelPath, Reel } from '../../painter/src';
import { encoderArguments } from '../src/encoder';
import { formatOf, orderOf } from '../src/order';

const root = new URL('../..', import.meta.url).pathname;
const folder = mkdtempSync(join(tmpdir(), 'renderer-'));
const plain = orderOf({ kind: 'mp4', from: 0, to: 6 });
const film = (reels: Reel[], target: string, env: NodeJS.ProcessEnv = process.env, order = plain) => {
  const all = mkdtempSync(join(folder, 'reels-'));
  reels.forEach((reel, index) => writeFileSync(join(all, `${index}.json`), JSON.stringify(reel)));
  const asked = join(mkdtempSync(join(folder, 'order-')), 'order.json');
  writeFileSync(asked, JSON.stringify(order));
  return spawnSync('node', [join(root, 'renderer/dist/film.js'), all, target, asked], {
    env,
    encoding: 'utf8',
  });
};

/** A white square that stands on its place from frame 2 on. */
const small: Reel = {
  reel: 3,
  width: 64,
  height: 64,
  rate: [24000, 1001],
  frames: 7,
  from: 0,
  to: 6,
  samples: 1,
  outlines: ['', 'M0 0L64 0L64 64L0 64Z', 'M16 16L48 16L48 48L16 48Z'],
  glyphs: [],
  runs: [],
  paints: [],
  effects: [],
  nodes: [
    {
      kind: 'path',
      index: 0,
      outline: 1,
      fill: '#000000',
      opacity: 1,
      blend: 'normal',
      effect: null,
      stroke: null,
      mark: null,
    },
    {
      kind: 'path',
      index: 1,
      outline: 0,
      fill: '#ffffff',
      opacity: 1,
      blend: 'normal',
      effect: null,
      stroke: null,
      mark: null,
    },
  ],
  tracks: [{ node: 1, property: 'outline', frames: [0, 2], values: [0, 2] }],
};

describe('the renderer', () => {
  it.each([
    ['one reel', [small]],
    // The second begins with what has changed by then.
    [
      'two reels, one after the other',
      [
        { ...small, to: 3 },
        { ...small, from: 4, tracks: [], nodes: [small.nodes[0], { ...small.nodes[1], outline: 2 } as ReelPath] },
      ],
    ],
  ])('writes every frame once, in order, and says how far it is: %s', (_, reels) => {
    const target = join(folder, 'small.mp4');
    const { status, stdout } = film(reels, target);
    expect(status).toBe(0);
    const said = stdout
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as { frame?: number; done?: boolean });
    expect(said.at(-1)).toMatchObject({ done: true });
    expect(said.filter(({ frame }) => frame !== undefined).at(-1)).toEqual({ frame: 7 });
    const pixels = execFileSync('ffmpeg', ['-v', 'error', '-i', target, '-f', 'rawvideo', '-pix_fmt', 'gray', '-']);
    expect(pixels.length).toBe(7 * 64 * 64);
    const middle = Array.from({ length: 7 }, (_, frame) => pixels[frame * 4096 + 32 * 64 + 32] > 128);
    expect(middle).toEqual([false, false, true, true, true, true, true]);
  });

  it('says why it could not', () => {
    const unwritable = film([small], '/nowhere/at/all.mp4');
    expect(unwritable.status).not.toBe(0);
    expect(unwritable.stderr).toContain('/nowhere/at/all.mp4');
    const node = execFileSync('which', ['node'], { encoding: 'utf8' })
      .trim()
      .replace(/\/node$/, '');
    if (!existsSync(join(node, 'ffmpeg'))) {
      const missing = film([small], join(folder, 'x.mp4'), { ...process.env, PATH: node });
      expect(missing.status).not.toBe(0);
      expect(missing.stderr).toContain('ffmpeg is not installed');
    }
  });

  it('paints a still', () => {
    writeFileSync(join(folder, 'reel.json'), JSON.stringify(small));
    execFileSync('node', [
      join(root, 'renderer/dist/still.js'),
      join(folder, 'reel.json'),
      '3',
      join(folder, 'still.png'),
    ]);
    expect(readFileSync(join(folder, 'still.png')).subarray(1, 4).toString()).toBe('PNG');
  });

  it('asks for a film that editors open', () => {
    const parts = encoderArguments(
      formatOf({ width: 1920, height: 1080, rate: [30000, 1001] }, plain),
      'out.mp4',
      'planar',
      plain,
    ).join(' ');
    for (const part of [
      '-c:v libx264',
      '-pixel_format yuv420p',
      '-colorspace bt709',
      '-color_primaries bt709',
      '-color_trc bt709',
      '-color_range tv',
      '-r 30000/1001',
      '-video_size 1920x1080',
      '+faststart',
    ])
      expect(parts).toContain(part);
  });
});
