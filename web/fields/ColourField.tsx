import { useEffect, useId, useState } from 'react';

interface Props {
  label: string;
  value: string;
  /** the name is there for those who do not see, but takes no room */
  bare?: boolean;
  onChange: (value: string) => void;
}

/** A colour, picked or typed as six digits. */
export function ColourField({ label, value, bare, onChange }: Props) {
  const id = useId();
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
  const picker = (
    <input
      type="color"
      className="swatch-picker"
      value={value}
      onChange={(event) => onChange(event.target.value)}
      aria-label={`Pick: ${label}`}
    />
  );
  return (
    <div className={bare ? 'swatch-field' : 'field'}>
      <label htmlFor={id} className={bare ? 'visually-hidden' : undefined}>
        {label}
      </label>
      <span className="field-box">
        {picker}
        <input
          id={id}
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
      </span>
    </div>
  );
}
