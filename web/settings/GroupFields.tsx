import { Fragment, type ComponentProps, type ReactNode } from 'react';
import { SettingField } from './SettingField';
import { matters, settings, type Groups } from './settings';

type Its = Pick<ComponentProps<typeof SettingField>, 'colour'>;

interface Props<G extends keyof Groups> extends Its {
  of: G;
  /** the group that its fields are found by, where that is another one */
  as?: string;
  value: Groups[G];
  /** those alone, in this order; all, if absent */
  only?: readonly (keyof Groups[G] & string)[];
  /** all but those */
  but?: readonly (keyof Groups[G] & string)[];
  /** what stands in place of the field of a setting */
  slots?: Partial<Record<keyof Groups[G] & string, ReactNode>>;
  /** settings that moves change */
  keyed?: Record<string, unknown>;
  onChange: (part: Partial<Groups[G]>) => void;
}

/** The fields of a group of settings, as core declares them. */
export function GroupFields<G extends keyof Groups>({
  of,
  as = of,
  value,
  only,
  but = [],
  slots = {},
  keyed = {},
  onChange,
  ...its
}: Props<G>) {
  const group = settings[of];
  const values: Record<string, unknown> = { ...value };
  const names = only ?? group.fields.map(({ name }) => name).filter((name) => !but.some((one) => one === name));
  return names.map((name) => {
    const setting = group.fields.find((one) => one.name === name);
    if (!setting || !matters(setting, values, group)) return null;
    const slot = Object.entries<ReactNode>(slots).find(([one]) => one === name);
    return (
      <Fragment key={name}>
        {slot ? (
          <span className="setting" data-setting={`${as}.${name}`}>
            {slot[1]}
          </span>
        ) : (
          <SettingField
            of={as}
            setting={setting}
            value={values[name]}
            isKeyed={name in keyed}
            onChange={(to) => onChange({ [name]: to } as Partial<Groups[G]>)}
            {...its}
          />
        )}
      </Fragment>
    );
  });
}
