import { curves, first, settings, type Group, type Groups, type Setting } from '../../contracts/settings';

export { curves, first, settings };
export type { Group, Groups, Setting };

/** A setting of a group by its name. */
export function settingOf<G extends keyof Groups>(group: G, name: keyof Groups[G]): Setting {
  const setting = settings[group].fields.find((one) => one.name === name);
  if (!setting) throw new Error(`${group} has no setting “${String(name)}”.`);
  return setting;
}

/** Whether a setting matters beside the others. */
export function matters({ when }: Setting, values: Record<string, unknown>, group: Group): boolean {
  return Object.entries(when ?? {}).every(([name, wanted]) => {
    const value = values[name] ?? group.fields.find((one) => one.name === name)?.default;
    return Array.isArray(wanted) ? wanted.includes(String(value)) : Boolean(value) === wanted;
  });
}

/** The words for what a setting can be, by its values in a document. */
export function wordsOf<G extends keyof Groups>(group: G, name: keyof Groups[G]): Record<string, string> {
  return Object.fromEntries((settingOf(group, name).choices ?? []).map(([value, word]) => [String(value), word]));
}
