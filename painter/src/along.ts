import { times } from './matrix';
import { stopped, type Filled } from './paints';
import type { AlongPaint } from './reel';
import { onCanvas } from './view';

type Stop = AlongPaint['stops'][number];
type Bend = AlongPaint['bends'][number];

/** pixels by which a bend is painted beyond its thickness and the ends of the line; and over the one before */
const MARGIN = 8;
const OVERLAP = 1;

/** degrees that a side of its wedge is at most */
const SIDE = 4;

const radians = (degrees: number): number => (degrees * Math.PI) / 180;

/** A gradient along a line that bends: about the centre of each bend, as far as the bend goes. */
export function fillAlong(paint: AlongPaint, { context, outline, view, pose, studio }: Filled): void {
  const isPlain = paint.bends.length === 1 && paint.stretch === 1;
  context.save();
  if (!isPlain) context.clip(outline);
  if (paint.stretch !== 1) {
    const squash = { a: 1, b: 0, c: 0, d: paint.stretch, e: 0, f: paint.bends[0][1] * (1 - paint.stretch) };
    const { a, b, c, d, e, f } = times(onCanvas(view, pose), squash);
    context.setTransform(a, b, c, d, e, f);
  }
  paint.bends.forEach((bend, index) => {
    const [x, y, , from, to, place, toPlace] = bend;
    // It begins opposite of its middle, so that what lies beyond its ends has the colours of its ends.
    const begin = (from + to) / 2 - 180;
    const stops = between(paint.stops, place, toPlace).map(([where, colour, opacity]): Stop => {
      const degrees = from + ((to - from) * (where - place)) / Math.max(1e-9, toPlace - place);
      return [Math.min(1, Math.max(0, (degrees - begin) / 360)), colour, opacity];
    });
    if (to < from) stops.reverse();
    context.fillStyle = stopped(context.createConicGradient(radians(begin - 90), x, y), { stops });
    const isLast = index === paint.bends.length - 1;
    context.fill(isPlain ? outline : studio.path(wedge(bend, paint.half, isLast)));
  });
  context.restore();
}

/** The colours of a gradient from one place of it to another, with those of both places. */
function between(stops: Stop[], from: number, to: number): Stop[] {
  const within = stops.filter(([place]) => place > from && place < to);
  return [colourAt(stops, from), ...within, colourAt(stops, to)];
}

function colourAt(stops: Stop[], place: number): Stop {
  const next = stops.findIndex(([at]) => at > place);
  const before = stops[next < 0 ? stops.length - 1 : Math.max(0, next - 1)];
  const after = next < 0 ? before : stops[next];
  const part = after[0] > before[0] ? Math.max(0, (place - before[0]) / (after[0] - before[0])) : 0;
  const mixed = [1, 3, 5].map((at) => {
    const [one, other] = [before, after].map(([, colour]) => parseInt(colour.slice(at, at + 2), 16));
    return Math.round(one + (other - one) * part)
      .toString(16)
      .padStart(2, '0');
  });
  return [place, `#${mixed.join('')}`, before[2] + (after[2] - before[2]) * part];
}

/** What lies along a bend, from a little before where it begins. */
function wedge([x, y, radius, from, to, place]: Bend, half: number, isLast: boolean): string {
  const pixel = (Math.sign(to - from) * (180 / Math.PI)) / Math.max(MARGIN, radius);
  const isWhole = Math.abs(to - from) > 350;
  const begin = from - (isWhole ? 0 : place > 0 ? OVERLAP : MARGIN) * pixel;
  const sweep = to + (isLast && !isWhole ? MARGIN : 0) * pixel - begin;
  const count = Math.max(1, Math.ceil(Math.abs(sweep) / SIDE));
  const corners: string[] = [];
  const corner = (step: number, far: number): void => {
    const angle = radians(begin + (sweep * step) / count);
    corners.push(`${(x + far * Math.sin(angle)).toFixed(3)} ${(y - far * Math.cos(angle)).toFixed(3)}`);
  };
  for (let step = 0; step <= count; step++) corner(step, radius + half + MARGIN);
  for (let step = count; step >= 0; step--) corner(step, Math.max(0, radius - half - MARGIN));
  return `M${corners.join('L')}Z`;
}
