import { useState } from 'react';
import { Link } from 'react-router';
import type { Piece } from '../../contracts/piece';
import { Choice } from '../fields/Choice';
import { FrameRange } from './FrameRange';
import { SaveButton } from './SaveButton';

type Format = 'srt' | 'vtt';
type Each = 'lines' | 'words';

const HINTS: Record<Format, Record<Each, string>> = {
  srt: {
    lines:
      'Two rows of 42 characters at most; a longer line becomes several subtitles, each from its own first word on.',
    words: 'One subtitle for each word, from where it is said to the next.',
  },
  vtt: {
    lines: 'Two rows of 42 characters at most; a longer line becomes several cues, each from its own first word on.',
    words: 'Cues by line, with the time of each word in them, so that a player can follow the narrator.',
  },
};

/** The lines of the script with their times, for whoever makes subtitles of them. */
export function SubtitlesOffer({ id, piece }: { id: string; piece: Piece }) {
  const last = piece.stage.frames - 1;
  const [format, setFormat] = useState<Format>('srt');
  const [each, setEach] = useState<Each>('lines');
  const [range, setRange] = useState({ from: 0, to: last });
  const isSaid = piece.script.lines.length > 0;
  return (
    <article className="offer">
      <h2>Subtitles</h2>
      <Choice
        label="Format"
        value={format}
        options={[
          ['srt', 'SRT'],
          ['vtt', 'WebVTT'],
        ]}
        onChange={setFormat}
      />
      <Choice
        label="Timed by"
        value={each}
        options={[
          ['lines', 'line'],
          ['words', 'word'],
        ]}
        onChange={setEach}
      />
      <FrameRange range={range} last={last} onChange={setRange} />
      <p className="hint">{HINTS[format][each]} Times count from the first frame. Text only: no fonts or positions.</p>
      {isSaid ? (
        <SaveButton
          path={`pieces/${id}/papers/${format}${each === 'words' ? '-words' : ''}?from=${range.from}&to=${range.to}`}
        >
          {format === 'srt' ? 'Save SRT' : 'Save WebVTT'}
        </SaveButton>
      ) : (
        <p className="problem-bar is-notice">
          <span>
            The script has no lines yet. <Link to={`/pieces/${id}`}>Type them at the desk</Link>.
          </span>
        </p>
      )}
    </article>
  );
}
