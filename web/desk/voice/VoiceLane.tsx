import { useEffect, useRef } from 'react';
import { useDrag } from '../../common/useDrag';
import type { Line, Piece, Recording } from '../../../contracts/piece';
import { scrub } from '../script/scrub';
import { LEVEL, useLevels } from './useLevels';

/** pixels from one stroke to the next */
const STROKE = 3;

interface Props {
  piece: Piece;
  recording: Recording;
  zoom: number;
  width: number;
  /** what is seen of it, in frames; of the rest nothing is drawn */
  seen: { from: number; to: number };
}

/** The recording, upright: as wide as it is loud. Press or drag to hear a moment of it. */
export function VoiceLane({ piece, recording, zoom, width, seen }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { data: levels, isError } = useLevels(recording.sound);
  const rate = piece.stage.rate[0] / piece.stage.rate[1];
  const first = Math.max(recording.begin, Math.floor(seen.from));
  const end = recording.begin + ((recording.to - recording.from) / 1000) * rate;
  const last = Math.min(Math.ceil(end), piece.stage.frames, Math.ceil(seen.to));
  const { lines } = piece.script;
  useEffect(() => {
    const target = canvas.current;
    if (!target || !levels || last <= first) return;
    const sharp = window.devicePixelRatio || 1;
    const height = (last - first) * zoom;
    target.width = Math.round(width * sharp);
    target.height = Math.max(1, Math.round(height * sharp));
    const context = target.getContext('2d');
    if (!context) return;
    context.scale(sharp, sharp);
    const styles = getComputedStyle(target);
    const colours = { said: styles.getPropertyValue('--said'), unsaid: styles.getPropertyValue('--unsaid') };
    for (let y = 0; y < height; y += STROKE) {
      const [from, to] = [first + y / zoom, first + (y + STROKE) / zoom].map(
        (frame) => (recording.from + ((frame - recording.begin) * 1000) / rate) / LEVEL,
      );
      let loudest = 0;
      for (let at = Math.floor(from); at < Math.max(to, Math.floor(from) + 1) && at < levels.length; at++)
        if (levels[at] > loudest) loudest = levels[at];
      // Quiet speech is seen as well.
      const half = Math.max(0.5, (loudest / 255) ** 0.8 * Math.min(1, recording.level) ** 0.5 * (width / 2 - 2));
      context.fillStyle = isSaid(lines, first + y / zoom) ? colours.said : colours.unsaid;
      context.fillRect(width / 2 - half, y, half * 2, half > 0.5 ? 1.6 : 1);
    }
  }, [levels, recording, first, last, zoom, width, rate, lines]);
  const drag = useDrag();
  return (
    <div
      className="voice-lane"
      style={{ width, height: piece.stage.frames * zoom }}
      title="Click or drag to scrub the sound"
      {...drag((event) => scrub(event, zoom))}
    >
      {(levels === null || isError) && (
        <span className="voice-missing" title="Sound file missing. Add it again; word times are kept.">
          Not here
        </span>
      )}
      <canvas
        ref={canvas}
        aria-hidden="true"
        style={{ top: first * zoom, width, height: Math.max(0, (last - first) * zoom) }}
      />
    </div>
  );
}

function isSaid(lines: Line[], frame: number): boolean {
  return lines.some(({ begin, end }) => frame >= begin && frame < end);
}
