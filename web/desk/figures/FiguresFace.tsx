import { useCallback, useMemo } from 'react';
import { ask, reasonOf } from '../../api/client';
import { later } from '../../common/later';
import { useNotices } from '../../common/Notices';
import { useShared } from '../../common/useShared';
import { columnIndex, setOwn, tableOf } from '../../piece/changes';
import { addFigure, pasteRows } from '../../piece/tables';
import type { Chart, Piece, Table } from '../../../contracts/piece';
import { act } from '../act';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { FigureGrid } from './FigureGrid';
import { FigureHead, LabelHead } from './heads';
import { gridRows, type GridRow } from './gridRows';
import { takeRows } from './takeRows';
import { useFiguresNow } from './useFiguresNow';
import { rowActions } from './RowActions';
import { SheetFoot } from './SheetFoot';

/** The sheet: what was typed, and what it means. */
export function FiguresFace({ piece, chart }: { piece: Piece; chart: Chart }) {
  const sheet = useDesk((state) => state.computed?.sheet.charts[chart.id]);
  const problems = useDesk((state) => state.computed?.problems);
  const selection = usePlay((state) => state.selection);
  const wanted = usePlay((state) => state.wantedCell);
  const table = tableOf(piece, chart);
  const now = useFiguresNow(piece, chart.id);
  const rows = useShared(
    useMemo(() => (table ? gridRows(table, chart, sheet, problems, now) : []), [table, chart, sheet, problems, now]),
  );
  const change = useCallback(
    (work: (draft: Table, chart: Chart) => void): void =>
      useDesk.getState().edit((draft) => {
        const one = draft.charts.find(({ id }) => id === chart.id);
        const its = one && tableOf(draft, one);
        if (one && its) work(its, one);
      }),
    [chart.id],
  );
  const move = useCallback(
    (row: string, by: number): void => void act('move-row', { table: chart.table, row, by }),
    [chart.table],
  );
  const actions = useMemo(
    () =>
      rowActions(
        () => (useDesk.getState().document?.tables.find(({ id }) => id === chart.table)?.rows.length ?? 0) <= 1,
        (row) => change((_, draft) => setOwn(draft, row.id, { off: row.isOff ? undefined : true })),
        (row) => move(row.id, -1),
      ),
    [chart.table, change, move],
  );
  if (!table) return null;
  const column = columnIndex(table, chart);
  const paste = (text: string, row: number, at: number, numbers: '.' | ',' | null = null): void => {
    const its = later();
    ask('POST figures/read', { body: { text, numbers } }).then(
      (read) => {
        its(() => change((draft) => pasteRows(draft, at, row, read)));
        if (numbers === null && read.openNumber) {
          const isDecimal = read.numbers === '.';
          useNotices.getState().say(`${read.openNumber} was read as ${isDecimal ? 'a decimal' : 'thousands'}.`, {
            action: {
              text: isDecimal ? 'Read it in thousands' : 'Read it as a decimal',
              run: () => paste(text, row, at, isDecimal ? ',' : '.'),
            },
          });
        }
      },
      (error: unknown) => useNotices.getState().say(reasonOf(error), { bad: true }),
    );
  };
  return (
    <div className="sheet-wrap">
      <FigureGrid
        rows={rows}
        label={`Figures of ${table.name || piece.title}`}
        heads={{
          label: <LabelHead table={table} change={change} />,
          figures: table.columns.map((one) => (
            <FigureHead key={one.id} table={table} chart={chart} column={one} change={change} />
          )),
          measured: sheet?.measure ?? 'Sweep',
        }}
        shown={column}
        actions={actions}
        picked={selection?.kind === 'figure' ? selection.figure : null}
        wanted={wanted}
        onActive={(row) => {
          usePlay.setState({ typingIn: row });
          if (row) usePlay.getState().select({ kind: 'figure', chart: chart.id, figure: row });
        }}
        onRows={(next: GridRow[]) => takeRows(table, rows, next, change)}
        onPaste={paste}
        onShift={(row, by) => move(rows[row].id, by)}
        onPut={(from, to) => move(rows[from].id, to - from)}
      />
      <SheetFoot
        chart={chart}
        table={table}
        whole={sheet?.whole ?? null}
        onAdd={() =>
          change((draft) => {
            usePlay.setState({ wantedCell: { row: addFigure(draft), column: 'label' } });
          })
        }
        onWhole={(whole) =>
          change((draft) => {
            draft.whole = whole;
          })
        }
        onPick={(pick) =>
          change((_, draft) => {
            draft.pick = pick;
          })
        }
      />
    </div>
  );
}
