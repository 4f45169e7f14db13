import type { Chart, Names, Piece } from '../../contracts/piece';
import { namedText } from './bound';

/** The words of a chart that are set on their own, as they stand in a document. */
const PARTS = ['labels', 'names', 'legend', 'centre', 'axis'] as const;
type Part = (typeof PARTS)[number];

/** Where the style of some words stands: `captions`, `text` and its id, or a chart’s id and which of its words. */
export type StyleAt = string;

export const styleOfText = (id: string): StyleAt => `text/${id}`;
export const styleOfPart = (chart: Chart, part: Part): StyleAt => `${chart.id}/${part}`;

/** How words are set, whatever they are. */
export type TypeSet = Omit<Names, 'align'>;

/** How they are set, as it stands in the document; null where there are no such words. */
export function styleAt(piece: Piece, at: StyleAt): TypeSet | null {
  if (at === 'captions') return piece.captions;
  const [owner, which] = at.split('/');
  if (owner === 'text') return piece.words.find(({ id }) => id === which) ?? null;
  return piece.charts.find(({ id }) => id === owner)?.words[which as Part] ?? null;
}

/** The group of the catalogue that the words are, whose style it is. */
export function groupAt(
  at: StyleAt,
): 'Captions' | 'FreeText' | 'Labels' | 'Names' | 'Legend' | 'Centre' | 'AxisTitles' {
  if (at === 'captions') return 'Captions';
  const [owner, which] = at.split('/');
  if (owner === 'text') return 'FreeText';
  return ({ labels: 'Labels', names: 'Names', legend: 'Legend', centre: 'Centre', axis: 'AxisTitles' } as const)[
    which as Part
  ];
}

/** Some of what is set so, to see a font with; empty where nothing is written yet. */
export function textAt(piece: Piece, at: StyleAt): string {
  if (at === 'captions') return piece.script.lines[0]?.text ?? '';
  const [owner, which] = at.split('/');
  const words = owner === 'text' ? piece.words.find(({ id }) => id === which) : undefined;
  if (words) return namedText(piece, words);
  const chart = piece.charts.find(({ id }) => id === owner);
  const rows = piece.tables.find(({ id }) => id === chart?.table)?.rows ?? [];
  return which === 'centre' ? '1,234' : (rows[0]?.label ?? '');
}

/** Whether they can be words of a part, and take its colour. */
export function canBeOfPart(piece: Piece, at: StyleAt): boolean {
  const [owner, which] = at.split('/');
  if (owner === 'text') return Boolean(piece.words.find(({ id }) => id === which)?.pointsAt);
  const centre = piece.charts.find(({ id }) => id === owner)?.words.centre;
  return (
    which === 'labels' || which === 'names' || which === 'legend' || (which === 'centre' && Boolean(centre?.figure))
  );
}

/** Whether they can take several lines. */
export function canWrap(at: StyleAt): boolean {
  return at === 'captions' || at.startsWith('text/') || at.endsWith('/names');
}

const WORDS: Record<Part, string> = {
  labels: 'Labels',
  names: 'Names',
  legend: 'Legend',
  centre: 'Centre number',
  axis: 'Axis titles',
};

/** All words of a piece that are set on their own; those of one chart first. */
export function stylesOf(piece: Piece, chart: Chart): { at: StyleAt; name: string }[] {
  const there = PARTS.filter((part) => chart.words[part] && (part !== 'labels' || chart.words.labels.show !== 'none'));
  return [
    ...there.map((part) => ({ at: styleOfPart(chart, part), name: WORDS[part] })),
    ...piece.words.map((words) => ({ at: styleOfText(words.id), name: namedText(piece, words) || 'Empty title' })),
    ...(piece.captions ? [{ at: 'captions', name: 'Captions' }] : []),
  ];
}
