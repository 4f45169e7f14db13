import type { RefObject } from 'react';

interface Props {
  /** through which a button opens it */
  picker: RefObject<HTMLInputElement | null>;
  label: string;
  /** endings and types of what it can be */
  accept: string;
  onFile: (file: File) => void;
}

/** What the browser chooses a file with; the same one can be chosen again. */
export function FileInput({ picker, label, accept, onFile }: Props) {
  return (
    <input
      ref={picker}
      type="file"
      accept={accept}
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
