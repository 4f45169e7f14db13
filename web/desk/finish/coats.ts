import type { Chart, Finish, Own } from '../../../contracts/piece';
import { coats, samples } from '../../../contracts/settings';
import { setOwn } from '../../piece/changes';
import { settings, settingOf, wordsOf, type Groups } from '../../settings/settings';

/** The lists that coats stand in. */
export type Kind = keyof typeof coats;
export type Coat<K extends Kind = Kind> = Groups[(typeof coats)[K]];

/** From the eye to the ground, as they are listed. */
export const KINDS = (Object.keys(coats) as Kind[]).reverse();
export const MOST = settingOf('Finish', 'glows').max ?? 1;

export const labelOf = (kind: Kind): string => settings[coats[kind]].label;

/** Whose coats are looked at: those of all parts, or of one. */
export type Whose = string | null;

type Lists = Pick<Finish, Kind>;

/** Whether a part has coats of a kind of its own. */
export function isOwn(chart: Chart, whose: Whose, kind: Kind): boolean {
  return whose !== null && Boolean(chart.own[whose]?.[kind]);
}

/** The coats of a kind that a part has: its own, or those of its chart. */
export function coatsOf<K extends Kind>(chart: Chart, whose: Whose, kind: K): Coat<K>[] {
  const own = whose === null ? null : (chart.own[whose] as Lists | undefined)?.[kind];
  return ((own ?? (chart.finish as Lists)[kind] ?? []) as Coat<K>[]).map((coat) => ({ ...coat }));
}

/** All the coats that a part has, as a finish has them. */
export function allCoats(chart: Chart, whose: Whose): Lists {
  return Object.fromEntries(KINDS.map((kind) => [kind, coatsOf(chart, whose, kind)]));
}

/** Gives a chart, or a part of it, coats of a kind; null: a part has those of its chart again. */
export function setCoats<K extends Kind>(chart: Chart, whose: Whose, kind: K, list: Coat<K>[] | null): void {
  if (whose !== null) setOwn(chart, whose, { [kind]: list } as Own);
  else Object.assign(chart.finish, { [kind]: list ?? [] });
}

/** What one gets who turns a coat on. */
export function begun<K extends Kind>(kind: K): Coat<K>[] {
  return (samples[kind][0].coats as Coat<K>[]).map((coat) => ({ ...coat }));
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
