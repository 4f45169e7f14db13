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
import { layByRecording } from './voiceStore';

/** height of a word, and how wide a column of words is at least, in pixels */
const WORD = 17;
const COLUMN = 74;

interface Props {
  line: Line;
  piece: Piece;
  words: SheetWord[];
  zoom: number;
  width: number;
  onType: () => void;
}

/** A line unfolded: every word stands where it is said, and is dragged to where it should be. */
export function WordTimes({ line, piece, words, zoom, width, onType }: Props) {
  const edit = useDesk((state) => state.edit);
  const drag = useDrag();
  const pinned = pinnedWords(piece);
  const columns = columnsOf(words, line, zoom, Math.max(1, Math.floor((width - 26) / COLUMN)));

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
      style={{
        minHeight: Math.max(0, ...words.map(({ frame }, index) => (frame - line.begin) * zoom + columns[index].down)),
      }}
      role="group"
      aria-label={`Words of: ${line.text}`}
      onDoubleClick={onType}
    >
      {words.map((word, index) => {
        const doubtful = word.doubtful;
        const state = [
          pinned.has(`${line.id}:${index}`) ? ' is-pinned' : '',
          doubtful ? ' is-doubtful' : '',
          word.hand ? ' is-by-hand' : '',
          word.sure === null ? ' is-guessed' : '',
          word.unsaid ? ' is-unsaid' : '',
        ].join('');
        const top = (word.frame - line.begin) * zoom;
        return (
          <div key={index} className={`word-time${state}`} style={{ top }}>
            <span className="word-tick" style={{ width: 8 + columns[index].across }} />
            {word.found !== null && word.found !== word.frame && (
              <span className="word-found" style={{ top: (word.found - word.frame) * zoom }} title="Detected here" />
            )}
            <button
              type="button"
              className="word"
              data-word={`${line.id}:${index}`}
              style={{ left: 14 + columns[index].across, top: columns[index].down - WORD / 2 }}
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

/** Words that are said close to each other stand in columns beside each other, else a little lower. */
function columnsOf(words: SheetWord[], line: Line, zoom: number, count: number): { across: number; down: number }[] {
  const ends = Array.from({ length: count }, () => -Infinity);
  return words.map(({ frame }) => {
    const top = (frame - line.begin) * zoom;
    let column = ends.findIndex((end) => end <= top);
    if (column < 0) column = ends.indexOf(Math.min(...ends));
    const at = Math.max(top, ends[column]);
    ends[column] = at + WORD;
    return { across: column * COLUMN, down: at - top };
  });
}
