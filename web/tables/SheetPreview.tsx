import type { IncomingTable, Role, TakenTable } from '../api/answers';

const ROLES: [Role, string][] = [
  ['label', 'Labels'],
  ['value', 'Figures'],
  ['time', 'Moments'],
  ['group', 'Group'],
  ['colour', 'Colour'],
  ['none', 'Ignore'],
];

interface Props {
  grid: IncomingTable['grid'];
  table: TakenTable | undefined;
  /** index of the row that names the columns; -1: none */
  heading: number;
  roles: Role[];
  withHidden: boolean;
  onHeading: (row: number) => void;
  onRole: (column: number, role: Role) => void;
}

/** The beginning of a sheet, as it is in the file. Each column says what it is for, and one row names them. */
export function SheetPreview({ grid, table, heading, roles, withHidden, onHeading, onRole }: Props) {
  const more = grid.rowCount - grid.rows.length;
  const beyond = grid.width - grid.columns.length;
  const roleOf = (column: number): Role => roles[column] ?? 'none';
  const isOff = (row: number): boolean =>
    row < heading || (!withHidden && grid.hiddenRows.includes(row)) || (table?.skipped.includes(row) ?? false);
  return (
    <div className="sheet-preview" tabIndex={0} role="region" aria-label="The sheet">
      <table>
        <thead>
          <tr>
            <th className="is-number" scope="col">
              <span className="visually-hidden">Row</span>
            </th>
            {grid.columns.map((letter, column) => (
              <th key={letter} scope="col" className={`is-${roleOf(column)}`}>
                <select
                  aria-label={`Column ${letter}`}
                  value={roleOf(column)}
                  onChange={(event) => onRole(column, event.target.value as Role)}
                >
                  {ROLES.map(([role, text]) => (
                    <option key={role} value={role}>
                      {text}
                    </option>
                  ))}
                </select>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {grid.rows.map((cells, row) => (
            <tr key={row} className={row === heading ? 'is-heading' : isOff(row) ? 'is-off' : undefined}>
              <th scope="row" className="is-number">
                <button
                  type="button"
                  aria-pressed={row === heading}
                  title={row === heading ? 'Header row. Click to use no header row.' : 'Use as header row'}
                  aria-label={`Row ${row + 1} names the columns`}
                  onClick={() => onHeading(row === heading ? -1 : row)}
                >
                  {row + 1}
                </button>
              </th>
              {grid.columns.map((letter, column) => (
                <td key={letter} className={`is-${roleOf(column)}`}>
                  {cells[column] ?? ''}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {(more > 0 || beyond > 0) && (
        <p className="hint">
          {more > 0 && `${grid.isCut ? 'more than ' : ''}${more.toLocaleString('en')} more rows`}
          {more > 0 && beyond > 0 && ', '}
          {beyond > 0 && `${beyond} more columns`}
        </p>
      )}
    </div>
  );
}
