import type { KeyboardEvent } from 'react';

interface Props {
  label: string;
  rows: number;
  value: string;
  placeholder: string;
  onChange: (text: string) => void;
  onKeyDown?: (event: KeyboardEvent) => void;
}

/** signs from which on a text is put in as a whole: browsers take longer for each line that a field already has */
const LONG = 6000;

/** Where figures are typed or pasted, be they a few or thousands of lines. */
export function PasteBox({ label, rows, value, placeholder, onChange, onKeyDown }: Props) {
  return (
    <textarea
      className="paste-box"
      aria-label={label}
      rows={rows}
      value={value}
      placeholder={placeholder}
      spellCheck={false}
      onChange={(event) => onChange(event.target.value)}
      onKeyDown={onKeyDown}
      onPaste={(event) => {
        const text = event.clipboardData.getData('text/plain').replace(/\r\n?/g, '\n');
        if (text.length < LONG) return;
        event.preventDefault();
        const field = event.currentTarget;
        const { selectionStart, selectionEnd } = field;
        onChange(field.value.slice(0, selectionStart) + text + field.value.slice(selectionEnd));
      }}
    />
  );
}
