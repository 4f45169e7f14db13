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
  paints: (LinearPaint | PatternPaint | RadialPaint)[];
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
  kind: 'pattern';
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
 * Nodes that come, go and move together. A group that holds marks is put together before it is seen through.
 */
export interface ReelGroup {
  index: number;
  role:
    | 'camera'
    | 'backdrop'
    | 'chart'
    | 'body'
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
   * 0 to 1
   */
  opacity: number;
  /**
   * null: it is sharp
   */
  effect: Blur | null;
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
 * Soft edges, by a normal distribution.
 */
export interface Blur {
  /**
   * standard deviation in pixels, above 0
   */
  deviation: number;
  kind: 'blur';
}
/**
 * A line along an outline, in pixels, with round corners.
 */
export interface ReelStroke {
  width: number;
  caps: 'butt' | 'round';
  /**
   * lengths of dashes and gaps by turns
   */
  dashes: number[];
  /**
   * how far into the dashes the line begins; can have a track
   */
  offset: number;
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
  property: 'outline' | 'clip' | 'offset' | 'run' | 'opacity' | 'x' | 'y' | 'size' | 'turn' | 'fill' | 'whole';
  /**
   * rising, from the reel's first on; moments where the reel has samples
   */
  frames: number[];
  values: (number | string)[];
}
