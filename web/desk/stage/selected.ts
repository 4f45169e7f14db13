import type { Piece } from '../../../contracts/piece';
import { panelOf, thingsOf } from '../../piece/panels';
import { legendKey, type PlaceKey } from '../../piece/places';
import type { Selection } from '../playStore';

/** What is selected and has a place. */
export function keysOf(selection: Selection): PlaceKey[] {
  switch (selection?.kind) {
    case 'chart':
      return [selection.chart];
    case 'words':
      return [selection.words];
    case 'panel':
      return [selection.panel];
    case 'legend':
      return [legendKey(selection.chart)];
    case 'captions':
      return ['captions'];
    case 'several':
      return selection.keys;
    default:
      return [];
  }
}

/** What is selected by its key. */
export function selectionOf(piece: Piece, keys: PlaceKey[]): Selection {
  if (keys.length !== 1) return keys.length === 0 ? null : { kind: 'several', keys };
  const [key] = keys;
  const chart = piece.charts.find(({ id }) => id === key || legendKey(id) === key);
  if (key === 'captions') return { kind: 'captions' };
  if (panelOf(piece, key)) return { kind: 'panel', panel: key };
  if (!chart) return { kind: 'words', words: key };
  return chart.id === key ? { kind: 'chart', chart: key } : { kind: 'legend', chart: chart.id };
}

/** What is taken together with it. */
export function groupOf(piece: Piece, key: PlaceKey): PlaceKey[] {
  const all = thingsOf(piece);
  const group = all.find(({ id }) => id === key)?.group;
  return group ? all.filter((one) => one.group === group).map(({ id }) => id) : [key];
}
