import { Choice, Pick, Switch } from '../fields/Choice';
import { ColourField } from '../fields/ColourField';
import { NumberField, type Bound } from '../fields/NumberField';
import { TextField } from '../fields/TextField';
import type { Unit } from '../fields/readNumber';
import type { Setting } from './settings';

interface Props {
  setting: Setting;
  /** the group that it is of, by which it is found */
  of?: string;
  value: unknown;
  /** moves change it */
  isKeyed?: boolean;
  /** what a colour begins with where there was none */
  colour?: string;
  label?: string;
  placeholder?: string;
  /** a bound that hangs on something else, or another step */
  min?: Bound;
  max?: Bound;
  step?: number;
  usual?: number;
  /** which choices are offered; all, if absent */
  choices?: (value: string) => boolean;
  onChange: (value: unknown) => void;
}

const READ: readonly string[] = ['frames', 'degrees', 'pixels', 'fraction'] satisfies Unit[];
const SIGNS: Record<string, string> = { 'pixels a second': 'px/s', times: '×' };

/** so many choices stand side by side; more are a list */
const SIDE_BY_SIDE = 3;
/** and so many letters all together */
const NARROW = 20;

/** One setting, as core declares it. */
export function SettingField({ of = '', ...its }: Props) {
  const { name, hint, kind } = its.setting;
  return (
    <span
      className="setting"
      data-setting={of && `${of}.${name}`}
      title={kind === 'number' || kind === 'whole' ? hint : undefined}
    >
      <OneSetting {...its} />
    </span>
  );
}

function OneSetting({ setting, value, label = setting.label, onChange, ...its }: Props) {
  const { kind, hint } = setting;
  switch (kind) {
    case 'number':
    case 'whole':
      return <SettingNumber setting={setting} value={value} label={label} onChange={onChange} {...its} />;
    case 'choice': {
      const options = (setting.choices ?? [])
        .map(([one, word]): [string, string] => [String(one), word])
        .filter(([one]) => its.choices?.(one) ?? true);
      const isNumber = typeof setting.choices?.[0]?.[0] === 'number';
      const words = options.map(([, word]) => word).join('');
      const Field = options.length <= SIDE_BY_SIDE && words.length <= NARROW ? Choice : Pick;
      return (
        <Field
          label={label}
          value={String(value ?? setting.default)}
          options={options}
          onChange={(chosen) => onChange(isNumber ? Number(chosen) : chosen)}
        />
      );
    }
    case 'switch':
      return <Switch label={label} value={Boolean(value ?? setting.default)} onChange={onChange} />;
    case 'colour':
      return <ColourSetting setting={setting} value={value} label={label} onChange={onChange} {...its} />;
    case 'text':
      return (
        <TextField
          label={label}
          value={String(value ?? setting.default ?? '')}
          longest={setting.longest}
          hint={hint}
          placeholder={its.placeholder}
          onChange={onChange}
        />
      );
    default:
      return null;
  }
}

function SettingNumber({ setting, value, label, onChange, ...its }: Props) {
  const { unit = '', default: usual } = setting;
  return (
    <NumberField
      label={label ?? setting.label}
      unit={READ.includes(unit) ? (unit as Unit) : 'number'}
      sign={SIGNS[unit]}
      value={Number(value ?? usual ?? 0)}
      min={its.min ?? setting.min}
      max={its.max ?? setting.max}
      step={its.step ?? setting.step}
      usual={its.usual ?? (typeof usual === 'number' ? usual : undefined)}
      isKeyed={its.isKeyed}
      onChange={(number) => onChange(setting.kind === 'whole' ? Math.round(number) : number)}
    />
  );
}

/** A colour; one that can be none has a switch before it. */
function ColourSetting({ setting, value, colour, label = setting.label, onChange }: Props) {
  const given = typeof value === 'string' ? value : null;
  if (!setting.canBeNone) {
    const shown = given ?? String(setting.default);
    return <ColourField label={label} value={shown} onChange={onChange} />;
  }
  const isNone = given === null;
  const first = colour ?? '#000000';
  return (
    <>
      <Switch
        label={setting.none ?? label}
        value={setting.none ? isNone : !isNone}
        onChange={(on) => onChange(on === Boolean(setting.none) ? null : first)}
      />
      {given !== null && (
        <ColourField label={/colour/i.test(label) ? 'Colour' : `${label}, colour`} value={given} onChange={onChange} />
      )}
    </>
  );
}
