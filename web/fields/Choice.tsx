import { useId } from 'react';
import Form from 'react-bootstrap/Form';
import ToggleButton from 'react-bootstrap/ToggleButton';
import ToggleButtonGroup from 'react-bootstrap/ToggleButtonGroup';

interface Props<T extends string> {
  label: string;
  value: T;
  options: [T, string][];
  bare?: boolean;
  onChange: (value: T) => void;
}

/** One of a few, all of them in sight. */
export function Choice<T extends string>({ label, value, options, bare, onChange }: Props<T>) {
  const id = useId();
  return (
    <div className="field">
      <span id={id} className={bare ? 'visually-hidden' : 'field-label'}>
        {label}
      </span>
      <ToggleButtonGroup
        type="radio"
        name={id}
        size="sm"
        value={value}
        onChange={(chosen: T) => onChange(chosen)}
        aria-labelledby={id}
        className="choice"
      >
        {options.map(([option, text]) => (
          <ToggleButton key={option} id={`${id}-${option}`} value={option} variant="quiet">
            {text}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </div>
  );
}

/** One of many. */
export function Pick<T extends string>({ label, value, options, bare, onChange }: Props<T>) {
  const id = useId();
  return (
    <div className="field">
      <label htmlFor={id} className={bare ? 'visually-hidden' : ''}>
        {label}
      </label>
      <Form.Select id={id} size="sm" value={value} onChange={(event) => onChange(event.target.value as T)}>
        {options.map(([option, text]) => (
          <option key={option} value={option}>
            {text}
          </option>
        ))}
      </Form.Select>
    </div>
  );
}

/** Something that is there or not. */
export function Switch({
  label,
  value,
  onChange,
  disabled,
}: {
  label: string;
  value: boolean;
  disabled?: boolean;
  onChange: (value: boolean) => void;
}) {
  const id = useId();
  return (
    <Form.Check
      type="switch"
      id={id}
      label={label}
      checked={value}
      disabled={disabled}
      onChange={(event) => onChange(event.target.checked)}
      className="switch"
    />
  );
}
