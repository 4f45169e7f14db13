// A font file, opened with HarfBuzz: all lengths that come of it are thousandths of the size, in tenths.
import { Blob, Buffer as Run, Face, Feature, Font, Variation, shape } from 'harfbuzzjs';

/** Font units in the size: those of all packs, whatever the font's own are. */
export const EM = 1000;

/** steps in a font unit */
const STEPS = 10;

/**
 * @param bytes a TrueType or OpenType font
 * @param axes values of its axes, by tag; those that are missing are the font's own
 */
export function open(bytes, axes = {}) {
  const face = new Face(new Blob(bytes));
  const font = new Font(face);
  font.setScale(EM * STEPS, EM * STEPS);
  font.setVariations(Object.entries(axes).map(([tag, value]) => new Variation(tag, value)));
  return { face, font };
}

/** A length in font units. */
export const units = (length) => Math.round(length) / STEPS;

/** A glyph's outline as path data in font units, y pointing down, moved by so much. */
export function outline(font, glyph, right = 0, up = 0) {
  const parts = [];
  for (const { type, values } of font.glyphToJson(glyph)) {
    const data = type + values.map((value, index) => units(index % 2 ? -(value + up) : value + right)).join(' ');
    // The line that goes back to where a contour began is drawn by closing it.
    if (type === 'Z' && parts.at(-1).slice(1) === parts[parts.findLastIndex((one) => one[0] === 'M')].slice(1)) {
      if (parts.at(-1)[0] === 'L') parts.pop();
    }
    parts.push(data);
  }
  return parts.join('');
}

const run = new Run();

/**
 * Glyphs and places of a text that is of one script and one direction.
 *
 * @param features OpenType features by tag, 1 or 0
 */
export function shaped(font, text, features = {}, { direction, script } = {}) {
  run.reset();
  run.addText(text);
  if (direction) run.setDirection(direction);
  if (script) run.setScript(script);
  run.guessSegmentProperties();
  shape(
    font,
    run,
    Object.entries(features).map(([tag, value]) => new Feature(tag, value)),
  );
  return run.getGlyphInfosAndPositions();
}
