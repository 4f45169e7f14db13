import { useId } from 'react';
import Form from 'react-bootstrap/Form';
import { TextField } from '../../fields/TextField';
import { COLUMN, TABLE, isBound, withIds, withNames } from '../../piece/bound';
import type { Table } from '../../../contracts/piece';

/** rows that are offered */
const MOST = 40;

interface Props {
  label: string;
  value: string;
  /** whose parts can be put in */
  table: Table | undefined;
  longest: number;
  rows?: number;
  onChange: (text: string) => void;
}

/** A text that can take parts from a table: a column's name, the total, a figure. They follow what the chart shows. */
export function BoundField({ label, value, table, longest, rows, onChange }: Props) {
  const id = useId();
  const all = table?.rows ?? [];
  const name = ({ id: row, label: text }: Table['rows'][number]): string => text || row;
  const offers: [string, string][] = [
    [TABLE, 'name of the table'],
    [COLUMN, 'name of the column shown'],
    ['[total]', 'total'],
    ...all.slice(0, MOST).flatMap((row): [string, string][] => [
      [`[value of ${row.id}]`, `value of ${name(row)}`],
      [`[share of ${row.id}]`, `share of ${name(row)}`],
      [`[name of ${row.id}]`, `name of ${name(row)}`],
    ]),
  ];
  return (
    <>
      <TextField
        label={label}
        value={withNames(value, all)}
        longest={longest}
        rows={rows}
        onChange={(text) => onChange(withIds(text, all))}
      />
      {table && (
        <div className="field">
          <label htmlFor={id}>Insert</label>
          <Form.Select
            id={id}
            size="sm"
            value=""
            onChange={({ target }) => {
              const text = `${value}${value === '' || value.endsWith(' ') ? '' : ' '}${target.value}`;
              if (target.value && text.length <= longest) onChange(text);
            }}
          >
            <option value="">from the table…</option>
            {offers.map(([part, text]) => (
              <option key={part} value={part}>
                {text}
              </option>
            ))}
          </Form.Select>
        </div>
      )}
      {isBound(value) && <p className="hint">What stands in brackets follows what the chart shows.</p>}
    </>
  );
}
