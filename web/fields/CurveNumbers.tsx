import { useState } from 'react';
import type { Curve } from '../../contracts/piece';
import { kindOf } from './curves';
import { SettingField } from '../settings/SettingField';
import { curves } from '../settings/settings';

/** What a settle, a spring, a bounce, stops or steps are told by. */
interface Props {
  value: Curve;
  onChange: (curve: Curve) => void;
}

export function CurveNumbers({ value, onChange }: Props) {
  if (typeof value === 'string')
    return kindOf(value) === 'css' ? <CssCurve key={value} value={value} onChange={onChange} /> : null;
  if (Array.isArray(value)) return null;
  const [kind, numbers] = Object.entries(value)[0] as [string, Record<string, number>];
  return curves[kind].fields.map((setting) => (
    <SettingField
      key={setting.name}
      setting={setting}
      value={numbers[setting.name]}
      onChange={(next) => onChange({ [kind]: { ...numbers, [setting.name]: next } } as unknown as Curve)}
    />
  ));
}

/** A curve as CSS writes it; taken when it is typed to its end. */
function CssCurve({ value, onChange }: { value: string; onChange: (curve: Curve) => void }) {
  const [typed, setTyped] = useState(value);
  const isRight = /^(linear|steps)\([^()]*\)$/.test(typed.trim());
  const take = (): void => {
    if (isRight && typed.trim() !== value) onChange(typed.trim());
  };
  return (
    <div className="field is-wide">
      <label>
        <span className="visually-hidden">Stops or steps</span>
        <input
          className={`field-text${isRight ? '' : ' is-wrong'}`}
          value={typed}
          maxLength={2000}
          spellCheck={false}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={take}
          onKeyDown={(event) => event.key === 'Enter' && take()}
        />
      </label>
      <p className="hint">CSS syntax: linear(0, 0.7 30%, 1) or steps(5, jump-end).</p>
    </div>
  );
}
