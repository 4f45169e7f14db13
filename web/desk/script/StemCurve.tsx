import { useDrag } from '../../common/useDrag';
import type { SheetMove } from '../../api/answers';
import { holdKey, moveOfKey, type KeyRef } from '../../piece/retime';
import { useDesk } from '../deskStore';

/** how far to the right all of a move's way is, in pixels, and how far from the lane it begins */
const REACH = 26;
const CLEAR = 6;

interface Props {
  keyRef: KeyRef;
  move: SheetMove;
  name: string;
  /** the right edge of the stem's lane */
  beside: number;
  zoom: number;
}

const rounded = (value: number): number => Math.round(value * 100) / 100;

/**
 * The curve of a move beside its stem: time down, its way to the right. Its handles are dragged, or nudged with arrows.
 */
export function StemCurve({ keyRef, move, name, beside, zoom }: Props) {
  const edit = useDesk((state) => state.edit);
  const drag = useDrag();
  const numbers = move.curve;
  if (!numbers || move.frames * zoom < 12) return null;
  const top = move.begin * zoom;
  const length = move.frames * zoom;
  const at = (time: number, way: number): [number, number] => [beside + CLEAR + way * REACH, top + time * length];
  const change = (handle: 0 | 1, time: number, way: number): void =>
    edit((draft) => {
      const own = moveOfKey(draft, holdKey(draft, keyRef, move));
      if (!own) return;
      const next = [...numbers] as [number, number, number, number];
      next[handle * 2] = rounded(Math.max(0, Math.min(1, time)));
      next[handle * 2 + 1] = rounded(Math.max(-2, Math.min(3, way)));
      own.curve = next;
    });
  const points = move.curvePoints.map((way, index) =>
    at(index / (move.curvePoints.length - 1), way)
      .map((one) => one.toFixed(1))
      .join(' '),
  );
  return (
    <g className="stem-curve">
      <path className="stem-course" d={`M${points.join('L')}`} />
      {([0, 1] as const).map((handle) => {
        const [time, way] = [numbers[handle * 2], numbers[handle * 2 + 1]];
        const [x, y] = at(time, way);
        const [fromX, fromY] = at(handle, handle);
        return (
          <g key={handle}>
            <line x1={fromX} y1={fromY} x2={x} y2={y} />
            <circle
              cx={x}
              cy={y}
              r={5}
              tabIndex={0}
              role="slider"
              aria-label={`${name}: ${handle === 0 ? 'first' : 'second'} handle of the curve`}
              aria-valuenow={way}
              aria-valuetext={`time ${time}, progress ${way}`}
              {...drag((event) => {
                event.stopPropagation();
                return { move: ({ across, down }) => change(handle, time + down / length, way + across / REACH) };
              })}
              onKeyDown={(event) => {
                const by: Record<string, [number, number]> = {
                  ArrowUp: [-0.05, 0],
                  ArrowDown: [0.05, 0],
                  ArrowLeft: [0, -0.05],
                  ArrowRight: [0, 0.05],
                };
                if (!(event.key in by)) return;
                event.preventDefault();
                event.stopPropagation();
                change(handle, time + by[event.key][0], way + by[event.key][1]);
              }}
            />
          </g>
        );
      })}
    </g>
  );
}
