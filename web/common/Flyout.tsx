import { useRef, useState, type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import Dropdown from 'react-bootstrap/Dropdown';

interface Props {
  /** what is on its button */
  face: ReactNode;
  /** of its button */
  className: string;
  title?: string;
  /** ids of what its button is called by */
  labelledBy?: string;
  /** what the panel is called, and its class */
  label: string;
  panelClass: string;
  /** @param close it, with the keyboard back at its button */
  content: (close: () => void) => ReactNode;
}

/** A panel beside its button, over everything: Escape closes it from anywhere in it, and so does a press elsewhere. */
export function Flyout({ face, className, title, labelledBy, label, panelClass, content }: Props) {
  const [isOpen, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const close = (): void => {
    setOpen(false);
    button.current?.focus();
  };
  return (
    <Dropdown show={isOpen} onToggle={setOpen} autoClose="outside" drop="start">
      <Dropdown.Toggle
        as="button"
        ref={button}
        type="button"
        className={`flyout-button ${className}`}
        title={title}
        aria-labelledby={labelledBy}
      >
        {face}
      </Dropdown.Toggle>
      {isOpen &&
        createPortal(
          <Dropdown.Menu
            className={`flyout ${panelClass}`}
            popperConfig={{ strategy: 'fixed' }}
            onKeyDownCapture={(event) => {
              if (event.key !== 'Escape') return;
              event.stopPropagation();
              close();
            }}
          >
            <div role="dialog" aria-label={label}>
              {content(close)}
            </div>
          </Dropdown.Menu>,
          document.body,
        )}
    </Dropdown>
  );
}
