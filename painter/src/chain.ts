/** A stretch of an outline: straight, or an arc of a circle. */
export interface Stretch {
  x: number;
  y: number;
  toX: number;
  toY: number;
  /** its circle, the angle that it begins at and how far it goes, in radians, clockwise on the stage */
  arc: { x: number; y: number; radius: number; from: number; sweep: number } | null;
}

/**
 * The stretches of an outline.
 *
 * @param data absolute M, L, A and Z, as outlines of a reel are written
 */
export function chainOf(data: string): Stretch[] {
  const outline = new Outline(data);
  const chain: Stretch[] = [];
  let [x, y, startX, startY] = [0, 0, 0, 0];
  for (let command = outline.command(); command !== 0; command = outline.command()) {
    if (command === M) {
      x = startX = outline.number();
      y = startY = outline.number();
      continue;
    }
    let next: Stretch;
    if (command === A) {
      const radius = outline.number();
      outline.number();
      outline.number();
      const large = outline.number() === 1;
      const clockwise = outline.number() === 1;
      const toX = outline.number();
      const toY = outline.number();
      next = { x, y, toX, toY, arc: arcOf(x, y, radius, large, clockwise, toX, toY) };
    } else {
      const toX = command === L ? outline.number() : startX;
      const toY = command === L ? outline.number() : startY;
      next = { x, y, toX, toY, arc: null };
    }
    chain.push(next);
    x = next.toX;
    y = next.toY;
  }
  return chain;
}

const [A, L, M] = ['A', 'L', 'M'].map((letter) => letter.charCodeAt(0));

/** Reads an outline from its beginning: letters have tens of thousands of signs, and each edit may bring new ones. */
class Outline {
  at = 0;

  constructor(private readonly data: string) {}

  /** The next command; 0 at the end. */
  command(): number {
    while (this.at < this.data.length) {
      const code = this.data.charCodeAt(this.at++);
      if (code >= 65 && code <= 90) return code;
    }
    return 0;
  }

  number(): number {
    const { data } = this;
    let from = this.at;
    while (from < data.length && !isOfNumber(data.charCodeAt(from))) from++;
    let to = from + 1;
    // A sign begins another number, but for one after an e.
    for (; to < data.length; to++) {
      const code = data.charCodeAt(to);
      if (!isOfNumber(code) || ((code === 45 || code === 43) && (data.charCodeAt(to - 1) | 32) !== 101)) break;
    }
    this.at = to;
    return Number(data.slice(from, to));
  }
}

/** Digits, a point, signs and e. */
const isOfNumber = (code: number): boolean =>
  (code >= 48 && code <= 57) || code === 46 || code === 45 || code === 43 || (code | 32) === 101;

/** Source: SVG 1.1, implementation notes F.6.5, conversion from endpoint to centre parameterization. */
function arcOf(
  x: number,
  y: number,
  radius: number,
  large: boolean,
  clockwise: boolean,
  toX: number,
  toY: number,
): Stretch['arc'] {
  const [halfX, halfY] = [(x - toX) / 2, (y - toY) / 2];
  const square = halfX * halfX + halfY * halfY;
  const size = Math.max(radius, Math.sqrt(square));
  const factor = square > 0 ? Math.sqrt(Math.max(0, (size * size - square) / square)) : 0;
  const side = large === clockwise ? -factor : factor;
  const [centreX, centreY] = [(x + toX) / 2 + side * halfY, (y + toY) / 2 - side * halfX];
  const from = Math.atan2(y - centreY, x - centreX);
  let sweep = Math.atan2(toY - centreY, toX - centreX) - from;
  if (clockwise && sweep < 0) sweep += 2 * Math.PI;
  if (!clockwise && sweep > 0) sweep -= 2 * Math.PI;
  return { x: centreX, y: centreY, radius: size, from, sweep };
}

/**
 * How long the pieces of an arc are, in radians, up to a radius. A canvas draws each as a curve, which misses a long
 * one by up to a quarter of a pixel, and these by a fiftieth at most.
 */
const PIECES: [radius: number, piece: number][] = [
  [12, Math.PI / 4],
  [100, Math.PI / 8],
  [Infinity, Math.PI / 18],
];

/**
 * The same outline with its arcs in pieces that end at the same angles of their circles, however far they go: canvases
 * draw those to a hundredth of a pixel, and what stands of an arc that grows is drawn as it was.
 *
 * @param data absolute M, L, A and Z, or M, L, Q, C and Z, which are left as they are
 */
export function inPieces(data: string): string {
  if (!/A[-.\d]/.test(data)) return data;
  const outline = new Outline(data);
  let [x, y] = [0, 0];
  let made = '';
  let copied = 0;
  for (let command = outline.command(); command !== 0; command = outline.command()) {
    if (command === A) {
      const begins = outline.at - 1;
      const radius = outline.number();
      const across = outline.number();
      const turn = outline.number();
      const large = outline.number() === 1;
      const clockwise = outline.number() === 1;
      const ends = outline.at;
      const toX = outline.number();
      const toY = outline.number();
      const arc = radius === across && turn === 0 ? arcOf(x, y, radius, large, clockwise, toX, toY) : null;
      const pieces = arc ? piecesOf(arc, clockwise) : '';
      if (arc && pieces !== '') {
        made += data.slice(copied, begins) + pieces + pieceTo(arc, clockwise, data.slice(ends, outline.at).trim());
        copied = outline.at;
      }
      x = toX;
      y = toY;
    } else if (command === M || command === L) {
      x = outline.number();
      y = outline.number();
    }
  }
  return copied === 0 ? data : made + data.slice(copied);
}

/** The pieces of an arc up to its last one; none where it is one piece. */
function piecesOf(arc: NonNullable<Stretch['arc']>, clockwise: boolean): string {
  const way = Math.sign(arc.sweep);
  const [, piece] = PIECES.find(([most]) => arc.radius <= most)!;
  const first = way > 0 ? Math.floor(arc.from / piece) + 1 : Math.ceil(arc.from / piece) - 1;
  const to = arc.from + arc.sweep;
  let made = '';
  for (let step = first; way * (to - step * piece) > SHORT; step += way) {
    if (Math.abs(step * piece - arc.from) <= SHORT) continue;
    const x = arc.x + arc.radius * Math.cos(step * piece);
    const y = arc.y + arc.radius * Math.sin(step * piece);
    made += pieceTo(arc, clockwise, `${x.toFixed(6)} ${y.toFixed(6)}`);
  }
  return made;
}

const pieceTo = ({ radius }: NonNullable<Stretch['arc']>, clockwise: boolean, end: string): string =>
  `A${radius} ${radius} 0 0 ${clockwise ? 1 : 0} ${end}`;

/** radians that are too short for a piece of their own */
const SHORT = 1e-4;
