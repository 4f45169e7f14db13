import Dropdown from 'react-bootstrap/Dropdown';
import { createPortal } from 'react-dom';
import type { Chart, Pick as RowPick, Table } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { Pick } from '../../fields/Choice';
import { GroupFields } from '../../settings/GroupFields';
import { first } from '../../settings/settings';

interface Props {
  chart: Chart;
  table: Table;
  onChange: (pick: RowPick | null) => void;
}

/** Which rows of the sheet the chart shows: all, the largest, the first of the alphabet, or groups of them. */
export function ShownRows({ chart, table, onChange }: Props) {
  const isOnScale = useDesk((state) => state.computed?.sheet.charts[chart.id]?.isOnScale ?? false);
  const pick = chart.pick ?? null;
  const hasGroups = table.rows.some(({ group }) => group);
  const change = (part: Partial<RowPick>): void => onChange({ ...first.Pick, ...pick, ...part });
  return (
    <Dropdown drop="up" autoClose="outside" data-part="Pick">
      <Dropdown.Toggle as="button" type="button" className="text-button" title="Choose which rows the chart shows">
        <i className="bi bi-funnel" aria-hidden="true" /> {said(pick, table.rows.length)}
      </Dropdown.Toggle>
      {createPortal(
        <Dropdown.Menu className="shown-rows">
          <div className="fields one-column">
            <Pick
              label="Shows"
              value={pick?.by ?? 'all'}
              options={[
                ['all', `All ${table.rows.length.toLocaleString('en')} rows`],
                ['largest', 'The largest'],
                ['label', 'The first, A to Z'],
                ...(hasGroups ? [['group', 'Groups, each as one'] as [string, string]] : []),
              ]}
              onChange={(by) => (by === 'all' ? onChange(null) : change({ by: by as RowPick['by'] }))}
            />
            {pick && (
              <>
                <GroupFields of="Pick" only={['count']} value={pick} onChange={change} />
                <GroupFields
                  of="Pick"
                  only={isOnScale ? ['others', 'label'] : ['label']}
                  value={isOnScale ? pick : { ...pick, others: true }}
                  onChange={change}
                />
                {chart.run && <p className="hint">During the run, figures enter and leave the selection.</p>}
              </>
            )}
          </div>
        </Dropdown.Menu>,
        document.body,
      )}
    </Dropdown>
  );
}

function said(pick: RowPick | null, count: number): string {
  const rows = count.toLocaleString('en');
  if (!pick || (pick.by !== 'group' && pick.count >= count)) return `all ${rows} rows`;
  if (pick.by === 'group') return `groups of ${rows}`;
  return `${pick.by === 'largest' ? 'largest' : 'first'} ${pick.count} of ${rows}`;
}
