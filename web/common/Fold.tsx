import { useId, type ReactNode } from 'react';
import { useFold } from './folds';

interface Props {
  /** by which it is remembered whether it is open */
  name: string;
  label: string;
  /** how many of something are in it, or what is not as usual */
  count?: ReactNode;
  /** open where nobody has said otherwise */
  isUsual?: boolean;
  className?: string;
  children: ReactNode;
}

/** A part of a face that can be folded away; whether it is open is remembered. */
export function Fold({ name, label, count, isUsual = false, className = '', children }: Props) {
  const [isOpen, setOpen] = useFold(name, isUsual);
  const id = useId();
  return (
    <div className={`fold-part ${className}`}>
      <button
        type="button"
        className="text-button fold"
        data-fold={name}
        aria-expanded={isOpen}
        aria-controls={isOpen ? id : undefined}
        onClick={() => setOpen(!isOpen)}
      >
        <i className={`bi ${isOpen ? 'bi-chevron-down' : 'bi-chevron-right'}`} aria-hidden="true" />
        {label}
        {count}
      </button>
      {isOpen && (
        <div id={id} className="fold-inside">
          {children}
        </div>
      )}
    </div>
  );
}

/** How many there are, where there are any. */
export const Count = ({ of }: { of: number }) => of > 0 && <span className="count">{of}</span>;
