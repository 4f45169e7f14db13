import type { Reading } from '../../../contracts/piece';
import { Pick } from '../../fields/Choice';
import { GroupFields } from '../../settings/GroupFields';
import { settingOf } from '../../settings/settings';

const AUTO = 'auto';
const DECIMALS = settingOf('Reading', 'decimals');
const EXAMPLES = Array.from({ length: (DECIMALS.max ?? 0) + 1 }, (_, digits): [string, string] => [
  String(digits),
  (41.0256).toFixed(digits),
]);

export function ReadingFields({ reading, onChange }: { reading: Reading; onChange: (reading: Reading) => void }) {
  return (
    <GroupFields
      of="Reading"
      value={reading}
      slots={{
        decimals: (
          <Pick
            label={DECIMALS.label}
            value={reading.decimals === null ? AUTO : String(reading.decimals)}
            options={[[AUTO, DECIMALS.none ?? ''], ...EXAMPLES]}
            onChange={(digits) => onChange({ ...reading, decimals: digits === AUTO ? null : Number(digits) })}
          />
        ),
      }}
      onChange={(part) => onChange(fitted({ ...reading, ...part }, reading))}
    />
  );
}

/** What goes along: a percent sign with shares, and two separators that differ. */
function fitted(next: Reading, before: Reading): Reading {
  if (next.of !== before.of) {
    const left = before.of === 'share' ? '%' : '';
    const suffix = next.suffix === left ? (next.of === 'share' ? '%' : '') : next.suffix;
    return { ...next, decimals: null, suffix };
  }
  return next.point !== before.point && next.group === next.point
    ? { ...next, group: next.point === ',' ? '.' : ',' }
    : next;
}
