import type { Box, Painter } from '../../../painter/src';
import type { Sheet } from '../../api/answers';
import { setLabel, setOwn } from '../../piece/changes';
import type { Piece } from '../../../contracts/piece';
import { legendKey, setPlace, type PlaceKey } from '../../piece/places';
import type { Selection } from '../playStore';

/** What is taken hold of on the stage: what is selected by it, what has a place, and what follows from moving it. */
export interface Held {
  selection: Selection;
  /** what is moved with it where it is moved together with others; null for a part of a chart */
  key: PlaceKey | null;
  /** @param across and down pixels of the stage since it was taken */
  move: (draft: Piece, across: number, down: number) => void;
}

const whole = Math.round;

/** The names of the groups within a chart, or null where they are none of its. */
export function within(names: string[], chart: string): string[] | null {
  const at = names.indexOf(chart);
  return at < 0 ? null : names.slice(at + 1);
}

const isMark = (name: string): boolean => name === 'body' || name.startsWith('figure-');

/** What stands at a point of the stage: words before marks, and the middle of a chart that is open there. */
export function heldAt(
  painter: Painter,
  context: unknown,
  piece: Piece,
  sheet: Sheet | undefined,
  shape: string | null,
  frame: number,
  x: number,
  y: number,
): Held | null {
  const place = (key: PlaceKey, selection: Selection): Held => heldPlace(sheet, shape, key, selection);
  const names = painter.wordsAt(frame, x, y);
  if (names) {
    const text = piece.words.find(({ id }) => names.includes(id));
    if (text) return place(text.id, { kind: 'words', words: text.id });
    if (names.some((name) => name.startsWith('caption-'))) return place('captions', { kind: 'captions' });
    const chart = piece.charts.find(({ id }) => names.includes(id));
    const inner = chart && within(names, chart.id);
    if (chart && inner) {
      if (inner.includes('legend')) return place(legendKey(chart.id), { kind: 'legend', chart: chart.id });
      if (inner.includes('centre')) return place(chart.id, { kind: 'chart', chart: chart.id });
      const figures = sheet?.charts[chart.id]?.figures ?? [];
      const figure = figures.find(({ id }) => inner.some((name) => name === `label-${id}` || name === `name-${id}`));
      if (figure && inner.some((name) => name === `label-${figure.id}`))
        return heldLabel(piece, sheet, chart.id, figure.id);
      if (figure) return heldFigure(piece, sheet, chart.id, figure.id);
    }
  }
  const found = painter.figureAt(context as never, frame, x, y);
  if (found) return heldFigure(piece, sheet, found.chart, found.figure);
  const isIn = (box: Box | null): boolean =>
    box !== null && x >= box.left && x <= box.right && y >= box.top && y <= box.bottom;
  const legend = piece.charts.find(({ id }) => isIn(boxOf(painter, piece, frame, legendKey(id))));
  if (legend) return place(legendKey(legend.id), { kind: 'legend', chart: legend.id });
  const open = piece.charts.find(({ id }) => isIn(boxOf(painter, piece, frame, id)));
  return open ? place(open.id, { kind: 'chart', chart: open.id }) : null;
}

/** Something that has a place, from where it stands now. */
export function heldPlace(sheet: Sheet | undefined, shape: string | null, key: PlaceKey, selection: Selection): Held {
  const now = sheet?.places[key];
  return {
    selection,
    key,
    move: (draft, across, down) => {
      if (now) setPlace(draft, shape, key, now, { x: whole(now.x + across), y: whole(now.y + down) });
    },
  };
}

/** A part is pulled out along its own middle. */
function heldFigure(piece: Piece, sheet: Sheet | undefined, chartId: string, figure: string): Held {
  const [right, below] = sheet?.charts[chartId]?.figures.find(({ id }) => id === figure)?.outward ?? [0, -1];
  const before = piece.charts.find(({ id }) => id === chartId)?.own[figure]?.out ?? 0;
  return {
    selection: { kind: 'figure', chart: chartId, figure },
    key: null,
    move: (draft, across, down) => {
      const chart = draft.charts.find(({ id }) => id === chartId);
      const out = Math.max(0, Math.min(1000, whole(before + across * right + down * below)));
      if (chart) setOwn(chart, figure, { out: out === 0 ? undefined : out });
    },
  };
}

/** A label is put elsewhere, from where it would stand by itself. */
function heldLabel(piece: Piece, sheet: Sheet | undefined, chartId: string, figure: string): Held {
  const before = piece.charts.find(({ id }) => id === chartId)?.own[figure]?.label;
  const size = sheet?.places[chartId]?.size ?? 1;
  return {
    selection: { kind: 'figure', chart: chartId, figure },
    key: null,
    move: (draft, across, down) => {
      const chart = draft.charts.find(({ id }) => id === chartId);
      if (!chart) return;
      setLabel(chart, figure, { x: whole((before?.x ?? 0) + across / size), y: whole((before?.y ?? 0) + down / size) });
    },
  };
}

/** The box around what has a place: of a chart its marks alone; null where there is nothing to be seen of it. */
export function boxOf(painter: Painter | null, piece: Piece, frame: number, key: PlaceKey): Box | null {
  if (!painter) return null;
  const chart = piece.charts.find(({ id }) => id === key || legendKey(id) === key);
  if (!chart)
    return painter.boxWithin(frame, (names) =>
      key === 'captions' ? names.some((name) => name.startsWith('caption-')) : names.includes(key),
    );
  return painter.boxWithin(frame, (names) => {
    const inner = within(names, chart.id);
    return inner !== null && (chart.id === key ? inner.every(isMark) : inner.includes('legend'));
  });
}

export function joined(boxes: (Box | null)[]): Box | null {
  const there = boxes.filter((box): box is Box => box !== null);
  if (there.length === 0) return null;
  return {
    left: Math.min(...there.map(({ left }) => left)),
    top: Math.min(...there.map(({ top }) => top)),
    right: Math.max(...there.map(({ right }) => right)),
    bottom: Math.max(...there.map(({ bottom }) => bottom)),
  };
}
