import type { Chart, Piece } from '../../../contracts/piece';
import type { Sheet } from '../../api/answers';
import { panelName, panelOf } from '../../piece/panels';
import { styleAt, styleOfPart, styleOfText, stylesOf } from '../../piece/styles';
import type { Selection } from '../playStore';
import { figureOf } from '../sheet';
import type { Whose } from './coats';

/** What else than parts has a finish in this piece, by the names that `finishOf` takes. */
export function finishesOf(piece: Piece, chart: Chart): [string, string][] {
  const hasTracks = 'track' in chart.form && chart.form.track !== 'none';
  return [
    ...(chart.finish.accent ? [['accent', 'Accent'] as [string, string]] : []),
    ...(hasTracks ? [['tracks', 'Tracks'] as [string, string]] : []),
    ...(piece.panels ?? []).map((panel): [string, string] => [`panel:${panel.id}`, panelName(panel)]),
    ...stylesOf(piece, chart).flatMap(({ at, name }): [string, string][] => [
      [`words:${at}`, name],
      ...(styleAt(piece, at)?.plate ? [[`plate:${at}`, `Plate of ${name}`] as [string, string]] : []),
    ]),
  ];
}

/** By which name it is chosen; none for parts. */
export function nameOf(whose: Whose): string {
  if (whose.of === 'tracks' || whose.of === 'accent') return whose.of;
  if (whose.of === 'panel') return `panel:${whose.panel}`;
  return 'at' in whose ? `${whose.of}:${whose.at}` : '';
}

/** Whose finish is looked at: what was chosen, or what is selected, or all parts. */
export function whoseNow(
  piece: Piece,
  chart: Chart,
  selection: Selection,
  finishOf: string | null,
  sheet: Sheet | undefined,
): Whose {
  const all: Whose = { of: 'chart', chart: chart.id };
  const chosen = finishOf ?? chosenBy(chart, selection);
  const [of, ...rest] = chosen.split(':');
  const which = rest.join(':');
  if (of === 'tracks') return { of, chart: chart.id };
  if (of === 'accent') return chart.finish.accent ? { of, chart: chart.id } : all;
  if (of === 'panel') return panelOf(piece, which) ? { of, panel: which } : all;
  if (of === 'words') return styleAt(piece, which) ? { of, at: which } : all;
  if (of === 'plate') return styleAt(piece, which)?.plate ? { of, at: which } : all;
  if (of !== 'part' || selection?.kind !== 'figure') return all;
  const figure = figureOf(sheet, chart.id, selection.figure);
  return figure && selection.chart === chart.id ? { of, chart: chart.id, figure: figure.id } : all;
}

/** A part that is selected is still looked at with all others, until it is asked for. */
function chosenBy(chart: Chart, selection: Selection): string {
  switch (selection?.kind) {
    case 'panel':
      return `panel:${selection.panel}`;
    case 'words':
      return `words:${styleOfText(selection.words)}`;
    case 'legend':
      return `words:${styleOfPart(chart, 'legend')}`;
    case 'captions':
      return 'words:captions';
    default:
      return 'parts';
  }
}
