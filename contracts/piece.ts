// Made from docs/piece.schema.json by bin/types.mjs. Do not edit.

/**
 * How figures become shapes. What a form does not know is kept, and not used.
 */
export type Form = {
  kind: 'pie' | 'donut' | 'dial' | 'rings' | 'bars' | 'columns' | 'line' | 'area' | 'strip' | 'ribbon' | 'tilted';
  [k: string]:
    | number
    | string
    | 'pie'
    | 'donut'
    | 'dial'
    | 'rings'
    | 'bars'
    | 'columns'
    | 'line'
    | 'area'
    | 'strip'
    | 'ribbon'
    | 'tilted';
};
/**
 * sRGB, such as #2f6b52
 */
export type Colour = string;
/**
 * a font that ships, or one of one's own: what it is called and its fingerprint
 */
export type Font =
  | (
      | 'figtree-regular'
      | 'figtree-semibold'
      | 'figtree-bold'
      | 'bricolage-semibold'
      | 'bricolage-bold'
      | 'inter-medium'
      | 'inter-bold'
      | 'inter-black'
      | 'outfit-regular'
      | 'outfit-semibold'
      | 'nunito-semibold'
      | 'nunito-bold'
      | 'nunito-extrabold'
      | 'newsreader-regular'
      | 'newsreader-italic'
      | 'newsreader-semibold'
      | 'fraunces-semibold'
      | 'fraunces-bold'
      | 'source-serif-regular'
      | 'source-serif-semibold'
      | 'slab-medium'
      | 'slab-bold'
      | 'anton-regular'
      | 'barlow-semibold'
      | 'barlow-bold'
      | 'caveat-brush'
    )
  | string;
/**
 * a curve of the CSS set by its name or as CSS writes it, the numbers x1, y1, x2, y2 of a cubic Bézier, or a settle, spring or bounce
 */
export type Curve =
  | ('linear' | 'ease' | 'ease-in' | 'ease-out' | 'ease-in-out')
  | string
  | [number, number, number, number]
  | {
      settle: {
        /**
         * by how much of its way it runs past its end
         */
        past: number;
        /**
         * in which it comes back, frames
         */
        back: number;
      };
    }
  | {
      spring: {
        /**
         * how soon it comes to rest: 1 does not swing
         */
        damping: number;
      };
    }
  | {
      bounce: {
        /**
         * how often
         */
        times: number;
        /**
         * of each bounce against the one before
         */
        height: number;
      };
    };
/**
 * in which direction a part opens, or closes: as the form lays figures out, against it, or from its middle; neighbour: of a whole, from the edge of the part before it, as that one opens; baseline: of a line or an area, up from there; where a form cannot, it opens forward
 */
export type Opens = 'forward' | 'backward' | 'middle' | 'neighbour' | 'baseline';

/**
 * A piece of Lupine, version 5. Lengths are pixels of the stage, angles degrees clockwise from 12 o'clock, times whole frames.
 */
export interface Piece {
  /**
   * the version of this format
   */
  lupine: 5;
  title: string;
  stage: Stage;
  /**
   * @maxItems 20
   */
  tables: Table[];
  /**
   * @maxItems 12
   */
  charts: Chart[];
  /**
   * @maxItems 60
   */
  words: FreeText[];
  captions: Captions | null;
  backdrop: Backdrop;
  script: Script;
  /**
   * @maxItems 2000
   */
  moves: Move[];
  /**
   * absent: charts left, fitting
   */
  arrangement?: Arrangement | null;
  /**
   * shapes beside the stage’s own
   *
   * @maxItems 6
   */
  shapes?: StageShape[];
  camera?: Camera | null;
  /**
   * motion blur; absent or null: none
   */
  shutter?: Shutter | null;
  /**
   * curves of one’s own, to be chosen again
   *
   * @maxItems 40
   */
  curves?: OwnCurve[];
  /**
   * of numbers that changed with the size of the stage: what each was, the width and height of the stage that it was set for, and what became of it; a number that is no longer that has been set since
   */
  reshaped?: {
    /**
     * @minItems 4
     * @maxItems 4
     */
    [k: string]: [number, number, number, number];
  };
  /**
   * plain shapes, from the back to the front
   *
   * @maxItems 40
   */
  panels?: Panel[];
  /**
   * @maxItems 60
   */
  pictures?: Picture[];
  /**
   * absent or null: nearly black and white
   */
  inks?: Ink | null;
  /**
   * absent or null: none
   */
  kit?: KitMark | null;
  /**
   * absent or null: made from figures and script
   */
  alternative?: TextAlternative | null;
}
/**
 * What is filmed.
 */
export interface Stage {
  /**
   * even, pixels
   */
  width: number;
  /**
   * even, pixels
   */
  height: number;
  /**
   * frames a second as a fraction, such as [30000, 1001]
   *
   * @minItems 2
   * @maxItems 2
   */
  rate: [number, number];
  /**
   * timecode that skips numbers to keep up with the clock
   */
  dropFrame: boolean;
  /**
   * Length, frames
   */
  frames: number;
}
/**
 * Figures as they were typed.
 */
export interface Table {
  id: string;
  name: string;
  /**
   * @minItems 1
   * @maxItems 240
   */
  columns: [Column, ...Column[]];
  /**
   * @maxItems 5000
   */
  rows: Row[];
  /**
   * what the columns stand for where they are moments, such as Year
   */
  timeColumn: string | null;
  /**
   * what all parts together are; null: their sum, or 100 where they are percentages
   */
  whole: string | null;
}
/**
 * A value column.
 */
export interface Column {
  id: string;
  name: string;
}
/**
 * A row: a label, and what was typed into each value column.
 */
export interface Row {
  id: string;
  label: string;
  /**
   * @maxItems 240
   */
  cells: string[];
  /**
   * what looked like a slip and was found right
   */
  sure?: string;
  /**
   * what the row belongs to, such as a region
   */
  group?: string;
}
/**
 * A chart on the stage.
 */
export interface Chart {
  id: string;
  table: string;
  column: string;
  /**
   * columns that stand side by side, where the form can show several; absent or empty: the one column
   *
   * @maxItems 12
   */
  series?: string[];
  form: Form;
  place: Place;
  finish: Finish;
  words: ChartWords;
  entrance: ChartMotion | null;
  exit: ChartMotion | null;
  /**
   * by row id
   */
  own: {
    [k: string]: Own;
  };
  /**
   * what it is called in lists; absent: by its figures
   */
  name?: string;
  /**
   * left out of the picture
   */
  hidden?: boolean;
  /**
   * the name of the group that it is taken together with
   */
  group?: string | null;
  /**
   * absent or null: it stands at one column until a change says another
   */
  run?: Run | null;
  /**
   * absent or null: all rows
   */
  pick?: Pick | null;
  /**
   * the chart on whose axis it stands, in its place and on its scale; absent or null: it has its own
   */
  axisOf?: string | null;
  /**
   * absent or null: it stands still
   */
  drift?: Drift | null;
}
/**
 * Where a chart stands.
 */
export interface Place {
  /**
   * its middle, from the left, pixels
   */
  x: number;
  /**
   * its middle, from the top, pixels
   */
  y: number;
  /**
   * 1 is as its form is set
   */
  size?: number;
  /**
   * clockwise about its form’s own centre, degrees
   */
  turn?: number;
  /**
   * hand: where it is told here; rule: where the arrangement puts it
   */
  placedBy?: 'hand' | 'rule';
}
/**
 * The finish of the marks.
 */
export interface Finish {
  /**
   * tints: one family from the first swatch; set: the swatches in turn; one: the first for all
   */
  colours: 'tints' | 'set' | 'one';
  /**
   * @minItems 1
   * @maxItems 40
   */
  swatches: [Colour, ...Colour[]];
  /**
   * empty: flat, in the colour of the part
   *
   * @maxItems 5
   */
  fills?: Fill[];
  /**
   * @maxItems 5
   */
  patterns?: Pattern[];
  /**
   * @maxItems 5
   */
  textures?: Texture[];
  /**
   * @maxItems 5
   */
  inners?: Inner[];
  /**
   * @maxItems 5
   */
  lines?: EdgeLine[];
  /**
   * @maxItems 5
   */
  edges?: EdgeLight[];
  /**
   * @maxItems 5
   */
  glows?: Glow[];
  /**
   * @maxItems 5
   */
  shadows?: Shadow[];
  /**
   * absent or null: as the form has them
   */
  tracks?: Track | null;
  /**
   * coats that parts have in turn, as they have colours; a part’s own go before them
   *
   * @maxItems 12
   */
  turns?: OwnCoats[];
  /**
   * absent or null: no part stands out
   */
  accent?: Accent | null;
}
/**
 * A fill of a part: flat, or a gradient.
 */
export interface Fill {
  /**
   * shaded: a little lighter outward or along the part; along: a gradient from where the part begins to where it ends
   */
  kind: 'flat' | 'shaded' | 'linear' | 'radial' | 'along' | 'picture';
  /**
   * null: the colour of the part
   */
  colour?: Colour | null;
  /**
   * above 0 mixed with white, below 0 with black, in sRGB
   */
  shade?: number;
  /**
   * of a gradient; none: darker to lighter
   *
   * @maxItems 8
   */
  stops?: Stop[];
  /**
   * one of the piece’s pictures; null, or gone: flat
   */
  picture?: string | null;
  /**
   * cover: no edge of what it goes over stays bare; contain: all of it is seen; tile: side by side, a pixel of it for one of the stage
   */
  fit?: 'cover' | 'contain' | 'tile';
  /**
   * how far a picture is out of focus: the standard deviation, as a part of its width
   */
  blur?: number;
  /**
   * what a gradient or a picture goes over
   */
  across?: 'part' | 'chart' | 'stage';
  /**
   * where a linear gradient leads, clockwise from 12 o’clock; how a picture is turned, degrees
   */
  degrees?: number;
  /**
   * middle of a radial gradient or a picture, as a part of the width that it goes over
   */
  x?: number;
  /**
   * as a part of the height that it goes over
   */
  y?: number;
  /**
   * 1: the gradient’s ends just reach the corners of what it goes over, or a picture just fits
   */
  size?: number;
  /**
   * to the right, of a fill that lies on another: out of register, as in print, pixels
   */
  shiftX?: number;
  /**
   * down, of a fill that lies on another, pixels
   */
  shiftY?: number;
  opacity?: number;
  blend?: 'normal' | 'multiply' | 'screen' | 'overlay' | 'soft-light' | 'add';
  /**
   * whether it is left out; its settings are kept
   */
  off?: boolean;
}
/**
 * A colour at a place of a gradient.
 */
export interface Stop {
  at: number;
  /**
   * null: the colour of the part
   */
  colour?: Colour | null;
  /**
   * above 0 mixed with white, below 0 with black, in sRGB
   */
  shade?: number;
  opacity?: number;
}
/**
 * A repeated shape over the fill.
 */
export interface Pattern {
  /**
   * halftone: dots that grow from one end to the other; hand: strokes, none like the next; own: the shape of `tile`
   */
  kind:
    'dots' | 'stripes' | 'crossed' | 'grid' | 'waves' | 'rings' | 'bricks' | 'crosses' | 'halftone' | 'hand' | 'own';
  /**
   * path data of M, L, C and Z in a square of 100 × 100, filled by the nonzero rule
   */
  tile?: string;
  /**
   * from one to the next, pixels
   */
  size: number;
  /**
   * clockwise, degrees
   */
  degrees: number;
  /**
   * how much of the size is ink, where 0.5 is the kind’s usual
   */
  weight?: number;
  /**
   * shows: black or white, whichever is seen on the part
   */
  inked?: 'shows' | 'part' | 'own';
  ink?: Colour;
  /**
   * under the pattern; null: the fill
   */
  ground?: Colour | null;
  opacity: number;
  /**
   * across its own lines; below 0 the other way, pixels a second
   */
  drift?: number;
  blend?: 'normal' | 'multiply' | 'screen' | 'overlay' | 'soft-light' | 'add';
  /**
   * whether it is left out; its settings are kept
   */
  off?: boolean;
}
/**
 * A surface, such as paper or felt.
 */
export interface Texture {
  /**
   * chalk and print leave holes, the others are light and dark
   */
  kind: 'grain' | 'paper' | 'felt' | 'linen' | 'slate' | 'brushed' | 'chalk' | 'print';
  amount: number;
  size?: number;
  /**
   * clockwise, degrees
   */
  degrees?: number;
  /**
   * still: it lies on the stage, and the part uncovers it; along: turned with the part, and goes where it goes
   */
  lie?: 'still' | 'along';
  /**
   * relief: black and white by opacity, which is fastest
   */
  blend?: 'soft-light' | 'overlay' | 'multiply' | 'screen' | 'relief';
  /**
   * whether it is left out; its settings are kept
   */
  off?: boolean;
}
/**
 * Light or shade from the edge of a part inwards.
 */
export interface Inner {
  /**
   * the blur’s standard deviation is half of it, pixels
   */
  reach: number;
  /**
   * null: the colour of the part
   */
  colour?: Colour | null;
  /**
   * above 0 mixed with white, below 0 with black, in sRGB
   */
  shade?: number;
  opacity: number;
  /**
   * to the right, pixels
   */
  x?: number;
  /**
   * down, pixels
   */
  y?: number;
  blend?: 'normal' | 'multiply' | 'screen' | 'overlay' | 'soft-light' | 'add';
  /**
   * whether it is left out; its settings are kept
   */
  off?: boolean;
}
/**
 * A line along the edge of a part.
 */
export interface EdgeLine {
  /**
   * as much of it as is seen, pixels
   */
  width: number;
  /**
   * inside: within the part; centred: half of it stands out; outside: around it, below its fill; apart: at an exact distance within
   */
  place: 'inside' | 'centred' | 'outside' | 'apart';
  /**
   * of its middle from the edge, pixels
   */
  distance?: number;
  /**
   * null: the colour of the part
   */
  colour?: Colour | null;
  /**
   * above 0 mixed with white, below 0 with black, in sRGB
   */
  shade?: number;
  opacity: number;
  /**
   * length of a dash; 0: a solid line, pixels
   */
  dash?: number;
  /**
   * between two dashes, pixels
   */
  gap?: number;
  /**
   * dash and gap are stretched so that a whole number goes round
   */
  fitted?: boolean;
  /**
   * below 0 the other way, pixels a second
   */
  march?: number;
  caps?: 'round' | 'butt';
  blend?: 'normal' | 'multiply' | 'screen' | 'overlay' | 'soft-light' | 'add';
  /**
   * whether it is left out; its settings are kept
   */
  off?: boolean;
}
/**
 * A light on the edge of a part, which fades at both ends.
 */
export interface EdgeLight {
  /**
   * from end to end, at most four fifths of the edge, pixels
   */
  length: number;
  /**
   * of its middle, as a part of the way along the edge
   */
  at: number;
  /**
   * Width, pixels
   */
  width: number;
  /**
   * null: the colour of the part
   */
  colour?: Colour | null;
  /**
   * above 0 mixed with white, below 0 with black, in sRGB
   */
  shade?: number;
  opacity: number;
  /**
   * opacity of the wider light around it
   */
  halo?: number;
  /**
   * 0: it stays; below 0 the other way, frames
   */
  round?: number;
  blend?: 'normal' | 'multiply' | 'screen' | 'overlay' | 'soft-light' | 'add';
  /**
   * whether it is left out; its settings are kept
   */
  off?: boolean;
}
/**
 * Light around a part.
 */
export interface Glow {
  /**
   * the blur’s standard deviation is half of it, pixels
   */
  reach: number;
  opacity: number;
  /**
   * null: the colour of the part
   */
  colour?: Colour | null;
  /**
   * above 0 mixed with white, below 0 with black, in sRGB
   */
  shade?: number;
  /**
   * how much of a second, tight light there is under a third of the radius
   */
  tight?: number;
  /**
   * how much of it comes and goes like breath
   */
  breath?: number;
  /**
   * one breath, frames
   */
  every?: number;
  blend?: 'normal' | 'multiply' | 'screen' | 'overlay' | 'soft-light' | 'add';
  /**
   * whether it is left out; its settings are kept
   */
  off?: boolean;
}
/**
 * A shadow below the parts.
 */
export interface Shadow {
  /**
   * the blur’s standard deviation is half of it, pixels
   */
  reach: number;
  opacity: number;
  colour?: Colour;
  /**
   * to the right, pixels
   */
  x?: number;
  /**
   * down, pixels
   */
  y?: number;
  /**
   * by how much it is larger than the part on every side, pixels
   */
  spread?: number;
  /**
   * whether it reaches all the way from the part to its offset; a tilted chart’s lies on the ground
   */
  long?: boolean;
  blend?: 'normal' | 'multiply' | 'screen' | 'overlay' | 'soft-light' | 'add';
  /**
   * whether it is left out; its settings are kept
   */
  off?: boolean;
}
/**
 * How the tracks look that marks run on.
 */
export interface Track {
  /**
   * null: as the form has it, tinted or plain
   */
  colour?: Colour | null;
  /**
   * of a colour of its own
   */
  opacity?: number;
  /**
   * empty: flat, in the colour of the part
   *
   * @maxItems 5
   */
  fills?: Fill[];
  /**
   * @maxItems 5
   */
  patterns?: Pattern[];
  /**
   * @maxItems 5
   */
  textures?: Texture[];
  /**
   * @maxItems 5
   */
  inners?: Inner[];
  /**
   * @maxItems 5
   */
  lines?: EdgeLine[];
  /**
   * @maxItems 5
   */
  edges?: EdgeLight[];
  /**
   * @maxItems 5
   */
  glows?: Glow[];
  /**
   * @maxItems 5
   */
  shadows?: Shadow[];
}
/**
 * The coats that a part has of its own: null, those of the chart; an empty list, none.
 */
export interface OwnCoats {
  fills?: Fill[] | null;
  patterns?: Pattern[] | null;
  textures?: Texture[] | null;
  inners?: Inner[] | null;
  lines?: EdgeLine[] | null;
  edges?: EdgeLight[] | null;
  glows?: Glow[] | null;
  shadows?: Shadow[] | null;
}
/**
 * The part that is to be seen first, and what it has that the others have not.
 */
export interface Accent {
  /**
   * which part it is; title: the one that the title names, or whose figure it states, or else the largest
   */
  of?: 'title' | 'part' | 'none';
  /**
   * its row
   */
  part?: string | null;
  /**
   * null: its own
   */
  colour?: Colour | null;
  /**
   * how far the part is moved out along its middle, pixels
   */
  out?: number;
  fills?: Fill[] | null;
  patterns?: Pattern[] | null;
  textures?: Texture[] | null;
  inners?: Inner[] | null;
  lines?: EdgeLine[] | null;
  edges?: EdgeLight[] | null;
  glows?: Glow[] | null;
  shadows?: Shadow[] | null;
}
/**
 * The words of a chart.
 */
export interface ChartWords {
  reading: Reading;
  labels: Labels;
  /**
   * the names of the figures where their marks begin
   */
  names?: Names | null;
  legend: Legend | null;
  centre: Centre | null;
  axis?: AxisTitles | null;
}
/**
 * How readings are written.
 */
export interface Reading {
  /**
   * share: percent of the whole
   */
  of: 'share' | 'value';
  /**
   * null: those of its figure, or of a share as few as tell shares apart, 0 or 1
   */
  decimals: number | null;
  prefix: string;
  /**
   * absent: % for shares
   */
  suffix: string;
  group: ',' | '.' | ' ' | '’' | '';
  point: '.' | ',';
}
/**
 * Words at the parts.
 */
export interface Labels {
  show: 'none' | 'on' | 'along' | 'beside';
  text: 'reading' | 'label' | 'both';
  font: Font;
  /**
   * Size, pixels
   */
  size: number;
  /**
   * null: dark or light, whichever reads on what is behind it
   */
  colour?: Colour | null;
  /**
   * as much lighter or darker as it takes to be read; where a text is of no part, it has no effect
   */
  ofPart?: boolean;
  upperCase?: boolean;
  /**
   * between two letters, as a part of the size
   */
  letterSpacing?: number;
  /**
   * from line to line, in multiples of the size
   */
  leading?: number;
  /**
   * lines that wrap are about as long as each other
   */
  balanced?: boolean;
  /**
   * a plate behind it; absent or null: none
   */
  plate?: Plate | null;
  /**
   * figures that hang and rise like small letters, in fonts that have them
   */
  oldFigures?: boolean;
  /**
   * empty: flat, in the colour of the part
   *
   * @maxItems 5
   */
  fills?: Fill[];
  /**
   * @maxItems 5
   */
  patterns?: Pattern[];
  /**
   * @maxItems 5
   */
  textures?: Texture[];
  /**
   * @maxItems 5
   */
  inners?: Inner[];
  /**
   * @maxItems 5
   */
  lines?: EdgeLine[];
  /**
   * @maxItems 5
   */
  edges?: EdgeLight[];
  /**
   * @maxItems 5
   */
  glows?: Glow[];
  /**
   * @maxItems 5
   */
  shadows?: Shadow[];
  /**
   * under: as soon as its part has arrived under it, or has come to where it points; begin: as its part begins; end: when all of its part is there
   */
  comes?: 'under' | 'begin' | 'end';
  /**
   * a line leads from a mark to a label that had to leave its side
   */
  leaders?: boolean;
  /**
   * of the two lines of a label
   */
  align?: 'marks' | 'left' | 'middle' | 'right';
}
/**
 * A plate behind words, as large as they are.
 */
export interface Plate {
  /**
   * sRGB, such as #2f6b52
   */
  colour: string;
  /**
   * around the words, in multiples of their size
   */
  padding?: number;
  /**
   * in multiples of the size of the words; smaller where there is less room
   */
  radius?: number;
  /**
   * empty: flat, in the colour of the part
   *
   * @maxItems 5
   */
  fills?: Fill[];
  /**
   * @maxItems 5
   */
  patterns?: Pattern[];
  /**
   * @maxItems 5
   */
  textures?: Texture[];
  /**
   * @maxItems 5
   */
  inners?: Inner[];
  /**
   * @maxItems 5
   */
  lines?: EdgeLine[];
  /**
   * @maxItems 5
   */
  edges?: EdgeLight[];
  /**
   * @maxItems 5
   */
  glows?: Glow[];
  /**
   * @maxItems 5
   */
  shadows?: Shadow[];
}
/**
 * The names of the figures where their marks begin.
 */
export interface Names {
  font: Font;
  /**
   * Size, pixels
   */
  size: number;
  /**
   * null: dark or light, whichever reads on what is behind it
   */
  colour?: Colour | null;
  /**
   * as much lighter or darker as it takes to be read; where a text is of no part, it has no effect
   */
  ofPart?: boolean;
  upperCase?: boolean;
  /**
   * between two letters, as a part of the size
   */
  letterSpacing?: number;
  /**
   * from line to line, in multiples of the size
   */
  leading?: number;
  /**
   * lines that wrap are about as long as each other
   */
  balanced?: boolean;
  /**
   * a plate behind it; absent or null: none
   */
  plate?: Plate | null;
  /**
   * figures that hang and rise like small letters, in fonts that have them
   */
  oldFigures?: boolean;
  /**
   * empty: flat, in the colour of the part
   *
   * @maxItems 5
   */
  fills?: Fill[];
  /**
   * @maxItems 5
   */
  patterns?: Pattern[];
  /**
   * @maxItems 5
   */
  textures?: Texture[];
  /**
   * @maxItems 5
   */
  inners?: Inner[];
  /**
   * @maxItems 5
   */
  lines?: EdgeLine[];
  /**
   * @maxItems 5
   */
  edges?: EdgeLight[];
  /**
   * @maxItems 5
   */
  glows?: Glow[];
  /**
   * @maxItems 5
   */
  shadows?: Shadow[];
  /**
   * of names beside marks: each to its mark, or all of them to one edge; names below marks are in their middle
   */
  align?: 'marks' | 'left' | 'right';
}
/**
 * A dot, a label and a reading for each part.
 */
export interface Legend {
  /**
   * its left edge, pixels
   */
  x: number;
  /**
   * its top, pixels
   */
  y: number;
  /**
   * from the left edge of the dots to the right edge of the readings, pixels
   */
  width: number;
  /**
   * from row to row, in multiples of the size
   */
  spacing: number;
  font: Font;
  /**
   * Size, pixels
   */
  size: number;
  /**
   * null: dark or light, whichever reads on what is behind it
   */
  colour?: Colour | null;
  /**
   * as much lighter or darker as it takes to be read; where a text is of no part, it has no effect
   */
  ofPart?: boolean;
  upperCase?: boolean;
  /**
   * between two letters, as a part of the size
   */
  letterSpacing?: number;
  /**
   * from line to line, in multiples of the size
   */
  leading?: number;
  /**
   * lines that wrap are about as long as each other
   */
  balanced?: boolean;
  /**
   * a plate behind it; absent or null: none
   */
  plate?: Plate | null;
  /**
   * figures that hang and rise like small letters, in fonts that have them
   */
  oldFigures?: boolean;
  /**
   * empty: flat, in the colour of the part
   *
   * @maxItems 5
   */
  fills?: Fill[];
  /**
   * @maxItems 5
   */
  patterns?: Pattern[];
  /**
   * @maxItems 5
   */
  textures?: Texture[];
  /**
   * @maxItems 5
   */
  inners?: Inner[];
  /**
   * @maxItems 5
   */
  lines?: EdgeLine[];
  /**
   * @maxItems 5
   */
  edges?: EdgeLight[];
  /**
   * @maxItems 5
   */
  glows?: Glow[];
  /**
   * @maxItems 5
   */
  shadows?: Shadow[];
  /**
   * column: one below the other; rows: side by side, as many as fit
   */
  flow?: 'column' | 'rows';
  /**
   * where the readings stand
   */
  values?: 'right' | 'after' | 'none';
  /**
   * where it has a plate
   */
  plates?: 'all' | 'rows';
  /**
   * placed by rule: in the middle only where there is room enough and no number
   */
  stands?: 'beside' | 'middle';
  /**
   * hand: where it is told here; rule: where the arrangement puts it
   */
  placedBy?: 'hand' | 'rule';
}
/**
 * The number in the middle of a ring: the total so far, or that of one figure.
 */
export interface Centre {
  /**
   * the row whose number it is; null: the total
   */
  figure?: string | null;
  caption: string;
  prefix: string;
  suffix: string;
  font: Font;
  /**
   * Size, pixels
   */
  size: number;
  /**
   * null: dark or light, whichever reads on what is behind it
   */
  colour?: Colour | null;
  /**
   * as much lighter or darker as it takes to be read; where a text is of no part, it has no effect
   */
  ofPart?: boolean;
  upperCase?: boolean;
  /**
   * between two letters, as a part of the size
   */
  letterSpacing?: number;
  /**
   * from line to line, in multiples of the size
   */
  leading?: number;
  /**
   * lines that wrap are about as long as each other
   */
  balanced?: boolean;
  /**
   * a plate behind it; absent or null: none
   */
  plate?: Plate | null;
  /**
   * figures that hang and rise like small letters, in fonts that have them
   */
  oldFigures?: boolean;
  /**
   * empty: flat, in the colour of the part
   *
   * @maxItems 5
   */
  fills?: Fill[];
  /**
   * @maxItems 5
   */
  patterns?: Pattern[];
  /**
   * @maxItems 5
   */
  textures?: Texture[];
  /**
   * @maxItems 5
   */
  inners?: Inner[];
  /**
   * @maxItems 5
   */
  lines?: EdgeLine[];
  /**
   * @maxItems 5
   */
  edges?: EdgeLight[];
  /**
   * @maxItems 5
   */
  glows?: Glow[];
  /**
   * @maxItems 5
   */
  shadows?: Shadow[];
}
/**
 * Titles at the axes: what the scale counts, and what the figures are.
 */
export interface AxisTitles {
  scale: string;
  figures: string;
  font: Font;
  /**
   * Size, pixels
   */
  size: number;
  /**
   * null: dark or light, whichever reads on what is behind it
   */
  colour?: Colour | null;
  /**
   * as much lighter or darker as it takes to be read; where a text is of no part, it has no effect
   */
  ofPart?: boolean;
  upperCase?: boolean;
  /**
   * between two letters, as a part of the size
   */
  letterSpacing?: number;
  /**
   * from line to line, in multiples of the size
   */
  leading?: number;
  /**
   * lines that wrap are about as long as each other
   */
  balanced?: boolean;
  /**
   * a plate behind it; absent or null: none
   */
  plate?: Plate | null;
  /**
   * figures that hang and rise like small letters, in fonts that have them
   */
  oldFigures?: boolean;
  /**
   * empty: flat, in the colour of the part
   *
   * @maxItems 5
   */
  fills?: Fill[];
  /**
   * @maxItems 5
   */
  patterns?: Pattern[];
  /**
   * @maxItems 5
   */
  textures?: Texture[];
  /**
   * @maxItems 5
   */
  inners?: Inner[];
  /**
   * @maxItems 5
   */
  lines?: EdgeLine[];
  /**
   * @maxItems 5
   */
  edges?: EdgeLight[];
  /**
   * @maxItems 5
   */
  glows?: Glow[];
  /**
   * @maxItems 5
   */
  shadows?: Shadow[];
}
/**
 * How the parts come in, or leave, where they have no move of their own.
 */
export interface ChartMotion {
  /**
   * of the first part, frames
   */
  begin: number;
  /**
   * of each move, or of all of them where their order says so, frames
   */
  frames: number;
  curve: Curve;
  /**
   * one: one sweep over the whole chart, of which each part has its stretch
   */
  order: 'together' | 'after' | 'overlapping' | 'length' | 'one';
  /**
   * of neighbours, frames
   */
  overlap: number;
  opens: Opens;
  /**
   * the chart whose order it shares, with its beginning, lengths and curve; absent: an order of its own
   */
  with?: string;
  /**
   * together: each figure with that of the same place; after: after its last
   */
  joins?: 'together' | 'after';
  /**
   * how something comes or goes: as its form opens it, popping up from its middle, fading, or rising to its place; a chart that can bend also as a whole, from a strip or, where it is one, from a ring
   */
  manner?: 'open' | 'pop' | 'fade' | 'rise' | 'bend';
  /**
   * which part is first where they follow one another: as the form lays them out, against that, as the sheet has them, by size, from the middle or towards it
   */
  sequence?: 'laid' | 'backward' | 'sheet' | 'largest' | 'smallest' | 'outward' | 'inward';
  /**
   * between two that come one after another, frames
   */
  hold?: number;
  /**
   * parts that open may run past their figures where the curve does, and their readings with them
   */
  passes?: boolean;
}
/**
 * What one mark has of its own; what is missing or null is as the chart has it.
 */
export interface Own {
  colour?: Colour | null;
  /**
   * how far the mark is moved out along its middle, pixels
   */
  out?: number;
  fills?: Fill[] | null;
  patterns?: Pattern[] | null;
  textures?: Texture[] | null;
  inners?: Inner[] | null;
  lines?: EdgeLine[] | null;
  edges?: EdgeLight[] | null;
  glows?: Glow[] | null;
  shadows?: Shadow[] | null;
  /**
   * its row is switched off in this chart
   */
  off?: boolean;
  label?: OwnLabel | null;
  faces?: Faces;
}
/**
 * What the label of one mark has of its own.
 */
export interface OwnLabel {
  hidden?: boolean;
  /**
   * in place of the label of its row
   */
  text?: string | null;
  /**
   * a multiple of the size of the others
   */
  size?: number;
  colour?: Colour | null;
  /**
   * how far a hand has moved it from its own place; null: not at all, pixels
   */
  x?: number | null;
  /**
   * how far a hand has moved it from its own place; null: not at all, pixels
   */
  y?: number | null;
}
/**
 * Colours of a solid part’s sides; absent: from its own colour, darker and deeper.
 */
export interface Faces {
  wall?: Colour | null;
  inner?: Colour | null;
  cut?: Colour | null;
}
/**
 * How a chart goes through the columns of its table, which are moments, one after the other.
 */
export interface Run {
  /**
   * of the first moment, frames
   */
  begin: number;
  /**
   * from the first moment to the last, frames
   */
  frames: number;
  /**
   * the way from moment to moment; hold: nothing until the next
   */
  between: 'straight' | 'eased' | 'hold';
  /**
   * how long figures take to change places, frames
   */
  places: number;
  /**
   * moments that stand on a frame or a beat; those between two of them are spread evenly
   *
   * @maxItems 240
   */
  pins: RunPin[];
}
/**
 * A moment that stands on a frame, or on a beat.
 */
export interface RunPin {
  column: string;
  /**
   * frames
   */
  frame: number;
  pin: Pin | null;
}
/**
 * Pins a move to a beat.
 */
export interface Pin {
  line: string;
  /**
   * index in the line; null: the beginning of the line
   */
  word: number | null;
  /**
   * Offset, frames
   */
  offset: number;
}
/**
 * Which rows of a long table a chart shows; the others are put together as one.
 */
export interface Pick {
  /**
   * the largest, the first of the alphabet, or the largest groups, each as one figure
   */
  by: 'largest' | 'label' | 'group';
  /**
   * so many beside the others
   */
  count: number;
  /**
   * whether what is left is a figure of its own; of parts of a whole it always is
   */
  others?: boolean;
  /**
   * what that one is called
   */
  label?: string;
}
/**
 * A slow way about its place, closed over the piece.
 */
export interface Drift {
  /**
   * how far to each side, pixels
   */
  across: number;
  /**
   * how far up and down, pixels
   */
  down: number;
  /**
   * how far it leans to each side, degrees
   */
  turn: number;
  /**
   * until it is where it began, frames
   */
  every: number;
}
/**
 * A title, or any other text that stands by itself.
 */
export interface FreeText {
  id: string;
  text: string;
  /**
   * left, middle or right of the text by its alignment, pixels
   */
  x: number;
  /**
   * first baseline, pixels
   */
  y: number;
  /**
   * lines wrap at it, pixels
   */
  width: number;
  align: 'left' | 'middle' | 'right';
  font: Font;
  /**
   * Size, pixels
   */
  size: number;
  /**
   * null: dark or light, whichever reads on what is behind it
   */
  colour?: Colour | null;
  /**
   * as much lighter or darker as it takes to be read; where a text is of no part, it has no effect
   */
  ofPart?: boolean;
  upperCase?: boolean;
  /**
   * between two letters, as a part of the size
   */
  letterSpacing?: number;
  /**
   * from line to line, in multiples of the size
   */
  leading?: number;
  /**
   * lines that wrap are about as long as each other
   */
  balanced?: boolean;
  /**
   * a plate behind it; absent or null: none
   */
  plate?: Plate | null;
  /**
   * figures that hang and rise like small letters, in fonts that have them
   */
  oldFigures?: boolean;
  /**
   * empty: flat, in the colour of the part
   *
   * @maxItems 5
   */
  fills?: Fill[];
  /**
   * @maxItems 5
   */
  patterns?: Pattern[];
  /**
   * @maxItems 5
   */
  textures?: Texture[];
  /**
   * @maxItems 5
   */
  inners?: Inner[];
  /**
   * @maxItems 5
   */
  lines?: EdgeLine[];
  /**
   * @maxItems 5
   */
  edges?: EdgeLight[];
  /**
   * @maxItems 5
   */
  glows?: Glow[];
  /**
   * @maxItems 5
   */
  shadows?: Shadow[];
  /**
   * what it is to the arrangement
   */
  role?: 'note' | 'title' | 'subtitle' | 'source';
  /**
   * hand: where it is told here; rule: where the arrangement puts it
   */
  placedBy?: 'hand' | 'rule';
  /**
   * left out of the picture
   */
  hidden?: boolean;
  /**
   * the name of the group that it is taken together with
   */
  group?: string | null;
  /**
   * the mark that it points at
   */
  pointsAt?: FigureTarget | null;
  /**
   * the chart whose table the parts in brackets of its text follow ([table], [column], [total], [value of r2], [share of r2], [name of r2]); absent or null: the first
   */
  momentOf?: string | null;
  /**
   * absent or null: it stands still
   */
  drift?: Drift | null;
  /**
   * of the circle that its baseline is bent to; below 0 it is bent downward; 0: straight, pixels
   */
  arc?: number;
  /**
   * whether it was guessed from the table, and nobody has said that it is right
   */
  guessed?: boolean;
}
/**
 * A figure of a chart.
 */
export interface FigureTarget {
  chart: string;
  figure: string;
}
/**
 * Each line of the script while it is spoken.
 */
export interface Captions {
  /**
   * of the last line, pixels
   */
  y: number;
  /**
   * lines wrap at it, pixels
   */
  width: number;
  font: Font;
  /**
   * Size, pixels
   */
  size: number;
  /**
   * null: dark or light, whichever reads on what is behind it
   */
  colour?: Colour | null;
  /**
   * as much lighter or darker as it takes to be read; where a text is of no part, it has no effect
   */
  ofPart?: boolean;
  upperCase?: boolean;
  /**
   * between two letters, as a part of the size
   */
  letterSpacing?: number;
  /**
   * from line to line, in multiples of the size
   */
  leading?: number;
  /**
   * lines that wrap are about as long as each other
   */
  balanced?: boolean;
  /**
   * a plate behind it; absent or null: none
   */
  plate?: Plate | null;
  /**
   * figures that hang and rise like small letters, in fonts that have them
   */
  oldFigures?: boolean;
  /**
   * empty: flat, in the colour of the part
   *
   * @maxItems 5
   */
  fills?: Fill[];
  /**
   * @maxItems 5
   */
  patterns?: Pattern[];
  /**
   * @maxItems 5
   */
  textures?: Texture[];
  /**
   * @maxItems 5
   */
  inners?: Inner[];
  /**
   * @maxItems 5
   */
  lines?: EdgeLine[];
  /**
   * @maxItems 5
   */
  edges?: EdgeLight[];
  /**
   * @maxItems 5
   */
  glows?: Glow[];
  /**
   * @maxItems 5
   */
  shadows?: Shadow[];
  /**
   * in which a caption comes, and in which it goes again; 0: at once, frames
   */
  fade?: number;
  /**
   * within its width, about the middle of the stage
   */
  align?: 'middle' | 'left' | 'right';
  /**
   * hand: where it is told here; rule: where the arrangement puts it
   */
  placedBy?: 'hand' | 'rule';
}
/**
 * What is behind the charts.
 */
export interface Backdrop {
  kind: 'colour' | 'linear' | 'radial' | 'picture' | 'transparent';
  /**
   * sRGB, such as #2f6b52
   */
  colour: string;
  /**
   * sRGB, such as #2f6b52
   */
  edge: string;
  /**
   * how much the corners darken
   */
  vignette: number;
  /**
   * one of the piece’s; null, or gone: its colour
   */
  picture?: string | null;
  /**
   * how much of the colour lies over the picture
   */
  dim?: number;
  /**
   * how far the picture is out of focus: the standard deviation, as a part of its width
   */
  blur?: number;
  /**
   * how far the picture goes from its middle and back, as a part of the width; it is larger by that
   */
  drift?: number;
  /**
   * of one round, frames
   */
  every?: number;
  /**
   * of the gradient; none: from its colour to its edge colour
   *
   * @maxItems 8
   */
  stops?: Stop[];
  /**
   * where a linear gradient leads, clockwise from 12 o’clock, degrees
   */
  degrees?: number;
  /**
   * middle of a radial gradient or of a picture, as a part of the width
   */
  x?: number;
  /**
   * as a part of the height
   */
  y?: number;
  /**
   * 1: the gradient’s ends just reach the corners, or a picture just covers the stage
   */
  size?: number;
  /**
   * @maxItems 5
   */
  textures?: Texture[];
  /**
   * @maxItems 5
   */
  lights?: BackdropLight[];
  /**
   * @maxItems 5
   */
  clouds?: Clouds[];
  /**
   * what a transparent stage is seen on at the desk and on the shelf; no file has it; null: a chequered ground
   */
  preview?: Colour | null;
}
/**
 * A soft blot of light on the backdrop, which may wander on a path that closes.
 */
export interface BackdropLight {
  colour: Colour;
  /**
   * of its middle, as a part of the stage’s width
   */
  x: number;
  /**
   * as a part of the stage’s height
   */
  y: number;
  /**
   * radius, as a part of the stage’s width
   */
  size: number;
  opacity: number;
  /**
   * how far it goes from there, as a part of the stage’s width
   */
  wander?: number;
  /**
   * of one round, frames
   */
  every?: number;
  /**
   * where on its path it begins
   */
  from?: number;
  blend?: 'normal' | 'multiply' | 'screen' | 'overlay' | 'soft-light' | 'add';
}
/**
 * Soft clouds over the backdrop, which change slowly.
 */
export interface Clouds {
  colour: Colour;
  amount: number;
  /**
   * how many of them lie side by side
   */
  across?: number;
  /**
   * after which they are as they began; 0: they stand still, frames
   */
  every?: number;
  /**
   * of other clouds of the same kind
   */
  variant?: number;
  blend?: 'normal' | 'multiply' | 'screen' | 'overlay' | 'soft-light' | 'add';
}
/**
 * The narration.
 */
export interface Script {
  /**
   * @maxItems 400
   */
  lines: Line[];
  /**
   * @maxItems 12
   */
  recordings?: Recording[];
  /**
   * the one in use; null: none
   */
  recording?: string | null;
}
/**
 * One spoken phrase.
 */
export interface Line {
  id: string;
  text: string;
  /**
   * Starts, frames
   */
  begin: number;
  /**
   * the one after its last, frames
   */
  end: number;
  /**
   * the same in a second language, for subtitles; absent or empty: none
   */
  other?: string;
}
/**
 * A narration of the script: a sound, where it stands in the piece, and when its words are said.
 */
export interface Recording {
  id: string;
  name: string;
  /**
   * the fingerprint of its file (SHA-256); null: a timing without a sound
   */
  sound: string | null;
  /**
   * all of it, before anything is trimmed, milliseconds
   */
  length: number;
  /**
   * Starts, frames
   */
  begin: number;
  /**
   * where it begins in the whole: what is before is trimmed, milliseconds
   */
  from: number;
  /**
   * where it ends in the whole: what is after is trimmed, milliseconds
   */
  to: number;
  /**
   * how loud: 1 as recorded, 0 silent
   */
  level: number;
  /**
   * who reads it, where it stands in for a narrator
   */
  scratch: ScratchVoice | null;
  /**
   * @maxItems 400
   */
  heard: HeardLine[];
  /**
   * what it says and the script does not
   *
   * @maxItems 200
   */
  unwritten?: UnwrittenSpeech[];
}
/**
 * Who reads a recording that stands in for a narrator.
 */
export interface ScratchVoice {
  speaker: string;
  /**
   * words a minute
   */
  pace: number;
}
/**
 * The words of a line in a recording.
 */
export interface HeardLine {
  line: string;
  /**
   * @maxItems 400
   */
  words: HeardWord[];
}
/**
 * A word as it is said in a recording.
 */
export interface HeardWord {
  /**
   * as it was written when it was found
   */
  text: string;
  /**
   * when it begins, milliseconds
   */
  at: number;
  /**
   * when it ends, milliseconds
   */
  end: number;
  /**
   * how sure it is that it is said there
   */
  sure?: number;
  /**
   * whether somebody has put it there
   */
  hand?: boolean;
  /**
   * where listening found it, if somebody has put it elsewhere, milliseconds
   */
  found?: number;
  /**
   * whether the recording leaves it out, and it would be said there
   */
  unsaid?: boolean;
}
/**
 * Something that a recording says and its script does not.
 */
export interface UnwrittenSpeech {
  /**
   * when it begins, milliseconds
   */
  at: number;
  /**
   * when it ends, milliseconds
   */
  end: number;
  /**
   * the line whose word comes before it; null where none does
   */
  line: string | null;
  /**
   * how many words of that line come before it
   */
  word: number;
  /**
   * the text that it says once more; null where it is none of the script
   */
  again: string | null;
  /**
   * whether somebody has said that it stays unwritten
   */
  left?: boolean;
}
/**
 * A timed move of one figure, of a chart, of a text, of a panel or of the camera: something comes, goes, changes one property, stands out, or is looked at.
 */
export interface Move {
  id: string;
  kind: 'entrance' | 'exit' | 'change' | 'emphasis' | 'shot';
  target:
    | FigureTarget
    | LabelTarget
    | WordsTarget
    | PanelTarget
    | ChartTarget
    | BackdropTarget
    | CaptionsTarget
    | CameraTarget;
  /**
   * where it is not pinned, frames
   */
  begin: number;
  pin: Pin | null;
  /**
   * Lasts, frames
   */
  frames: number;
  curve: Curve;
  opens: Opens;
  /**
   * what a change changes, such as value, out, column or form.hole
   */
  property?: string;
  /**
   * what a change of a number begins from; null or absent: from what the property is then
   */
  from?: number | null;
  /**
   * what a change leads to: a number, what a cell of the sheet takes, a column or an order
   */
  to?: number | string;
  emphasis?: Emphasis;
  shot?: Shot;
  /**
   * how something comes or goes: as its form opens it (words fade then), popping up from its middle, fading, or rising to its place; words also letter by letter or word by word
   */
  manner?: 'open' | 'pop' | 'fade' | 'rise' | 'letters' | 'words';
  /**
   * the move that it begins with or after, where it is not pinned
   */
  follow?: Follow | null;
  /**
   * it lasts to the end of the line in which it begins
   */
  toLineEnd?: boolean;
  /**
   * a part that opens, or figures that change, may run past their figures where the curve does, and their readings with them
   */
  passes?: boolean;
}
/**
 * The label of a figure: told when to come or go, whatever its part does.
 */
export interface LabelTarget {
  chart: string;
  figure: string;
  part: 'label';
}
/**
 * A text on the stage.
 */
export interface WordsTarget {
  words: string;
}
/**
 * A panel on the stage.
 */
export interface PanelTarget {
  panel: string;
}
/**
 * A chart as a whole, in a change.
 */
export interface ChartTarget {
  chart: string;
}
/**
 * What is behind everything: its colours and its vignette change.
 */
export interface BackdropTarget {
  stage: 'backdrop';
}
/**
 * All captions: how they are set changes.
 */
export interface CaptionsTarget {
  stage: 'captions';
}
/**
 * The camera, in a shot.
 */
export interface CameraTarget {
  camera: true;
}
/**
 * what an emphasis does
 */
export interface Emphasis {
  /**
   * null: at the end of the line that it is pinned to, else after a while, frames
   */
  until: number | null;
  /**
   * the beat on which it lets go, instead
   */
  untilPin: Pin | null;
  /**
   * how far the part is pulled out, pixels
   */
  out: number;
  /**
   * how much it is lit
   */
  light: number;
  /**
   * a multiple
   */
  size: number;
  /**
   * how much the others dim
   */
  dim: number;
  /**
   * a multiple
   */
  label: number;
  /**
   * the free text that appears with it
   */
  note?: string | null;
}
/**
 * what a shot leads the camera to
 */
export interface Shot {
  /**
   * 1 is the whole stage
   */
  zoom: number;
  /**
   * what it looks at, in every shape of the stage
   */
  on: ShotTarget | null;
  /**
   * the middle of its frame as a fraction of the stage; where it looks at something, from the middle of that
   */
  x: number;
  /**
   * the same, down
   */
  y: number;
  /**
   * clockwise, degrees
   */
  turn?: number;
}
/**
 * A chart that the camera looks at, or a mark of it.
 */
export interface ShotTarget {
  chart: string;
  figure?: string;
}
/**
 * Ties a move to another one.
 */
export interface Follow {
  move: string;
  /**
   * it begins with it, or when it has arrived
   */
  how: 'with' | 'after';
  /**
   * Offset, frames
   */
  offset: number;
}
/**
 * The rule by which charts, words and captions share the stage, in any shape of it.
 */
export interface Arrangement {
  /**
   * where the charts stand, seen from the words; alone: the words small above them
   */
  charts: 'left' | 'right' | 'below' | 'above' | 'alone';
  /**
   * how several charts stand to each other
   */
  several: 'fitting' | 'row' | 'column' | 'grid';
  /**
   * left and right, as a part of the stage’s shorter side
   */
  across?: number;
  /**
   * as a part of the stage’s shorter side
   */
  down?: number;
  /**
   * of the grid that is shown on the stage, between its margins
   */
  columns?: number;
  /**
   * of the same grid
   */
  rows?: number;
  /**
   * between two columns or rows, as a part of the stage’s shorter side
   */
  gutter?: number;
}
/**
 * Another shape that the piece is made in. Everything but places and sizes is shared.
 */
export interface StageShape {
  id: string;
  /**
   * even, pixels
   */
  width: number;
  /**
   * even, pixels
   */
  height: number;
  /**
   * by the id of a chart, a text or a panel, legend- and a chart’s id, or captions
   */
  own: {
    [k: string]: OwnPlace;
  };
}
/**
 * Where something stands in one shape of the stage alone.
 */
export interface OwnPlace {
  /**
   * pixels
   */
  x: number;
  /**
   * pixels
   */
  y: number;
  /**
   * a multiple of its size on the piece’s own stage
   */
  size?: number;
  /**
   * lines wrap at it, readings of a legend end there, and a panel is so wide, pixels
   */
  width?: number | null;
  /**
   * of a panel, pixels
   */
  height?: number | null;
  /**
   * the size of words at a chart’s marks, as a multiple
   */
  text?: number;
  /**
   * numbers of a chart’s form that are other ones here
   */
  form?: {
    [k: string]: number;
  };
}
/**
 * How the camera takes the stage; where it goes, moves of the kind shot say.
 */
export interface Camera {
  backdrop: 'stays' | 'goes along';
}
/**
 * Motion blur: the shutter is open around each frame’s own time, and what moves is taken at several moments of it. What is read, and what changes from one frame to the next, stays sharp.
 */
export interface Shutter {
  /**
   * 360 is open all the time, 180 half of it, degrees
   */
  angle: number;
  /**
   * moments of each frame
   */
  samples: 5 | 9 | 17 | 33;
  /**
   * whether charts are blurred, with their labels
   */
  charts: boolean;
  words: boolean;
  camera: boolean;
}
/**
 * A curve that is kept with the piece under a name.
 */
export interface OwnCurve {
  name: string;
  curve: Curve;
}
/**
 * A plain shape on the stage.
 */
export interface Panel {
  id: string;
  kind: 'rectangle' | 'pill' | 'circle' | 'ring' | 'rule' | 'frame' | 'bracket' | 'arrow';
  /**
   * its middle, from the left, pixels
   */
  x: number;
  /**
   * its middle, from the top, pixels
   */
  y: number;
  /**
   * of a circle and a ring the diameter where it is less than the height, pixels
   */
  width: number;
  /**
   * of a rule how thick it is, of an arrow its head, pixels
   */
  height: number;
  /**
   * clockwise about its middle, degrees
   */
  turn?: number;
  /**
   * smaller where there is less room, pixels
   */
  radius?: number;
  /**
   * of its line, pixels
   */
  thickness?: number;
  /**
   * sRGB, such as #2f6b52
   */
  colour: string;
  /**
   * what it is behind and in front of
   */
  stands?: 'back' | 'between' | 'front';
  /**
   * what it lies around and follows: the id of a chart or a text, legend- and a chart’s id, all or stage; absent or null: it stands where it is put
   */
  around?: string | null;
  /**
   * clear of what it lies around, pixels
   */
  padding?: number;
  /**
   * what it is called in lists; absent: by its shape
   */
  name?: string;
  /**
   * left out of the picture
   */
  hidden?: boolean;
  /**
   * the name of the group that it is taken together with
   */
  group?: string | null;
  /**
   * absent or null: it stands still
   */
  drift?: Drift | null;
  /**
   * it came with a kit, and goes with it
   */
  ofKit?: boolean;
  /**
   * empty: flat, in the colour of the part
   *
   * @maxItems 5
   */
  fills?: Fill[];
  /**
   * @maxItems 5
   */
  patterns?: Pattern[];
  /**
   * @maxItems 5
   */
  textures?: Texture[];
  /**
   * @maxItems 5
   */
  inners?: Inner[];
  /**
   * @maxItems 5
   */
  lines?: EdgeLine[];
  /**
   * @maxItems 5
   */
  edges?: EdgeLight[];
  /**
   * @maxItems 5
   */
  glows?: Glow[];
  /**
   * @maxItems 5
   */
  shadows?: Shadow[];
}
/**
 * A picture that fills can have: a file beside the document, named by its fingerprint.
 */
export interface Picture {
  id: string;
  name: string;
  /**
   * SHA-256 of the file, in hexadecimal digits
   */
  file: string;
  /**
   * pixels
   */
  width: number;
  /**
   * pixels
   */
  height: number;
  /**
   * 12 × 12 mean colours of it, row by row, each RRGGBBAA: what contrast is measured against; none: not known
   */
  colours?: string;
}
/**
 * The two colours that words take by themselves, whichever reads on what is behind them.
 */
export interface Ink {
  /**
   * sRGB, such as #2f6b52
   */
  light?: string;
  /**
   * sRGB, such as #2f6b52
   */
  dark?: string;
}
/**
 * The kit that a piece has taken its look from.
 */
export interface KitMark {
  id: string;
  name: string;
  /**
   * what was taken of it
   *
   * @maxItems 6
   */
  parts: ('colours' | 'type' | 'backdrop' | 'finish' | 'layout' | 'motion')[];
  /**
   * which state of the kit
   */
  revision?: number;
}
/**
 * What is said to those who do not see the picture: the words of one’s own.
 */
export interface TextAlternative {
  short: string;
  long: string;
}
