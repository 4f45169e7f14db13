import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Curve } from '../piece/document';
import { Pick } from './Choice';

const NAMES: [string, string][] = [
  ['linear', 'even'],
  ['ease', 'ease'],
  ['ease-in', 'ease in'],
  ['ease-out', 'ease out'],
  ['ease-in-out', 'ease in-out'],
  ['own', 'own curve'],
];
const WIDTH = 228;
const HEIGHT = 92;
const EDGE = 12;

interface Props {
  value: Curve;
  /** the four numbers and the course of the curve, as core computes them */
  numbers: [number, number, number, number];
  course: number[];
  onChange: (curve: Curve) => void;
}

/** A timing curve: chosen by name, or bent by its two handles. */
export function CurveField({ value, numbers, course, onChange }: Props) {
  const picture = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<0 | 1 | null>(null);
  const x = (part: number): number => EDGE + part * (WIDTH - 2 * EDGE);
  const y = (part: number): number => HEIGHT - EDGE - part * (HEIGHT - 2 * EDGE);
  const bend = (handle: 0 | 1, toX: number, toY: number): void => {
    const next = [...numbers] as [number, number, number, number];
    next[handle * 2] = Math.round(Math.max(0, Math.min(1, toX)) * 100) / 100;
    next[handle * 2 + 1] = Math.round(Math.max(-0.15, Math.min(1.15, toY)) * 100) / 100;
    if (next.some((part, index) => part !== numbers[index])) onChange(next);
  };
  const move = (event: PointerEvent): void => {
    if (held === null || !picture.current) return;
    const box = picture.current.getBoundingClientRect();
    bend(
      held,
      (((event.clientX - box.left) / box.width) * WIDTH - EDGE) / (WIDTH - 2 * EDGE),
      (HEIGHT - EDGE - ((event.clientY - box.top) / box.height) * HEIGHT) / (HEIGHT - 2 * EDGE),
    );
  };
  const nudge =
    (handle: 0 | 1) =>
    (event: KeyboardEvent): void => {
      const by = event.shiftKey ? 0.1 : 0.01;
      const [dx, dy] = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, by], ArrowDown: [0, -by] }[
        event.key
      ] ?? [0, 0];
      if (dx === 0 && dy === 0) return;
      event.preventDefault();
      event.stopPropagation();
      bend(handle, numbers[handle * 2] + dx, numbers[handle * 2 + 1] + dy);
    };
  return (
    <div className="curve">
      <Pick
        label="curve"
        value={typeof value === 'string' ? value : 'own'}
        options={NAMES}
        onChange={(name) => onChange(name === 'own' ? numbers : (name as Curve))}
      />
      <svg
        ref={picture}
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="curve-picture"
        onPointerMove={move}
        onPointerUp={() => setHeld(null)}
        onPointerLeave={() => setHeld(null)}
      >
        <line x1={x(0)} x2={x(1)} y1={y(0)} y2={y(0)} className="curve-base" />
        <line x1={x(0)} x2={x(1)} y1={y(1)} y2={y(1)} className="curve-base" />
        <polyline
          className="curve-course"
          points={course.map((amount, index) => `${x(index / (course.length - 1))},${y(amount)}`).join(' ')}
        />
        {([0, 1] as const).map((handle) => (
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
              aria-label={handle === 0 ? 'handle at the beginning' : 'handle at the end'}
              aria-valuenow={numbers[handle * 2 + 1]}
              aria-valuetext={`${numbers[handle * 2]}, ${numbers[handle * 2 + 1]}`}
              onPointerDown={(event) => {
                setHeld(handle);
                (event.target as Element).releasePointerCapture?.(event.pointerId);
              }}
              onKeyDown={nudge(handle)}
            />
          </g>
        ))}
      </svg>
    </div>
  );
}
