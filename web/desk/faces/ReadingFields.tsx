import { Choice, Pick } from '../../fields/Choice';
import { TextField } from '../../fields/TextField';
import type { Reading } from '../../piece/document';

const GROUPS: [Reading['group'], string][] = [
  [',', '1,248'],
  ['.', '1.248'],
  [' ', '1 248'],
  ['’', '1’248'],
  ['', '1248'],
];
const DECIMALS: [string, string][] = [
  ['auto', 'as needed'],
  ['0', '41'],
  ['1', '41.0'],
  ['2', '41.03'],
  ['3', '41.026'],
  ['4', '41.0256'],
];

export function ReadingFields({ reading, onChange }: { reading: Reading; onChange: (reading: Reading) => void }) {
  return (
    <>
      <Choice
        label="count"
        value={reading.of}
        options={[
          ['share', 'shares'],
          ['value', 'values'],
        ]}
        onChange={(of) =>
          onChange({
            ...reading,
            of,
            decimals: null,
            suffix:
              of === 'value' && reading.suffix === '%'
                ? ''
                : of === 'share' && reading.suffix === ''
                  ? '%'
                  : reading.suffix,
          })
        }
      />
      <Pick
        label="digits"
        value={reading.decimals === null ? 'auto' : String(reading.decimals)}
        options={DECIMALS}
        onChange={(digits) => onChange({ ...reading, decimals: digits === 'auto' ? null : Number(digits) })}
      />
      <TextField
        label="before"
        value={reading.prefix}
        longest={20}
        onChange={(prefix) => onChange({ ...reading, prefix })}
      />
      <TextField
        label="after"
        value={reading.suffix}
        longest={20}
        onChange={(suffix) => onChange({ ...reading, suffix })}
      />
      <Pick
        label="thousands"
        value={reading.group}
        options={GROUPS}
        onChange={(group) => onChange({ ...reading, group })}
      />
      <Choice
        label="decimal sign"
        value={reading.point}
        options={[
          ['.', 'point'],
          [',', 'comma'],
        ]}
        onChange={(point) =>
          onChange({ ...reading, point, group: reading.group === point ? (point === ',' ? '.' : ',') : reading.group })
        }
      />
    </>
  );
}
