import { useEffect, useRef, useState, type PointerEvent } from 'react';
import type { SheetFigure, StemPoint } from '../../api/answers';
import { useDrag } from '../../common/useDrag';
import { useRoving } from '../../common/useRoving';
import type { Chart, Piece } from '../../../contracts/piece';
import { isSameKey, nameOfKey } from '../../piece/retime';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { Keys } from './Keys';
import { laneAt, widthOf, type StemLane } from './lanes';
import { StemCurve } from './StemCurve';
import { doesOf, movesOf } from './stemMoves';

/** pixels that a hand has to go before it draws a frame around keys */
const STEADY = 4;

interface Props {
  figures: SheetFigure[];
  chart: Chart | undefined;
  piece: Piece;
  left: number;
  lanes: StemLane[];
  zoom: number;
  height: number;
}

/** A lane for each figure. Its width at each instant is the figure's value on stage at that instant. */
export function Stems({ figures, chart, piece, left, lanes, zoom, height }: Props) {
  const selection = usePlay((state) => state.selection);
  const select = usePlay((state) => state.select);
  const curveOf = usePlay((state) => state.curveOf);
  const ofChart = useDesk((state) => (chart ? state.computed?.sheet.charts[chart.id]?.changes : undefined)) ?? [];
  const group = useRef<SVGSVGElement>(null);
  const drag = useDrag();
  const [frame, setFrame] = useState<{ left: number; top: number; right: number; bottom: number } | null>(null);
  const isFraming = frame !== null;
  useEffect(() => {
    // What the frame is drawn over is not selected as text meanwhile.
    document.documentElement.classList.toggle('is-framing', isFraming);
    return () => document.documentElement.classList.remove('is-framing');
  }, [isFraming]);
  // Arrows up and down move a key in time.
  useRoving(group, '.key', false);
  if (!chart) return null;
  const point = (event: PointerEvent): { x: number; y: number } => {
    const box = group.current?.getBoundingClientRect();
    return { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) };
  };
  /** Every move that has a key within the frame that was drawn. */
  const pick = (box: NonNullable<typeof frame>, more: boolean): void => {
    const within = (at: number): boolean => at * zoom >= box.top && at * zoom <= box.bottom;
    const found = figures.flatMap((figure, index) => {
      const { middle, width } = lanes[index];
      if (middle < box.left - width / 2 || middle > box.right + width / 2) return [];
      return movesOf(figure, chart.id, ofChart)
        .filter(({ move }) => within(move.begin) || within(move.begin + move.frames))
        .map(({ ref }) => ref);
    });
    const all = [...(more ? usePlay.getState().keys : []), ...found];
    usePlay.getState().set({ keys: [...new Map(all.map((ref) => [nameOfKey(ref), ref])).values()] });
  };
  return (
    <svg
      ref={group}
      className="stems"
      // Some browsers stop at a drawing of its own accord; the stops are its keys.
      tabIndex={-1}
      role="group"
      aria-label={`Stems of ${piece.title}`}
      style={{ left }}
      width={widthOf(lanes)}
      height={height + 8}
      {...drag((press) => {
        if ((press.target as Element).closest('.key, .stem-curve')) return null;
        const from = point(press);
        let drawn: typeof frame = null;
        return {
          move: ({ across, down }) => {
            if (!drawn && Math.hypot(across, down) < STEADY) return;
            drawn = {
              left: Math.min(from.x, from.x + across),
              top: Math.min(from.y, from.y + down),
              right: Math.max(from.x, from.x + across),
              bottom: Math.max(from.y, from.y + down),
            };
            setFrame(drawn);
          },
          end: (event) => {
            const at = laneAt(lanes, point(event).x);
            if (drawn) pick(drawn, event.shiftKey);
            else if (figures[at]) {
              usePlay.getState().set({ keys: [], curveOf: null });
              select({ kind: 'figure', chart: chart.id, figure: figures[at].id });
            }
            setFrame(null);
          },
        };
      })}
    >
      {figures.map((figure, index) => {
        const { middle, width: lane } = lanes[index];
        const picked = selection?.kind === 'figure' && selection.figure === figure.id;
        const moves = movesOf(figure, chart.id, ofChart);
        return (
          <g key={figure.id} className={picked ? 'stem is-picked' : 'stem'}>
            <line className="lane" x1={middle} x2={middle} y1={0} y2={height} />
            <rect x={middle - lane / 2} y={0} width={lane} height={height} fill="transparent">
              <title>{figure.label}</title>
            </rect>
            <path
              d={stemOutline(figure.stem, piece.stage.frames, middle, Math.max(lane * 0.4, (lane - 6) / 2), zoom)}
              fill={figure.colour}
              pointerEvents="none"
            />
            {figure.emphases.map((emphasis) => (
              <rect
                key={emphasis.id}
                className="stem-emphasis"
                x={middle - lane / 2 + 1}
                width={Math.max(1, lane - 2)}
                y={emphasis.begin * zoom}
                height={Math.max(2, (emphasis.letsGo + emphasis.frames - emphasis.begin) * zoom)}
              />
            ))}
            {moves.map(({ ref, move }) => (
              <Keys
                key={nameOfKey(ref)}
                keyRef={ref}
                now={move}
                name={figure.label}
                does={doesOf(ref)}
                selection={{ kind: 'figure', chart: chart.id, figure: figure.id }}
                {...{ middle, lane, zoom }}
              />
            ))}
          </g>
        );
      })}
      {figures.map((figure, index) =>
        selection?.kind === 'figure' && selection.figure === figure.id
          ? movesOf(figure, chart.id, ofChart).map(({ ref, move }) =>
              curveOf && isSameKey(curveOf, ref) ? (
                <StemCurve
                  key={nameOfKey(ref)}
                  keyRef={ref}
                  move={move}
                  name={`${figure.label}, ${doesOf(ref)}`}
                  beside={lanes[index].middle + lanes[index].width / 2}
                  zoom={zoom}
                />
              ) : null,
            )
          : null,
      )}
      {frame && (
        <rect
          className="keys-frame"
          x={frame.left}
          y={frame.top}
          width={frame.right - frame.left}
          height={frame.bottom - frame.top}
        />
      )}
    </svg>
  );
}

/** Straight between its points, and as wide as its last after it. */
function stemOutline(points: StemPoint[], frames: number, middle: number, half: number, zoom: number): string {
  if (points.length === 0) return '';
  const course: StemPoint[] = [...points, [frames, points[points.length - 1][1]]];
  const side = (sign: 1 | -1, list: StemPoint[]): string =>
    list.map(([frame, width]) => `${(middle + sign * width * half).toFixed(2)} ${(frame * zoom).toFixed(2)}`).join('L');
  return `M${side(-1, course)}L${side(1, [...course].reverse())}Z`;
}
