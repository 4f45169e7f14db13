// Made from docs/reel.schema.json by bin/types.mjs. Do not edit.

/**
 * The computed animation, ready to be painted: the drawing once, and what changes on which frame. Lengths are pixels of the stage, times whole frames, opacities 0 to 1.
 */
export interface Reel {
  width: number;
  height: number;
  /**
   * frames in a second: numerator and denominator
   *
   * @minItems 2
   * @maxItems 2
   */
  rate: [number, number];
  /**
   * of the whole piece
   */
  frames: number;
  /**
   * the first frame that this reel holds
   */
  from: number;
  /**
   * the last
   */
  to: number;
  /**
   * moments of each frame that a shutter takes: odd, the middle one the frame itself; 1: frames alone
   */
  samples: number;
  /**
   * path data, absolute M, L, A and Z; number 0 is empty
   */
  outlines: string[];
  /**
   * path data in font units, y down, absolute M, L, Q, C and Z
   */
  glyphs: string[];
  /**
   * set texts: the text, its width in font units, and by turns a glyph's number and its place in font units
   */
  runs: [string, number, number[]][];
  paints: (
    AlongPaint | CloudsPaint | DotsPaint | LinearPaint | PatternPaint | PicturePaint | RadialPaint | TilePaint
  )[];
  /**
   * what is done to outlines
   */
  effects: (Blur | Inner)[];
  /**
   * the drawing, from the back to the front
   */
  nodes: (ReelGroup | ReelPath | ReelText)[];
  tracks: ReelTrack[];
  /**
   * version of this format
   */
  reel: number;
}
/**
 * A gradient along a line that bends: from where a part begins, around, to where it ends. On a canvas it is a conic gradient about the centre of each bend. Source: HTML, the 2D rendering context, createConicGradient. SVG has none: there each bend is cut in steps too small to be told apart. A bend has the x and y of its centre and its radius, the angles that it goes from and to, clockwise from 12 o’clock, and the places on the gradient, from 0 to 1, that it goes from and to.
 */
export interface AlongPaint {
  /**
   * as said above
   */
  bends: [number, number, number, number, number, number, number][];
  /**
   * half of the thickness on both sides of the bends
   */
  half: number;
  /**
   * place from 0 to 1, colour, opacity
   */
  stops: [number, string, number][];
  /**
   * height over width: circles are squashed about the centre of the first
   */
  stretch: number;
  kind: 'along';
}
/**
 * Clouds over all of the stage, in one colour: more and less opaque. They are soft, so they are made small and scaled up. The painter has the same rule (`painter/src/clouds.ts`).
 */
export interface CloudsPaint {
  colour: string;
  /**
   * how many lie side by side, and one above the other
   */
  columns: number;
  rows: number;
  seed: number;
  /**
   * how far they have come on their way back to themselves, from 0 up to 1
   */
  phase: number;
  kind: 'clouds';
}
/**
 * Dots that grow along a line: a halftone. They stand on a grid of the stage, so that those of neighbours match. The painter has the same rule (`painter/src/dots.ts`).
 */
export interface DotsPaint {
  /**
   * from one dot to the next, in pixels of the stage
   */
  cell: number;
  /**
   * the grid is turned clockwise about the stage’s corner
   */
  degrees: number;
  /**
   * where the dots begin to grow
   */
  x: number;
  y: number;
  /**
   * and where they have grown
   */
  toX: number;
  toY: number;
  /**
   * radius of a dot there and there, as a part of a cell; below 0 there is none yet
   */
  from: number;
  to: number;
  colour: string;
  /**
   * left, top, right and bottom of where they are needed
   *
   * @minItems 4
   * @maxItems 4
   */
  box: [number, number, number, number];
  kind: 'dots';
}
/**
 * A gradient along a line, in pixels of the stage.
 */
export interface LinearPaint {
  /**
   * where the line begins
   */
  x: number;
  y: number;
  /**
   * where it ends
   */
  toX: number;
  toY: number;
  /**
   * place from 0 to 1, colour, opacity
   */
  stops: [number, string, number][];
  kind: 'linear';
}
/**
 * A repeated shape in one colour; the space between stays open.
 */
export interface PatternPaint {
  /**
   * a point that a corner of a tile stands on, in pixels of the stage
   */
  x: number;
  y: number;
  /**
   * side of a tile, in pixels
   */
  size: number;
  /**
   * turned clockwise about that point
   */
  degrees: number;
  /**
   * path data of one tile
   */
  outline: string;
  colour: string;
  /**
   * how far from that point the pattern is needed, in pixels
   */
  reach: number;
  /**
   * whether it moves by itself, so that no picture of it is worth keeping
   */
  isDrifting: boolean;
  kind: 'pattern';
}
/**
 * A picture, once or repeated. The painter and whoever writes an SVG have its file by its fingerprint.
 */
export interface PicturePaint {
  /**
   * SHA-256 of the file
   */
  file: string;
  /**
   * left and top of the picture before it is turned, in pixels of the stage
   */
  x: number;
  y: number;
  /**
   * how large it is there
   */
  width: number;
  height: number;
  /**
   * turned clockwise about its middle
   */
  degrees: number;
  /**
   * whether it is laid side by side without end
   */
  repeats: boolean;
  /**
   * how far it is out of focus: standard deviation in thousandths of its width, 0 to 100
   */
  blur: number;
  kind: 'picture';
}
/**
 * A gradient from a middle outwards, in pixels of the stage.
 */
export interface RadialPaint {
  /**
   * its middle
   */
  x: number;
  y: number;
  radius: number;
  /**
   * place from 0 to 1, colour, opacity
   */
  stops: [number, string, number][];
  /**
   * height over width
   */
  stretch: number;
  kind: 'radial';
}
/**
 * A texture, repeated. The painter and core make its bytes from its name alone.
 */
export interface TilePaint {
  name: 'grain' | 'paper' | 'felt' | 'linen' | 'brushed' | 'slate' | 'chalk' | 'print';
  /**
   * grey: heights as greys, level at 128; relief: black and white, the more opaque the farther from level; cover: black, as opaque as the tile is bright
   */
  ink: 'grey' | 'relief' | 'cover';
  /**
   * of a cover: how much of what it leaves away is away, 0 to 1
   */
  amount: number;
  /**
   * where a corner of a tile lies, in pixels of the stage
   */
  x: number;
  y: number;
  /**
   * pixels of the stage for one of the tile
   */
  size: number;
  /**
   * turned clockwise about that corner
   */
  degrees: number;
  kind: 'tile';
}
/**
 * Soft edges, by a normal distribution: a glow, or a shadow that is moved and grown.
 */
export interface Blur {
  /**
   * standard deviation in pixels, 0 or above
   */
  deviation: number;
  /**
   * by how much it is moved to the right and down, in pixels
   */
  x: number;
  y: number;
  /**
   * by how much the outline is grown on every side before, in pixels, 0 or above
   */
  spread: number;
  kind: 'blur';
}
/**
 * Within the outline alone: the soft edge turned inside out, full at the edge and nothing in the middle.
 */
export interface Inner {
  /**
   * standard deviation in pixels, above 0
   */
  deviation: number;
  /**
   * by how much what is left out is moved to the right and down, in pixels
   */
  x: number;
  y: number;
  kind: 'inner';
}
/**
 * Nodes that come, go and move together. A group that holds marks is put together before it is seen through.
 */
export interface ReelGroup {
  index: number;
  role:
    | 'camera'
    | 'backdrop'
    | 'ground light'
    | 'chart'
    | 'body'
    | 'panel'
    | 'sample'
    | 'furniture'
    | 'tick'
    | 'target'
    | 'soft'
    | 'breath'
    | 'sides'
    | 'side'
    | 'seams'
    | 'figure'
    | 'line'
    | 'pattern'
    | 'shifted'
    | 'holes'
    | 'light'
    | 'label'
    | 'name'
    | 'centre'
    | 'axis titles'
    | 'axis title'
    | 'legend'
    | 'legend row'
    | 'words'
    | 'text'
    | 'pointer'
    | 'lettered'
    | 'plate'
    | 'written'
    | 'caption';
  /**
   * the id of what it is the group of
   */
  of: string | null;
  /**
   * 0 to 1; can have a track
   */
  opacity: number;
  /**
   * how it is moved; null where it never is
   */
  pose: ReelPose | null;
  /**
   * the number of the outline within which its children are seen, in the group's own pixels; null where all of them is; can have a track
   */
  clip: number | null;
  /**
   * the number of a tile that covers what is seen of its children, who are put together first; null where all of them is; can have a track
   */
  mask: number | null;
  /**
   * from the back to the front
   */
  children: (ReelGroup | ReelPath | ReelText)[];
  kind: 'group';
}
/**
 * How a group is moved, scaled and turned about a pivot. Each number can have a track of the group's.
 */
export interface ReelPose {
  /**
   * in the group's own pixels
   *
   * @minItems 2
   * @maxItems 2
   */
  pivot: [number, number];
  /**
   * pixels to the right
   */
  x: number;
  /**
   * pixels down
   */
  y: number;
  /**
   * 1 is as it is
   */
  size: number;
  /**
   * degrees clockwise
   */
  turn: number;
}
/**
 * An outline that is filled, or that a line runs along.
 */
export interface ReelPath {
  index: number;
  /**
   * its number; can have a track
   */
  outline: number;
  /**
   * a colour, or the number of a paint; can have a track
   */
  fill: number | string;
  /**
   * 0 to 1; can have a track
   */
  opacity: number;
  /**
   * how it is laid over what is below it
   */
  blend: 'normal' | 'multiply' | 'screen' | 'overlay' | 'soft-light' | 'add';
  /**
   * the number of what is done to it; null: it is sharp; can have a track
   */
  effect: number | null;
  /**
   * the line that the fill is for; null where it fills the outline
   */
  stroke: ReelStroke | null;
  /**
   * the figure that it stands for
   */
  mark: ReelMark | null;
  kind: 'path';
}
/**
 * A line along an outline, in pixels, with round corners.
 */
export interface ReelStroke {
  /**
   * can have a track
   */
  width: number;
  caps: 'butt' | 'round';
  /**
   * length of a dash; can have a track. With a gap of 0, the line is solid
   */
  dash: number;
  /**
   * from one dash to the next; can have a track
   */
  gap: number;
  /**
   * how far into the dashes the line begins; can have a track
   */
  offset: number;
  /**
   * null: all of the line has the paint
   */
  light: ReelLight | null;
}
/**
 * A light on a line: one dash of it, which fades from its middle to both ends. Its paint is a radial gradient about that middle, as wide as the nearer end is away.
 */
export interface ReelLight {
  /**
   * pixels from end to end; can have a track
   */
  length: number;
  /**
   * of its middle along the line, as a part of the whole way; can have a track
   */
  place: number;
}
/**
 * The figure that an outline stands for, and what of it is in proportion.
 */
export interface ReelMark {
  /**
   * a chart's id
   */
  chart: string;
  /**
   * a figure's id
   */
  figure: string;
  label: string;
  /**
   * what of it is in proportion to its figure
   */
  measure: string;
  /**
   * how much of that the whole is, in degrees or pixels; can have a track
   */
  whole: number;
  /**
   * what angles are measured about
   *
   * @minItems 2
   * @maxItems 2
   */
  pivot: [number, number];
}
/**
 * One line of text.
 */
export interface ReelText {
  index: number;
  /**
   * its number among the set texts; can have a track
   */
  run: number;
  /**
   * where it is aligned at; can have a track
   */
  x: number;
  /**
   * its baseline; can have a track
   */
  y: number;
  /**
   * pixels for one font unit
   */
  scale: number;
  align: 'left' | 'middle' | 'right';
  /**
   * a colour
   */
  fill: string;
  /**
   * the figure that it counts with, or `total`
   */
  reading: string | null;
  /**
   * whether its letters are painted; else outlines beside it are what is seen of it
   */
  painted: boolean;
  /**
   * the colours that its letters can have, where those are several
   */
  inks: string[];
  /**
   * the colour of a line around its letters that they are told from
   */
  edge: string | null;
  /**
   * radius of the circle that its baseline is bent to, in pixels, below 0: downward; null: straight
   */
  bend: number | null;
  kind: 'text';
}
/**
 * What changes about a node: a value holds until the next.
 */
export interface ReelTrack {
  /**
   * its index
   */
  node: number;
  property:
    | 'outline'
    | 'clip'
    | 'mask'
    | 'fill'
    | 'effect'
    | 'opacity'
    | 'offset'
    | 'width'
    | 'dash'
    | 'gap'
    | 'length'
    | 'place'
    | 'run'
    | 'x'
    | 'y'
    | 'size'
    | 'turn'
    | 'whole';
  /**
   * rising, from the reel's first on; moments where the reel has samples
   */
  frames: number[];
  values: (number | string)[];
}
