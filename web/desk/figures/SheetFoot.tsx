import { useRef } from 'react';
import type { Chart, Pick, Table } from '../../../contracts/piece';
import { FileInput } from '../../common/FileInput';
import { KINDS } from '../../tables/incoming';
import { useFiles } from '../tables/filesStore';
import { ShownRows } from './ShownRows';

/** rows up to which all of them are shown without being asked */
const FEW = 7;

interface Props {
  chart: Chart;
  table: Table;
  /** what all parts together come to; null where that is not known */
  whole: string | null;
  onAdd: () => void;
  onWhole: (whole: string | null) => void;
  onPick: (pick: Pick | null) => void;
}

/** Below the rows: one more of them, and the whole. */
export function SheetFoot({ chart, table, whole, onAdd, onWhole, onPick }: Props) {
  const picker = useRef<HTMLInputElement>(null);
  const reading = useFiles((state) => state.reading !== '');
  return (
    <div className="sheet-foot">
      <button type="button" className="text-button" data-act="Add figure" onClick={onAdd}>
        <i className="bi bi-plus-lg" aria-hidden="true" /> Add figure
      </button>
      <label className="whole">
        <span>Whole</span>
        <input
          className="cell num"
          aria-label="The whole"
          title="The total of all parts. Leave empty to use their sum."
          value={table.whole ?? ''}
          placeholder={whole ?? ''}
          maxLength={200}
          onChange={(event) => onWhole(event.target.value.trim() === '' ? null : event.target.value)}
        />
      </label>
      {(chart.pick || table.rows.length > FEW) && <ShownRows chart={chart} table={table} onChange={onPick} />}
      <button type="button" className="text-button" data-act="Import file" onClick={() => picker.current?.click()}>
        <i className="bi bi-file-earmark-spreadsheet" aria-hidden="true" /> {reading ? 'reading…' : 'Import file…'}
      </button>
      <FileInput
        accept={KINDS}
        picker={picker}
        label="Choose a file with figures"
        onFile={(file) => void useFiles.getState().take(file)}
      />
      <span className="sheet-hint" title="You can type 65*3.6, rest or =SUM([.B2:.B5])">
        Type sums: <code>65*3</code>
      </span>
    </div>
  );
}
