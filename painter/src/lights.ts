import { chainOf, type Stretch } from './chain';

/** how much of the colour is there on the way from the middle to an end, and of the line at most; core’s ReelLight */
export const FADE = [
  [0, 1],
  [0.25, 0.8],
  [0.6, 0.28],
  [1, 0],
] as const;
const MOST = 0.8;

export interface LitEdge {
  dashes: [long: number, rest: number];
  offset: number;
  /** the middle of the light, and how far its nearer end is from there, in pixels of the stage */
  x: number;
  y: number;
  radius: number;
}

export const lengthOf = ({ x, y, toX, toY, arc }: Stretch): number =>
  arc ? Math.abs(arc.sweep) * arc.radius : Math.hypot(toX - x, toY - y);

function pointOn({ x, y, toX, toY, arc }: Stretch, part: number): [number, number] {
  if (!arc) return [x + (toX - x) * part, y + (toY - y) * part];
  const angle = arc.from + arc.sweep * part;
  return [arc.x + arc.radius * Math.cos(angle), arc.y + arc.radius * Math.sin(angle)];
}

/** How a light on an edge is stroked: one dash, about its middle; null where there is no edge. Core has the same. */
export function litEdge(outline: string, length: number, place: number): LitEdge | null {
  const chain = chainOf(outline);
  const lengths = chain.map(lengthOf);
  const way = lengths.reduce((all, one) => all + one, 0);
  if (way <= 0) return null;
  const at = (part: number): [number, number] => {
    let left = ((part + 2) % 1) * way;
    for (const [index, one] of lengths.entries()) {
      if (left <= one) return pointOn(chain[index], one > 0 ? left / one : 0);
      left -= one;
    }
    const last = chain[chain.length - 1];
    return [last.toX, last.toY];
  };
  const long = Math.min(length, way * MOST);
  const half = long / 2 / way;
  const [x, y] = at(place);
  const away = [place - half, place + half].map((end) => {
    const [endX, endY] = at(end);
    return Math.hypot(endX - x, endY - y);
  });
  return {
    dashes: [long, way - long],
    offset: -(place * way - long / 2),
    x,
    y,
    radius: Math.max(0.01, ...[Math.min(...away)]),
  };
}
