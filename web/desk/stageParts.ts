import type { Box, Painter } from '../../painter/src';
import type { Sheet } from '../api/answers';
import { setOwn } from '../piece/changes';
import type { Piece } from '../piece/document';
import type { Selection } from './playStore';

/** What is taken hold of on the stage: what is selected by it, and what follows from moving the hand. */
export interface Held {
  selection: Selection;
  /** @param across and down pixels of the stage since it was taken */
  move: (draft: Piece, across: number, down: number) => void;
}

const whole = Math.round;

/** What stands at a point of the stage: words before marks, and the middle of a chart that is open there. */
export function heldAt(
  painter: Painter,
  context: unknown,
  piece: Piece,
  sheet: Sheet | undefined,
  frame: number,
  x: number,
  y: number,
): Held | null {
  const names = painter.wordsAt(frame, x, y);
  const words = names && (heldWords(piece, names) ?? heldLabel(piece, sheet, names));
  if (words) return words;
  const found = painter.figureAt(context as never, frame, x, y);
  if (found) return heldFigure(piece, sheet, found.chart, found.figure);
  const legend = piece.charts.find(({ id }) => {
    const box = wordsBox(painter, frame, { kind: 'legend', chart: id });
    return box && x >= box.left && x <= box.right && y >= box.top && y <= box.bottom;
  });
  if (legend) return heldWords(piece, [legend.id, 'legend-']);
  const open = piece.charts.find(({ id, place }) => {
    const box = painter.boxWithin(frame, (groups) => groups[0] === id && groups.length === 1);
    return box && Math.hypot(x - place.x, y - place.y) < Math.min(box.right - box.left, box.bottom - box.top) / 4;
  });
  return open ? heldChart(piece, open.id, null) : null;
}

function heldWords(piece: Piece, names: string[]): Held | null {
  const text = piece.words.find(({ id }) => id === names[0]);
  if (text) {
    const { id, x, y } = text;
    return {
      selection: { kind: 'words', words: id },
      move: (draft, across, down) => {
        const own = draft.words.find((one) => one.id === id);
        if (own) Object.assign(own, { x: whole(x + across), y: whole(y + down) });
      },
    };
  }
  const { captions } = piece;
  if (captions && names[0].startsWith('caption-')) {
    return {
      selection: { kind: 'captions' },
      move: (draft, _, down) => {
        if (draft.captions) draft.captions.y = Math.max(0, Math.min(4000, whole(captions.y + down)));
      },
    };
  }
  const chart = piece.charts.find(({ id }) => id === names[0]);
  const legend = chart?.words.legend;
  if (chart && legend && names.some((name) => name.startsWith('legend-'))) {
    return {
      selection: { kind: 'legend', chart: chart.id },
      move: (draft, across, down) => {
        const own = draft.charts.find(({ id }) => id === chart.id)?.words.legend;
        if (own) Object.assign(own, { x: whole(legend.x + across), y: whole(legend.y + down) });
      },
    };
  }
  return chart && names.includes('centre') ? heldChart(piece, chart.id, null) : null;
}

/** A label, a name or a number at a mark is its mark's. */
function heldLabel(piece: Piece, sheet: Sheet | undefined, [chart, ...groups]: string[]): Held | null {
  const figures = sheet?.charts[chart]?.figures ?? [];
  const figure = figures.find(({ id }) => groups.some((name) => name === `label-${id}` || name === `name-${id}`));
  return figure ? heldFigure(piece, sheet, chart, figure.id) : null;
}

/** A part is pulled out along its own middle. */
function heldFigure(piece: Piece, sheet: Sheet | undefined, chartId: string, figure: string): Held {
  const [right, below] = sheet?.charts[chartId]?.figures.find(({ id }) => id === figure)?.outward ?? [0, -1];
  const before = piece.charts.find(({ id }) => id === chartId)?.own[figure]?.out ?? 0;
  return {
    selection: { kind: 'figure', chart: chartId, figure },
    move: (draft, across, down) => {
      const chart = draft.charts.find(({ id }) => id === chartId);
      const out = Math.max(0, Math.min(1000, whole(before + across * right + down * below)));
      if (chart) setOwn(chart, figure, { out: out === 0 ? undefined : out });
    },
  };
}

/** A chart is taken by its middle. */
export function heldChart(piece: Piece, chartId: string, selection: Selection): Held | null {
  const chart = piece.charts.find(({ id }) => id === chartId);
  if (!chart) return null;
  const { x, y } = chart.place;
  return {
    selection,
    move: (draft, across, down) => {
      const own = draft.charts.find(({ id }) => id === chartId);
      if (own) own.place = { x: whole(x + across), y: whole(y + down) };
    },
  };
}

/** The box around words that are selected; null where there is none to be seen. */
export function wordsBox(painter: Painter | null, frame: number, selection: Selection): Box | null {
  if (!painter || !selection) return null;
  switch (selection.kind) {
    case 'words':
      return painter.boxWithin(frame, ([first]) => first === selection.words);
    case 'captions':
      return painter.boxWithin(frame, ([first]) => first?.startsWith('caption-'));
    case 'legend':
      return painter.boxWithin(
        frame,
        ([first, ...rest]) => first === selection.chart && rest.some((name) => name.startsWith('legend-')),
      );
    default:
      return null;
  }
}
