/** What can be found: it is gone to, or done. */
export interface Entry {
  id: string;
  group: 'Settings' | 'Acts' | 'In this piece' | 'Kits' | 'Starters' | 'Pieces';
  title: string;
  /** of what it is, and where it stands */
  where: string;
  /** what it is set to now */
  value?: string;
  /** the key that does the same */
  key?: string;
  /** what people call it besides */
  also?: string;
  /** what people call that which it is a part of */
  around?: string;
  icon: string;
  /** goes there, or does it */
  go: () => void;
  /** does it without going there; where it can be done so */
  here?: { does: string; do: () => void };
}

/** so many of a group are shown */
const MOST = 6;

const GROUPS: Entry['group'][] = ['Acts', 'Settings', 'In this piece', 'Kits', 'Starters', 'Pieces'];

/** Small letters without accents. */
export const plain = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

const wordsIn = (text: string): string[] =>
  plain(text)
    .split(/[^\p{L}\p{N}%]+/u)
    .filter(Boolean);

/**
 * How well an entry answers what was typed: every word typed begins one of its own words, in its title best, then in
 * what people call it, then in where it stands. 0: it does not.
 */
export function fitOf(entry: Pick<Entry, 'title' | 'where' | 'also' | 'around' | 'value'>, typed: string): number {
  const wanted = wordsIn(typed);
  if (wanted.length === 0) return 0;
  const places: [string[], number][] = [
    [wordsIn(entry.title), 8],
    [wordsIn(entry.also ?? ''), 5],
    [wordsIn(entry.around ?? ''), 3],
    [wordsIn(entry.where), 2],
    [wordsIn(entry.value ?? ''), 1],
  ];
  let fit = 0;
  for (const word of wanted) {
    const best = places.map(([words, weight]) =>
      words.includes(word) ? weight + 1 : words.some((one) => one.startsWith(word)) ? weight : 0,
    );
    const most = Math.max(...best);
    if (most === 0) return 0;
    fit += most;
  }
  // What is called just so goes first, and of two that answer alike the shorter one.
  if (plain(entry.title) === plain(typed).trim()) fit += 6;
  if (plain(entry.title).startsWith(plain(typed).trim())) fit += 2;
  return fit / wanted.length - entry.title.length / 1000;
}

/** What answers best, by groups: the group of the best one first. */
export function found(entries: Entry[], typed: string): { group: Entry['group']; entries: Entry[]; more: number }[] {
  const fits = entries
    .map((entry) => ({ entry, fit: fitOf(entry, typed) }))
    .filter(({ fit }) => fit > 0)
    .sort((one, other) => other.fit - one.fit);
  const groups = GROUPS.map((group) => {
    const its = fits.filter(({ entry }) => entry.group === group);
    return {
      group,
      fit: its[0]?.fit ?? 0,
      entries: its.slice(0, MOST).map(({ entry }) => entry),
      more: Math.max(0, its.length - MOST),
    };
  });
  return groups
    .filter(({ entries: its }) => its.length > 0)
    .sort((one, other) => other.fit - one.fit)
    .map(({ group, entries: its, more }) => ({ group, entries: its, more }));
}
