import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { useDrag } from '../common/useDrag';
import type { Curve } from '../../contracts/piece';
import { Pick } from './Choice';
import { settingOf } from '../settings/settings';
import { CurveNumbers } from './CurveNumbers';
import { CURVE_NAMES, STARTS, kindOf, type CurveKind } from './curves';

const NAMES: [string, string][] = [
  ...CURVE_NAMES,
  ['settle', 'Settle'],
  ['spring', 'Spring'],
  ['bounce', 'Bounce'],
  ['own', 'Custom curve'],
  ['css', 'Stops or steps'],
];
const WIDTH = 228;
const HEIGHT = 100;
const EDGE = 12;
/** how far a handle can be drawn past the beginning and the end */
const BEYOND = 0.5;

interface Props {
  value: Curve;
  /** the four numbers of a curve with handles, and the course, as core computes them */
  numbers: [number, number, number, number] | null;
  course: number[];
  /** curves that are kept with the piece */
  kept?: { name: string; curve: Curve }[];
  onChange: (curve: Curve) => void;
}

/** A timing curve: chosen by name, bent by its two handles, or told by its numbers. */
export function CurveField({ value, numbers, course, kept = [], onChange }: Props) {
  const picture = useRef<SVGSVGElement>(null);
  const drag = useDrag();
  const kind = kindOf(value);
  const known = kept.find(({ curve }) => JSON.stringify(curve) === JSON.stringify(value));
  const low = Math.min(0, ...course, ...(numbers ? [numbers[1], numbers[3]] : []));
  const high = Math.max(1, ...course, ...(numbers ? [numbers[1], numbers[3]] : []));
  const x = (part: number): number => EDGE + part * (WIDTH - 2 * EDGE);
  const y = (part: number): number => HEIGHT - EDGE - ((part - low) / (high - low)) * (HEIGHT - 2 * EDGE);
  const bend = (handle: 0 | 1, toX: number, toY: number): void => {
    if (!numbers) return;
    const next = [...numbers] as [number, number, number, number];
    next[handle * 2] = Math.round(Math.max(0, Math.min(1, toX)) * 100) / 100;
    next[handle * 2 + 1] = Math.round(Math.max(-BEYOND, Math.min(1 + BEYOND, toY)) * 100) / 100;
    onChange(next);
  };
  const pull = (handle: 0 | 1, { clientX, clientY }: PointerEvent): void => {
    if (!picture.current) return;
    const box = picture.current.getBoundingClientRect();
    const up = HEIGHT - EDGE - ((clientY - box.top) / box.height) * HEIGHT;
    bend(
      handle,
      (((clientX - box.left) / box.width) * WIDTH - EDGE) / (WIDTH - 2 * EDGE),
      low + (up / (HEIGHT - 2 * EDGE)) * (high - low),
    );
  };
  const nudge =
    (handle: 0 | 1) =>
    (event: KeyboardEvent): void => {
      const by = event.shiftKey ? 0.1 : 0.01;
      const [dx, dy] = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, by], ArrowDown: [0, -by] }[
        event.key
      ] ?? [0, 0];
      if (!numbers || (dx === 0 && dy === 0)) return;
      event.preventDefault();
      event.stopPropagation();
      bend(handle, numbers[handle * 2] + dx, numbers[handle * 2 + 1] + dy);
    };
  const choose = (name: string): void => {
    const one = name.startsWith('kept ') ? kept[Number(name.slice(5))] : undefined;
    if (one) onChange(one.curve);
    else if (name === 'own') onChange(numbers ?? [0.3, 0, 0.3, 1]);
    else onChange(STARTS[name as Exclude<CurveKind, 'own'>] ?? (name as Curve));
  };
  return (
    <div className="curve">
      <Pick
        label={settingOf('Move', 'curve').label}
        value={known ? `kept ${kept.indexOf(known)}` : kind === 'named' ? (value as string) : kind}
        options={[...NAMES, ...kept.map(({ name }, index): [string, string] => [`kept ${index}`, `“${name}”`])]}
        onChange={choose}
      />
      <svg ref={picture} viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="curve-picture">
        <line x1={x(0)} x2={x(1)} y1={y(0)} y2={y(0)} className="curve-base" />
        <line x1={x(0)} x2={x(1)} y1={y(1)} y2={y(1)} className={high > 1 ? 'curve-base is-end' : 'curve-base'} />
        <polyline
          className="curve-course"
          points={course.map((amount, index) => `${x(index / (course.length - 1))},${y(amount)}`).join(' ')}
        />
        {numbers &&
          ([0, 1] as const).map((handle) => (
            <g key={handle}>
              <line
                className="curve-arm"
                x1={x(handle)}
                y1={y(handle)}
                x2={x(numbers[handle * 2])}
                y2={y(numbers[handle * 2 + 1])}
              />
              <circle
                className="curve-handle"
                cx={x(numbers[handle * 2])}
                cy={y(numbers[handle * 2 + 1])}
                r={5}
                tabIndex={0}
                role="slider"
                aria-label={handle === 0 ? 'Start handle' : 'End handle'}
                aria-valuenow={numbers[handle * 2 + 1]}
                aria-valuetext={`${numbers[handle * 2]}, ${numbers[handle * 2 + 1]}`}
                {...drag(() => ({ move: ({ event }) => pull(handle, event) }))}
                onKeyDown={nudge(handle)}
              />
            </g>
          ))}
      </svg>
      <CurveNumbers value={value} onChange={onChange} />
    </div>
  );
}
