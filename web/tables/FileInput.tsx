import type { RefObject } from 'react';
import { KINDS } from './incoming';

interface Props {
  /** through which a button opens it */
  picker: RefObject<HTMLInputElement | null>;
  label: string;
  onFile: (file: File) => void;
}

/** What the browser chooses a file with; the same one can be chosen again. */
export function FileInput({ picker, label, onFile }: Props) {
  return (
    <input
      ref={picker}
      type="file"
      accept={KINDS}
      className="d-none"
      aria-label={label}
      onChange={(event) => {
        const file = event.target.files?.[0];
        if (file) onFile(file);
        event.target.value = '';
      }}
    />
  );
}
