import Dropdown from 'react-bootstrap/Dropdown';
import { createPortal } from 'react-dom';
import { Pick, Switch } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import { TextField } from '../../fields/TextField';
import type { Chart, Pick as RowPick, Table } from '../../piece/document';
import { useDesk } from '../deskStore';

interface Props {
  chart: Chart;
  table: Table;
  onChange: (pick: RowPick | null) => void;
}

/** so many figures beside the others, until another number is said */
const USUAL = 10;

/** Which rows of the sheet the chart shows: all, the largest, the first of the alphabet, or groups of them. */
export function ShownRows({ chart, table, onChange }: Props) {
  const isOnScale = useDesk((state) => state.computed?.sheet.charts[chart.id]?.isOnScale ?? false);
  const pick = chart.pick ?? null;
  const hasGroups = table.rows.some(({ group }) => group);
  const change = (part: Partial<RowPick>): void => onChange({ by: 'largest', count: USUAL, ...pick, ...part });
  return (
    <Dropdown drop="up" autoClose="outside">
      <Dropdown.Toggle as="button" type="button" className="text-button" title="Which rows the chart shows">
        <i className="bi bi-funnel" aria-hidden="true" /> {said(pick, table.rows.length)}
      </Dropdown.Toggle>
      {createPortal(
        <Dropdown.Menu className="shown-rows">
          <div className="fields one-column">
            <Pick
              label="shows"
              value={pick?.by ?? 'all'}
              options={[
                ['all', `all ${table.rows.length.toLocaleString('en')} rows`],
                ['largest', 'the largest'],
                ['label', 'the first, A to Z'],
                ...(hasGroups ? [['group', 'groups, each as one'] as [string, string]] : []),
              ]}
              onChange={(by) => (by === 'all' ? onChange(null) : change({ by: by as RowPick['by'] }))}
            />
            {pick && (
              <>
                <NumberField
                  label="so many"
                  unit="number"
                  value={pick.count}
                  min={1}
                  max={200}
                  usual={USUAL}
                  onChange={(count) => change({ count: Math.round(count) })}
                />
                {isOnScale && (
                  <Switch
                    label="and the others as one"
                    value={pick.others ?? true}
                    onChange={(others) => change({ others })}
                  />
                )}
                {(!isOnScale || (pick.others ?? true)) && (
                  <TextField
                    label="called"
                    value={pick.label ?? 'Others'}
                    longest={200}
                    onChange={(label) => change({ label })}
                  />
                )}
                {chart.run && <p className="hint">As the chart runs, figures enter and leave them.</p>}
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
