import { useEffect, useId, useMemo, useState } from 'react';
import type { SheetWord } from '../../api/answers';
import { useNotices } from '../../common/Notices';
import type { Move, Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { useTimecode } from '../useTimecode';

type Pinned = NonNullable<Move['pin']>;
type Place = Pick<Pinned, 'line' | 'word'>;

interface Props {
  piece: Piece;
  pin: Pinned;
  onPin: (place: Place) => void;
}

const bare = (text: string): string => text.replace(/^[“"'(]+|[.,;:!?”"')]+$/gu, '');

/** The word that something hangs on: typed in part, or clicked in the script. */
export function WordPin({ piece, pin, onPin }: Props) {
  const id = useId();
  const sheet = useDesk((state) => state.computed?.sheet);
  const timecode = useTimecode(sheet);
  const isPicking = usePlay((state) => state.pickingWord?.id === id);
  const places = useMemo(() => placesOf(piece, sheet?.lines ?? {}, timecode), [piece, sheet, timecode]);
  const now = places.find(({ line, word }) => line === pin.line && word === pin.word)?.text ?? '';
  const [typed, setTyped] = useState<string | null>(null);

  useEffect(
    () => () => {
      if (usePlay.getState().pickingWord?.id === id) usePlay.setState({ pickingWord: null });
    },
    [id],
  );
  const take = (text: string): void => {
    setTyped(null);
    const wanted = text.trim().toLowerCase();
    if (wanted === '' || text === now) return;
    const found =
      places.find((place) => place.text.toLowerCase() === wanted) ??
      places.find((place) => place.text.toLowerCase().startsWith(wanted)) ??
      places.find((place) => place.text.toLowerCase().includes(wanted));
    if (found) onPin({ line: found.line, word: found.word });
    else useNotices.getState().say(`No word of the script is like “${text.trim()}”. The pin stays where it is.`);
  };
  return (
    <div className="field">
      <label htmlFor={id}>Word</label>
      <span className="word-pin">
        <input
          id={id}
          className="form-control form-control-sm"
          list={`${id}-words`}
          value={typed ?? now}
          placeholder="Type a part of it"
          autoComplete="off"
          onFocus={(event) => event.target.select()}
          onChange={({ target: { value } }) =>
            places.some(({ text }) => text === value) ? take(value) : setTyped(value)
          }
          onBlur={() => typed !== null && take(typed)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') take(event.currentTarget.value);
            if (event.key === 'Escape') setTyped(null);
          }}
        />
        <datalist id={`${id}-words`}>
          {typed !== null &&
            places
              .filter(({ text }) => text.toLowerCase().includes(typed.trim().toLowerCase()))
              .slice(0, 12)
              .map(({ text }) => <option key={text} value={text} />)}
        </datalist>
        <button
          type="button"
          className={`quiet-button${isPicking ? ' is-on' : ''}`}
          aria-pressed={isPicking}
          aria-label="Click the word in the script"
          title="Click the word in the script"
          onClick={() => usePlay.setState({ pickingWord: isPicking ? null : { id, take: onPin } })}
        >
          <i className="bi bi-crosshair" aria-hidden="true" />
        </button>
      </span>
    </div>
  );
}

/** All lines and words that something can hang on, with the moment of each; no two are called alike. */
function placesOf(
  piece: Piece,
  words: Record<string, SheetWord[]>,
  timecode: (frame: number) => string,
): (Place & { text: string })[] {
  return piece.script.lines
    .filter(({ id, text }) => (words[id]?.length ?? 0) > 0 && text.trim() !== '')
    .flatMap(({ id, text }) => [
      ...words[id].map((word, index) => ({
        line: id,
        word: index,
        text: `${bare(word.text)}, ${timecode(word.frame)}`,
      })),
      { line: id, word: null, text: `Line: ${text.length > 40 ? `${text.slice(0, 38)}…` : text}` },
    ]);
}
