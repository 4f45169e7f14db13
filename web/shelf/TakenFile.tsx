import type { IncomingTable } from '../api/answers';

interface Props {
  table: IncomingTable | undefined;
  onAgain: () => void;
  onLetGo: () => void;
}

const SHOWN = 5;

/** The figures of a file, in the place of what is pasted. */
export function TakenFile({ table, onAgain, onLetGo }: Props) {
  const taken = table?.understood;
  const sheet = table && table.sheets.length > 1 ? table.sheets[table.sheet].name : '';
  const columns = taken?.table.columns ?? [];
  const rows = taken?.table.rows ?? [];
  const last = columns.length - 1;
  return (
    <div className="taken-file">
      <header>
        <i className="bi bi-file-earmark-spreadsheet" aria-hidden="true" />
        <strong>{table?.name ?? 'Reading file…'}</strong>
        {sheet && <span className="soft">{sheet}</span>}
        <button type="button" className="text-button" onClick={onAgain} disabled={!table}>
          Import settings…
        </button>
        <button type="button" className="btn-close" aria-label="Remove this file" onClick={onLetGo} />
      </header>
      {taken && (
        <table className="numerals">
          <tbody>
            <tr className="soft">
              <td>{taken.table.name}</td>
              <td className="num">{columns[0]?.name}</td>
              {last > 0 && <td className="num">{last > 1 ? `… ${columns[last].name}` : columns[last].name}</td>}
            </tr>
            {rows.slice(0, SHOWN).map((row) => (
              <tr key={row.id}>
                <td>{row.label}</td>
                <td className="num">{row.cells[0]}</td>
                {last > 0 && <td className="num">{row.cells[last]}</td>}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {taken?.openNumber && (
        <p className="is-asked">
          {taken.openNumber} can be a decimal or thousands; it is read as{' '}
          {taken.numbers === '.' ? 'a decimal' : 'thousands'}.{' '}
          <button type="button" className="text-button is-link" onClick={onAgain}>
            Say which
          </button>
        </p>
      )}
      {rows.length > SHOWN && <p className="soft">and {rows.length - SHOWN} more</p>}
    </div>
  );
}
