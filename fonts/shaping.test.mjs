import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { open, outline } from './open.mjs';
import { setText } from './shaping.mjs';
import { fileOf, fonts } from './shippedFile.mjs';

const shipped = (id) => ({ id, ...open(readFileSync(fileOf(fonts.find((one) => one.id === id)))) });
const [latin, arabic, hebrew] = ['figtree-semibold', 'noto-arabic', 'noto-hebrew'].map(shipped);
const chain = [latin, arabic, hebrew];

/** The signs of a text from left to right, by the outlines of the characters that look so. */
function seen(text, looks, fontOf) {
  const known = new Map(looks.map((sign) => [outlineOf(fontOf(sign), sign), sign]));
  return setText(chain, text, {}, 0).glyphs.map(([, data]) => known.get(data) ?? '?');
}
const outlineOf = ({ font }, sign) => outline(font, font.nominalGlyph(sign.codePointAt(0)));

describe('texts whose signs join or run from right to left', () => {
  // Unicode 15, UnicodeData.txt: the presentation forms of seen, hah and ain: isolated, final, initial, medial.
  it.each([
    ['seen', 'س', ['\u{FEB1}', '\u{FEB2}', '\u{FEB3}', '\u{FEB4}']],
    ['hah', 'ح', ['\u{FEA1}', '\u{FEA2}', '\u{FEA3}', '\u{FEA4}']],
    ['ain', 'ع', ['\u{FEC9}', '\u{FECA}', '\u{FECB}', '\u{FECC}']],
  ])('joins %s as Unicode’s forms of it are drawn', (_, letter, forms) => {
    const [isolated, final, initial, medial] = forms;
    const of = (text) => seen(text, forms, () => arabic);
    expect(of(letter)).toEqual([isolated]);
    expect(of(letter.repeat(4))).toEqual([final, medial, medial, initial]);
    // A space parts them, and a joiner that is not seen does not.
    expect(of(`${letter} ${letter}`)).toEqual([isolated, isolated]);
    expect(of(`${letter}\u{200D}`)).toEqual([initial]);
  });

  // UAX #9, section 3.4 and its examples, with Hebrew letters for capitals (from memory).
  it('reads as the bidirectional algorithm has it', () => {
    const signs = [...'car means.123אבג'];
    const of = (text) => seen(text, signs, (sign) => (sign >= 'א' ? hebrew : latin)).join('');
    expect(of('car means אבג.')).toBe('carmeansגבא.');
    expect(of('אבג car')).toBe('carגבא');
    expect(setText(chain, 'אבג car', {}, 0).fromRight).toBe(true);
    expect(setText(chain, 'car אבג', {}, 0).fromRight).toBe(false);
    // Numbers stay as they are, and stand to the left of what they follow.
    expect(of('אב 123 גא')).toBe('אג123בא');
  });

  it('mirrors brackets, spaces letters that do not join, and lends signs', () => {
    const brackets = seen('(א)', ['(', ')', 'א'], (sign) => (sign === 'א' ? hebrew : latin));
    expect(brackets.join('')).toBe('(א)');
    const width = (text, spacing) => setText(chain, text, {}, spacing).width;
    expect(width('אבג', 50) - width('אבג', 0)).toBeCloseTo(100, 6);
    expect(width('سسس', 50)).toBeCloseTo(width('سسس', 0), 6);
    expect(setText(chain, 'Tea ش', {}, 0).glyphs.map(([name]) => name.split(' ')[0])).toContain('noto-arabic');
  });
});
