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
  const parts = data.match(/[MLAZ]|-?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/g) ?? [];
  const chain: Stretch[] = [];
  let [x, y, startX, startY] = [0, 0, 0, 0];
  for (let at = 0; at < parts.length;) {
    const command = parts[at];
    if (command === 'M') {
      [x, y] = [startX, startY] = [Number(parts[at + 1]), Number(parts[at + 2])];
      at += 3;
      continue;
    }
    let next: Stretch;
    if (command === 'A') {
      const radius = Number(parts[at + 1]);
      const [toX, toY] = [Number(parts[at + 6]), Number(parts[at + 7])];
      next = { x, y, toX, toY, arc: arcOf(x, y, radius, parts[at + 4] === '1', parts[at + 5] === '1', toX, toY) };
      at += 8;
    } else {
      const [toX, toY] = command === 'L' ? [Number(parts[at + 1]), Number(parts[at + 2])] : [startX, startY];
      next = { x, y, toX, toY, arc: null };
      at += command === 'L' ? 3 : 1;
    }
    chain.push(next);
    [x, y] = [next.toX, next.toY];
  }
  return chain;
}

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
  const parts = data.match(/[MLAZ]|-?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/g) ?? [];
  let [x, y] = [0, 0];
  let made = '';
  for (let at = 0; at < parts.length;) {
    const command = parts[at];
    if (command === 'A') {
      const [radius, across, turn, large, clockwise, toX, toY] = parts.slice(at + 1, at + 8).map(Number);
      if (radius !== across || turn !== 0) {
        made += `A${parts.slice(at + 1, at + 8).join(' ')}`;
        [x, y] = [toX, toY];
        at += 8;
        continue;
      }
      const arc = arcOf(x, y, radius, large === 1, clockwise === 1, toX, toY)!;
      const way = Math.sign(arc.sweep);
      const [, piece] = PIECES.find(([most]) => arc.radius <= most)!;
      const first = way > 0 ? Math.floor(arc.from / piece) + 1 : Math.ceil(arc.from / piece) - 1;
      const to = arc.from + arc.sweep;
      for (let step = first; way * (to - step * piece) > SHORT; step += way) {
        if (Math.abs(step * piece - arc.from) <= SHORT) continue;
        const [endX, endY] = [arc.x + arc.radius * Math.cos(step * piece), arc.y + arc.radius * Math.sin(step * piece)];
        made += `A${arc.radius} ${arc.radius} 0 0 ${clockwise} ${endX.toFixed(6)} ${endY.toFixed(6)}`;
      }
      made += `A${arc.radius} ${arc.radius} 0 0 ${clockwise} ${parts[at + 6]} ${parts[at + 7]}`;
      [x, y] = [toX, toY];
      at += 8;
    } else if (command === 'Z') {
      made += 'Z';
      at += 1;
    } else {
      made += `${command}${parts[at + 1]} ${parts[at + 2]}`;
      [x, y] = [Number(parts[at + 1]), Number(parts[at + 2])];
      at += 3;
    }
  }
  return made;
}

/** radians that are too short for a piece of their own */
const SHORT = 1e-4;
