// Turns each shipped font into a font pack for core: outlines, widths, kerning and tabular figures as JSON.
// Run once at build time; a pack that is already there and newer than this script is kept.
import { mkdirSync, existsSync, statSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import * as fontkit from 'fontkit';

const require = createRequire(import.meta.url);
const here = dirname(fileURLToPath(import.meta.url));
const target = join(here, '..', 'resources', 'fontpacks');

const fonts = [
  ['figtree-regular', 'figtree', '400Regular', 'Figtree_400Regular.ttf', 'Figtree', 400],
  ['figtree-semibold', 'figtree', '600SemiBold', 'Figtree_600SemiBold.ttf', 'Figtree', 600],
  ['figtree-bold', 'figtree', '700Bold', 'Figtree_700Bold.ttf', 'Figtree', 700],
  [
    'bricolage-semibold',
    'bricolage-grotesque',
    '600SemiBold',
    'BricolageGrotesque_600SemiBold.ttf',
    'Bricolage Grotesque',
    600,
  ],
  ['bricolage-bold', 'bricolage-grotesque', '700Bold', 'BricolageGrotesque_700Bold.ttf', 'Bricolage Grotesque', 700],
];

/** Every character a pack carries: Latin with its extensions, common punctuation, currency and arithmetic signs. */
function characters() {
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

const round = (number) => Math.round(number * 10) / 10;

/** A glyph's outline as path data in font units, y pointing down. */
function outline(glyph) {
  let data = '';
  const letters = { moveTo: 'M', lineTo: 'L', quadraticCurveTo: 'Q', bezierCurveTo: 'C', closePath: 'Z' };
  for (const { command, args } of glyph.path.commands) {
    data += letters[command] + args.map((value, index) => round(index % 2 ? -value : value)).join(' ');
  }
  return data;
}

function pack(id, family, weight, file) {
  const font = fontkit.openSync(file);
  const glyphs = {};
  const known = [];
  for (const code of characters()) {
    if (!font.hasGlyphForCodePoint(code)) continue;
    const glyph = font.glyphForCodePoint(code);
    const character = String.fromCodePoint(code);
    glyphs[character] = [round(glyph.advanceWidth), outline(glyph)];
    known.push(character);
  }
  const tabular = {};
  for (const digit of '0123456789') {
    const run = font.layout(digit, ['tnum']);
    tabular[digit] = [round(run.positions[0].xAdvance), outline(run.glyphs[0])];
  }
  // A font without tabular figures gets them: each digit in the middle of the widest one's width.
  const widest = Math.max(...Object.values(tabular).map(([width]) => width));
  const shift = {};
  for (const [digit, entry] of Object.entries(tabular)) {
    if (entry[0] !== widest) {
      shift[digit] = round((widest - entry[0]) / 2);
      entry[0] = widest;
    }
  }
  const kern = {};
  const kerned = known.filter(
    (character) => /[\p{L}\p{N}.,:;!?'’"“”‘()&/–—-]/u.test(character) && character.codePointAt(0) < 0x180,
  );
  for (const left of kerned) {
    for (const right of kerned) {
      if (left.codePointAt(0) > 0xff && right.codePointAt(0) > 0xff) continue;
      const run = font.layout(left + right);
      if (run.glyphs.length !== 2) continue;
      const value = round(run.positions[0].xAdvance - run.glyphs[0].advanceWidth);
      if (value !== 0) kern[left + right] = value;
    }
  }
  return {
    id,
    family,
    weight,
    unitsPerEm: font.unitsPerEm,
    ascent: font.ascent,
    descent: -font.descent,
    capHeight: font.capHeight,
    xHeight: font.xHeight,
    missing: [round(font.getGlyph(0).advanceWidth), outline(font.getGlyph(0))],
    glyphs,
    tabular,
    tabularShift: shift,
    kern,
  };
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

mkdirSync(target, { recursive: true });
const script = statSync(fileURLToPath(import.meta.url)).mtimeMs;
for (const [id, name, folder, file, family, weight] of fonts) {
  const to = join(target, `${id}.json`);
  if (existsSync(to) && statSync(to).mtimeMs > script) continue;
  const source = join(dirname(require.resolve(`@expo-google-fonts/${name}/package.json`)), folder, file);
  const made = pack(id, family, weight, source);
  writeFileSync(to, JSON.stringify(made));
  // As PHP too: the server keeps that compiled, and need not read it with every request.
  writeFileSync(to.replace(/json$/, 'php'), `<?php\n\nreturn ${php(made)};\n`);
  console.log(
    `${id}: ${Object.keys(made.glyphs).length} glyphs, ${Object.keys(made.kern).length} kerning pairs, ${Object.keys(made.tabularShift).length} figures widened`,
  );
}
