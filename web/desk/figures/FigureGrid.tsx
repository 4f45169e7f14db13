import { useCallback, useEffect, useMemo, useRef, useState, type ReactElement } from 'react';
import { flushSync } from 'react-dom';
import { DynamicDataSheetGrid, type CellProps, type DataSheetGridRef } from 'react-datasheet-grid';
import 'react-datasheet-grid/dist/style.css';
import { usePlay } from '../playStore';
import { useGridKeys } from './useGridKeys';
import { ChipCell, shownColumn, textColumn } from './cells';
import { NEW_ROW, type GridRow } from './gridRows';
import { useGridRoles } from './useGridRoles';

const ROW = 30;
const LINE = 1;
/** pixels of the sheet's width below which what is measured gives way to the labels */
const NARROW = 430;

const CHIP = { basis: 32, component: ChipCell };
const LABEL = { ...textColumn('label'), grow: 1, basis: 140, minWidth: 100 };
const FIGURE = { ...textColumn('typed'), grow: 0, shrink: 0, basis: 80, minWidth: 80 };
const SHARE = { ...shownColumn('share'), grow: 0, shrink: 0, basis: 74, minWidth: 74 };
const MEASURED = { ...shownColumn('measured'), grow: 0, shrink: 0, basis: 72, minWidth: 72 };
const STARTS = { ...shownColumn('starts'), grow: 0, shrink: 0, basis: 78, minWidth: 78 };
const WIDE = [LABEL, FIGURE, SHARE, MEASURED, STARTS];
const WITHOUT_MEASURED = [LABEL, FIGURE, SHARE, STARTS];

interface Props {
  rows: GridRow[];
  label: string;
  /** heads of the columns: label, figure, and what is shown of them */
  heads: { label: ReactElement; figure: ReactElement; measured: string };
  actions: (props: CellProps<GridRow, unknown>) => ReactElement;
  picked: string | null;
  /** the row whose cell has the keyboard; null where none has */
  onActive: (row: string | null) => void;
  onRows: (rows: GridRow[]) => void;
  onPaste: (text: string, row: number) => void;
  onShift: (row: number, by: number) => void;
  /** a cell that is to have the keyboard, as soon as it is there */
  wanted: { row: string; column: 'label' | 'typed' } | null;
}

const newRow = (): GridRow => NEW_ROW;
const copyOf = ({ rowData }: { rowData: GridRow }): GridRow => ({ ...rowData, id: '' });

/** The rows of the sheet as cells: a click selects, typing replaces, F2 or a second click edits. */
export function FigureGrid(props: Props) {
  const { rows, picked, onActive, onRows, wanted } = props;
  const wrap = useRef<HTMLDivElement>(null);
  const grid = useRef<DataSheetGridRef>(null);
  const [room, setRoom] = useState({ width: 480, height: 160 });
  const [active, setActive] = useState<{ row: number; column: string } | null>(null);
  const columns = room.width < NARROW ? WITHOUT_MEASURED : WIDE;
  const right = useMemo(() => ({ basis: 1, component: props.actions }), [props.actions]);
  useEffect(() => {
    if (!wrap.current) return;
    const watch = new ResizeObserver(([entry]) => setRoom(entry.contentRect));
    watch.observe(wrap.current);
    return () => watch.disconnect();
  }, []);
  useEffect(() => {
    const place = rows.findIndex(({ id }) => id === wanted?.row);
    if (!wanted || place < 0) return;
    grid.current?.setActiveCell({ col: wanted.column, row: place });
    usePlay.setState({ wantedCell: null });
  }, [wanted, rows]);
  const classOf = useCallback(
    ({ rowData }: { rowData: GridRow }): string =>
      [
        `row-${rowData.id}`,
        rowData.id === picked && 'is-picked',
        rowData.problem && `has-${rowData.problem.severity}`,
        rowData.isOff && 'is-off',
      ]
        .filter(Boolean)
        .join(' '),
    [picked],
  );
  useGridRoles(wrap, props.label, rows.length, ['chip', ...columns.map(({ id }) => id ?? ''), 'do']);
  useGridKeys(active, {
    ...props,
    onShift: (row, by) => {
      const to = Math.max(0, Math.min(rows.length - 1, row + by));
      const column = active?.column ?? 'label';
      // What is being typed is taken first.
      flushSync(() => grid.current?.setActiveCell({ col: column, row }));
      props.onShift(row, by);
      grid.current?.setActiveCell({ col: column, row: to });
    },
    // From a figure the next cell to type into is the next row's label, not what is only shown.
    onTab: (row, column, back) => {
      const to = back ? (column === 'label' ? row - 1 : row) : column === 'label' ? row : row + 1;
      if (to < 0 || to >= rows.length) return false;
      grid.current?.setActiveCell({ col: column === 'label' ? 'typed' : 'label', row: to });
      return true;
    },
  });
  return (
    <div className={`figure-grid${columns === WIDE ? '' : ' is-narrow'}`} data-has-keys={active !== null || undefined}>
      <div className="grid-head">
        <span />
        {props.heads.label}
        {props.heads.figure}
        <span className="num">Share</span>
        {columns === WIDE && <span className="num">{props.heads.measured}</span>}
        <span className="num">Starts on</span>
      </div>
      <div className="grid-room" ref={wrap}>
        <DynamicDataSheetGrid<GridRow>
          ref={grid}
          value={rows}
          columns={columns}
          gutterColumn={CHIP}
          stickyRightColumn={right}
          rowKey="id"
          rowHeight={ROW}
          headerRowHeight={0}
          height={Math.max(ROW + LINE, Math.floor(room.height))}
          addRowsComponent={false}
          createRow={newRow}
          duplicateRow={copyOf}
          rowClassName={classOf}
          onChange={onRows}
          onActiveCellChange={({ cell }) => {
            setActive(cell ? { row: cell.row, column: cell.colId ?? '' } : null);
            onActive(cell ? (rows[cell.row]?.id ?? null) : null);
          }}
        />
      </div>
    </div>
  );
}
