import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { Box } from '../../painter/src';
import type { Piece } from '../piece/document';
import { useDesk } from './deskStore';
import { usePlay, type Selection } from './playStore';
import { heldChart } from './stageParts';

interface Props {
  piece: Piece;
  selection: Selection;
  /** what the selected words lie in */
  box: Box | null;
  /** pixels of the screen for one of the stage */
  shown: number;
}

const CLEAR = 10;
const STEPS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** What can be taken hold of: the right edge of words, where their lines wrap, and the middle of a chart. */
export function StageHandles({ piece, selection, box, shown }: Props) {
  const chart = selection?.kind === 'figure' ? piece.charts.find(({ id }) => id === selection.chart) : undefined;
  const width = selection && widthOf(piece, selection);
  return (
    <>
      {box && (
        <>
          <rect
            className="words-frame"
            x={box.left - CLEAR}
            y={box.top - CLEAR}
            width={box.right - box.left + 2 * CLEAR}
            height={box.bottom - box.top + 2 * CLEAR}
            strokeWidth={1.4 / shown}
          />
          {width && (
            <Handle
              x={width.edge}
              y={(box.top + box.bottom) / 2}
              shown={shown}
              label="Right edge"
              move={(draft, across) => width.set(draft, Math.max(40, Math.round(width.now + across)))}
            />
          )}
        </>
      )}
      {chart && (
        <Handle
          x={chart.place.x}
          y={chart.place.y}
          shown={shown}
          label="Middle of the chart"
          isOpen
          isQuiet={chart.words.centre !== null}
          move={(draft, across, down) => heldChart(piece, chart.id, null)?.move(draft, across, down)}
        />
      )}
    </>
  );
}

/** Where the lines of words wrap, or the numbers of a legend stand. */
function widthOf(piece: Piece, selection: NonNullable<Selection>) {
  if (selection.kind === 'words') {
    const words = piece.words.find(({ id }) => id === selection.words);
    if (words?.align !== 'left') return null;
    return {
      now: words.width,
      edge: words.x + words.width,
      set: (draft: Piece, width: number): void => {
        const own = draft.words.find(({ id }) => id === words.id);
        if (own) own.width = Math.min(8000, width);
      },
    };
  }
  if (selection.kind === 'legend') {
    const legend = piece.charts.find(({ id }) => id === selection.chart)?.words.legend;
    if (!legend) return null;
    return {
      now: legend.width,
      edge: legend.x + legend.width,
      set: (draft: Piece, width: number): void => {
        const own = draft.charts.find(({ id }) => id === selection.chart)?.words.legend;
        if (own) own.width = Math.min(8000, width);
      },
    };
  }
  return null;
}

interface HandleProps {
  x: number;
  y: number;
  shown: number;
  label: string;
  /** what is behind it is to be seen */
  isOpen?: boolean;
  /** it is seen only when the pointer or the keyboard is on it: a number stands there */
  isQuiet?: boolean;
  move: (draft: Piece, across: number, down: number) => void;
}

function Handle({ x, y, shown, label, isOpen, isQuiet, move }: HandleProps) {
  const drag = useRef<{ x: number; y: number; move: HandleProps['move'] } | null>(null);
  const edit = useDesk((state) => state.edit);
  const keys = (event: KeyboardEvent): void => {
    const step = STEPS[event.key];
    if (!step) return;
    event.preventDefault();
    event.stopPropagation();
    const far = event.shiftKey ? 10 : 1;
    edit((draft) => move(draft, step[0] * far, step[1] * far));
  };
  const pull = (event: PointerEvent): void => {
    const held = drag.current;
    if (held) edit((draft) => held.move(draft, (event.clientX - held.x) / shown, (event.clientY - held.y) / shown));
  };
  const radius = (isOpen ? 11 : 7) / shown;
  return (
    <g className={isQuiet ? 'quiet-handle' : undefined}>
      {isOpen && <circle className="handle-under" cx={x} cy={y} r={radius} strokeWidth={4 / shown} />}
      <circle
        className={`handle${isOpen ? ' is-open' : ''}`}
        cx={x}
        cy={y}
        r={radius}
        strokeWidth={2 / shown}
        tabIndex={0}
        role="button"
        aria-label={label}
        onPointerDown={(event) => {
          event.stopPropagation();
          event.currentTarget.setPointerCapture(event.pointerId);
          usePlay.getState().stop();
          drag.current = { x: event.clientX, y: event.clientY, move };
        }}
        onPointerMove={pull}
        onPointerUp={() => {
          drag.current = null;
        }}
        onKeyDown={keys}
      >
        <title>{label}</title>
      </circle>
    </g>
  );
}
