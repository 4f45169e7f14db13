import { useState } from 'react';
import { reasonOf } from '../api/client';
import { useNotices } from '../common/Notices';
import { readNumber } from '../fields/readNumber';
import { useStageTime } from '../fields/stageTime';
import { usePlay } from './playStore';

interface Props {
  label: string;
  /** the moment of the playhead, as it is written here */
  shown: string;
  className: string;
}

/** The moment of the playhead. Another can be typed, as a frame, as seconds or as timecode. */
export function MomentField({ label, shown, className }: Props) {
  const stage = useStageTime();
  const [typed, setTyped] = useState<string | null>(null);
  const take = async (value: string): Promise<void> => {
    const text = value.trim();
    setTyped(null);
    if (!text || text === shown) return;
    try {
      const frame = await readNumber(text, 'frames', stage);
      usePlay.getState().stop();
      usePlay.getState().go(Math.round(frame));
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
    }
  };
  return (
    <input
      type="text"
      className={`moment-field numerals ${className}`}
      aria-label={label}
      title={`${label}: type 90, 3s or 0:03:00`}
      value={typed ?? shown}
      size={Math.max(3, (typed ?? shown).length)}
      maxLength={40}
      autoComplete="off"
      onFocus={(event) => {
        setTyped(shown);
        event.currentTarget.select();
      }}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={(event) => void take(event.currentTarget.value)}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
        if (event.key === 'Escape') {
          setTyped(null);
          event.stopPropagation();
          const field = event.currentTarget;
          window.setTimeout(() => field.blur());
        }
      }}
    />
  );
}
