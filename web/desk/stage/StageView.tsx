import { useEffect, useRef, useState } from 'react';
import type { Box } from '../../../painter/src';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { BoundaryHandles } from './BoundaryHandles';
import { CameraFrame } from './CameraFrame';
import { CurveHandles } from './CurveHandles';
import { FillHandle } from './FillHandle';
import { FormHandles } from './FormHandles';
import type { Guide } from './guides';
import { Told } from './Handle';
import { OTHER_EYES, OtherEyes } from './OtherEyes';
import { GridLines } from './GridLines';
import { Outlines } from './Outlines';
import { SelectionFrame } from './SelectionFrame';
import { VersionOverlay } from '../versions/VersionOverlay';
import { usePaintedCanvas } from './usePaintedCanvas';
import { pan, useSight, zoomAt } from './useSight';
import { useStageHand } from './useStageHand';

/** pixels of the stage between what is pointed out and the frame around it */
const POINTED_OUT_CLEAR = 12;

interface Props {
  piece: Piece;
  size: [width: number, height: number];
  room: { width: number; height: number };
}

/** The stage itself, and over it what can be taken hold of. */
export function StageView({ piece, size, room }: Props) {
  const reel = useDesk((state) => state.reel);
  const computed = useDesk((state) => state.computed);
  const { frame, selection, safeArea, face, outlines, hasGrid, view, alike, isHeld } = usePlay();
  const eyes = usePlay((state) => state.alike?.eyes ?? state.eyes);
  const pointedOut = usePlay((state) => (state.pointedOut?.frame === state.frame ? state.pointedOut.box : null));
  const stage = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const [met, setMet] = useState<Guide[]>([]);
  const [told, setTold] = useState<{ x: number; y: number; text: string } | null>(null);
  const [marquee, setMarquee] = useState<Box | null>(null);
  const seen = useSight(size, room);
  const { shown } = seen;
  const [stageWidth, stageHeight] = size;
  const isThere = reel !== null && frame >= reel.from && frame <= reel.to;
  const scene = usePaintedCanvas(canvas, reel, frame, seen.sight, selection?.kind === 'shot');
  useEffect(() => useDesk.getState().follow(frame), [frame, reel]);

  // With a modifier the wheel goes nearer to the pointer; without, it moves what is in view.
  const now = useRef(seen);
  useEffect(() => {
    now.current = seen;
  });
  useEffect(() => {
    const target = stage.current;
    if (!target) return undefined;
    const wheel = (event: WheelEvent): void => {
      const isNear = (usePlay.getState().view?.zoom ?? 1) > 1;
      if (!event.ctrlKey && !event.metaKey && !isNear) return;
      event.preventDefault();
      const box = target.getBoundingClientRect();
      const at = now.current;
      if (event.ctrlKey || event.metaKey)
        zoomAt(
          at,
          size,
          at.left + (event.clientX - box.left) / at.shown,
          at.top + (event.clientY - box.top) / at.shown,
          Math.exp(-event.deltaY / 300),
        );
      else pan(at, event.shiftKey ? event.deltaY : event.deltaX, event.shiftKey ? 0 : event.deltaY);
    };
    target.addEventListener('wheel', wheel, { passive: false });
    return () => target.removeEventListener('wheel', wheel);
  }, [size]);

  const hand = useStageHand({
    piece,
    canvas,
    scene,
    seen,
    size,
    onMeet: setMet,
    onMarquee: setMarquee,
    onTell: setTold,
  });
  const picked = alike ?? (selection?.kind === 'figure' ? { ...selection, figures: [selection.figure] } : null);
  const outlined = picked?.figures.map((figure) => scene.current?.outlineOf(picked.chart, figure, frame)) ?? [];
  const curved = piece.charts.find(({ form }) => form.kind === 'ribbon' && form.curve === 'points');
  // Where handles are is core's to say, which what is on its way does not wait for.
  const hasHandles = isThere && !isHeld;
  const curvedAt = curved && computed?.sheet.places[curved.id];
  const error = computed?.problems.find(({ severity }) => severity === 'error');
  const [width, height] = [Math.floor(seen.width * shown), Math.floor(seen.height * shown)];
  return (
    <div
      ref={stage}
      className={`stage${piece.backdrop.kind === 'transparent' ? ' is-transparent' : ''}${error ? ' is-stale' : ''}${
        outlines ? ' is-outlines' : ''
      }${hand.isPanning ? ' is-panning' : ''}`}
      style={{
        width,
        height,
        background: piece.backdrop.kind === 'transparent' ? (piece.backdrop.preview ?? undefined) : undefined,
      }}
    >
      <canvas
        ref={canvas}
        style={{ width, height, filter: eyes === 'usual' ? undefined : `url(#${OTHER_EYES})` }}
        aria-label={`Stage, frame ${frame}`}
        role="img"
        {...hand.events}
      />
      <OtherEyes kind={eyes} />
      <svg className="stage-marks" viewBox={`${seen.left} ${seen.top} ${seen.width} ${seen.height}`}>
        {hasGrid && <GridLines piece={piece} size={size} />}
        {outlines && isThere && (
          <Outlines piece={piece} scene={scene.current} frame={frame} size={size} shown={shown} />
        )}
        {isThere &&
          outlined.map(
            (outline, place) =>
              outline?.path && (
                <g key={place} transform={outline.transform}>
                  <path d={outline.path} className="picked-under" strokeWidth={4.5 / shown} />
                  <path d={outline.path} className="picked" strokeWidth={2 / shown} />
                </g>
              ),
          )}
        {isThere && <SelectionFrame piece={piece} scene={scene.current} shown={shown} />}
        {isThere && <CameraFrame piece={piece} size={size} shown={shown} />}
        {hasHandles && <FillHandle piece={piece} scene={scene.current} shown={shown} />}
        {hasHandles && <BoundaryHandles piece={piece} scene={scene.current} shown={shown} />}
        {hasHandles && <FormHandles piece={piece} scene={scene.current} shown={shown} />}
        {hasHandles && face === 'Form' && curved && curvedAt && scene.current && (
          <CurveHandles
            chart={curved}
            place={scene.current.placeOf(curved.id, frame)}
            middle={[curvedAt.x, curvedAt.y]}
            shown={shown}
          />
        )}
        {pointedOut && (
          <rect
            className="pointed-out"
            x={pointedOut[0] - POINTED_OUT_CLEAR}
            y={pointedOut[1] - POINTED_OUT_CLEAR}
            width={pointedOut[2] + 2 * POINTED_OUT_CLEAR}
            height={pointedOut[3] + 2 * POINTED_OUT_CLEAR}
            rx={6}
            strokeWidth={2.4 / shown}
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
              strokeWidth={1.2 / shown}
            />
          ))}
        {met.map(({ axis, at }, index) => (
          <line
            key={index}
            className="guide"
            x1={axis === 'x' ? at : 0}
            x2={axis === 'x' ? at : stageWidth}
            y1={axis === 'y' ? at : 0}
            y2={axis === 'y' ? at : stageHeight}
          />
        ))}
        {told && <Told {...told} shown={shown} />}
        {marquee && (
          <rect
            className="marquee"
            x={marquee.left}
            y={marquee.top}
            width={marquee.right - marquee.left}
            height={marquee.bottom - marquee.top}
          />
        )}
      </svg>
      <VersionOverlay width={width} />
      {view && (
        <button type="button" className="view-zoom" onClick={() => usePlay.getState().set({ view: null })}>
          {Math.round(view.zoom * 100)} % of the view · all of it
        </button>
      )}
      {error && <p className="stage-error">Showing the last picture that could be drawn.</p>}
      {reel && !isThere && !error && <p className="stage-error">Drawing these frames…</p>}
    </div>
  );
}
