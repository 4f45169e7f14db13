// A font as a pack for core: outlines, widths, kerning, tabular and old-style figures.
import { MetricsTag } from 'harfbuzzjs';
import { EM, outline, shaped, units } from './open.mjs';

/** Letters and points that are kerned with each other; those of one script alone. */
const KERNED = /[\p{L}\p{N}.,:;!?'’"“”‘()&/–—-]/u;
const SCRIPTS = [
  [0x20, 0x17f],
  [0x370, 0x3ff],
  [0x400, 0x45f],
];

/** Old-style figures stand where a font has no signs of its own, in the private use area, and are found there. */
const oldFigure = (digit) => String.fromCodePoint(0xe000 + digit);

/**
 * @param id what the pack is called
 * @param opened the font, as open.mjs opens it
 * @param codes the code points that the pack carries, where the font has them
 */
export function pack(id, { face, font }, codes) {
  const glyphs = {};
  const known = [];
  for (const code of codes) {
    const glyph = font.nominalGlyph(code);
    if (glyph === undefined) continue;
    const character = String.fromCodePoint(code);
    glyphs[character] = [units(font.glyphHAdvance(glyph)), outline(font, glyph)];
    known.push(character);
  }
  const tabular = {};
  const shift = {};
  const take = (into, characterOf, set) =>
    set.forEach(([width, data, left], digit) => {
      into[characterOf(digit)] = [width, data];
      if (left !== 0) shift[characterOf(digit)] = left;
    });
  if (known.includes('0')) take(tabular, String, figures(font, { tnum: 1 }, true));
  const hasOld = known.includes('0') && face.getTableFeatureTags('GSUB').includes('onum');
  if (hasOld) {
    take(glyphs, oldFigure, figures(font, { onum: 1, pnum: 1 }, false));
    take(tabular, oldFigure, figures(font, { onum: 1, tnum: 1 }, true));
  }
  const { ascender, descender } = font.hExtents();
  const height = (tag, like) => {
    const said = font.getMetricPosition(tag);
    const drawn = font.glyphExtents(font.nominalGlyph(like.codePointAt(0)) ?? 0)?.yBearing;
    return units(said ? said : (drawn ?? EM / 2));
  };
  return {
    id,
    ascent: units(ascender),
    descent: units(-descender),
    capHeight: height(MetricsTag.CAP_HEIGHT, 'H'),
    xHeight: height(MetricsTag.X_HEIGHT, 'x'),
    missing: [units(font.glyphHAdvance(0)), outline(font, 0)],
    glyphs,
    tabular,
    tabularShift: shift,
    kern: kerning(font, known),
  };
}

/** Ten figures, by what asks the font for them: each its width, its outline and how far that is from its left edge. */
function figures(font, features, isEven) {
  const set = [...'0123456789'].map((digit) => {
    const [{ codepoint, xAdvance }] = shaped(font, digit, features);
    return [xAdvance, outline(font, codepoint)];
  });
  // A font without tabular figures gets them: each in the middle of the widest one's width.
  const widest = Math.max(...set.map(([width]) => width));
  return set.map(([width, data]) => [units(isEven ? widest : width), data, units(isEven ? (widest - width) / 2 : 0)]);
}

/** How much closer two characters stand, by the pair: a line of all pairs of one first character tells its own. */
function kerning(font, known) {
  const kern = {};
  const apart = { liga: 0, clig: 0, calt: 0, rlig: 0, ccmp: 0, locl: 0 };
  for (const [from, to] of SCRIPTS) {
    const of = (character) => character.codePointAt(0) >= from && character.codePointAt(0) <= to;
    const kerned = known.filter((character) => of(character) && KERNED.test(character));
    for (const left of kerned) {
      const run = shaped(font, kerned.map((right) => left + right).join(''), apart);
      // A font that joins them whatever it is asked has its own distances in what it joins.
      if (run.length !== 2 * kerned.length) continue;
      kerned.forEach((right, place) => {
        if (left.codePointAt(0) > 0xff && right.codePointAt(0) > 0xff && from < 0x100) return;
        const glyph = run[2 * place];
        const value = units(glyph.xAdvance - font.glyphHAdvance(glyph.codepoint));
        if (value !== 0) kern[left + right] = value;
      });
    }
  }
  return kern;
}
