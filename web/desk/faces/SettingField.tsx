import type { FormField } from '../../api/formAnswers';
import { Choice, Pick } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import { TextField } from '../../fields/TextField';

type Value = number | string;

interface Props {
  setting: FormField;
  value: Value;
  /** moves change it */
  isKeyed?: boolean;
  onChange: (value: Value) => void;
}

/** so many choices stand side by side; more are a list */
const SIDE_BY_SIDE = 3;
/** and so many letters all together */
const NARROW = 20;

/** One setting of a form, as the form declares it. */
export function SettingField({ setting, value, isKeyed, onChange }: Props) {
  const { label, kind, unit, least, most, usual, choices, hint } = setting;
  if (kind === 'choice') {
    const words = choices.map(([, word]) => word).join('');
    const Field = choices.length <= SIDE_BY_SIDE && words.length <= NARROW ? Choice : Pick;
    return <Field label={label} value={String(value)} options={choices} onChange={onChange} />;
  }
  if (kind === 'text')
    return <TextField label={label} value={String(value)} longest={most} hint={hint} onChange={onChange} />;
  return (
    <span className="setting" title={hint || undefined}>
      <NumberField
        label={label}
        unit={unit === 'pixels' || unit === 'degrees' || unit === 'fraction' ? unit : 'number'}
        value={Number(value)}
        min={least}
        max={most}
        step={unit === 'pixels' && most > 400 ? 2 : 1}
        usual={Number(usual)}
        isKeyed={isKeyed}
        onChange={onChange}
      />
    </span>
  );
}
