import { memo, useLayoutEffect, useRef } from 'react';
import type { CellProps, Column } from 'react-datasheet-grid';
import { furtherOn } from '../../piece/references';
import type { GridRow } from './gridRows';

/** the labels, or a column of figures by its index */
type Text = 'label' | number;

const textOf = (row: GridRow, field: Text): string => (field === 'label' ? row.label : (row.cells[field] ?? ''));

function withText(row: GridRow, field: Text, text: string): GridRow {
  if (field === 'label') return { ...row, label: text };
  const cells = [...row.cells];
  // A row that the grid has just made has no cells yet.
  while (cells.length <= field) cells.push('');
  cells[field] = text;
  return { ...row, cells };
}

const isAlike = <T,>(was: CellProps<GridRow, T>, is: CellProps<GridRow, T>): boolean =>
  was.rowData === is.rowData && was.columnData === is.columnData;

/** Where formulas were copied from, by their texts: pasted further on, they ask for what is as far from there. */
const copied = new Map<string, { row: number; column: Text }>();
const MOST_COPIED = 500;

function copyOf(text: string, row: number, column: Text): string {
  if (text.trimStart().startsWith('=')) {
    if (copied.size > MOST_COPIED) copied.clear();
    copied.set(text, { row, column });
  }
  return text;
}

function pasted(text: string, row: number, column: Text): string {
  const from = copied.get(text);
  if (!from || typeof column !== 'number' || typeof from.column !== 'number') return text;
  return furtherOn(text, row - from.row, column - from.column);
}

/** A cell that text is typed into. What is typed is taken when the cell is left, and let go with Escape. */
function TextCell({ rowData, focus, setRowData, columnData: field }: CellProps<GridRow, Text>) {
  const input = useRef<HTMLInputElement>(null);
  const draft = useRef<string | null>(null);
  const latest = useRef({ rowData, setRowData });
  latest.current = { rowData, setRowData };
  useLayoutEffect(() => {
    if (!focus) return;
    draft.current = null;
    input.current?.focus();
    input.current?.select();
    return () => {
      const text = draft.current;
      draft.current = null;
      const { rowData: row, setRowData: set } = latest.current;
      if (text !== null && text !== textOf(row, field)) set(withText(row, field, text));
    };
  }, [focus, field]);
  if (focus)
    return (
      <input
        ref={input}
        className="cell-input"
        aria-label={field === 'label' ? 'Label' : 'Figure'}
        defaultValue={textOf(rowData, field)}
        maxLength={200}
        spellCheck={false}
        onChange={(event) => {
          draft.current = event.target.value;
        }}
        onKeyDown={(event) => {
          if (event.key === 'Escape') draft.current = null;
        }}
      />
    );
  if (field === 'label')
    return <span className="cell-text">{rowData.label || <i className="cell-empty">Label</i>}</span>;
  const typed = textOf(rowData, field).trim();
  // What a cell comes to is known of the column that the chart shows.
  const isShown = field === rowData.column;
  const isBad = isShown && rowData.problem?.severity === 'error';
  const formula = rowData.worked[field];
  if (formula !== undefined && !isBad && (!isShown || rowData.workedOut === null))
    return (
      <span className={`cell-text num is-worked-out${isShown ? '' : ' is-other'}`} title={typed}>
        <i>=</i>
        {formula}
      </span>
    );
  if (!isShown || rowData.workedOut === null || isBad)
    return (
      <span className={`cell-text num${isBad ? ' is-bad' : ''}${isShown ? '' : ' is-other'}`}>
        {isShown && rowData.valueNow !== null && (
          <i className="value-now" title="Value on this frame">
            {rowData.valueNow}
          </i>
        )}
        {typed || <i className="cell-empty">{isShown ? '0' : ''}</i>}
      </span>
    );
  return (
    <span className="cell-text num is-worked-out" title={typed}>
      <i>{rowData.isRest ? 'rest' : '='}</i>
      {rowData.workedOut}
    </span>
  );
}

/** What the grid gives to a cell anew with every edit concerns one that is being typed into, and no other. */
const SteadyTextCell = memo(
  TextCell,
  (was, is) => isAlike(was, is) && was.focus === is.focus && (!is.focus || was.setRowData === is.setRowData),
);

/** @param id of the column in the grid: `label`, `typed` for the one that the chart shows, or `v` and an index */
export function textColumn(id: string, field: Text): Partial<Column<GridRow, Text, string>> {
  return {
    id,
    component: SteadyTextCell as Column<GridRow, Text, string>['component'],
    columnData: field,
    deleteValue: ({ rowData }) => withText(rowData, field, ''),
    copyValue: ({ rowData, rowIndex }) => copyOf(textOf(rowData, field), rowIndex, field),
    pasteValue: ({ rowData, value, rowIndex }) =>
      withText(rowData, field, pasted(value.replace(/[\r\n]+/g, ' ').trim(), rowIndex, field).slice(0, 200)),
    isCellEmpty: ({ rowData }) => textOf(rowData, field).trim() === '',
  };
}

type Shown = 'share' | 'measured' | 'starts';

function ShownCell({ rowData, columnData: field }: CellProps<GridRow, Shown>) {
  const isNow = rowData.now !== null && field !== 'starts';
  return (
    <span
      className={`cell-text num ${isNow ? 'is-now' : 'soft'}`}
      title={
        isNow ? `Value on this frame; the reading shows ${rowData.now === '' ? 'nothing yet' : rowData.now}` : undefined
      }
    >
      {rowData[field]}
    </span>
  );
}

const SteadyShownCell = memo(ShownCell, isAlike);

/** A cell that only shows what follows from the others. */
export function shownColumn(field: Shown): Partial<Column<GridRow, Shown, string>> {
  return {
    id: field,
    component: SteadyShownCell as Column<GridRow, Shown, string>['component'],
    columnData: field,
    disabled: true,
    copyValue: ({ rowData }) => rowData[field],
    isCellEmpty: () => true,
  };
}

export const ChipCell = memo(function ChipCell({ rowData }: CellProps<GridRow, unknown>) {
  return (
    <>
      <span className="row-number numerals">{rowData.number}</span>
      <span className="chip" style={{ background: rowData.colour ?? 'var(--line)' }} />
    </>
  );
}, isAlike);
