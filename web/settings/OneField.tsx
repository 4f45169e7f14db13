import type { ComponentProps } from 'react';
import { SettingField } from './SettingField';
import { settingOf, type Groups } from './settings';

type Props<G extends keyof Groups, K extends keyof Groups[G] & string> = Omit<
  ComponentProps<typeof SettingField>,
  'setting' | 'of' | 'onChange'
> & {
  of: G;
  name: K;
  onChange: (value: NonNullable<Groups[G][K]>) => void;
};

/** The field of one setting of a group. */
export function OneField<G extends keyof Groups, K extends keyof Groups[G] & string>({
  of,
  name,
  onChange,
  ...its
}: Props<G, K>) {
  return (
    <SettingField
      of={of}
      setting={settingOf(of, name)}
      onChange={(value) => onChange(value as NonNullable<Groups[G][K]>)}
      {...its}
    />
  );
}
