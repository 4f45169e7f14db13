import { letterOf } from '../../piece/references';
import type { Chart, Table } from '../../../contracts/piece';
import { act } from '../act';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { ColumnHead } from './ColumnHead';

/** Changes the table, or the chart that shows it. */
export type TableChange = (work: (draft: Table, chart: Chart) => void) => void;

interface Props {
  table: Table;
  change: TableChange;
}

const sort = (table: Table, column: string | null, descending: boolean): void =>
  void act('sort-rows', { table: table.id, column, descending });

export function LabelHead({ table, change }: Props) {
  return (
    <ColumnHead
      letter="A"
      name={table.name}
      label="Name of the table"
      placeholder="Table name"
      doings={[
        { text: 'A to Z', icon: 'bi-sort-alpha-down', run: () => sort(table, null, false) },
        { text: 'Z to A', icon: 'bi-sort-alpha-up', run: () => sort(table, null, true) },
      ]}
      onName={(name) =>
        change((draft) => {
          draft.name = name;
        })
      }
    />
  );
}

interface FigureHeadProps extends Props {
  chart: Chart;
  column: Table['columns'][number];
}

export function FigureHead({ table, chart, column, change }: FigureHeadProps) {
  const at = table.columns.indexOf(column);
  const moments = useDesk((state) => state.computed?.sheet.charts[chart.id]?.run);
  const now = usePlay((state) => moments?.findLast(({ frame }) => frame <= state.frame)?.column ?? null);
  const isShown = moments ? (now ?? moments[0].column) === column.id : chart.column === column.id;
  const isSeries = chart.series !== undefined && chart.series.length > 1 && chart.series.includes(column.id);
  const name = column.name || `Column ${at + 1}`;
  return (
    <ColumnHead
      letter={letterOf(at + 1)}
      isNumber
      isShown={(isShown || isSeries) && table.columns.length > 1}
      name={column.name}
      label={table.columns.length === 1 ? 'Name of the column' : `Name of column ${at + 1}`}
      placeholder={`Column ${at + 1}`}
      doings={[
        ...(isShown || moments
          ? []
          : [
              {
                text: `Show ${name} in the chart`,
                icon: 'bi-eye',
                run: () =>
                  change((_, draft) => {
                    draft.column = column.id;
                  }),
              },
            ]),
        { text: 'Largest first', icon: 'bi-sort-down', run: () => sort(table, column.id, true) },
        { text: 'Smallest first', icon: 'bi-sort-up', run: () => sort(table, column.id, false) },
        {
          text: 'Insert column after',
          icon: 'bi-plus-lg',
          run: () => void act('add-column', { table: table.id, after: column.id }),
        },
        {
          text: 'Remove column',
          icon: 'bi-x-lg',
          off: table.columns.length === 1,
          run: () => void act('remove-column', { table: table.id, column: column.id }),
        },
      ]}
      onName={(next) =>
        change((draft) => {
          draft.columns[at].name = next;
        })
      }
    />
  );
}
