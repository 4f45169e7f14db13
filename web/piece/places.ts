import type { Placed } from '../api/answers';
import type { Chart, OwnPlace, Piece } from '../../contracts/piece';
import { panelOf } from './panels';

/** What has a place: the id of a chart, a text or a panel, `legend-` and a chart's id, or `captions`. */
export type PlaceKey = string;

export function legendKey(chart: string): PlaceKey {
  return `legend-${chart}`;
}

/** The chart whose legend this is. */
export function legendOf(piece: Piece, key: PlaceKey): Chart | undefined {
  return key.startsWith('legend-') ? piece.charts.find(({ id }) => legendKey(id) === key) : undefined;
}

export function chartOfKey(piece: Piece, key: PlaceKey): Chart | undefined {
  return piece.charts.find(({ id }) => id === key);
}

/** Whose place it has: a chart on another's axis stands where that one does, and a hand that takes it takes both. */
function placedWith(piece: Piece, key: PlaceKey): PlaceKey {
  return chartOfKey(piece, key)?.axisOf ?? key;
}

export type Part = Partial<Pick<Placed, 'x' | 'y' | 'width' | 'height' | 'size' | 'turn' | 'flow' | 'spacing'>>;

const rounded = (number: number, digits = 2): number => Number(number.toFixed(digits));

/**
 * Puts something by hand. From then on it stands there, and no longer where the rule would have it: on the stage of the
 * piece, or in one shape of it alone.
 * @param now where it stands
 */
export function setPlace(piece: Piece, shape: string | null, thing: PlaceKey, now: Placed, part: Part): void {
  const key = placedWith(piece, thing);
  const next = { ...now, ...part };
  if (shape !== null) {
    setOwnPlace(piece, shape, key, next);
    return;
  }
  const chart = piece.charts.find(({ id }) => id === key);
  if (chart) {
    takeOver(chart, now);
    chart.place = {
      x: rounded(next.x),
      y: rounded(next.y),
      ...(next.size === 1 ? {} : { size: rounded(next.size, 4) }),
      ...(next.turn ? { turn: rounded(next.turn) } : {}),
      placedBy: 'hand',
    };
    return;
  }
  const panel = panelOf(piece, key);
  if (panel) {
    Object.assign(panel, sidesOf(next), { x: rounded(next.x), y: rounded(next.y) });
    if (next.turn || panel.turn) panel.turn = rounded(next.turn ?? 0);
    delete panel.around;
    return;
  }
  const text = piece.words.find(({ id }) => id === key);
  const legend = legendOf(piece, key)?.words.legend;
  const target = text ?? legend ?? (key === 'captions' ? piece.captions : null);
  if (!target) return;
  Object.assign(target, {
    ...(key === 'captions' ? {} : { x: rounded(next.x) }),
    y: rounded(next.y),
    width: rounded(next.width ?? target.width),
    size: rounded(next.size),
    placedBy: 'hand',
  });
  if (legend) Object.assign(legend, { spacing: next.spacing ?? legend.spacing, flow: next.flow ?? legend.flow });
}

/** How wide and high a panel is; one that is scaled is so in both. */
function sidesOf({ width, height, size }: Placed): { width: number; height: number } {
  return { width: rounded(Math.max(1, (width ?? 1) * size)), height: rounded(Math.max(1, (height ?? 1) * size)) };
}

/** What the rule had made of a chart becomes its own, so that nothing jumps when a hand takes it. */
function takeOver(chart: Chart, now: Placed): void {
  Object.assign(chart.form, now.form);
  const text = now.text ?? 1;
  if (Math.abs(text - 1) < 1e-6) return;
  chart.words.labels.size = rounded(chart.words.labels.size * text);
  if (chart.words.names) chart.words.names.size = rounded(chart.words.names.size * text);
  if (chart.words.centre) chart.words.centre.size = rounded(chart.words.centre.size * text);
}

function setOwnPlace(piece: Piece, shapeId: string, key: PlaceKey, next: Placed): void {
  const shape = piece.shapes?.find(({ id }) => id === shapeId);
  if (!shape) return;
  const own: OwnPlace = { x: rounded(next.x), y: rounded(next.y) };
  const chart = piece.charts.find(({ id }) => id === key);
  if (panelOf(piece, key)) {
    Object.assign(own, sidesOf(next));
  } else if (chart) {
    own.size = rounded(next.size / (chart.place.size ?? 1), 4);
    if (next.text !== undefined) own.text = rounded(next.text, 4);
    if (next.form && Object.keys(next.form).length > 0) own.form = next.form;
  } else {
    const text = piece.words.find(({ id }) => id === key);
    const told = text ?? legendOf(piece, key)?.words.legend ?? piece.captions;
    if (told) own.size = rounded(next.size / told.size, 4);
    if (next.width !== undefined) own.width = rounded(next.width);
  }
  shape.own[key] = own;
}

/** Gives it back to the rule, or in a shape of the stage to what holds for the piece. */
export function giveBack(piece: Piece, shape: string | null, thing: PlaceKey): void {
  const key = placedWith(piece, thing);
  if (shape !== null) {
    delete piece.shapes?.find(({ id }) => id === shape)?.own[key];
    return;
  }
  const chart = piece.charts.find(({ id }) => id === key);
  if (chart) {
    chart.place = { x: chart.place.x, y: chart.place.y, placedBy: 'rule' };
    return;
  }
  if (panelOf(piece, key)) return;
  const target = piece.words.find(({ id }) => id === key) ?? legendOf(piece, key)?.words.legend ?? piece.captions;
  if (target) target.placedBy = 'rule';
}

/** Everything of the piece that a rule could place. */
export function placeable(piece: Piece): PlaceKey[] {
  return [
    ...piece.charts.map(({ id }) => id),
    ...piece.charts.filter(({ words }) => words.legend !== null).map(({ id }) => legendKey(id)),
    ...piece.words.filter(({ role }) => role && role !== 'note').map(({ id }) => id),
    ...(piece.captions ? ['captions'] : []),
  ];
}

/** Where a hand has put something in the document as it stands; null where rule or proportion say it. */
export function toldPlace(
  piece: Piece,
  shape: string | null,
  thing: PlaceKey,
): (Part & { x: number; y: number }) | null {
  const key = placedWith(piece, thing);
  const chart = piece.charts.find(({ id }) => id === key);
  const panel = panelOf(piece, key);
  const legend = legendOf(piece, key)?.words.legend;
  const words = piece.words.find(({ id }) => id === key) ?? legend ?? (key === 'captions' ? piece.captions : null);
  const usual = chart ? (chart.place.size ?? 1) : (words?.size ?? 1);
  if (shape !== null) {
    const own = piece.shapes?.find(({ id }) => id === shape)?.own[key];
    if (!own) return null;
    const { x, y, size = 1, width, height } = own;
    return { x, y, size: panel ? 1 : size * usual, ...(width ? { width } : {}), ...(height ? { height } : {}) };
  }
  if (chart) {
    const { x, y, turn = 0 } = chart.place;
    return chart.place.placedBy === 'rule' ? null : { x, y, size: usual, turn };
  }
  if (panel) {
    const { x, y, width, height, turn = 0 } = panel;
    return panel.around ? null : { x, y, width, height, turn, size: 1 };
  }
  if (!words || words.placedBy === 'rule') return null;
  const { y, width, size } = words;
  return {
    x: 'x' in words ? words.x : 0,
    y,
    width,
    size,
    ...(legend?.flow ? { flow: legend.flow } : {}),
    ...(legend?.spacing ? { spacing: legend.spacing } : {}),
  };
}
