import Dropdown from 'react-bootstrap/Dropdown';
import { createPortal } from 'react-dom';

interface Props {
  /** its letter in formulas */
  letter: string;
  name: string;
  label: string;
  placeholder?: string;
  isNumber?: boolean;
  /** whether the chart shows this column */
  isShown?: boolean;
  doings: { text: string; icon: string; off?: boolean; title?: string; run: () => void }[];
  onName: (name: string) => void;
}

const LENGTH = 200;

/** The head of a column: its name, and what can be done with it. */
export function ColumnHead({ letter, name, label, placeholder, isNumber, isShown, doings, onName }: Props) {
  return (
    <div className={`column-head${isNumber ? ' num' : ''}${isShown ? ' is-shown' : ''}`}>
      <span className="head-letter" aria-hidden="true">
        {letter}
      </span>
      <input
        aria-label={label}
        className={`cell head-cell${isNumber ? ' num' : ''}`}
        value={name}
        title={name}
        placeholder={placeholder}
        maxLength={LENGTH}
        onChange={(event) => onName(event.target.value)}
      />
      <Dropdown align={isNumber ? 'end' : 'start'}>
        <Dropdown.Toggle as="button" type="button" className="head-menu" aria-label={`${label}: more`}>
          <i className="bi bi-three-dots-vertical" aria-hidden="true" />
        </Dropdown.Toggle>
        {createPortal(
          <Dropdown.Menu>
            {doings.map(({ text, icon, off, title, run }) => (
              <Dropdown.Item key={text} disabled={off} title={title} onClick={run}>
                <i className={`bi ${icon}`} aria-hidden="true" /> {text}
              </Dropdown.Item>
            ))}
          </Dropdown.Menu>,
          document.body,
        )}
      </Dropdown>
    </div>
  );
}
