import type { ReactNode } from 'react';
import { Pick, Switch } from '../fields/Choice';
import { GroupFields } from './GroupFields';
import { settings, type Groups } from './settings';

interface Props<G extends keyof Groups> {
  of: G;
  value: Groups[G] | null | undefined;
  /** as it begins where there was none */
  begin: Groups[G];
  slots?: Partial<Record<keyof Groups[G] & string, ReactNode>>;
  colour?: string;
  onChange: (value: Groups[G] | null) => void;
}

/** A group that can be had or not, under a switch with its name. */
export function PartFields<G extends keyof Groups>({ of, value, begin, onChange, ...its }: Props<G>) {
  const { label, hint } = settings[of];
  return (
    <section>
      <h3>
        <Switch label={label} value={Boolean(value)} onChange={(on) => onChange(on ? begin : null)} />
      </h3>
      {value ? (
        <GroupFields of={of} value={value} onChange={(part) => onChange({ ...value, ...part })} {...its} />
      ) : (
        hint && <p className="hint">{hint}</p>
      )}
    </section>
  );
}

type Source = 'chart' | 'none' | 'own';
const SOURCES: [Source, string][] = [
  ['chart', 'Same as chart'],
  ['own', 'Custom'],
  ['none', 'None'],
];

type InheritedProps<G extends keyof Groups> = Omit<Props<G>, 'value' | 'onChange'> & {
  value: Groups[G] | 'none' | null | undefined;
  onChange: (value: Groups[G] | 'none' | null) => void;
};

/** A group that a part has as the chart has it, of its own, or not at all. */
export function InheritedFields<G extends keyof Groups>({ of, value, begin, onChange, ...its }: InheritedProps<G>) {
  const source: Source = value === undefined || value === null ? 'chart' : value === 'none' ? 'none' : 'own';
  return (
    <>
      <Pick
        label={settings[of].label}
        value={source}
        options={SOURCES}
        onChange={(next) => onChange(next === 'chart' ? null : next === 'none' ? 'none' : begin)}
      />
      {value && value !== 'none' && (
        <GroupFields of={of} value={value} onChange={(part) => onChange({ ...value, ...part })} {...its} />
      )}
    </>
  );
}
