import type { Difference, VersionEntry } from '../../api/answers';
import { counted } from '../../common/words';

/** What a version is called: its name, or what was changed in it. */
export function titleOf({ name, changes, isFirst }: VersionEntry): string {
  if (name !== null) return name;
  if (isFirst) return 'Begun';
  return changes[0]?.text ?? 'Nothing that is seen';
}

/** And what is said below it. */
export function moreOf({ name, changes, state, isFirst }: VersionEntry): string {
  const rest = changes.slice(name === null ? 1 : 0).map(({ text }) => text);
  const said = [
    state === 'aside' || state === 'redo' ? 'undone' : '',
    name === null ? '' : 'named, kept for ever',
    name !== null && isFirst ? 'begun' : '',
    rest.length > 3
      ? `${rest.slice(0, 2).join('; ')}; and ${counted(rest.length - 2, 'more', 'more')}`
      : rest.join('; '),
  ];
  return said.filter((one) => one !== '').join(' · ');
}

export function timeOf(at: string | null): string {
  return at === null
    ? ''
    : new Date(at).toLocaleTimeString('en', { hour: '2-digit', minute: '2-digit', hour12: false });
}

const ABOUT: [Difference['about'], string][] = [
  ['figures', 'Figures'],
  ['words', 'Words'],
  ['timing', 'Timing'],
  ['looks', 'Looks'],
  ['stage', 'Stage'],
];

/** Differences by what they are about, in the order of weight; what is the same is not among them. */
export function byAbout(differences: Difference[]): { label: string; texts: string[] }[] {
  return ABOUT.map(([about, label]) => ({
    label,
    texts: differences.filter((one) => one.about === about).map(({ text }) => text),
  })).filter(({ texts }) => texts.length > 0);
}
