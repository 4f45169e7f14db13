import type { Sheet } from '../../api/answers';
import { shortTimecode } from '../../common/words';
import { useDrag } from '../../common/useDrag';
import { scrub } from './scrub';

const STEPS = [1, 2, 5, 10, 15, 30, 60];

interface Props {
  frames: number;
  zoom: number;
  seconds: Sheet['seconds'];
  /** what is seen of it, in frames; of the rest nothing is drawn */
  seen: { from: number; to: number };
}

/** Seconds down the page; a press or a drag puts the playhead there. */
export function Rule({ frames, zoom, seconds, seen }: Props) {
  const spacing = seconds.length > 1 ? (seconds[1][0] - seconds[0][0]) * zoom : 40;
  const step = STEPS.find((one) => one * spacing >= 56) ?? 120;
  const drag = useDrag();
  return (
    <div className="rule" style={{ height: frames * zoom }} {...drag((event) => scrub(event, zoom))}>
      {seconds.map(([frame, text], index) => {
        const named = index % step === 0;
        if (frame < seen.from || frame > seen.to || (!named && spacing < 7)) return null;
        return (
          <span key={frame} className={named ? 'tick is-named' : 'tick'} style={{ top: frame * zoom }}>
            {named && <span>{shortTimecode(text)}</span>}
          </span>
        );
      })}
      <span className="rule-end" style={{ top: frames * zoom }} />
    </div>
  );
}
