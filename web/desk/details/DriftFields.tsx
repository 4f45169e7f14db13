import { Switch } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import type { Drift } from '../../piece/document';

const USUAL: Drift = { across: 14, down: 8, turn: 0, every: 8 };

/** How a thing drifts about its place, for as long as it is there. */
export function DriftFields({
  drift,
  onChange,
}: {
  drift: Drift | null | undefined;
  onChange: (drift: Drift | null) => void;
}) {
  const number = (name: keyof Drift, label: string, most: number, sign: string, least = 0) =>
    drift && (
      <NumberField
        label={label}
        sign={sign}
        value={drift[name]}
        min={least}
        max={most}
        step={name === 'every' ? 0.5 : 1}
        usual={USUAL[name]}
        onChange={(value) => onChange({ ...drift, [name]: value })}
      />
    );
  return (
    <>
      <Switch label="drifts slowly" value={Boolean(drift)} onChange={(on) => onChange(on ? { ...USUAL } : null)} />
      {number('across', 'to each side', 2000, 'px')}
      {number('down', 'up and down', 2000, 'px')}
      {number('turn', 'leans by', 180, '°')}
      {number('every', 'once in', 300, 's', 0.5)}
    </>
  );
}
