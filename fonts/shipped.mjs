// Turns each shipped font into a font pack for core, as PHP, which the server keeps compiled. Run once at build time; a
// pack that is there and newer than its sources is kept.
import { existsSync, mkdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Worker, isMainThread, workerData } from 'node:worker_threads';
import { open } from './open.mjs';
import { pack } from './packing.mjs';
import { fileOf, fonts, listed } from './shippedFile.mjs';

const here = dirname(fileURLToPath(import.meta.url));
const root = join(here, '..');
const target = join(root, 'resources', 'fontpacks');

/** What the lenders carry beside what all packs do, from and to. */
const LENT = {
  'noto-medium': [
    [0x180, 0x24f], // more of Latin, with the letters of Vietnamese
    [0x1e00, 0x1eff],
    [0x300, 0x36f], // marks that stack
    [0x370, 0x3ff], // Greek, and Greek with its old accents
    [0x1f00, 0x1fff],
    [0x400, 0x52f], // Cyrillic
    [0x2070, 0x209c], // raised and lowered figures
  ],
  'noto-arabic': [
    [0x600, 0x6ff],
    [0x750, 0x77f],
    [0x8a0, 0x8ff],
    [0xfb50, 0xfdff], // letters as they are joined
    [0xfe70, 0xfefc],
  ],
  'noto-hebrew': [
    [0x590, 0x5ff],
    [0xfb1d, 0xfb4f],
  ],
};

/** Every character a pack carries: Latin with its extensions, common punctuation, currency and arithmetic signs. */
function characters(id) {
  const codes = [];
  const range = (from, to) => {
    for (let code = from; code <= to; code++) codes.push(code);
  };
  range(0x20, 0x7e);
  range(0xa0, 0x17f);
  range(0x218, 0x21b);
  range(0x1e80, 0x1e85);
  range(0x2010, 0x2027);
  range(0x2030, 0x203a);
  for (const [from, to] of LENT[id] ?? []) range(from, to);
  codes.push(
    0x1e9e,
    0x2009,
    0x202f,
    0x2044,
    0x20ac,
    0x20bd,
    0x2116,
    0x2122,
    0x2190,
    0x2191,
    0x2192,
    0x2193,
    0x2212,
    0x2215,
    0x221e,
    0x2248,
    0x2260,
    0x2264,
    0x2265,
    0x2153,
    0x2154,
    0x215b,
  );
  return codes;
}

/** A value as PHP writes it. */
function php(value) {
  if (typeof value === 'string') return `'${value.replace(/[\\']/g, '\\$&')}'`;
  if (Array.isArray(value)) return `[${value.map(php).join(',')}]`;
  if (typeof value === 'object')
    return `[${Object.entries(value)
      .map(([key, entry]) => `${php(key)}=>${php(entry)}`)
      .join(',')}]`;
  return String(value);
}

function make(font) {
  const made = pack(font.id, open(readFileSync(font.file)), characters(font.id));
  writeFileSync(join(target, `${font.id}.php`), `<?php\n\nreturn ${php(made)};\n`);
  const counts = [made.glyphs, made.kern, made.tabularShift].map((one) => Object.keys(one).length);
  console.log(`${font.id}: ${counts[0]} glyphs, ${counts[1]} kerning pairs, ${counts[2]} figures moved`);
}

if (!isMainThread) {
  workerData.forEach(make);
} else {
  mkdirSync(target, { recursive: true });
  const sources = ['shipped.mjs', 'packing.mjs', 'open.mjs'].map((file) => join(here, file));
  const newest = Math.max(...[...sources, listed].map((file) => statSync(file).mtimeMs));
  const left = fonts
    .map((font) => ({ ...font, file: fileOf(font) }))
    .filter(({ id }) => {
      const to = join(target, `${id}.php`);
      return !existsSync(to) || statSync(to).mtimeMs <= newest;
    });
  // Two at a time.
  for (const half of [0, 1]) {
    const share = left.filter((_, place) => place % 2 === half);
    if (share.length > 0) new Worker(fileURLToPath(import.meta.url), { workerData: share });
  }
}
