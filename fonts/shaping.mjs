// Sets a text whose signs join, stack or run from right to left: directions after the Unicode Bidirectional Algorithm
// (UAX #9, by bidi-js), signs and places after the tables of its fonts (by HarfBuzz).
import bidiFactory from 'bidi-js';
import { Direction } from 'harfbuzzjs';
import { outline, shaped, units } from './open.mjs';

const bidi = bidiFactory();

/** ISO 15924 codes of scripts that are set apart from others. */
const SCRIPTS = Object.entries({
  Arab: 'Arabic',
  Hebr: 'Hebrew',
  Syrc: 'Syriac',
  Thaa: 'Thaana',
  Nkoo: 'Nko',
  Deva: 'Devanagari',
  Beng: 'Bengali',
  Guru: 'Gurmukhi',
  Gujr: 'Gujarati',
  Orya: 'Oriya',
  Taml: 'Tamil',
  Telu: 'Telugu',
  Knda: 'Kannada',
  Mlym: 'Malayalam',
  Sinh: 'Sinhala',
  Thai: 'Thai',
  Laoo: 'Lao',
  Tibt: 'Tibetan',
  Mymr: 'Myanmar',
  Khmr: 'Khmer',
  Mong: 'Mongolian',
  Latn: 'Latin',
  Grek: 'Greek',
  Cyrl: 'Cyrillic',
}).map(([code, name]) => [code, new RegExp(`\\p{Script=${name}}`, 'u')]);

/** Those whose letters join, and are never spaced (CSS Text 3, section 8.2.1). */
const JOINED = ['Arab', 'Syrc', 'Nkoo', 'Mong'];

const SHARED = /^[\p{Script=Common}\p{Script=Inherited}]$/u;
const UNSEEN = /^[\p{Cf}\p{Variation_Selector}]$/u;
const graphemes = new Intl.Segmenter('und', { granularity: 'grapheme' });

/**
 * @param fonts opened, the first that has a sign sets it; with their ids
 * @param features by tag, 1 or 0
 * @param spacing more between letters that do not join, in font units
 * @returns width, whether it is read from right to left, and signs from left to right: [name, outline, width, x]; in
 *     font units
 */
export function setText(fonts, text, features, spacing) {
  let x = 0;
  let trailing = 0;
  const glyphs = [];
  for (const run of seen(runsOf(fonts, text))) {
    const { id, font } = run.font;
    const isRightward = run.level % 2 === 0;
    const signs = shaped(font, run.text, features, {
      direction: isRightward ? Direction.LTR : Direction.RTL,
      script: run.script ?? undefined,
    });
    signs.forEach((sign, place) => {
      const data = outline(font, sign.codepoint, 0, sign.yOffset);
      // The same sign at another height is another outline.
      const name = `${id} =${sign.codepoint}${sign.yOffset === 0 ? '' : `^${sign.yOffset}`}`;
      if (data !== '') glyphs.push([name, data, units(sign.xAdvance), x + units(sign.xOffset)]);
      x += units(sign.xAdvance);
      const isWithin = signs[place + 1]?.cluster === sign.cluster;
      trailing = isWithin || JOINED.includes(run.script) ? 0 : spacing;
      x += trailing;
    });
  }
  return { width: x - trailing, fromRight: bidi.getEmbeddingLevels(text).paragraphs[0]?.level === 1, glyphs };
}

/** Pieces of a text, each of one direction, one script and one font, in the order in which they are read. */
function runsOf(fonts, text) {
  const { levels } = bidi.getEmbeddingLevels(text);
  const runs = [];
  let script = null;
  for (const { segment, index } of graphemes.segment(text)) {
    const [first] = segment;
    // Spaces and points are of the script before them.
    if (!SHARED.test(first)) script = SCRIPTS.find(([, of]) => of.test(first))?.[0] ?? null;
    const font = fontFor(fonts, segment);
    const level = levels[index];
    const last = runs.at(-1);
    if (last && last.level === level && last.script === script && last.font === font) last.text += segment;
    else runs.push({ text: segment, level, script, font });
  }
  return runs;
}

function fontFor(fonts, segment) {
  const signs = [...segment].filter((sign) => !UNSEEN.test(sign));
  const has = ({ font }, sign) => font.nominalGlyph(sign.codePointAt(0)) !== undefined;
  return (
    fonts.find((one) => signs.every((sign) => has(one, sign))) ??
    fonts.find((one) => signs.length > 0 && has(one, signs[0])) ??
    fonts[0]
  );
}

/** In the order in which they are seen from left to right (UAX #9, rule L2, over whole pieces). */
function seen(runs) {
  const ordered = [...runs];
  const highest = Math.max(0, ...runs.map(({ level }) => level));
  for (let level = highest; level > 0; level--) {
    for (let from = 0; from < ordered.length; from++) {
      let to = from;
      while (to < ordered.length && ordered[to].level >= level) to++;
      if (to > from) ordered.splice(from, to - from, ...ordered.slice(from, to).reverse());
      from = to;
    }
  }
  return ordered;
}
