import type { AgainRow } from '../../api/answers';

interface Props {
  rows: AgainRow[];
  /** those of the piece that are to stay */
  keeps: string[];
  /** says by hand which row of the piece a row of the file is; null: none */
  onMatch: (from: string, to: string | null) => void;
  onKeep: (id: string, stays: boolean) => void;
}

const WORDS: Record<AgainRow['kind'], string> = {
  same: '',
  changed: 'changed',
  fresh: 'new',
  gone: 'removed',
  kept: 'kept',
};

/** columns of a row that are listed */
const MOST = 4;

/** What becomes of each row. Which row is which can be said by hand, and rows can be kept. */
export function AgainRows({ rows, keeps, onMatch, onKeep }: Props) {
  const gone = rows.filter(({ kind }) => kind === 'gone');
  const shown = rows.filter(({ kind }) => kind !== 'same');
  if (shown.length === 0) return null;
  return (
    <div className="again-rows" tabIndex={0} role="region" aria-label="Changes">
      <table>
        <tbody>
          {shown.map((row) => (
            <tr key={`${row.id}-${row.from}`} className={`is-${row.kind}`}>
              <td className="again-kind">{WORDS[row.kind]}</td>
              <td>
                {row.label || 'No label'}
                {row.was !== row.label && <span className="soft"> was “{row.was}”</span>}
              </td>
              <td className="numerals">
                <Figures row={row} />
              </td>
              <td className="again-hand">
                {row.kind === 'fresh' && gone.length > 0 && row.from !== null && (
                  <select
                    aria-label={`Matching row for ${row.label}`}
                    value=""
                    onChange={(event) => onMatch(row.from!, event.target.value || null)}
                  >
                    <option value="">A new row</option>
                    {gone.map(({ id, label }) => (
                      <option key={id} value={id}>
                        is “{label}”
                      </option>
                    ))}
                  </select>
                )}
                {row.how !== 'label' && row.from !== null && (
                  <button type="button" className="text-button" onClick={() => onMatch(row.from!, null)}>
                    Treat as new row
                  </button>
                )}
                {(row.kind === 'gone' || row.kind === 'kept') && (
                  <label className="keep-row">
                    <input
                      type="checkbox"
                      checked={keeps.includes(row.id)}
                      onChange={(event) => onKeep(row.id, event.target.checked)}
                    />{' '}
                    Keep it
                  </label>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Figures({ row }: { row: AgainRow }) {
  if (row.cells.length === 0) return <span className="soft">{row.figures.slice(0, MOST).join(' · ')}</span>;
  return (
    <>
      {row.cells.slice(0, MOST).map(([column, was, now]) => (
        <span key={column} className="again-cell">
          {row.cells.length > 1 && <span className="soft">{column} </span>}
          <s>{was || '–'}</s> {now || '–'}
        </span>
      ))}
      {row.cells.length > MOST && <span className="soft">and {row.cells.length - MOST} more</span>}
    </>
  );
}
