import { useState } from 'react';
import type { Course, SheetChange } from '../../api/answers';
import type { Property } from '../../api/answers';
import { shortTimecode } from '../../common/words';
import { addChange, changesOf, type Target } from '../../piece/changes';
import type { Piece, Table } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { valueAt } from '../sheet';
import { ChangeFields } from './ChangeFields';

interface Props {
  piece: Piece;
  target: Target;
  properties: Property[];
  /** as they run now, pins resolved */
  sheet: SheetChange[];
  keyed: Record<string, Course>;
  /** what each property is where nothing changes it */
  first: (property: Property) => number | string;
  table?: Table;
  /** which of its changes are listed; all, if absent */
  only?: (property: { name: string }) => boolean;
}

/** The changes of one thing, one after another, and what they make of it at the playhead. */
export function ChangeList({ piece, target, properties, sheet, keyed, first, table, only }: Props) {
  const edit = useDesk((state) => state.edit);
  const frame = usePlay((state) => state.frame);
  const [open, setOpen] = useState<string | null>(null);
  const moves = changesOf(piece, target).filter(({ property }) => only?.({ name: property ?? '' }) ?? true);
  const begin = (id: string): number => sheet.find((one) => one.id === id)?.begin ?? 0;
  const sorted = [...moves].sort((one, other) => begin(one.id) - begin(other.id));
  const add = (name: string): void => {
    const property = properties.find((one) => one.name === name);
    if (!property) return;
    let made = '';
    edit((draft) => {
      made = addChange(draft, target, {
        property: name,
        to: beginning(property, first(property), table, piece.charts[0]?.finish.swatches),
        begin: frame,
      });
    });
    setOpen(made);
  };
  return (
    <div className="change-list">
      {sorted.map((move) => {
        const property = properties.find(({ name }) => name === move.property);
        const now = sheet.find(({ id }) => id === move.id);
        return (
          <div key={move.id} className={`change${open === move.id ? ' is-open' : ''}`}>
            <button
              type="button"
              className="change-head"
              aria-expanded={open === move.id}
              onClick={() => setOpen(open === move.id ? null : move.id)}
            >
              <span className="key-mark" aria-hidden="true" />
              <span>
                {property?.label ?? `${move.property} (not used by this form)`} →{' '}
                {property?.kind === 'colour' && <span className="chip" style={{ background: String(move.to) }} />}{' '}
                {shown(move.to, property, table)}
              </span>
              <span className="soft numerals ms-auto">
                {now?.pinnedTo ? `“${now.pinnedTo}”` : shortTimecode(now?.beginText ?? '')}
              </span>
            </button>
            {open === move.id && property && now && (
              <ChangeFields piece={piece} move={move} now={now} property={property} table={table} />
            )}
          </div>
        );
      })}
      {Object.entries(keyed).map(([name, course]) => {
        const property = properties.find((one) => one.name === name);
        return (
          property && (
            <p key={name} className="hint numerals">
              {property.label} now: {shown(valueAt(course, frame), property, table)}
            </p>
          )
        );
      })}
      <select
        className="form-select form-select-sm"
        aria-label="Add a change"
        value=""
        onChange={(event) => add(event.target.value)}
      >
        <option value="">Add a change…</option>
        {properties.map(({ name, label }) => (
          <option key={name} value={name}>
            {label}
          </option>
        ))}
      </select>
    </div>
  );
}

/** What a new change leads to until something else is said: not what is there already, so that it can be seen. */
function beginning(
  property: Property,
  first: number | string,
  table?: Table,
  swatches: string[] = [],
): number | string {
  if (property.kind === 'column') return table?.columns.find(({ id }) => id !== first)?.id ?? String(first);
  if (property.kind === 'order') return first === 'descending' ? 'ascending' : 'descending';
  if (property.kind === 'cell') return String(first);
  if (property.kind === 'colour') return swatches.find((one) => one !== first) ?? '#59ba8a';
  const set: Record<string, number> = { opacity: 0.35, size: 1.15, light: 0.35 };
  if (property.name in set) return set[property.name];
  const step = property.unit === 'fraction' ? 0.1 : property.unit === 'pixels' ? 40 : 15;
  return Number(first) + step > (property.max ?? Infinity) ? Number(first) - step : Number(first) + step;
}

function shown(value: number | string | undefined, property: Property | undefined, table?: Table): string {
  if (value === undefined) return '';
  if (typeof value === 'string') {
    const column = table?.columns.find(({ id }) => id === value);
    return property?.kind === 'column' ? column?.name || 'removed column' : value || '0';
  }
  if (property?.unit === 'fraction') return `${Math.round(value * 1000) / 10} %`;
  const sign = property?.unit === 'degrees' ? '°' : property?.unit === 'pixels' ? ' px' : '';
  return `${Math.round(value * 100) / 100}${sign}`;
}
