import type { CellProps } from 'react-datasheet-grid';
import type { GridRow } from './gridRows';

/** Switches a row off, moves it up, or takes it out. */
export function rowActions(
  isOnly: () => boolean,
  toggle: (row: GridRow) => void,
  up: (row: GridRow) => void,
): (props: CellProps<GridRow, unknown>) => React.ReactElement {
  return function RowActions({ rowData, rowIndex, deleteRow }) {
    const name = rowData.label || 'this row';
    return (
      <span className="row-actions">
        <button
          type="button"
          tabIndex={-1}
          className="row-do"
          title={rowData.isOff ? 'Show in this chart' : 'Hide in this chart'}
          aria-label={`Show ${name}`}
          aria-pressed={!rowData.isOff}
          onClick={() => toggle(rowData)}
        >
          <i className={`bi bi-eye${rowData.isOff ? '-slash' : ''}`} />
        </button>
        <button
          type="button"
          tabIndex={-1}
          className="row-do"
          title="Move up (Alt ↑)"
          aria-label={`Move ${name} up`}
          disabled={rowIndex === 0}
          onClick={() => up(rowData)}
        >
          <i className="bi bi-arrow-up" />
        </button>
        <button
          type="button"
          tabIndex={-1}
          className="row-do"
          title="Remove row"
          aria-label={`Remove ${name}`}
          disabled={isOnly()}
          onClick={deleteRow}
        >
          <i className="bi bi-x-lg" />
        </button>
      </span>
    );
  };
}
