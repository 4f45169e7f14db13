import { useId, useState } from 'react';

const LONGEST = 80;

interface Props {
  name: string;
  label: string;
  onName: (name: string) => void;
  onLeave: () => void;
}

/** A name for a version: Enter gives it, Escape leaves it. */
export function NameVersion({ name, label, onName, onLeave }: Props) {
  const [typed, setTyped] = useState(name);
  const id = useId();
  return (
    <form
      className="version-name"
      onSubmit={(event) => {
        event.preventDefault();
        onName(typed.trim());
      }}
    >
      <label htmlFor={id} className="visually-hidden">
        {label}
      </label>
      <input
        id={id}
        className="form-control form-control-sm"
        value={typed}
        maxLength={LONGEST}
        placeholder="Such as: as sent to the client"
        autoFocus
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={(event) => {
          if (event.key !== 'Escape') return;
          event.stopPropagation();
          onLeave();
        }}
      />
      <button type="submit" className="btn btn-primary btn-sm">
        Keep
      </button>
      <button type="button" className="text-button" onClick={onLeave}>
        Cancel
      </button>
    </form>
  );
}
