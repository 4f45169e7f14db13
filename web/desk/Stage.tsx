import { useEffect, useRef, useState, type PointerEvent } from 'react';
import type { Piece } from '../piece/document';
import { CurveHandles } from './CurveHandles';
import { useDesk } from './deskStore';
import { usePlay } from './playStore';
import { StageHandles } from './StageHandles';
import { heldAt, wordsBox, type Held } from './stageParts';
import { usePaintedCanvas } from './usePaintedCanvas';

/** pixels of the stage between what is pointed out and the frame around it */
const POINTED_OUT_CLEAR = 12;

/** The picture as it will be filmed, painted by the same painter. */
export function Stage({ piece }: { piece: Piece }) {
  const reel = useDesk((state) => state.reel);
  const computed = useDesk((state) => state.computed);
  const edit = useDesk((state) => state.edit);
  const frame = usePlay((state) => state.frame);
  const selection = usePlay((state) => state.selection);
  const safeArea = usePlay((state) => state.safeArea);
  const face = usePlay((state) => state.face);
  const pointedOut = usePlay((state) => (state.pointedOut?.frame === state.frame ? state.pointedOut.box : null));
  const room = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const drag = useRef<{ x: number; y: number; held: Held; moved: boolean } | null>(null);
  const [space, setSpace] = useState({ width: 0, height: 0 });

  useEffect(() => {
    if (!room.current) return undefined;
    const watch = new ResizeObserver(([entry]) =>
      setSpace({ width: entry.contentRect.width, height: entry.contentRect.height }),
    );
    watch.observe(room.current);
    return () => watch.disconnect();
  }, []);

  const [stageWidth, stageHeight] = reel ? [reel.width, reel.height] : [piece.stage.width, piece.stage.height];
  const shown = Math.max(0, Math.min(space.width / stageWidth, space.height / stageHeight));
  const [width, height] = [Math.floor(stageWidth * shown), Math.floor(stageHeight * shown)];
  const dots = Math.round(width * window.devicePixelRatio);
  const isThere = reel !== null && frame >= reel.from && frame <= reel.to;

  const painted = usePaintedCanvas(canvas, reel, frame, dots);
  useEffect(() => useDesk.getState().follow(frame), [frame, reel]);

  const place = (event: PointerEvent): [number, number] => {
    const box = canvas.current!.getBoundingClientRect();
    return [
      ((event.clientX - box.left) / box.width) * stageWidth,
      ((event.clientY - box.top) / box.height) * stageHeight,
    ];
  };
  const down = (event: PointerEvent): void => {
    const context = canvas.current?.getContext('2d');
    const painter = painted.current;
    if (!context || !painter || event.button !== 0) return;
    const [x, y] = place(event);
    const held = heldAt(painter, context, piece, computed?.sheet, frame, x, y);
    usePlay.getState().select(held?.selection ?? null);
    if (!held) return;
    drag.current = { x, y, held, moved: false };
    (event.target as Element).setPointerCapture(event.pointerId);
  };
  const move = (event: PointerEvent): void => {
    const { current } = drag;
    if (!current) return;
    const [x, y] = place(event);
    if (!current.moved && Math.hypot(x - current.x, y - current.y) * shown < 4) return;
    current.moved = true;
    edit((draft) => current.held.move(draft, x - current.x, y - current.y));
  };
  const outline =
    painted.current && isThere && selection?.kind === 'figure'
      ? painted.current.outlineOf(selection.chart, selection.figure, frame)
      : null;
  const curved = piece.charts.find(({ form }) => form.kind === 'ribbon' && form.curve === 'points');
  const error = computed?.problems.find(({ severity }) => severity === 'error');
  return (
    <div className="stage-room" ref={room}>
      <div
        className={`stage${piece.backdrop.kind === 'transparent' ? ' is-transparent' : ''}${error ? ' is-stale' : ''}`}
        style={{ width, height }}
      >
        <canvas
          ref={canvas}
          style={{ width, height }}
          aria-label={`Stage, frame ${frame}`}
          role="img"
          onPointerDown={down}
          onPointerMove={move}
          onPointerUp={() => {
            drag.current = null;
          }}
        />
        <svg className="stage-marks" viewBox={`0 0 ${stageWidth} ${stageHeight}`}>
          {outline?.path && (
            <g transform={outline.transform}>
              <path d={outline.path} className="picked-under" strokeWidth={4.5 / Math.max(shown, 0.01)} />
              <path d={outline.path} className="picked" strokeWidth={2 / Math.max(shown, 0.01)} />
            </g>
          )}
          <StageHandles
            piece={piece}
            selection={selection}
            box={isThere ? wordsBox(painted.current, frame, selection) : null}
            shown={Math.max(shown, 0.01)}
          />
          {face === 'Form' && curved && <CurveHandles chart={curved} shown={shown} />}
          {pointedOut && (
            <rect
              className="pointed-out"
              x={pointedOut[0] - POINTED_OUT_CLEAR}
              y={pointedOut[1] - POINTED_OUT_CLEAR}
              width={pointedOut[2] + 2 * POINTED_OUT_CLEAR}
              height={pointedOut[3] + 2 * POINTED_OUT_CLEAR}
              rx={6}
              strokeWidth={2.4 / Math.max(shown, 0.01)}
            />
          )}
          {/* EBU R 95: 3.5 % for action, 5 % for graphics and titles */}
          {safeArea &&
            [0.035, 0.05].map((part) => (
              <rect
                key={part}
                className="safe"
                x={stageWidth * part}
                y={stageHeight * part}
                width={stageWidth * (1 - 2 * part)}
                height={stageHeight * (1 - 2 * part)}
                strokeWidth={1.2 / Math.max(shown, 0.01)}
              />
            ))}
        </svg>
        {error && <p className="stage-error">This is the last picture that could be drawn.</p>}
        {reel && !isThere && !error && <p className="stage-error">Drawing this part…</p>}
      </div>
    </div>
  );
}
