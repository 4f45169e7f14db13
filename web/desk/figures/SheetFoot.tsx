import type { Table } from '../../piece/document';

interface Props {
  table: Table;
  /** what all parts together come to; null where that is not known */
  whole: string | null;
  onAdd: () => void;
  onWhole: (whole: string | null) => void;
}

/** Below the rows: one more of them, and the whole. */
export function SheetFoot({ table, whole, onAdd, onWhole }: Props) {
  return (
    <div className="sheet-foot">
      <button type="button" className="text-button" onClick={onAdd}>
        <i className="bi bi-plus-lg" aria-hidden="true" /> figure
      </button>
      <label className="whole">
        <span>Whole</span>
        <input
          className="cell num"
          aria-label="The whole"
          title="What all parts together are. Empty: their sum."
          value={table.whole ?? ''}
          placeholder={whole ?? ''}
          maxLength={200}
          onChange={(event) => onWhole(event.target.value.trim() === '' ? null : event.target.value)}
        />
      </label>
      <span className="sheet-hint">
        Rows can be pasted. <code>65*3.6</code> and <code>rest</code> are understood.
      </span>
    </div>
  );
}
