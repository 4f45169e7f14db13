/**
 * The reel as core writes it; see docs/reel.md. Pixels of the stage, whole frames; with samples, tracks count moments.
 */
export interface Reel {
  reel: 1;
  width: number;
  height: number;
  rate: [number, number];
  frames: number;
  /** first and last frame that this reel holds */
  from: number;
  to: number;
  /** moments of each frame that a shutter takes, odd, the middle one the frame itself; absent: frames alone */
  samples?: number;
  /** path data; number 0 is the empty outline */
  outlines: string[];
  /** path data in font units */
  glyphs: string[];
  runs: Run[];
  paints: Paint[];
  nodes: ReelNode[];
  tracks: Track[];
}

/** text, width in font units, and by turns a glyph's number and its place in font units */
export type Run = [text: string, width: number, places: number[]];

export interface Track {
  node: number;
  property: 'outline' | 'clip' | 'offset' | 'run' | 'opacity' | 'x' | 'y' | 'size' | 'turn' | 'fill' | 'whole';
  /** rising; the value holds until the next */
  frames: number[];
  values: (number | string)[];
}

export type Paint = RadialPaint | LinearPaint | PatternPaint;

export interface LinearPaint {
  kind: 'linear';
  x: number;
  y: number;
  toX: number;
  toY: number;
  stops: [place: number, colour: string, opacity: number][];
}

export interface RadialPaint {
  kind: 'radial';
  x: number;
  y: number;
  radius: number;
  /** height over width */
  stretch: number;
  stops: [place: number, colour: string, opacity: number][];
}

export interface PatternPaint {
  kind: 'pattern';
  x: number;
  y: number;
  size: number;
  degrees: number;
  outline: string;
  colour: string;
  reach: number;
}

export type ReelNode = GroupNode | PathNode | TextNode;

export interface GroupNode {
  kind: 'group';
  index: number;
  name: string;
  opacity: number;
  /** moved, scaled and turned about a pivot; absent where it never is */
  pose?: { pivot: [x: number, y: number]; x: number; y: number; size: number; turn: number };
  /** the number of the outline within which its children are seen; absent where all of them is */
  clip?: number;
  children: ReelNode[];
}

export interface PathNode {
  kind: 'path';
  index: number;
  outline: number;
  /** a colour, or the number of a paint */
  fill: string | number;
  opacity: number;
  /** standard deviation in pixels; 0 is sharp */
  blur: number;
  /** the line that the fill is for; absent where it fills the outline */
  stroke?: Stroke;
  mark: Mark | null;
}

/** A line along an outline, in pixels, with round corners. */
export interface Stroke {
  width: number;
  caps: 'butt' | 'round';
  /** lengths of dashes and gaps by turns */
  dashes: number[];
  /** how far into the dashes the line begins */
  offset: number;
}

export interface Mark {
  chart: string;
  figure: string;
  label: string;
  /** what of it is in proportion to its figure, and how much of that the whole is */
  measure: string;
  whole: number;
  pivot: [x: number, y: number];
}

export interface TextNode {
  kind: 'text';
  index: number;
  run: number;
  x: number;
  y: number;
  /** pixels for one font unit */
  scale: number;
  align: 'left' | 'middle' | 'right';
  fill: string;
  reading: string | null;
}
