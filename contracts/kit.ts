// Made from docs/kit.schema.json by bin/types.mjs. Do not edit.

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
 * A kit of Lupine: a look kept for use again. What it does not say of a piece stays as it is. Lengths are pixels of a stage of 1920 by 1080.
 */
export interface Kit {
  /**
   * the version of this format
   */
  lupineKit: 1;
  name: string;
  /**
   * in a few words what it is like
   */
  about?: string;
  /**
   * whether its words stand on a dark ground or on a light one
   */
  ground: 'dark' | 'light';
  /**
   * the two colours that words take by themselves
   */
  inks?: {
    /**
     * on a dark ground
     */
    light?: string;
    /**
     * on a light ground
     */
    dark?: string;
  } | null;
  /**
   * the swatches of charts
   */
  colours?: {
    /**
     * tints: one family from the first swatch; set: the swatches in turn; one: the first for all
     */
    colours?: 'tints' | 'set' | 'one';
    /**
     * @minItems 1
     * @maxItems 40
     */
    swatches?: [Colour, ...Colour[]];
  } | null;
  words?: KitWords | null;
  /**
   * told whole
   */
  backdrop?: {
    kind?: 'colour' | 'linear' | 'radial' | 'picture' | 'transparent';
    /**
     * sRGB, such as #2f6b52
     */
    colour?: string;
    /**
     * sRGB, such as #2f6b52
     */
    edge?: string;
    /**
     * how much the corners darken
     */
    vignette?: number;
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
  } | null;
  /**
   * plain shapes that it brings along, from the back to the front
   *
   * @maxItems 12
   */
  panels?: {
    kind?: 'rectangle' | 'pill' | 'circle' | 'ring' | 'rule' | 'frame' | 'bracket' | 'arrow';
    /**
     * its middle, from the left, pixels
     */
    x?: number;
    /**
     * its middle, from the top, pixels
     */
    y?: number;
    /**
     * of a circle and a ring the diameter where it is less than the height, pixels
     */
    width?: number;
    /**
     * of a rule how thick it is, of an arrow its head, pixels
     */
    height?: number;
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
    colour?: string;
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
  }[];
  /**
   * the coats of marks, told whole
   */
  marks?: {
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
  } | null;
  /**
   * told whole
   */
  tracks?: {
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
  } | null;
  /**
   * coats that parts have in turn
   *
   * @maxItems 12
   */
  turns?: {
    fills?: Fill[] | null;
    patterns?: Pattern[] | null;
    textures?: Texture[] | null;
    inners?: Inner[] | null;
    lines?: EdgeLine[] | null;
    edges?: EdgeLight[] | null;
    glows?: Glow[] | null;
    shadows?: Shadow[] | null;
  }[];
  /**
   * the coats of lines, told whole; absent: those of marks
   */
  lines?: {
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
  } | null;
  /**
   * the coats of areas, told whole; absent: those of marks
   */
  areas?: {
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
  } | null;
  /**
   * what the part has that is to be seen first, told whole
   */
  accent?: {
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
  } | null;
  forms?: {
    [k: string]: {
      [k: string]: number | string;
    };
  } | null;
  /**
   * where the parts of a whole are named; absent: where they are
   */
  naming?: ('parts' | 'legend') | null;
  /**
   * where labels go that stand on parts: beside them where coats would hide them
   */
  labelling?: ('on' | 'beside') | null;
  arrangement?: {
    /**
     * where the charts stand, seen from the words; alone: the words small above them
     */
    charts?: 'left' | 'right' | 'below' | 'above' | 'alone';
    /**
     * how several charts stand to each other
     */
    several?: 'fitting' | 'row' | 'column' | 'grid';
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
  } | null;
  motion?: {
    [k: string]: {
      /**
       * of each move, or of all of them where their order says so, frames
       */
      frames?: number;
      curve?: Curve;
      /**
       * one: one sweep over the whole chart, of which each part has its stretch
       */
      order?: 'together' | 'after' | 'overlapping' | 'length' | 'one';
      /**
       * of neighbours, frames
       */
      overlap?: number;
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
    };
  } | null;
  /**
   * that its coats and its backdrop show
   *
   * @maxItems 20
   */
  pictures?: {
    id?: string;
    name?: string;
    /**
     * SHA-256 of the file, in hexadecimal digits
     */
    file?: string;
    /**
     * pixels
     */
    width?: number;
    /**
     * pixels
     */
    height?: number;
    /**
     * 12 × 12 mean colours of it, row by row, each RRGGBBAA: what contrast is measured against; none: not known
     */
    colours?: string;
  }[];
}
/**
 * How words are set, by what they are for: sizes as on a stage whose shorter side is 1080 pixels. Words that are named are told whole: of font and size what is not said stays, of all else it is as usual.
 */
export interface KitWords {
  title?: {
    align?: 'left' | 'middle' | 'right';
    font?: Font;
    /**
     * Size, pixels
     */
    size?: number;
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
  } | null;
  subtitle?: {
    align?: 'left' | 'middle' | 'right';
    font?: Font;
    /**
     * Size, pixels
     */
    size?: number;
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
  } | null;
  source?: {
    align?: 'left' | 'middle' | 'right';
    font?: Font;
    /**
     * Size, pixels
     */
    size?: number;
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
  } | null;
  /**
   * of any size
   */
  note?: {
    font?: Font;
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
  } | null;
  captions?: {
    font?: Font;
    /**
     * Size, pixels
     */
    size?: number;
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
     * within its width, about the middle of the stage
     */
    align?: 'middle' | 'left' | 'right';
  } | null;
  labels?: {
    font?: Font;
    /**
     * Size, pixels
     */
    size?: number;
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
  } | null;
  names?: {
    font?: Font;
    /**
     * Size, pixels
     */
    size?: number;
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
  } | null;
  legend?: {
    /**
     * from row to row, in multiples of the size
     */
    spacing?: number;
    font?: Font;
    /**
     * Size, pixels
     */
    size?: number;
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
  } | null;
  centre?: {
    font?: Font;
    /**
     * Size, pixels
     */
    size?: number;
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
  } | null;
  axis?: {
    font?: Font;
    /**
     * Size, pixels
     */
    size?: number;
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
  } | null;
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
