import { useRef, useState, type ReactNode } from 'react';
import Dropdown from 'react-bootstrap/Dropdown';

interface Props {
  label: string;
  /** of Bootstrap's icons; the label itself is shown where there is none */
  icon?: string;
  className?: string;
  /** @param close it, with the keyboard back at its button */
  content: (close: () => void) => ReactNode;
}

/** A small panel with fields under a button. Escape closes it from any of its fields, and so does a press elsewhere. */
export function Menu({ label, icon, className, content }: Props) {
  const [isOpen, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const close = (): void => {
    setOpen(false);
    button.current?.focus();
  };
  return (
    <Dropdown className={className} show={isOpen} onToggle={setOpen} autoClose="outside">
      <Dropdown.Toggle
        as="button"
        ref={button}
        type="button"
        className="text-button"
        title={icon ? label : undefined}
        aria-label={label}
      >
        {icon ? <i className={`bi ${icon}`} aria-hidden="true" /> : label}
      </Dropdown.Toggle>
      <Dropdown.Menu
        onKeyDownCapture={(event) => {
          if (event.key !== 'Escape') return;
          event.stopPropagation();
          close();
        }}
      >
        {isOpen && content(close)}
      </Dropdown.Menu>
    </Dropdown>
  );
}
