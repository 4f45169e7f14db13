import { useEffect, useId, useLayoutEffect, useRef, useState, type KeyboardEvent } from 'react';
import { flushSync } from 'react-dom';
import { reasonOf } from '../api/client';
import { isText } from '../common/keys';
import { later } from '../common/later';
import { useNotices } from '../common/Notices';
import { useDrag, type Taken } from '../common/useDrag';
import { useStageTime } from './stageTime';
import { readNumber, type Unit } from './readNumber';
import { readBefore, reading } from './reads';

const SIGNS: Record<Unit, string> = { frames: 'f', degrees: '°', pixels: 'px', fraction: '%', number: '' };

const plain = (number: number): number => Math.round(number * 1000) / 1000;

/** A bound that other fields move is asked for when it is needed, also once its field is off the page. */
export type Bound = number | (() => number);

const boundOf = (bound: Bound): number => (typeof bound === 'function' ? bound() : bound);

interface Props {
  label: string;
  value: number;
  unit?: Unit;
  min?: Bound;
  max?: Bound;
  step?: number;
  /** double-click on the name goes back to it */
  usual?: number;
  sign?: string;
  /** moves change it: a short bar, as on the stems, says so */
  isKeyed?: boolean;
  /** the name is there for those who do not see, but takes no room */
  bare?: boolean;
  onChange: (value: number) => void;
}

/** A number that can be typed (sums and units included), stepped with the arrow keys, or scrubbed by its name. */
export function NumberField({
  label,
  value,
  unit = 'number',
  min = -Infinity,
  max = Infinity,
  step = 1,
  usual,
  sign,
  isKeyed,
  bare,
  onChange,
}: Props) {
  const id = useId();
  const stage = useStageTime();
  const scale = unit === 'fraction' ? 100 : 1;
  const shown = String(Math.round(value * scale * 1000) / 1000);
  /** what stands in the field while it has the keyboard, or is wrong; null shows the value itself */
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState('');
  const drag = useDrag();
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!wrong) return undefined;
    // What was refused goes when one moves on to something else; buttons act on what fields say, and wait for it.
    const moveOn = (event: Event): void => {
      const target = event.target as Element;
      const isOn = event.type === 'focusin' ? isText(target) : !target.closest('button, label, .btn');
      if (!isOn || box.current?.contains(target)) return;
      setTyped(null);
      setWrong('');
    };
    window.addEventListener('pointerdown', moveOn, true);
    window.addEventListener('focusin', moveOn, true);
    return () => {
      window.removeEventListener('pointerdown', moveOn, true);
      window.removeEventListener('focusin', moveOn, true);
    };
  }, [wrong]);

  /** as it is when something that was typed has been read, which another field may have changed meanwhile */
  const latest = useRef({ value, min, max, onChange });
  useLayoutEffect(() => {
    latest.current = { value, min, max, onChange };
  });
  /** Something else may be selected before what was typed has been read. It is taken all the same. */
  const isGone = useRef(false);
  useEffect(() => {
    isGone.current = false;
    return () => {
      isGone.current = true;
    };
  }, []);
  const bounds = (): [number, number] => [boundOf(latest.current.min), boundOf(latest.current.max)];
  const fit = (number: number): number => {
    const [least, most] = bounds();
    const whole = unit === 'frames' ? Math.round(number) : number;
    return Math.round(Math.max(least, Math.min(most, whole)) * 1e6) / 1e6;
  };
  const give = (number: number): void => {
    const fitted = fit(number);
    if (isGone.current || fitted !== latest.current.value) latest.current.onChange(fitted);
    setTyped(null);
  };
  const refuse = (why: string): void => {
    if (isGone.current) useNotices.getState().say(`${label}: ${typed}. ${why}`, { bad: true });
    else setWrong(why);
  };
  const commit = async (): Promise<void> => {
    if (typed === null || typed.trim() === shown) {
      setTyped(null);
      setWrong('');
      return;
    }
    const its = later();
    // Fields take what was typed in the order in which it was typed.
    const before = readBefore();
    try {
      const read = await readNumber(typed, unit, stage);
      await before;
      const [least, most] = bounds();
      if (read < least - 1e-9 || read > most + 1e-9) {
        refuse(`From ${plain(least * scale)} to ${plain(most * scale)}${SIGNS[unit] && ` ${SIGNS[unit]}`}.`);
        return;
      }
      setWrong('');
      its(() => {
        // The field that was typed in next is held to what this one has changed.
        flushSync(() => give(read));
      });
    } catch (error) {
      refuse(reasonOf(error));
    }
  };
  const keys = (event: KeyboardEvent<HTMLInputElement>): void => {
    if (event.key === 'Enter') {
      event.preventDefault();
      // Leaving the field takes what was typed, and gives the keys back to the desk.
      event.currentTarget.blur();
    }
    if (event.key === 'Escape') {
      setTyped(null);
      setWrong('');
      event.currentTarget.blur();
      event.stopPropagation();
    }
    if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault();
      setWrong('');
      give(value + ((event.key === 'ArrowUp' ? 1 : -1) * step * (event.shiftKey ? 10 : 1)) / scale);
    }
  };
  const scrub = (): Taken => ({
    move: ({ across }) => give(value + (Math.round(across / 3) * step) / scale),
  });
  return (
    <div ref={box} className={`field${wrong ? ' is-wrong' : ''}`}>
      <label
        htmlFor={id}
        className={bare ? 'visually-hidden' : 'scrub'}
        title={[
          ...(isKeyed ? ['Animated: this is the start value.'] : []),
          usual === undefined
            ? 'Drag to change'
            : `Drag to change, double-click for ${plain(usual * scale)}${(sign ?? SIGNS[unit]) && ` ${sign ?? SIGNS[unit]}`}`,
        ].join(' ')}
        {...drag(scrub)}
        onDoubleClick={() => {
          if (usual !== undefined) give(usual);
        }}
      >
        {label}
        {isKeyed && <span className="key-mark" role="img" aria-label=", animated" />}
      </label>
      <span className="field-box">
        <input
          id={id}
          type="text"
          inputMode="decimal"
          className="field-number"
          value={typed ?? shown}
          aria-invalid={wrong !== ''}
          aria-describedby={wrong ? `${id}-wrong` : undefined}
          onFocus={(event) => {
            setTyped(typed ?? shown);
            event.currentTarget.select();
          }}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => reading(commit())}
          onKeyDown={keys}
          autoComplete="off"
        />
        {(sign ?? SIGNS[unit]) && <span className="field-unit">{sign ?? SIGNS[unit]}</span>}
      </span>
      {wrong && (
        <span className="field-wrong" id={`${id}-wrong`} role="alert">
          {wrong}
        </span>
      )}
    </div>
  );
}
