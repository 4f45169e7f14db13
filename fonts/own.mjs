// Fonts of one's own, for the server:
//   own.mjs look SOURCE TARGET       keeps a file as plain TrueType or OpenType, and says what font it is
//   own.mjs pack FILE ID AXES TARGET  makes the pack of a font with values of its axes (JSON)
// What is wrong is said on the last line of the error output, as it goes on after the name of the file.
import { readFileSync, writeFileSync } from 'node:fs';
import { decompress } from 'wawoff2';
import { open, outline, shaped } from './open.mjs';
import { pack } from './packing.mjs';

/** signs of a pack, axes and named styles of a font, at most */
const MOST_SIGNS = 5000;
const MOST_AXES = 16;
const MOST_NAMED = 60;

/** Where old-style figures are put, and where fonts have signs that no text has. */
const isPrivate = (code) => code >= 0xe000 && code <= 0xf8ff;

const SCRIPTS = ['Latin', 'Greek', 'Cyrillic', 'Arabic', 'Hebrew', 'Devanagari', 'Thai', 'Han', 'Hangul'];

const wrong = (what) => {
  throw new Error(what);
};

async function plain(bytes) {
  const kind = bytes.subarray(0, 4).toString('latin1');
  if (kind === 'wOF2') {
    return Buffer.from(await decompress(bytes).catch(() => wrong('is a broken WOFF2 file. Export it again')));
  }
  if (kind === 'wOFF') wrong('is a WOFF file of the first version. Add the font as TTF, OTF or WOFF2');
  if (kind === 'ttcf') wrong('holds several fonts. Save the one that you need as TTF or OTF, and add that');
  if (kind === 'OTTO' || kind === 'true' || bytes.readUInt32BE(0) === 0x00010000) return bytes;
  return wrong('is not a TTF, OTF or WOFF2 font');
}

/** The axes of a variable font, and the styles that it names (OpenType 1.9, fvar). */
function axesOf(face) {
  const table = face.referenceTable('fvar');
  if (!table) return { axes: [], named: [] };
  const view = new DataView(table.buffer, table.byteOffset, table.byteLength);
  const fixed = (at) => view.getInt32(at) / 65536;
  const [from, all, size, instances, instanceSize] = [4, 8, 10, 12, 14].map((at) => view.getUint16(at));
  const count = Math.min(MOST_AXES, all);
  const axes = Array.from({ length: count }, (_, place) => {
    const at = from + place * size;
    return {
      tag: String.fromCharCode(...[0, 1, 2, 3].map((letter) => view.getUint8(at + letter))),
      name: nameOf(face, view.getUint16(at + 18)),
      min: fixed(at + 4),
      usual: fixed(at + 8),
      max: fixed(at + 12),
    };
  });
  const named = Array.from({ length: Math.min(MOST_NAMED, instances) }, (_, place) => {
    const at = from + all * size + place * instanceSize;
    const values = Object.fromEntries(axes.map(({ tag }, axis) => [tag, fixed(at + 4 + 4 * axis)]));
    return { name: nameOf(face, view.getUint16(at)), values };
  });
  // A tag is four letters, figures or spaces (OpenType 1.9, fvar).
  return { axes: axes.filter(({ tag }) => /^[A-Za-z][A-Za-z0-9 ]{3}$/.test(tag)), named };
}

const nameOf = (face, ...ids) => {
  for (const id of ids) {
    const name = face.getName(id, 'en').replace(/[\p{C}\s]+/gu, ' ');
    if (name.trim() !== '') return name.trim().slice(0, 300);
  }
  return '';
};

/** Without the style at its end that a variable font begins in. */
const familyOf = (family, named) => {
  const style = named.map(({ name }) => ` ${name}`).find((name) => family.endsWith(name));
  return style ? family.slice(0, -style.length) : family;
};

/** What its maker says of embedding (OpenType 1.9, OS/2, fsType). */
function embeddingOf(bits) {
  const use = bits & 0xf;
  if (use & 8) return 'editable';
  if (use & 4) return 'print';
  return use & 2 ? 'restricted' : 'installable';
}

function told({ face, font }) {
  const codes = face.collectUnicodes();
  const drawn = [...codes].some((code) => outline(font, font.nominalGlyph(code) ?? 0) !== '');
  if (!drawn) wrong('has no outlines, but pictures of letters or nothing at all. Add a font with outlines');
  const metrics = face.referenceTable('OS/2');
  const read = (at) => (metrics && metrics.length > at + 1 ? (metrics[at] << 8) | metrics[at + 1] : 0);
  const letters = String.fromCodePoint(...[...codes].slice(0, 20_000));
  const widths = new Set([...'0123456789'].map((digit) => shaped(font, digit, { tnum: 1 })[0].xAdvance));
  const features = face.getTableFeatureTags('GSUB');
  const { axes, named } = axesOf(face);
  return {
    family: familyOf(nameOf(face, 16, 1, 4) || 'A font', named),
    style: nameOf(face, 17, 2) || 'Regular',
    axes,
    named,
    embedding: embeddingOf(read(8)),
    isOnlyPictures: (read(8) & 0x200) !== 0,
    licence: nameOf(face, 13),
    address: nameOf(face, 14),
    copyright: nameOf(face, 0),
    signs: codes.length,
    packed: Math.min(MOST_SIGNS, [...codes].filter((code) => !isPrivate(code)).length),
    scripts: SCRIPTS.filter((name) => new RegExp(`\\p{Script=${name}}`, 'u').test(letters)),
    hasTabular: widths.size === 1,
    hasOldFigures: features.includes('onum'),
  };
}

const [task, file, ...given] = process.argv.slice(2);
try {
  if (task === 'look') {
    const bytes = await plain(readFileSync(file));
    const opened = open(bytes);
    if (opened.face.collectUnicodes().length === 0) wrong('is a broken font, or has no signs. Export it again');
    console.log(JSON.stringify(told(opened)));
    writeFileSync(given[0], bytes);
  } else {
    const [id, axes, target] = given;
    const opened = open(readFileSync(file), JSON.parse(axes));
    const codes = [...opened.face.collectUnicodes()].filter((code) => !isPrivate(code)).sort((a, b) => a - b);
    writeFileSync(target, JSON.stringify(pack(id, opened, codes.slice(0, MOST_SIGNS))));
  }
} catch (reason) {
  console.error(reason.message);
  process.exitCode = 1;
}
