import { useEffect, useId, useRef, useState } from 'react';

interface Props {
  label: string;
  value: string;
  placeholder?: string;
  longest?: number;
  rows?: number;
  hint?: string;
  /** what is wrong with a text, which does not take effect then; nothing: it does */
  wrong?: (value: string) => string;
  onChange: (value: string) => void;
}

/** A text that takes effect while it is typed. */
export function TextField({ label, value, placeholder, longest = 200, rows, hint, wrong, onChange }: Props) {
  const id = useId();
  const [typed, setTyped] = useState(value);
  const focused = useRef(false);
  useEffect(() => {
    if (!focused.current) setTyped(value);
  }, [value]);
  const said = typed === value ? '' : (wrong?.(typed) ?? '');
  const shared = {
    id,
    'aria-invalid': said !== '',
    'aria-describedby': said ? `${id}-wrong` : undefined,
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
    if (!wrong?.(text)) onChange(text);
  };
  return (
    <div className={`field${rows ? ' field-tall' : ''}${said ? ' is-wrong' : ''}`} title={hint}>
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
      {said && (
        <span className="field-wrong" id={`${id}-wrong`} role="alert">
          {said}
        </span>
      )}
    </div>
  );
}
