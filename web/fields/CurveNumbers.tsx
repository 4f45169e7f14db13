import { useState } from 'react';
import type { Curve } from '../piece/document';
import { kindOf } from './curves';
import { NumberField } from './NumberField';

/** What a settle, a spring, a bounce, stops or steps are told by. */
export function CurveNumbers({ value, onChange }: { value: Curve; onChange: (curve: Curve) => void }) {
  if (typeof value === 'string')
    return kindOf(value) === 'css' ? <CssCurve key={value} value={value} onChange={onChange} /> : null;
  if (Array.isArray(value)) return null;
  if ('settle' in value) {
    const { past, back } = value.settle;
    return (
      <>
        <NumberField
          label="past its end"
          unit="fraction"
          value={past}
          min={0}
          max={1}
          usual={0.06}
          onChange={(next) => onChange({ settle: { past: next, back } })}
        />
        <NumberField
          label="back within"
          unit="frames"
          value={back}
          min={0}
          max={300}
          usual={9}
          onChange={(next) => onChange({ settle: { past, back: next } })}
        />
      </>
    );
  }
  if ('spring' in value)
    return (
      <NumberField
        label="damping"
        value={value.spring.damping}
        min={0.05}
        max={1}
        step={0.05}
        usual={0.35}
        onChange={(damping) => onChange({ spring: { damping } })}
      />
    );
  const { times, height } = value.bounce;
  return (
    <>
      <NumberField
        label="bounces"
        value={times}
        min={1}
        max={8}
        usual={3}
        onChange={(next) => onChange({ bounce: { times: Math.round(next), height } })}
      />
      <NumberField
        label="each as high as"
        unit="fraction"
        value={height}
        min={0.02}
        max={0.9}
        usual={0.25}
        onChange={(next) => onChange({ bounce: { times, height: next } })}
      />
    </>
  );
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
      <p className="hint">As CSS writes it: linear(0, 0.7 30%, 1) or steps(5, jump-end).</p>
    </div>
  );
}
