import type { Box } from './bounds';

/** An affine map as a canvas takes it: x' = a·x + c·y + e, y' = b·x + d·y + f. */
export interface Matrix {
  a: number;
  b: number;
  c: number;
  d: number;
  e: number;
  f: number;
}

/** First the second, then the first. */
export function times(one: Matrix, other: Matrix): Matrix {
  return {
    a: one.a * other.a + one.c * other.b,
    b: one.b * other.a + one.d * other.b,
    c: one.a * other.c + one.c * other.d,
    d: one.b * other.c + one.d * other.d,
    e: one.a * other.e + one.c * other.f + one.e,
    f: one.b * other.e + one.d * other.f + one.f,
  };
}

export function inverse({ a, b, c, d, e, f }: Matrix): Matrix {
  const size = a * d - b * c || 1e-12;
  return {
    a: d / size,
    b: -b / size,
    c: -c / size,
    d: a / size,
    e: (c * f - d * e) / size,
    f: (b * e - a * f) / size,
  };
}

/** Moved, turned clockwise by degrees and scaled, all about a pivot. */
export function posed(pivotX: number, pivotY: number, x: number, y: number, size: number, turn: number): Matrix {
  const cos = Math.cos((turn * Math.PI) / 180) * size;
  const sin = Math.sin((turn * Math.PI) / 180) * size;
  return {
    a: cos,
    b: sin,
    c: -sin,
    d: cos,
    e: pivotX + x - cos * pivotX + sin * pivotY,
    f: pivotY + y - sin * pivotX - cos * pivotY,
  };
}

/** Where a map takes a point. */
export function at({ a, b, c, d, e, f }: Matrix, [x, y]: [number, number]): [number, number] {
  return [a * x + c * y + e, b * x + d * y + f];
}

/** Degrees clockwise from one point to another, seen from a third; from −180 to 180. */
export function degreesAround(centre: [number, number], from: [number, number], to: [number, number]): number {
  const angle = ([x, y]: [number, number]): number => Math.atan2(y - centre[1], x - centre[0]);
  const turned = ((angle(to) - angle(from)) * 180) / Math.PI;
  return turned > 180 ? turned - 360 : turned < -180 ? turned + 360 : turned;
}

/** The upright box around a box that was mapped. */
export function mapped({ left, top, right, bottom }: Box, { a, b, c, d, e, f }: Matrix): Box {
  const corners = [
    [left, top],
    [right, top],
    [left, bottom],
    [right, bottom],
  ];
  const xs = corners.map(([x, y]) => a * x + c * y + e);
  const ys = corners.map(([x, y]) => b * x + d * y + f);
  return { left: Math.min(...xs), top: Math.min(...ys), right: Math.max(...xs), bottom: Math.max(...ys) };
}

export function alikePoses(one: Matrix | null, other: Matrix | null): boolean {
  if (!one || !other) return one === other;
  return (['a', 'b', 'c', 'd', 'e', 'f'] as const).every((name) => one[name] === other[name]);
}
