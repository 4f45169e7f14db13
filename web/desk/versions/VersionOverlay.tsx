import { useEffect, useRef } from 'react';
import type { Reel } from '../../../painter/src';
import { ReelCanvas } from '../../common/ReelCanvas';
import { usePlay } from '../playStore';
import { drawAgain, useVersions, type Looked, type Side } from './versionStore';
import { timeOf } from './versionWords';

const STEP = 0.05;

/** Versions that are looked at lie over the stage: one on the left of a line that can be drawn across. */
export function VersionOverlay({ width }: { width: number }) {
  const { left, right, wipe } = useVersions();
  const frame = usePlay((state) => state.frame);
  const room = useRef<HTMLDivElement>(null);
  if (!left) return null;
  const at = `${(wipe * 100).toFixed(2)}%`;
  const wipeTo = (part: number): void => useVersions.setState({ wipe: Math.max(0, Math.min(1, part)) });
  return (
    <div className="version-overlay" ref={room}>
      <Drawn side="left" of={left} frame={frame} width={width} clip={`inset(0 calc(100% - ${at}) 0 0)`} />
      {right && <Drawn side="right" of={right} frame={frame} width={width} clip={`inset(0 0 0 ${at})`} />}
      {wipe > 0.12 && <span className="version-tag is-left">{tagOf(left)}</span>}
      {wipe < 0.9 && <span className="version-tag is-right">{right ? tagOf(right) : 'Now'}</span>}
      <div
        className="version-wipe"
        role="slider"
        tabIndex={0}
        aria-label="How much of the earlier version is shown"
        aria-valuemin={0}
        aria-valuemax={100}
        aria-valuenow={Math.round(wipe * 100)}
        style={{ left: at }}
        onPointerDown={(event) => {
          event.preventDefault();
          event.currentTarget.setPointerCapture(event.pointerId);
          event.currentTarget.focus();
        }}
        onPointerMove={(event) => {
          const box = room.current?.getBoundingClientRect();
          if (box && event.currentTarget.hasPointerCapture(event.pointerId))
            wipeTo((event.clientX - box.left) / box.width);
        }}
        onDoubleClick={() => wipeTo(0.5)}
        onKeyDown={(event) => {
          const by = { ArrowLeft: -STEP, ArrowRight: STEP, Home: -1, End: 1 }[event.key];
          if (by === undefined) return;
          event.preventDefault();
          event.stopPropagation();
          wipeTo(wipe + by);
        }}
      >
        <span />
      </div>
    </div>
  );
}

const tagOf = ({ name, at }: Looked): string => [name ? `“${name}”` : '', timeOf(at)].filter(Boolean).join(' ');

interface DrawnProps {
  side: Side;
  of: Looked;
  frame: number;
  width: number;
  clip: string;
}

function Drawn({ side, of, frame, width, clip }: DrawnProps) {
  const { reel, document, problem } = of;
  const last = document.stage.frames - 1;
  const wanted = Math.min(frame, last);
  const isThere = reel !== null && wanted >= reel.from && wanted <= reel.to;
  useEffect(() => {
    if (reel && !isThere) void drawAgain(side);
  }, [reel, isThere, side]);
  return (
    <div className="version-drawn" style={{ clipPath: clip }}>
      {reel ? (
        <ReelCanvas reel={reel} frame={nearest(reel, wanted)} width={width} label={tagOf(of)} />
      ) : (
        <p className="stage-error">{problem}</p>
      )}
    </div>
  );
}

const nearest = (reel: Reel, frame: number): number => Math.max(reel.from, Math.min(reel.to, frame));
