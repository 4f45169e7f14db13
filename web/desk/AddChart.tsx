import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../common/Dialog';
import type { Import, IncomingTable, ReadTable } from '../api/answers';
import type { FormChoices } from '../api/answers';
import { ask, reasonOf } from '../api/client';
import { FormPicker } from '../common/FormPicker';
import { newId } from '../common/words';
import { Pick } from '../fields/Choice';
import type { Piece, Table } from '../../contracts/piece';
import { readSheet } from '../tables/incoming';
import { NumberReading } from '../tables/NumberReading';
import { PasteBox } from '../tables/PasteBox';
import { actBy } from './act';
import { usePlay } from './playStore';
import { useChart } from './useChart';

const OWN = 'own';

/** The source that a file is. */
const FILE = 'file';

interface Props {
  piece: Piece;
  /** figures that were dropped */
  file?: { wanted: Import; name: string };
  onClose: () => void;
}

/** Another chart on the stage: of figures that are there already, or of others, pasted or out of a file. */
export function AddChart({ piece, file, onClose }: Props) {
  const current = useChart(piece);
  const [source, setSource] = useState(file ? FILE : (current?.table ?? OWN));
  const table = piece.tables.find(({ id }) => id === source);
  const [column, setColumn] = useState(current?.column ?? '');
  const [text, setText] = useState('');
  const [numbers, setNumbers] = useState<'.' | ',' | null>(null);
  const [picked, setPicked] = useState('columns');
  const [problem, setProblem] = useState('');
  const asked = useDeferredValue(text);
  const columnId = table?.columns.find(({ id }) => id === column)?.id ?? table?.columns[0].id;
  const ofTable = piece.charts.find((chart) => chart.table === source && chart.column === columnId);
  const known = useQuery<FormChoices>({
    queryKey: ['another', source, columnId, JSON.stringify(table)],
    enabled: ofTable !== undefined,
    queryFn: ({ signal }) => ask('POST forms', { body: { document: piece, chart: ofTable?.id }, signal }),
  });
  const typed = table ? tableText(table, columnId ?? '') : source === OWN ? asked : '';
  const read = useQuery<ReadTable>({
    queryKey: ['read', typed, '', numbers],
    enabled: ofTable === undefined && typed.trim() !== '',
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) => ask('POST figures/read', { body: { text: typed, whole: null, numbers }, signal }),
  });
  const dropped = useQuery<IncomingTable>({
    queryKey: ['table', file?.wanted, ''],
    enabled: source === FILE && file !== undefined,
    retry: false,
    queryFn: ({ signal }) => readSheet(file!.wanted, '', signal),
  });
  const forms =
    source === FILE
      ? (dropped.data?.understood?.forms ?? [])
      : ofTable
        ? (known.data?.forms ?? [])
        : typed.trim() === ''
          ? []
          : (read.data?.forms ?? []);
  const wanted = forms.find(({ name }) => name === picked);
  const form = wanted?.fits ? picked : (forms.find(({ fits }) => fits)?.name ?? picked);
  const isReady = forms.length > 0 && (source !== OWN || !read.isError);
  const add = async (): Promise<void> => {
    try {
      const made = await actBy((document) => {
        const figures = table
          ? { column: columnId }
          : source === FILE && file
            ? { import: file.wanted }
            : { text, numbers };
        const its = table ? table.id : newId('table', document.tables);
        const body = { document, id: newId('chart', document.charts), form, table: its, ...figures };
        return ask('POST charts', { body });
      });
      if (made) usePlay.getState().select({ kind: 'chart', chart: made[0] });
      onClose();
    } catch (error) {
      setProblem(reasonOf(error));
    }
  };
  return (
    <Dialog titled="another-chart" onClose={onClose} size="lg">
      <Modal.Header closeButton>
        <Modal.Title id="another-chart">Add chart</Modal.Title>
      </Modal.Header>
      <Modal.Body className="add-chart">
        <div className="fields two-columns">
          <Pick
            label="Figures"
            value={source}
            options={[
              ...piece.tables.map(({ id, name }, index): [string, string] => [id, name || `Table ${index + 1}`]),
              ...(file ? [[FILE, file.name] as [string, string]] : []),
              [OWN, 'Paste new figures below'],
            ]}
            onChange={setSource}
          />
          {table && table.columns.length > 1 && (
            <Pick
              label="Column"
              value={columnId ?? ''}
              options={table.columns.map(({ id, name }): [string, string] => [id, name || id])}
              onChange={setColumn}
            />
          )}
        </div>
        {source === OWN && (
          <PasteBox
            label="Figures of the new chart"
            rows={5}
            value={text}
            placeholder={'Mended\t911\nBeyond us\t337'}
            onChange={setText}
          />
        )}
        {source === OWN && text.trim() !== '' && <NumberReading read={read.data} onChange={setNumbers} />}
        {read.isError && source === OWN && text.trim() !== '' && (
          <p className="problem-bar is-error" role="alert">
            {reasonOf(read.error)}
          </p>
        )}
        {forms.length > 0 && <FormPicker forms={forms} value={form} onChoose={({ name }) => setPicked(name)} />}
        {problem && (
          <p className="problem-bar is-error" role="alert">
            {problem}
          </p>
        )}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="quiet" onClick={onClose}>
          Cancel
        </Button>
        <Button disabled={!isReady} onClick={() => void add()}>
          Add to stage
        </Button>
      </Modal.Footer>
    </Dialog>
  );
}

/** One column of a table, as it would be pasted. */
function tableText(table: Table, column: string): string {
  const at = Math.max(
    0,
    table.columns.findIndex(({ id }) => id === column),
  );
  return table.rows.map(({ label, cells }) => `${label}\t${cells[at]}`).join('\n');
}
