import { useEffect, useId, useRef, useState } from 'react';

interface Props {
  label: string;
  value: string;
  placeholder?: string;
  longest?: number;
  rows?: number;
  hint?: string;
  onChange: (value: string) => void;
}

/** A text that takes effect while it is typed. */
export function TextField({ label, value, placeholder, longest = 200, rows, hint, onChange }: Props) {
  const id = useId();
  const [typed, setTyped] = useState(value);
  const focused = useRef(false);
  useEffect(() => {
    if (!focused.current) setTyped(value);
  }, [value]);
  const shared = {
    id,
    value: typed,
    placeholder,
    maxLength: longest,
    className: 'field-text',
    autoComplete: 'off',
    onFocus: () => {
      focused.current = true;
    },
    onBlur: () => {
      focused.current = false;
      setTyped(value);
    },
  };
  const take = (text: string): void => {
    setTyped(text);
    onChange(text);
  };
  return (
    <div className={`field${rows ? ' field-tall' : ''}`} title={hint}>
      <label htmlFor={id}>{label}</label>
      {rows ? (
        <textarea {...shared} rows={rows} onChange={(event) => take(event.target.value)} />
      ) : (
        <input
          {...shared}
          type="text"
          onChange={(event) => take(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter' || event.key === 'Escape') event.currentTarget.blur();
          }}
        />
      )}
    </div>
  );
}
