import { useEffect, useRef, useState } from 'react';
import { useDrag, type Way } from '../../common/useDrag';
import { setLineText, shiftLine } from '../../piece/changes';
import type { Line, Piece } from '../../../contracts/piece';
import type { SheetWord } from '../../api/answers';
import { act } from '../act';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { near, usePauses } from '../voice/usePauses';
import { WordTimes } from '../voice/WordTimes';

/** height of a row of text, in pixels */
const ROW = 19.5;
/** how near to a pause an end takes hold of it, in pixels */
const SNAP = 6;

const UNREAD = 'Not understood as a number. Write it as 12.5, as 1,000 or in words';

interface Props {
  line: Line;
  piece: Piece;
  words: SheetWord[];
  zoom: number;
  left: number;
  width: number;
  /** frames until the next line begins */
  room: number;
  onNext: (frame: number) => void;
}

/** One spoken phrase: as tall as it is long. Its bar is dragged to move it, its foot to make it longer. */
export function LineBlock({ line, piece, words, zoom, left, width, room, onNext }: Props) {
  const edit = useDesk((state) => state.edit);
  const picked = usePlay((state) => state.selection?.kind === 'line' && state.selection.line === line.id);
  const spoken = usePlay((state) => state.frame >= line.begin && state.frame < line.end);
  const [typing, setTyping] = useState(line.text === '');
  const field = useRef<HTMLTextAreaElement>(null);
  const drag = useDrag();
  const said = useDesk((state) => state.computed?.sheet.said);
  const lookOf = (word: SheetWord, index: number): string =>
    `${word.unread ? ' is-unread' : ''}${word.unsaid ? ' is-unsaid' : word.doubtful ? ' is-doubtful' : ''}${meant(index)}`;
  const meant = (word: number): string => {
    const one = said?.find(({ line: id, from, to }) => id === line.id && word >= from && word < to);
    if (!one || one.state === 'named') return '';
    const ends = `${word === one.from ? ' is-first' : ''}${word === one.to - 1 ? ' is-last' : ''}`;
    return ` is-said${ends}${one.state === 'differs' ? ' differs' : ''}`;
  };
  const pinned = new Set(piece.moves.filter(({ pin }) => pin?.line === line.id).map(({ pin }) => pin?.word ?? 0));
  useEffect(() => {
    if (!typing || !picked || !field.current) return;
    field.current.focus();
    field.current.selectionStart = field.current.value.length;
  }, [typing, picked]);
  useEffect(() => {
    if (!typing || !field.current) return;
    field.current.style.height = 'auto';
    field.current.style.height = `${field.current.scrollHeight}px`;
  }, [typing, line.text, width]);

  // Its ends take hold of the pauses in the recording: it begins where one ends, and ends where one begins.
  const pauses = usePauses(piece);
  const starts = pauses.map((pause) => pause.begin);
  const ends = pauses.map((pause) => pause.end);

  const takeFoot = () => {
    usePlay.getState().select({ kind: 'line', line: line.id });
    let at = line.end;
    return {
      move: ({ down }: Way) => {
        const wanted = near(line.end + Math.round(down / zoom), starts, SNAP / zoom);
        const end = Math.max(line.begin + 1, Math.min(18_000, wanted));
        if (end === at) return;
        at = end;
        edit((draft) => {
          const one = draft.script.lines.find(({ id }) => id === line.id);
          if (one) one.end = end;
          draft.stage.frames = Math.max(draft.stage.frames, end);
        });
      },
    };
  };
  const takeBar = () => {
    usePlay.getState().select({ kind: 'line', line: line.id });
    let at = line.begin;
    return {
      move: ({ down }: Way) => {
        const begin = Math.max(0, near(line.begin + Math.round(down / zoom), ends, SNAP / zoom));
        if (begin === at) return;
        at = begin;
        edit((draft) => shiftLine(draft, line.id, begin));
      },
    };
  };
  // A line in which nothing is said was not meant.
  const close = (): void => {
    setTyping(false);
    if (line.text.trim() !== '') return;
    void act('remove-line', { line: line.id });
    usePlay.getState().select(null);
  };
  return (
    // By keys a line is selected by the button that is its text.
    // eslint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/no-static-element-interactions
    <div
      className={`line${picked ? ' is-picked' : ''}${spoken ? ' is-spoken' : ''}`}
      onClick={() => usePlay.getState().select({ kind: 'line', line: line.id })}
      style={{ top: line.begin * zoom, minHeight: Math.max(16, (line.end - line.begin) * zoom), left, width }}
    >
      <span
        className="line-bar"
        style={{ height: Math.max(16, (line.end - line.begin) * zoom) }}
        title="Drag to move the line"
        {...drag(takeBar)}
      />
      <span
        className="line-foot"
        style={{ top: (line.end - line.begin) * zoom - 4 }}
        title="Drag to change the end"
        {...drag(takeFoot)}
      />
      {typing ? (
        <textarea
          ref={field}
          className="line-text"
          rows={1}
          value={line.text}
          maxLength={600}
          placeholder="Type the narration"
          aria-label="Narration line"
          onChange={(event) => edit((draft) => setLineText(draft, line.id, event.target.value))}
          onFocus={() => usePlay.getState().select({ kind: 'line', line: line.id })}
          onBlur={close}
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              event.preventDefault();
              if (line.text.trim() !== '') {
                setTyping(false);
                onNext(line.end);
              }
            }
            if (event.key === 'Escape') {
              event.stopPropagation();
              event.currentTarget.blur();
            }
          }}
        />
      ) : picked && words.some(({ sure }) => sure !== null) ? (
        <WordTimes line={line} piece={piece} words={words} zoom={zoom} onType={() => setTyping(true)} />
      ) : (
        <div
          className="line-text"
          style={{ WebkitLineClamp: Math.max(1, Math.floor((room * zoom) / ROW)) }}
          role="button"
          tabIndex={0}
          aria-label={`Line: ${line.text || 'Empty line'}`}
          aria-pressed={picked}
          onClick={() => usePlay.getState().select({ kind: 'line', line: line.id })}
          onDoubleClick={() => setTyping(true)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              event.preventDefault();
              usePlay.getState().select({ kind: 'line', line: line.id });
              setTyping(true);
            }
          }}
        >
          {words.length === 0 ? (
            <em className="soft">Empty line</em>
          ) : (
            words.map((word, index) => (
              <span key={index}>
                <span
                  data-word={`${line.id}:${index}`}
                  className={`word${pinned.has(index) ? ' is-pinned' : ''}${lookOf(word, index)}`}
                  title={word.unread ? UNREAD : undefined}
                >
                  {word.text}
                </span>{' '}
              </span>
            ))
          )}
        </div>
      )}
    </div>
  );
}
