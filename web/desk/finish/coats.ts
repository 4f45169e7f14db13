import type { Finish, Own, Piece } from '../../../contracts/piece';
import { coats, samples } from '../../../contracts/settings';
import { setOwn, type Target } from '../../piece/changes';
import { panelOf } from '../../piece/panels';
import { styleAt, type StyleAt } from '../../piece/styles';
import { settings, settingOf, wordsOf, type Groups } from '../../settings/settings';

/** The lists that coats stand in. */
export type Kind = keyof typeof coats;
export type Coat<K extends Kind = Kind> = Groups[(typeof coats)[K]];

/** From the eye to the ground, as they are listed. */
export const KINDS = (Object.keys(coats) as Kind[]).reverse();
export const MOST = settingOf('Finish', 'glows').max ?? 1;

export const labelOf = (kind: Kind): string => settings[coats[kind]].label;

/**
 * Whose coats are looked at: those of all parts of a chart, of one part, of the accent, of its tracks, of a panel, of
 * words, or of their plate.
 */
export type Whose =
  | { of: 'chart'; chart: string }
  | { of: 'part'; chart: string; figure: string }
  | { of: 'tracks'; chart: string }
  | { of: 'accent'; chart: string }
  | { of: 'panel'; panel: string }
  | { of: 'words'; at: StyleAt }
  | { of: 'plate'; at: StyleAt };

export type Lists = Pick<Finish, Kind>;

/** The lists of its own, and those that it has where it has none. */
function listsOf(piece: Piece, whose: Whose): { own: Partial<OwnLists>; others: Partial<OwnLists> } {
  if (whose.of === 'panel') return { own: panelOf(piece, whose.panel) ?? {}, others: {} };
  if (whose.of === 'words') return { own: styleAt(piece, whose.at) ?? {}, others: {} };
  if (whose.of === 'plate') return { own: styleAt(piece, whose.at)?.plate ?? {}, others: {} };
  const chart = piece.charts.find(({ id }) => id === whose.chart);
  const finish: Partial<OwnLists> = chart?.finish ?? {};
  if (whose.of === 'tracks') return { own: chart?.finish.tracks ?? {}, others: {} };
  if (whose.of === 'accent') return { own: (chart?.finish.accent ?? {}) as Partial<OwnLists>, others: finish };
  return whose.of === 'chart'
    ? { own: finish, others: {} }
    : { own: (chart?.own[whose.figure] ?? {}) as Partial<OwnLists>, others: finish };
}

type OwnLists = { [K in Kind]: Coat<K>[] | null };

/** Whether a part has coats of a kind of its own. */
export function isOwn(piece: Piece, whose: Whose, kind: Kind): boolean {
  return (whose.of === 'part' || whose.of === 'accent') && Boolean(listsOf(piece, whose).own[kind]);
}

/** The coats of a kind that something has: its own, or those of its chart. */
export function coatsOf<K extends Kind>(piece: Piece, whose: Whose, kind: K): Coat<K>[] {
  const { own, others } = listsOf(piece, whose);
  return ((own[kind] ?? others[kind] ?? []) as Coat<K>[]).map((coat) => ({ ...coat }));
}

/** All the coats that something has, as a finish has them. */
export function allCoats(piece: Piece, whose: Whose): Lists {
  return Object.fromEntries(KINDS.map((kind) => [kind, coatsOf(piece, whose, kind)]));
}

/** Gives something coats of a kind; null: a part has those of its chart again. */
export function setCoats<K extends Kind>(piece: Piece, whose: Whose, kind: K, list: Coat<K>[] | null): void {
  if (whose.of === 'part') {
    const chart = piece.charts.find(({ id }) => id === whose.chart);
    if (chart) setOwn(chart, whose.figure, { [kind]: list } as Own);
    return;
  }
  const finish = whose.of === 'tracks' ? piece.charts.find(({ id }) => id === whose.chart)?.finish : undefined;
  if (finish) finish.tracks ??= {};
  // The accent has what the chart has again, as a part has.
  Object.assign(listsOf(piece, whose).own, { [kind]: list ?? (whose.of === 'accent' ? null : []) });
}

/** What moves change of it, and before which path its coats stand among what they can change; null: none do. */
export function targetOf(whose: Whose): { target: Target; path: string } | null {
  switch (whose.of) {
    case 'chart':
      return { target: { chart: whose.chart }, path: 'finish.' };
    case 'part':
      return { target: { chart: whose.chart, figure: whose.figure }, path: 'finish.' };
    case 'panel':
      return { target: { panel: whose.panel }, path: '' };
    case 'tracks':
      return { target: { chart: whose.chart }, path: 'finish.tracks.' };
    case 'accent':
      return null;
    case 'words':
    case 'plate':
      return targetOfWords(whose.at, whose.of === 'plate' ? 'plate.' : '');
  }
}

function targetOfWords(at: StyleAt, path: string): { target: Target; path: string } | null {
  const [owner, which] = at.split('/');
  if (owner === 'text') return { target: { words: which }, path };
  return which ? { target: { chart: owner }, path: `words.${which}.${path}` } : { target: { stage: 'captions' }, path };
}

/** Where coats show on the desk that they are of it. */
export const keyOf = (whose: Whose): string => Object.values(whose).join('/');

/** What one gets who turns a coat on. */
export function begun<K extends Kind>(kind: K, whose: Whose): Coat<K>[] {
  // A line within letters is hardly seen: theirs is around them.
  const isAround = kind === 'lines' && whose.of === 'words';
  const sample = samples[kind].find(({ name }) => name === (isAround ? 'Around' : name)) ?? samples[kind][0];
  return (sample.coats as Coat<K>[]).map((coat) => ({ ...coat }));
}

const round = (number: number): number => Math.round(number * 10) / 10;
const part = (number: number | undefined): string => `${Math.round((number ?? 1) * 100)} %`;

/** What a coat is set to, in a few words. */
export function told(kind: Kind, coat: Coat): string {
  switch (kind) {
    case 'fills':
    case 'patterns': {
      const { kind: is, opacity, degrees } = coat as Coat<'fills' & 'patterns'> & { degrees?: number };
      const words = wordsOf(coats[kind], 'kind')[is].toLowerCase();
      const turned = kind === 'fills' ? is === 'linear' : true;
      return [words, turned && degrees ? `${round(degrees)}°` : '', (opacity ?? 1) < 1 ? part(opacity) : '']
        .filter(Boolean)
        .join(', ');
    }
    case 'textures': {
      const { kind: is, amount, lie } = coat as Coat<'textures'>;
      return [wordsOf('Texture', 'kind')[is].toLowerCase(), lie === 'along' ? 'along' : '', part(amount)]
        .filter(Boolean)
        .join(', ');
    }
    case 'lines': {
      const { width, dash, place } = coat as Coat<'lines'>;
      const where = place === 'apart' ? 'at a distance' : place;
      return [`${round(width)} px`, where, dash ? 'dashed' : ''].filter(Boolean).join(', ');
    }
    case 'edges': {
      const { length, round: lap } = coat as Coat<'edges'>;
      return [`${round(length)} px`, lap ? 'travelling' : ''].filter(Boolean).join(', ');
    }
    case 'shadows': {
      const { reach, x = 0, y = 0, opacity } = coat as Coat<'shadows'>;
      return [`${round(reach)} px`, x || y ? `${round(x)} ${round(y)}` : '', part(opacity)].filter(Boolean).join(', ');
    }
    default: {
      const { reach, opacity } = coat as Coat<'glows'>;
      return `${round(reach)} px, ${part(opacity)}`;
    }
  }
}
