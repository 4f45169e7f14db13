import { Pick as Choose } from '../fields/Choice';
import type { ReadTable } from '../api/answers';

interface Props {
  read: Pick<ReadTable, 'numbers' | 'openNumber'> | undefined;
  onChange: (numbers: '.' | ',') => void;
}

/** Asks how numbers are written, where nothing in a table settles it. */
export function NumberReading({ read, onChange }: Props) {
  if (!read?.openNumber) return null;
  const number = read.openNumber;
  return (
    <div className="is-asked">
      <p>Nothing in it says how its numbers are written.</p>
      <Choose
        label={`What ${number} means`}
        value={read.numbers}
        options={[
          ['.', `${number}, a decimal`],
          [',', `${number.replace('.', ',')}, in thousands`],
        ]}
        onChange={onChange}
      />
    </div>
  );
}
