import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { useDrag, type Taken } from '../../common/useDrag';
import { counted, newId } from '../../common/words';
import {
  copyMove,
  isSameKey,
  moveOfKey,
  shiftKeys,
  stretchKeys,
  type HeldKey,
  type KeyRef,
  type Timed,
} from '../../piece/retime';
import { useDesk } from '../deskStore';
import { usePlay, type Selection } from '../playStore';
import { nearestKey, nearestWord, pinAt, toldOf } from './snaps';
import { heldOf, idsNow } from './heldKeys';

/** how near to a word a dragged bar takes hold of it, in pixels */
const SNAP = 6;

interface Props {
  /** the move, and when it runs now */
  keyRef: KeyRef;
  now: Timed & { pinnedTo?: string | null };
  /** what moves, and what it does then */
  name: string;
  does: string;
  selection: Selection;
  middle: number;
  lane: number;
  zoom: number;
}

/**
 * The keys of a move: where it begins, and where it has arrived. Drag them, or nudge them with the arrow keys; several
 * that are picked go together.
 */
export function Keys({ keyRef, now, name, does, selection, middle, lane, zoom }: Props) {
  const edit = useDesk((state) => state.edit);
  const isPicked = usePlay(({ keys }) => keys.some((key) => isSameKey(key, keyRef)));
  const drag = useDrag();
  /** what the bar hangs on, while it is dragged; and whether it is the one at the end */
  const [told, setTold] = useState<{ text: string; end: boolean } | null>(null);

  const allWith = (): HeldKey[] => {
    const { keys } = usePlay.getState();
    return heldOf(keys.some((key) => isSameKey(key, keyRef)) ? keys : [keyRef]);
  };
  const down =
    (end: boolean) =>
    (event: PointerEvent): Taken | null => {
      const { keys, set, select } = usePlay.getState();
      if (event.shiftKey) {
        set({ keys: isPicked ? keys.filter((key) => !isSameKey(key, keyRef)) : [...keys, keyRef] });
        return null;
      }
      set({ curveOf: keyRef, ...(isPicked ? {} : { keys: [] }) });
      const all = allWith();
      if (event.altKey && !end) {
        // Copies stay where they are; what is taken away is what was there, with all that hangs on it.
        edit((draft) => {
          for (const { ref } of all) if (ref.id !== null) copyMove(draft, ref.id, newId('m', draft.moves));
        });
      }
      const held = all.find(({ ref }) => isSameKey(ref, keyRef)) ?? holdKeyNow();
      select(selection);
      let last = 0;
      return {
        move: ({ down: way }) => {
          const by = Math.round(way / zoom);
          if (by === last) return;
          last = by;
          setTold({ text: end ? pullEnd(held, all, by) : pull(held, all, by), end });
        },
        end: () => setTold(null),
      };
    };
  const holdKeyNow = (): HeldKey => heldOf([keyRef])[0] ?? { ref: keyRef, now, pin: null, follow: null, until: null };
  /** Returns what it hangs on then. */
  const alone = (held: HeldKey, frame: number): string => {
    const word = nearestWord(frame, SNAP / zoom);
    // What hangs on a word stays on it, at an offset, until another word is near.
    const pin = word ? { line: word.line, word: word.word, offset: 0 } : held.pin && pinAt(held.pin, frame);
    const follow = word ? null : held.follow;
    const key = word || pin || follow ? frame : nearestKey(frame, SNAP / zoom, idsNow([held]), held.now.begin);
    edit((draft) => {
      const own = moveOfKey(draft, held);
      if (!own) return;
      own.begin = Math.max(0, word?.frame ?? key);
      own.pin = pin;
      if (!follow) delete own.follow;
      else own.follow = { ...follow, offset: follow.offset + frame - held.now.begin };
      if (own.emphasis && held.until !== null) own.emphasis.until = Math.max(0, held.until + key - held.now.begin);
    });
    return pin ? toldOf(pin) : follow ? 'follows another move' : `frame ${key}`;
  };
  /**
   * @param all that are taken together with it; itself alone where it is not among those that are picked
   * @returns what is said of it
   */
  const pullEnd = (held: HeldKey, all: HeldKey[], by: number): string => {
    const { begin, frames } = held.now;
    const end = nearestKey(begin + frames + by, SNAP / zoom, idsNow(all), begin);
    if (all.length > 1) {
      const first = Math.min(...all.map((one) => one.now.begin));
      const factor = Math.max(0.02, (end - first) / Math.max(1, begin + frames - first));
      edit((draft) => stretchKeys(draft, all, factor));
      return `${all.length} moves · ${Math.round(factor * 100)} %`;
    }
    const length = Math.max(1, end - begin);
    edit((draft) => {
      const own = moveOfKey(draft, held);
      if (!own) return;
      own.frames = length;
      delete own.toLineEnd;
    });
    return counted(length, 'frame');
  };
  const pull = (held: HeldKey, all: HeldKey[], by: number): string => {
    const { begin } = held.now;
    if (all.length === 1) return alone(held, Math.max(0, begin + by));
    const wanted = begin + by;
    const to = nearestWord(wanted, SNAP / zoom)?.frame ?? nearestKey(wanted, SNAP / zoom, idsNow(all), begin);
    edit((draft) => shiftKeys(draft, all, to - begin));
    return `${all.length} moves · ${to - begin < 0 ? '−' : '+'} ${Math.abs(to - begin)} f`;
  };
  const nudge =
    (end: boolean) =>
    (event: KeyboardEvent): void => {
      if (event.key === 'Enter') {
        event.stopPropagation();
        usePlay.getState().set({ curveOf: keyRef });
        usePlay.getState().select(selection);
        return;
      }
      if (event.key === ' ') {
        event.preventDefault();
        event.stopPropagation();
        const { keys, set } = usePlay.getState();
        set({ keys: isPicked ? keys.filter((key) => !isSameKey(key, keyRef)) : [...keys, keyRef] });
        return;
      }
      if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
      event.preventDefault();
      event.stopPropagation();
      const by = (event.key === 'ArrowUp' ? -1 : 1) * (event.shiftKey ? 10 : 1);
      const all = allWith();
      edit((draft) => {
        if (!end) {
          shiftKeys(draft, all, by);
          return;
        }
        for (const one of all) {
          const own = moveOfKey(draft, one);
          if (!own) continue;
          own.frames = Math.max(1, one.now.frames + by);
          delete own.toLineEnd;
        }
      });
    };
  // Where many stems stand close, a bar is still something to see.
  const width = Math.min(18, Math.max(lane * 0.7, lane - 2));
  const bar = (end: boolean, at: number) => (
    <g
      className={`key${end ? ' is-end' : ''}${isPicked ? ' is-picked' : ''}${keyRef.part ? ' is-label' : ''}`}
      tabIndex={0}
      role="slider"
      aria-label={`${name}: ${end ? 'end' : does}`}
      aria-valuenow={at}
      aria-valuetext={[
        `frame ${at}`,
        ...(!end && now.pinnedTo ? [`on “${now.pinnedTo}”`] : []),
        ...(isPicked ? ['selected'] : []),
      ].join(', ')}
      {...drag(down(end))}
      onKeyDown={nudge(end)}
    >
      <rect x={middle - lane / 2} y={at * zoom - 7} width={lane} height={14} fill="transparent" />
      <rect
        className="key-bar"
        x={middle - width / 2}
        y={at * zoom - (end ? 0.75 : 1.5)}
        width={width}
        height={end ? 1.5 : 3}
        rx={1}
      />
    </g>
  );
  return (
    <>
      {bar(true, now.begin + now.frames)}
      {bar(false, now.begin)}
      {told && (
        <text
          className="key-told"
          x={middle - lane / 2 - 6}
          y={(now.begin + (told.end ? now.frames : 0)) * zoom - 8}
          textAnchor="end"
        >
          {told.text}
        </text>
      )}
    </>
  );
}
