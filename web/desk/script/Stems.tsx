import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { SheetFigure, SheetMove, StemPoint } from '../../api/answers';
import { useRoving } from '../../common/useRoving';
import { ownMove } from '../../piece/changes';
import type { Chart, Move, Piece } from '../../piece/document';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { near } from '../voice/usePauses';

/** how near to a word a dragged bar takes hold of it, in pixels */
const SNAP = 6;

export function laneWidth(room: number, count: number): number {
  return count === 0 ? 0 : Math.max(0.5, Math.min(34, room / count));
}

interface Props {
  figures: SheetFigure[];
  chart: Chart | undefined;
  piece: Piece;
  left: number;
  lane: number;
  zoom: number;
  height: number;
}

/** A lane for each figure. Its width at each instant is the figure's value on stage at that instant. */
export function Stems({ figures, chart, piece, left, lane, zoom, height }: Props) {
  const selection = usePlay((state) => state.selection);
  const select = usePlay((state) => state.select);
  const ofChart = useDesk((state) => (chart ? state.computed?.sheet.charts[chart.id]?.changes : undefined)) ?? [];
  const group = useRef<SVGSVGElement>(null);
  // Arrows up and down move a key in time.
  useRoving(group, '.key', false);
  if (!chart) return null;
  return (
    <svg ref={group} className="stems" style={{ left }} width={lane * figures.length} height={height + 8}>
      {figures.map((figure, index) => {
        const middle = lane * (index + 0.5);
        const picked = selection?.kind === 'figure' && selection.figure === figure.id;
        return (
          <g key={figure.id} className={picked ? 'stem is-picked' : 'stem'}>
            <line className="lane" x1={middle} x2={middle} y1={0} y2={height} />
            <rect
              x={middle - lane / 2}
              y={0}
              width={lane}
              height={height}
              fill="transparent"
              onClick={() => select({ kind: 'figure', chart: chart.id, figure: figure.id })}
            >
              <title>{figure.label}</title>
            </rect>
            <path
              d={stemOutline(figure.stem, piece.stage.frames, middle, Math.max(lane * 0.4, (lane - 6) / 2), zoom)}
              fill={figure.colour}
              pointerEvents="none"
            />
            {figure.entrance && (
              <MoveBars move={figure.entrance} kind="entrance" {...{ figure, chart, middle, lane, zoom }} />
            )}
            {[...figure.changes, ...ofChart]
              .filter(({ property }) => property === 'value' || property === 'column')
              .map((change) => (
                <MoveBars key={change.id} move={change} kind="change" {...{ figure, chart, middle, lane, zoom }} />
              ))}
            {figure.emphases.map((emphasis) => (
              <g key={emphasis.id}>
                <rect
                  className="stem-emphasis"
                  x={middle - lane / 2 + 1}
                  width={Math.max(1, lane - 2)}
                  y={emphasis.begin * zoom}
                  height={Math.max(2, (emphasis.letsGo + emphasis.frames - emphasis.begin) * zoom)}
                />
                <MoveBars move={emphasis} kind="emphasis" {...{ figure, chart, middle, lane, zoom }} />
              </g>
            ))}
            {figure.exit && <MoveBars move={figure.exit} kind="exit" {...{ figure, chart, middle, lane, zoom }} />}
          </g>
        );
      })}
    </svg>
  );
}

/** Straight between its points, and as wide as its last behind it. */
function stemOutline(points: StemPoint[], frames: number, middle: number, half: number, zoom: number): string {
  if (points.length === 0) return '';
  const course: StemPoint[] = [...points, [frames, points[points.length - 1][1]]];
  const side = (sign: 1 | -1, list: StemPoint[]): string =>
    list.map(([frame, width]) => `${(middle + sign * width * half).toFixed(2)} ${(frame * zoom).toFixed(2)}`).join('L');
  return `M${side(-1, course)}L${side(1, [...course].reverse())}Z`;
}

interface BarProps {
  move: SheetMove;
  kind: 'entrance' | 'exit' | 'change' | 'emphasis';
  figure: SheetFigure;
  chart: Chart;
  middle: number;
  lane: number;
  zoom: number;
}

interface Drag {
  y: number;
  begin: number;
  frames: number;
  end: boolean;
  last: number;
  /** what it hung on when it was taken: words, or another move */
  pin: Move['pin'];
  follow: Move['follow'] | null;
}

/** The keys of a move: where it begins, and where it has arrived. Drag them, or nudge them with the arrow keys. */
function MoveBars({ move, kind, figure, chart, middle, lane, zoom }: BarProps) {
  const edit = useDesk((state) => state.edit);
  const drag = useRef<Drag | null>(null);
  /** what the bar hangs on, while it is dragged */
  const [told, setTold] = useState<string | null>(null);
  const change = (work: (own: Move) => void): void =>
    edit((draft) => {
      if (kind === 'change' || kind === 'emphasis') {
        const known = draft.moves.find(({ id }) => id === move.id);
        if (known) work(known);
        return;
      }
      const now = {
        begin: move.begin,
        frames: move.frames,
        curve: draft.charts.find(({ id }) => id === chart.id)?.[kind]?.curve ?? 'ease-in-out',
        opens: move.opens as Move['opens'],
        manner: move.manner,
      };
      work(ownMove(draft, kind, { chart: chart.id, figure: figure.id }, now));
    });
  const beginAt = (frame: number): void => {
    const near = nearestWord(frame, SNAP / zoom);
    const pinned = drag.current?.pin ?? null;
    // What hangs on a word stays on it, at an offset, until another word is near.
    const pin = near ? { line: near.line, word: near.word, offset: 0 } : pinned && pinAt(pinned, frame);
    const follow = near ? null : (drag.current?.follow ?? null);
    const key = near || pin || follow ? frame : nearestKey(frame, SNAP / zoom, move);
    change((own) => {
      own.begin = Math.max(0, near?.frame ?? key);
      own.pin = pin;
      if (!follow) delete own.follow;
      else own.follow = { ...follow, offset: follow.offset + frame - (drag.current?.begin ?? frame) };
    });
    setTold(pin ? toldOf(pin) : follow ? 'tied to another move' : `frame ${key}`);
  };
  const down =
    (end: boolean) =>
    (event: PointerEvent): void => {
      const own = useDesk.getState().document?.moves.find(({ id }) => id === move.id);
      const { begin, frames } = move;
      const follow = own?.follow ? { ...own.follow } : null;
      drag.current = { y: event.clientY, begin, frames, end, last: 0, pin: own?.pin ?? null, follow };
      event.currentTarget.setPointerCapture(event.pointerId);
      usePlay.getState().select({ kind: 'figure', chart: chart.id, figure: figure.id });
    };
  const pull = (event: PointerEvent): void => {
    const held = drag.current;
    if (!held) return;
    const by = Math.round((event.clientY - held.y) / zoom);
    if (by === held.last) return;
    held.last = by;
    if (held.end) {
      const frames = Math.max(1, nearestKey(held.begin + held.frames + by, SNAP / zoom, move) - held.begin);
      change((own) => {
        own.frames = frames;
        delete own.toLineEnd;
      });
      setTold(`${frames} frames`);
    }
    if (!held.end) beginAt(Math.max(0, held.begin + by));
  };
  const nudge =
    (end: boolean) =>
    (event: KeyboardEvent): void => {
      if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
      event.preventDefault();
      event.stopPropagation();
      const by = (event.key === 'ArrowUp' ? -1 : 1) * (event.shiftKey ? 10 : 1);
      change((own) => {
        if (end) {
          own.frames = Math.max(1, (own.toLineEnd ? move.frames : own.frames) + by);
          delete own.toLineEnd;
        } else if (own.pin) own.pin.offset += by;
        else if (own.follow) own.follow.offset += by;
        else own.begin = Math.max(0, own.begin + by);
      });
    };
  const name = { entrance: 'comes in', exit: 'leaves', change: 'changes', emphasis: 'stands out' }[kind];
  // Where many stems stand close, a bar is still something to see.
  const width = Math.min(18, Math.max(lane * 0.7, lane - 2));
  const bar = (end: boolean, at: number) => (
    <g
      className={`key${end ? ' is-end' : ''}`}
      tabIndex={0}
      role="slider"
      aria-label={`${figure.label}: ${end ? 'has arrived' : name}`}
      aria-valuenow={at}
      aria-valuetext={`frame ${at}${!end && move.pinnedTo ? `, on “${move.pinnedTo}”` : ''}`}
      onPointerDown={down(end)}
      onPointerMove={pull}
      onPointerUp={() => {
        drag.current = null;
        setTold(null);
      }}
      onKeyDown={nudge(end)}
    >
      <rect x={middle - lane / 2} y={at * zoom - 7} width={lane} height={14} fill="transparent" />
      <rect
        className="key-bar"
        x={middle - width / 2}
        y={at * zoom - (end ? 0.75 : 1.5)}
        width={width}
        height={end ? 1.5 : 3}
        rx={1}
      />
    </g>
  );
  return (
    <>
      {bar(true, move.begin + move.frames)}
      {bar(false, move.begin)}
      {told && (
        <text
          className="key-told"
          x={middle - lane / 2 - 6}
          y={(move.begin + (drag.current?.end ? move.frames : 0)) * zoom - 8}
          textAnchor="end"
        >
          {told}
        </text>
      )}
    </>
  );
}

/** The same word, with the offset that leads to a frame. */
function pinAt(pin: NonNullable<Move['pin']>, frame: number): NonNullable<Move['pin']> {
  const { document: piece, computed } = useDesk.getState();
  const begin = piece?.script.lines.find(({ id }) => id === pin.line)?.begin ?? 0;
  const word = pin.word === null ? begin : (computed?.sheet.lines[pin.line]?.[pin.word]?.frame ?? begin);
  return { ...pin, offset: frame - word };
}

function toldOf({ line, word, offset }: NonNullable<Move['pin']>): string {
  const text = word === null ? null : useDesk.getState().computed?.sheet.lines[line]?.[word]?.text;
  const on = text ? `on “${text.replace(/[.,;:!?]+$/u, '')}”` : 'with the line';
  return offset === 0 ? on : `${on} ${offset > 0 ? '+' : '−'} ${Math.abs(offset)} f`;
}

function nearestWord(frame: number, reach: number): { line: string; word: number; frame: number } | null {
  let best: { line: string; word: number; frame: number } | null = null;
  for (const [line, words] of Object.entries(useDesk.getState().computed?.sheet.lines ?? {})) {
    words.forEach((word, index) => {
      const away = Math.abs(word.frame - frame);
      if (away <= reach && (best === null || away < Math.abs(best.frame - frame)))
        best = { line, word: index, frame: word.frame };
    });
  }
  return best;
}

/** The nearest beginning or end of another move, where one is near enough. */
function nearestKey(frame: number, reach: number, own: SheetMove): number {
  const charts = Object.values(useDesk.getState().computed?.sheet.charts ?? {});
  const moves = charts.flatMap(({ figures }) =>
    figures.flatMap(({ entrance, exit, changes }) => [entrance, exit, ...changes]),
  );
  const keys = moves.flatMap((move) =>
    move && (move.id === null || move.id !== own.id) && move.begin !== own.begin
      ? [move.begin, move.begin + move.frames]
      : [],
  );
  return near(frame, keys, reach);
}
