import type { KeyboardEvent, PointerEvent } from 'react';
import { useDrag, type Way } from '../../common/useDrag';
import { at, inverse, type Matrix } from '../../../painter/src';
import type { Chart } from '../../../contracts/piece';
import { useChartEdit } from '../useChartEdit';

type Dot = [x: number, y: number];

interface Props {
  chart: Chart;
  /** how the chart is moved on this frame, and where its middle is in its own pixels */
  place: Matrix;
  middle: Dot;
  /** screen pixels for one pixel of the stage */
  shown: number;
}

/** The points of a ribbon's own curve, on the stage: drag one, add one between two, take one out. */
export function CurveHandles({ chart, place, middle, shown }: Props) {
  const back = inverse(place);
  const edit = useChartEdit(chart);
  const drag = useDrag();
  const dots = readDots(String(chart.form.points ?? ''));
  const write = (next: Dot[]): void =>
    edit((draft) => {
      draft.form.points = next.map((dot) => dot.map(Math.round).join(',')).join(' ');
    });
  const put = (index: number, dot: Dot): void => write(dots.map((one, at) => (at === index ? dot : one)));
  const take = (index: number) => (event: PointerEvent) => {
    event.stopPropagation();
    const [x, y] = dots[index];
    const [fromX, fromY] = at(back, [0, 0]);
    return {
      move: ({ across, down }: Way) => {
        const [toX, toY] = at(back, [across / shown, down / shown]);
        put(index, [x + toX - fromX, y + toY - fromY]);
      },
    };
  };
  const keys = (index: number) => (event: KeyboardEvent) => {
    const far = event.shiftKey ? 10 : 1;
    const steps: Record<string, Dot> = {
      ArrowLeft: [-far, 0],
      ArrowRight: [far, 0],
      ArrowUp: [0, -far],
      ArrowDown: [0, far],
    };
    const [x, y] = dots[index];
    const by = steps[event.key];
    if (by) put(index, [x + by[0], y + by[1]]);
    else if (event.key === 'Delete' || event.key === 'Backspace') takeOut(index);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const takeOut = (index: number): void => {
    if (dots.length > 2) write(dots.filter((_, at) => at !== index));
  };
  const radius = 7 / shown;
  const onStage = dots.map(([x, y]) => at(place, [middle[0] + x, middle[1] + y]));
  return (
    <g className="curve-handles">
      {dots.slice(1).map(([x, y], index) => {
        const [beforeX, beforeY] = dots[index];
        const between: Dot = [(x + beforeX) / 2, (y + beforeY) / 2];
        return (
          <circle
            key={`between-${index}`}
            className="handle-between"
            cx={(onStage[index][0] + onStage[index + 1][0]) / 2}
            cy={(onStage[index][1] + onStage[index + 1][1]) / 2}
            r={radius * 0.6}
            role="button"
            aria-label={`Add a point after point ${index + 1}`}
            onPointerDown={(event) => {
              event.stopPropagation();
              write([...dots.slice(0, index + 1), between, ...dots.slice(index + 1)]);
            }}
          />
        );
      })}
      {onStage.map(([x, y], index) => (
        <circle
          key={index}
          className="handle"
          cx={x}
          cy={y}
          r={radius}
          strokeWidth={2 / shown}
          tabIndex={0}
          role="button"
          aria-label={`Point ${index + 1} of the curve`}
          {...drag(take(index))}
          onDoubleClick={() => takeOut(index)}
          onKeyDown={keys(index)}
        />
      ))}
    </g>
  );
}

function readDots(text: string): Dot[] {
  return [...text.matchAll(/(-?\d+(?:\.\d+)?)\s*,\s*(-?\d+(?:\.\d+)?)/g)].map(([, x, y]): Dot => [
    Number(x),
    Number(y),
  ]);
}
