import type { KeyboardEvent, PointerEvent } from 'react';
import type { SheetWord } from '../../api/answers';
import { useDrag, type Way } from '../../common/useDrag';
import type { Line, Piece } from '../../../contracts/piece';
import { pinnedWords } from '../../piece/script';
import { confirmWord, letWordGo, momentAt, recordingOf, setWordAt } from '../../piece/voice';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { lineWord } from './lineWord';
import { soundPlayer } from './soundPlayer';
import { spread } from './spread';
import { layByRecording } from './voiceStore';

/** from one word to the next at least, and where words begin, beside the rail of their moments, in pixels */
const WORD = 18;
const LEFT = 26;

interface Props {
  line: Line;
  piece: Piece;
  words: SheetWord[];
  zoom: number;
  onType: () => void;
}

/** A line unfolded: every word stands where it is said, and is dragged to where it should be. */
export function WordTimes({ line, piece, words, zoom, onType }: Props) {
  const edit = useDesk((state) => state.edit);
  const drag = useDrag();
  const pinned = pinnedWords(piece);
  const moments = words.map(({ frame }) => (frame - line.begin) * zoom);
  const rows = spread(inOrder(moments), WORD, WORD / 2 - 4);
  const deep = Math.max(0, ...rows, ...moments) + WORD / 2;

  const put = (index: number, frame: number): void => {
    const { rate } = piece.stage;
    const recording = recordingOf(piece);
    if (!recording) return;
    const word = lineWord(line.id, index);
    edit((draft) => setWordAt(draft, word, momentAt(recording, rate, Math.max(0, frame))));
    soundPlayer.grain(frame);
  };
  const keys =
    (index: number) =>
    (event: KeyboardEvent): void => {
      const by = (event.shiftKey ? 10 : 1) * (event.key === 'ArrowUp' ? -1 : 1);
      if (event.key === 'ArrowUp' || event.key === 'ArrowDown') put(index, words[index].frame + by);
      else if (event.key === 'Delete' || event.key === 'Backspace') {
        const word = lineWord(line.id, index);
        edit((draft) => letWordGo(draft, word));
      } else if (event.key === 'Enter') {
        const word = lineWord(line.id, index);
        if (words[index].doubtful) edit((draft) => confirmWord(draft, word));
        else onType();
      } else return;
      event.preventDefault();
      event.stopPropagation();
    };
  const take = (index: number) => (event: PointerEvent) => {
    event.stopPropagation();
    const from = words[index].frame;
    let at = from;
    return {
      move: ({ down }: Way) => {
        const to = Math.round(from + down / zoom);
        if (to !== at) put(index, to);
        at = to;
      },
      // A line begins and ends with its words.
      end: () => {
        if (at !== from) void layByRecording();
      },
    };
  };
  return (
    <div
      className="word-times"
      style={{ minHeight: deep }}
      role="group"
      aria-label={`Words of: ${line.text}`}
      onDoubleClick={onType}
    >
      <svg className="word-leads" width={LEFT} height={deep} aria-hidden="true">
        {words.map((word, index) => (
          <path
            key={index}
            className={`${pinned.has(`${line.id}:${index}`) ? 'is-pinned' : ''}${word.doubtful ? ' is-doubtful' : ''}`}
            d={`M2 ${moments[index]}h7L${LEFT - 3} ${rows[index]}`}
          />
        ))}
      </svg>
      {words.map((word, index) => {
        const doubtful = word.doubtful;
        const state = [
          pinned.has(`${line.id}:${index}`) ? ' is-pinned' : '',
          doubtful ? ' is-doubtful' : '',
          word.hand ? ' is-by-hand' : '',
          word.sure === null ? ' is-guessed' : '',
          word.unsaid ? ' is-unsaid' : '',
        ].join('');
        return (
          <div key={index} className={`word-time${state}`} style={{ top: moments[index] }}>
            {word.found !== null && word.found !== word.frame && (
              <span className="word-found" style={{ top: (word.found - word.frame) * zoom }} title="Detected here" />
            )}
            <button
              type="button"
              className="word"
              data-word={`${line.id}:${index}`}
              style={{ left: LEFT, top: rows[index] - moments[index] - WORD / 2 }}
              title={titleOf(word, doubtful)}
              {...drag(take(index))}
              onClick={(event) => {
                event.stopPropagation();
                usePlay.getState().go(word.frame);
              }}
              onKeyDown={keys(index)}
            >
              {word.text}
              {doubtful && <small>?</small>}
              {word.hand && <i className="bi bi-hand-index" aria-label="By hand" />}
            </button>
          </div>
        );
      })}
    </div>
  );
}

function titleOf({ hand, found, sure, unsaid }: SheetWord, doubtful: boolean): string {
  const how = hand
    ? 'Placed by hand' + (found === null ? '' : '; press Delete to return it to the detected time')
    : unsaid
      ? 'The recording leaves it out; it would be said here'
      : sure === null
        ? 'Estimated: not found in the recording'
        : doubtful
          ? 'Uncertain: drag it, or press Enter to confirm'
          : 'Found in the recording';
  return `${how}. Drag, or press ↑ ↓ to nudge.`;
}

/** Words stand in the order in which they are read, also where one is said before the word before it. */
function inOrder(moments: number[]): number[] {
  let last = -Infinity;
  return moments.map((moment) => (last = Math.max(last, moment)));
}
