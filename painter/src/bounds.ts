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

/** how many boxes are kept before all are let go */
const KEPT_BOXES = 20_000;

/** The boxes of a reel's outlines and glyphs, each found once. */
export class Bounds {
  private readonly runs = new Map<number, Box | null>();

  /** @param known boxes of outlines and glyphs, by what they are made of */
  constructor(
    readonly reel: Reel,
    private readonly known: Map<string, Box | null>,
  ) {}

  ofOutline(number: number): Box | null {
    return this.of(this.reel.outlines[number]);
  }

  /** In font units. */
  ofGlyph(number: number): Box | null {
    return this.of(this.reel.glyphs[number]);
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

  private of(data: string): Box | null {
    let box = this.known.get(data);
    if (box === undefined) {
      if (this.known.size > KEPT_BOXES) this.known.clear();
      box = boundsOf(data);
      this.known.set(data, box);
    }
    return box;
  }
}

const QUARTER = Math.PI / 2;

/** Takes points of a stretch that no part of it stands out from: its ends, and where its circle turns back. */
export function follow({ x, y, toX, toY, arc }: Stretch, take: (x: number, y: number) => void): void {
  take(x, y);
  take(toX, toY);
  if (!arc) return;
  const [least, most] = [Math.min(arc.from, arc.from + arc.sweep), Math.max(arc.from, arc.from + arc.sweep)];
  for (let turn = Math.ceil(least / QUARTER); turn * QUARTER < most; turn++) {
    const side = ((turn % 4) + 4) % 4;
    take(
      arc.x + (side === 0 ? arc.radius : side === 2 ? -arc.radius : 0),
      arc.y + (side === 1 ? arc.radius : side === 3 ? -arc.radius : 0),
    );
  }
}

/**
 * A box that an outline lies in; null where there is nothing. Of other curves than arcs the points that steer them are
 * taken, so the box may be a little larger than the outline.
 *
 * @param data absolute M, L, A and Z, or M, L, Q, C and Z, as outlines and glyphs of a reel are written
 */
export function boundsOf(data: string): Box | null {
  const box: Box = { left: Infinity, top: Infinity, right: -Infinity, bottom: -Infinity };
  const take = (x: number, y: number): void => {
    box.left = Math.min(box.left, x);
    box.top = Math.min(box.top, y);
    box.right = Math.max(box.right, x);
    box.bottom = Math.max(box.bottom, y);
  };
  if (data.includes('A')) {
    for (const stretch of chainOf(data)) follow(stretch, take);
  } else {
    const numbers = data.match(/-?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/g) ?? [];
    for (let at = 0; at + 1 < numbers.length; at += 2) take(Number(numbers[at]), Number(numbers[at + 1]));
  }
  return box.right < box.left ? null : box;
}
