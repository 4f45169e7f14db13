import { chainOf, type Stretch } from './chain';
import type { Reel } from './reel';

/** A box in pixels of the stage. */
export interface Box {
  left: number;
  top: number;
  right: number;
  bottom: number;
}

/** pixels that smoothed edges may stand out */
const EDGE = 2;

export function joined(a: Box | null, b: Box): Box {
  if (!a) return b;
  return {
    left: Math.min(a.left, b.left),
    top: Math.min(a.top, b.top),
    right: Math.max(a.right, b.right),
    bottom: Math.max(a.bottom, b.bottom),
  };
}

export function grown(box: Box, by: number): Box {
  return { left: box.left - by, top: box.top - by, right: box.right + by, bottom: box.bottom + by };
}

/** The box after it is scaled about nothing and then moved. */
export function moved(box: Box, scale: number, x: number, y: number): Box {
  return {
    left: box.left * scale + x,
    top: box.top * scale + y,
    right: box.right * scale + x,
    bottom: box.bottom * scale + y,
  };
}

/** Do two boxes lie over each other? */
export const meet = (one: Box | null, other: Box): boolean =>
  one !== null && one.left < other.right && one.right > other.left && one.top < other.bottom && one.bottom > other.top;

const areaOf = (box: Box): number => (box.right - box.left) * (box.bottom - box.top);

/** A few boxes that hold all that were added: those are joined that lie together. */
export class Boxes {
  private static readonly MOST = 6;
  /** square pixels that may be covered for nothing, rather than to have one box more */
  private static readonly SLACK = 30_000;
  readonly list: Box[] = [];

  add(one: Box | null): void {
    if (!one) return;
    let box = grown(one, EDGE);
    for (let at = 0; at < this.list.length; at++) {
      const all = joined(this.list[at], box);
      const waste = areaOf(all) - areaOf(this.list[at]) - areaOf(box);
      if (waste <= Boxes.SLACK || this.list.length >= Boxes.MOST) {
        // Larger now, it may hold or touch others.
        this.list.splice(at, 1);
        box = all;
        at = -1;
      }
    }
    this.list.push(box);
  }
}

/** The boxes of a reel's outlines and glyphs, each found once. */
export class Bounds {
  private readonly outlines = new Map<number, Box | null>();
  private readonly glyphs = new Map<number, Box | null>();
  private readonly runs = new Map<number, Box | null>();

  constructor(readonly reel: Reel) {}

  ofOutline(number: number): Box | null {
    return this.of(this.outlines, this.reel.outlines, number);
  }

  /** In font units. */
  ofGlyph(number: number): Box | null {
    return this.of(this.glyphs, this.reel.glyphs, number);
  }

  /** A set text from its left end and its baseline, in font units. */
  ofRun(number: number): Box | null {
    let box = this.runs.get(number);
    if (box === undefined) {
      box = null;
      const [, , places] = this.reel.runs[number];
      for (let at = 0; at < places.length; at += 2) {
        const glyph = this.ofGlyph(places[at]);
        if (glyph) box = joined(box, moved(glyph, 1, places[at + 1], 0));
      }
      this.runs.set(number, box);
    }
    return box;
  }

  private of(known: Map<number, Box | null>, data: string[], number: number): Box | null {
    let box = known.get(number);
    if (box === undefined) {
      box = boundsOf(data[number]);
      known.set(number, box);
    }
    return box;
  }
}

const ARC_STEPS = 8;

/** Takes points of a stretch, each with how far the stretch stands out between them. */
export function follow({ x, y, toX, toY, arc }: Stretch, take: (x: number, y: number, more?: number) => void): void {
  take(x, y);
  take(toX, toY);
  const steps = arc ? ARC_STEPS * Math.ceil(Math.abs(arc.sweep)) : 0;
  for (let step = 1; arc && step < steps; step++) {
    const angle = arc.from + (arc.sweep * step) / steps;
    const standsOut = arc.radius * (1 - Math.cos(arc.sweep / steps / 2));
    take(arc.x + arc.radius * Math.cos(angle), arc.y + arc.radius * Math.sin(angle), standsOut);
  }
}

/**
 * A box that an outline lies in; null where there is nothing. Arcs are followed in steps, with what they stand out
 * between two steps added, and of other curves the points that steer them are taken, so the box may be a little larger
 * than the outline and is never smaller.
 *
 * @param data absolute M, L, A and Z, or M, L, Q, C and Z, as outlines and glyphs of a reel are written
 */
export function boundsOf(data: string): Box | null {
  const box: Box = { left: Infinity, top: Infinity, right: -Infinity, bottom: -Infinity };
  const take = (x: number, y: number, more = 0): void => {
    box.left = Math.min(box.left, x - more);
    box.top = Math.min(box.top, y - more);
    box.right = Math.max(box.right, x + more);
    box.bottom = Math.max(box.bottom, y + more);
  };
  if (data.includes('A')) {
    for (const stretch of chainOf(data)) follow(stretch, take);
  } else {
    const numbers = data.match(/-?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/g) ?? [];
    for (let at = 0; at + 1 < numbers.length; at += 2) take(Number(numbers[at]), Number(numbers[at + 1]));
  }
  return box.right < box.left ? null : box;
}
