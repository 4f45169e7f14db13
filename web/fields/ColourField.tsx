import { useEffect, useId, useState } from 'react';

interface Picked {
  value: string;
  onChange: (value: string) => void;
}

interface Props extends Picked {
  label: string;
}

/** A colour, picked or typed as six digits. */
export function ColourField({ label, value, onChange }: Props) {
  const id = useId();
  return (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      <span className="field-box">
        <input
          type="color"
          className="swatch-picker"
          value={value}
          onChange={(event) => onChange(event.target.value)}
          aria-label={`Pick: ${label}`}
        />
        <ColourText id={id} value={value} onChange={onChange} />
      </span>
    </div>
  );
}

/** A colour, typed as six digits, or three. */
export function ColourText({ id, label, value, onChange }: Picked & { id?: string; label?: string }) {
  const [typed, setTyped] = useState(value);
  useEffect(() => setTyped(value), [value]);
  const commit = (): void => {
    const found = /^#?([0-9a-f]{6})$/i.exec(typed.trim());
    const short = /^#?([0-9a-f])([0-9a-f])([0-9a-f])$/i.exec(typed.trim());
    const colour = found
      ? `#${found[1].toLowerCase()}`
      : short
        ? `#${short
            .slice(1)
            .map((digit) => digit + digit)
            .join('')
            .toLowerCase()}`
        : null;
    if (colour && colour !== value) onChange(colour);
    setTyped(colour ?? value);
  };
  return (
    <input
      id={id}
      aria-label={label}
      type="text"
      className="field-text"
      value={typed}
      maxLength={7}
      spellCheck={false}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
      }}
    />
  );
}
