import { useEffect, type RefObject } from 'react';
import type { Sheet } from '../../api/answers';
import { usePlay } from '../playStore';
import { useTimecode } from '../useTimecode';

/** Now: a line across, with its timecode. It stays in sight while the piece plays. */
export function Playhead({
  zoom,
  scroller,
  sheet,
}: {
  zoom: number;
  scroller: RefObject<HTMLDivElement | null>;
  sheet: Sheet | undefined;
}) {
  const frame = usePlay((state) => state.frame);
  const playing = usePlay((state) => state.playing);
  const timecode = useTimecode(sheet);
  const top = frame * zoom;
  useEffect(() => {
    const view = scroller.current;
    if (!view) return;
    if (top < view.scrollTop + 12) view.scrollTop = Math.max(0, top - 40);
    else if (top > view.scrollTop + view.clientHeight - (playing ? 80 : 16))
      view.scrollTop = top - view.clientHeight / (playing ? 3 : 1.2);
  }, [top, playing, scroller]);
  return (
    <div className="playhead" style={{ transform: `translateY(${top}px)` }} aria-hidden="true">
      <span className="playhead-pill numerals">{timecode(frame)}</span>
    </div>
  );
}
