import type { Matrix } from './matrix';

/** The part of a 2D canvas that the painter uses; the browser's and Skia's both have it. */
export interface Surface {
  width: number;
  height: number;
  getContext(kind: '2d'): Context | null;
}

/** left, top, width and height */
type Quad = [left: number, top: number, width: number, height: number];

export interface Context {
  canvas: { width: number; height: number };
  globalAlpha: number;
  globalCompositeOperation: string;
  fillStyle: unknown;
  shadowColor: string;
  shadowBlur: number;
  shadowOffsetX: number;
  shadowOffsetY: number;
  imageSmoothingEnabled: boolean;
  imageSmoothingQuality: 'low' | 'medium' | 'high';
  save(): void;
  restore(): void;
  setTransform(a: number, b: number, c: number, d: number, e: number, f: number): void;
  clearRect(x: number, y: number, width: number, height: number): void;
  fillRect(x: number, y: number, width: number, height: number): void;
  createPattern(image: Surface, repetition: 'repeat'): Pattern | null;
  getImageData(x: number, y: number, width: number, height: number): Pixels;
  putImageData(pixels: Pixels, x: number, y: number): void;
  strokeStyle: unknown;
  lineWidth: number;
  lineCap: 'butt' | 'round' | 'square';
  lineJoin: 'bevel' | 'miter' | 'round';
  lineDashOffset: number;
  setLineDash(lengths: number[]): void;
  fill(path: OutlinePath): void;
  stroke(path: OutlinePath): void;
  clip(path: OutlinePath): void;
  drawImage(image: Surface, x: number, y: number, width: number, height: number): void;
  /** a part of the image, and where it goes */
  drawImage(image: Surface, ...fromAndTo: [...Quad, ...Quad]): void;
  createLinearGradient(
    x0: number,
    y0: number,
    x1: number,
    y1: number,
  ): { addColorStop(place: number, colour: string): void };
  /** @param start in radians clockwise from the right */
  createConicGradient(start: number, x: number, y: number): { addColorStop(place: number, colour: string): void };
  createRadialGradient(
    x0: number,
    y0: number,
    r0: number,
    x1: number,
    y1: number,
    r1: number,
  ): { addColorStop(place: number, colour: string): void };
}

/** RGBA, colours not multiplied by their opacity */
export interface Pixels {
  data: Uint8ClampedArray;
  width: number;
  height: number;
}

/** A picture that a canvas repeats, and where it lies. */
export interface Pattern {
  setTransform(matrix: unknown): void;
}

export interface OutlinePath {
  moveTo(x: number, y: number): void;
  arc(x: number, y: number, radius: number, from: number, to: number): void;
  addPath(path: OutlinePath, matrix?: { a: number; b: number; c: number; d: number; e: number; f: number }): void;
}

/** What differs from place to place: how a canvas and a path are made. */
export interface Studio {
  surface(width: number, height: number): Surface;
  /** one whose pixels are read often */
  readable(width: number, height: number): Surface;
  path(data?: string): OutlinePath;
  /** as a pattern is moved by */
  matrix(matrix: Matrix): unknown;
  /** a picture by its fingerprint and its blur, in thousandths of its width; null where it is not there */
  picture(file: string, blur: number): Surface | null;
  /** as a canvas takes them */
  pixels(data: Uint8ClampedArray, width: number, height: number): Pixels;
}

export function contextOf(surface: Surface): Context {
  const context = surface.getContext('2d');
  if (!context) throw new Error('This canvas has no 2D context.');
  return context;
}
