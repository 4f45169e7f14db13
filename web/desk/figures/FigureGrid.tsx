import { useCallback, useEffect, useMemo, useRef, useState, type ReactElement } from 'react';
import { flushSync } from 'react-dom';
import { DynamicDataSheetGrid, type CellProps, type DataSheetGridRef } from 'react-datasheet-grid';
import 'react-datasheet-grid/dist/style.css';
import { usePlay } from '../playStore';
import { useGridKeys } from './useGridKeys';
import { ChipCell, shownColumn, textColumn } from './cells';
import { NEW_ROW, type GridRow } from './gridRows';
import { useGridRoles } from './useGridRoles';
import { useRowDrag } from './useRowDrag';
import { idOf, indexOf, leave } from './gridCells';

const ROW = 30;
const LINE = 1;
/** pixels that labels have to spare where what is measured is shown as well */
const ROOMY = 20;

/** pixels of a column of figures, of one among several, and of the others */
const FIGURE = 92;
const ONE_OF_MANY = 84;
const WIDTHS = { chip: 46, label: 100, share: 74, measured: 72, starts: 78 };

const CHIP = { basis: WIDTHS.chip, component: ChipCell };
const LABEL = { ...textColumn('label', 'label'), grow: 1, basis: 140, minWidth: WIDTHS.label };
const still = (width: number) => ({ grow: 0, shrink: 0, basis: width, minWidth: width });
const SHARE = { ...shownColumn('share'), ...still(WIDTHS.share) };
const MEASURED = { ...shownColumn('measured'), ...still(WIDTHS.measured) };
const STARTS = { ...shownColumn('starts'), ...still(WIDTHS.starts) };

interface Props {
  rows: GridRow[];
  label: string;
  /** heads of the columns: label, those of figures, and what is shown of the one that the chart shows */
  heads: { label: ReactElement; figures: ReactElement[]; measured: string };
  /** index of the column that the chart shows */
  shown: number;
  actions: (props: CellProps<GridRow, unknown>) => ReactElement;
  picked: string | null;
  /** the row whose cell has the keyboard; null where none has */
  onActive: (row: string | null) => void;
  onRows: (rows: GridRow[]) => void;
  /** @param column index of the column of figures that it begins in */
  onPaste: (text: string, row: number, column: number) => void;
  onShift: (row: number, by: number) => void;
  /** a row that was dragged, to where it stands then */
  onPut: (from: number, to: number) => void;
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
  const count = props.heads.figures.length;
  const width = count === 1 ? FIGURE : ONE_OF_MANY;
  const { chip, label, share, measured, starts } = WIDTHS;
  const least = chip + label + count * width + share + starts + 1;
  const isNarrow = room.width < least + measured + ROOMY;
  const columns = useMemo(
    () => [
      LABEL,
      ...Array.from({ length: count }, (_, index) => ({
        ...textColumn(idOf(index, props.shown), index),
        ...still(width),
      })),
      SHARE,
      ...(isNarrow ? [] : [MEASURED]),
      STARTS,
    ],
    [count, props.shown, isNarrow, width],
  );
  const head = useRef<HTMLDivElement>(null);
  const put = useRef(props.onPut);
  put.current = props.onPut;
  const line = useRowDrag(
    wrap,
    ROW,
    rows.length,
    useCallback((from: number, to: number) => put.current(from, to), []),
  );
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
    onPaste: (text, row, column) => props.onPaste(text, row, indexOf(column, props.shown)),
    // From the last figure the next cell to type into is the next row's label, not what is only shown.
    onTab: (row, column, back) => {
      const cells = ['label', ...Array.from({ length: count }, (_, index) => idOf(index, props.shown))];
      const at = Math.max(0, cells.indexOf(column)) + (back ? -1 : 1);
      const to = at < 0 ? row - 1 : at >= cells.length ? row + 1 : row;
      if (to < 0 || to >= rows.length) {
        grid.current?.setActiveCell(null);
        leave(wrap.current, back);
        return;
      }
      grid.current?.setActiveCell({ col: cells[(at + cells.length) % cells.length], row: to });
    },
  });
  return (
    <div className="figure-grid" data-has-keys={active !== null || undefined}>
      <div className="grid-head" ref={head}>
        <div
          className="grid-heads"
          style={{
            minWidth: least + (isNarrow ? 0 : measured),
            gridTemplateColumns: [
              `${chip}px`,
              `minmax(${label}px, 1fr)`,
              `repeat(${count}, ${width}px)`,
              `${share}px`,
              ...(isNarrow ? [] : [`${measured}px`]),
              `${starts}px 1px`,
            ].join(' '),
          }}
        >
          <span />
          {props.heads.label}
          {props.heads.figures}
          <span className="num">Share</span>
          {!isNarrow && <span className="num">{props.heads.measured}</span>}
          <span className="num">Starts at</span>
        </div>
      </div>
      <div
        className="grid-room"
        ref={wrap}
        onScrollCapture={(event) => {
          // The heads go along with what stands below them.
          if (head.current) head.current.scrollLeft = (event.target as HTMLElement).scrollLeft;
        }}
      >
        {line !== null && <div className="row-line" style={{ top: line }} aria-hidden="true" />}
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
