import { useId } from 'react';
import type { FormChoice } from '../api/answers';

interface Props {
  forms: FormChoice[];
  value: string;
  onChoose: (form: FormChoice) => void;
}

/** The forms as small pictures of the figures at hand. Those that cannot show them say why. */
export function FormPicker({ forms, value, onChoose }: Props) {
  const name = useId();
  return (
    <div className="form-picker" role="radiogroup" aria-label="Form">
      {forms.map((form) => (
        <label
          key={form.name}
          className={`form-choice${form.name === value ? ' is-on' : ''}${form.fits ? '' : ' is-unfit'}`}
          title={form.reason ?? form.promise}
        >
          <input
            type="radio"
            name={name}
            className="visually-hidden"
            aria-label={form.fits ? form.name : `${form.name}: ${form.reason ?? ''}`}
            checked={form.name === value}
            disabled={!form.fits && form.name !== value}
            onChange={() => onChoose(form)}
          />
          <svg viewBox="0 0 120 80" aria-hidden="true">
            {form.picture.map(([path, colour, opacity], index) => (
              <path key={index} d={path} fill={colour} opacity={opacity} />
            ))}
          </svg>
          <span>{form.name}</span>
        </label>
      ))}
    </div>
  );
}
