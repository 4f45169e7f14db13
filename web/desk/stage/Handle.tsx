import { useState, type KeyboardEvent } from 'react';
import { useReadAloud } from '../../common/Aloud';
import { useDrag } from '../../common/useDrag';
import { usePlay } from '../playStore';

const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** How far a hand has gone since it took hold, in pixels of the stage, and from where to where. */
export interface Pull {
  across: number;
  down: number;
  from: [x: number, y: number];
  to: [x: number, y: number];
  /** with a modifier nothing comes to rest on whole steps */
  isFree: boolean;
  isShift: boolean;
  /** by an arrow key, not by a hand */
  isKey: boolean;
}

interface Props {
  x: number;
  y: number;
  /** pixels of the screen for one of the stage */
  shown: number;
  label: string;
  /** square: changes a size; round: moves; ring: what is behind it is to be seen */
  look?: 'dot' | 'square' | 'ring';
  /** it is seen only when the pointer or the keyboard is on it: a number stands there */
  isQuiet?: boolean;
  /** what is said beside it while it is held */
  value?: string;
  /** takes hold, and says what follows from moving the hand */
  take: () => (pull: Pull) => void;
  /** The hand lets go, where it was last. */
  letGo?: (pull: Pull) => void;
}

/** A place on the stage that is taken with the pointer, or gone to with Tab and moved with the arrow keys. */
export function Handle({ x, y, shown, label, look = 'dot', isQuiet, value, take, letGo }: Props) {
  const drag = useDrag();
  const [isHeld, setHeld] = useState(false);
  const [isOn, setOn] = useState(false);
  const told = value ? `${label}, ${value.replace('\n', ', ')}` : label;
  useReadAloud(told, isHeld || isOn);
  const keys = (event: KeyboardEvent): void => {
    const step = STEPS[event.key];
    if (!step || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    event.stopPropagation();
    const far = event.shiftKey ? 10 : 1;
    const [across, down] = [step[0] * far, step[1] * far];
    const to: [number, number] = [x + across, y + down];
    take()({ across, down, from: [x, y], to, isFree: true, isShift: event.shiftKey, isKey: true });
  };
  const events = {
    tabIndex: 0,
    role: 'button',
    'aria-label': told,
    ...drag((press) => {
      press.stopPropagation();
      usePlay.getState().stop();
      const pull = take();
      let last: Pull | null = null;
      setHeld(true);
      return {
        move: (way) => {
          const [across, down] = [way.across / shown, way.down / shown];
          const { altKey, shiftKey } = way.event;
          const to: [number, number] = [x + across, y + down];
          last = { across, down, from: [x, y], to, isFree: altKey, isShift: shiftKey, isKey: false };
          pull(last);
        },
        end: () => {
          setHeld(false);
          if (last) letGo?.(last);
        },
      };
    }),
    onPointerEnter: () => setOn(true),
    onPointerLeave: () => setOn(false),
    onFocus: () => setOn(true),
    onBlur: () => setOn(false),
    onKeyDown: keys,
  };
  const radius = (look === 'ring' ? 11 : 7) / shown;
  const side = 12 / shown;
  return (
    <g className={isQuiet ? 'quiet-handle' : undefined}>
      {look === 'ring' && <circle className="handle-under" cx={x} cy={y} r={radius} strokeWidth={4 / shown} />}
      {look === 'square' ? (
        <rect
          className="handle"
          x={x - side / 2}
          y={y - side / 2}
          width={side}
          height={side}
          rx={2 / shown}
          strokeWidth={2 / shown}
          {...events}
        />
      ) : (
        <circle
          className={`handle${look === 'ring' ? ' is-open' : ''}`}
          cx={x}
          cy={y}
          r={radius}
          strokeWidth={2 / shown}
          {...events}
        />
      )}
      {(isHeld || isOn) && (
        <Told
          x={x}
          y={y}
          shown={shown}
          text={value && (isHeld || value.includes('\n')) ? value : `${label}${value ? ` ${value}` : ''}`}
        />
      )}
    </g>
  );
}

/** Words beside a handle, in one line or in several. */
export function Told({ x, y, shown, text }: { x: number; y: number; shown: number; text: string }) {
  const lines = text.split('\n');
  const width = (Math.max(...lines.map(({ length }) => length)) * 7.2 + 14) / shown;
  const height = (5 + 17 * lines.length) / shown;
  return (
    <g className="handle-told" transform={`translate(${x + 14 / shown} ${y - height - 8 / shown})`}>
      <rect width={width} height={height} rx={5 / shown} />
      {lines.map((line, at) => (
        <text key={at} x={7 / shown} y={(15.5 + 17 * at) / shown} fontSize={12.5 / shown}>
          {line}
        </text>
      ))}
    </g>
  );
}
