import type { Box } from '../../../painter/src';
import type { Sheet } from '../../api/answers';
import { setLabel, setOwn } from '../../piece/changes';
import type { Piece } from '../../../contracts/piece';
import { panelOf } from '../../piece/panels';
import { legendKey, setPlace, type PlaceKey } from '../../piece/places';
import { chartOf, idOf, isIn } from '../../scene/keys';
import type { Scene } from '../../scene/scene';
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

/** What stands at a point of the stage: words before marks, and the middle of a chart before panels behind it. */
export function heldAt(
  scene: Scene,
  context: unknown,
  piece: Piece,
  sheet: Sheet | undefined,
  shape: string | null,
  frame: number,
  x: number,
  y: number,
): Held | null {
  const place = (key: PlaceKey, selection: Selection): Held => heldPlace(sheet, shape, key, selection);
  const panel = scene.panelAt(context as never, frame, x, y);
  const stands = panel === null ? null : (panelOf(piece, panel)?.stands ?? 'back');
  const heldPanel = (): Held => place(panel!, { kind: 'panel', panel: panel! });
  if (stands === 'front') return heldPanel();
  const groups = scene.wordsAt(frame, x, y);
  if (groups) {
    const words = idOf(groups, 'words');
    if (words) return place(words, { kind: 'words', words });
    if (isIn(groups, 'caption')) return place('captions', { kind: 'captions' });
    const chart = chartOf(groups);
    if (chart) {
      if (isIn(groups, 'legend')) return place(legendKey(chart), { kind: 'legend', chart });
      if (isIn(groups, 'centre')) return place(chart, { kind: 'chart', chart });
      const labelled = idOf(groups, 'label');
      if (labelled) return heldLabel(piece, sheet, chart, labelled);
      const named = idOf(groups, 'name');
      if (named) return heldFigure(piece, sheet, chart, named);
    }
  }
  if (stands === 'between') return heldPanel();
  const found = scene.figureAt(context as never, frame, x, y);
  if (found) return heldFigure(piece, sheet, found.chart, found.figure);
  const isWithin = (box: Box | null): boolean =>
    box !== null && x >= box.left && x <= box.right && y >= box.top && y <= box.bottom;
  // Between the lines of a text is that text.
  const words = piece.words.find(({ id }) => isWithin(scene.boxOf(id, frame)));
  if (words) return place(words.id, { kind: 'words', words: words.id });
  const legend = piece.charts.find(({ id }) => isWithin(scene.boxOf(legendKey(id), frame)));
  if (legend) return place(legendKey(legend.id), { kind: 'legend', chart: legend.id });
  const open = piece.charts.find(({ id }) => isWithin(scene.boxOf(id, frame)));
  // The middle of a chart is the chart; beside its marks, what lies behind it is.
  if (open && (stands === null || isInMiddle(scene, open.id, frame, x, y)))
    return place(open.id, { kind: 'chart', chart: open.id });
  return stands === null ? null : heldPanel();
}

/** The inner half of what a chart lies in. */
function isInMiddle(scene: Scene, chart: string, frame: number, x: number, y: number): boolean {
  const box = scene.boxOf(chart, frame);
  if (!box) return false;
  const far = (at: number, from: number, to: number): number => Math.abs(at - (from + to) / 2) / (to - from);
  return far(x, box.left, box.right) < 0.25 && far(y, box.top, box.bottom) < 0.25;
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

/** What several boxes lie in; null where there are none. */
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
