import { Switch } from '../../fields/Choice';
import type { AxisTitles, Chart } from '../../../contracts/piece';
import { GroupFields } from '../../settings/GroupFields';
import { first, settings } from '../../settings/settings';

interface Props {
  chart: Chart;
  columnName: string;
  onChange: (axis: AxisTitles | null) => void;
}

/** What stands at the axes of a chart that has some. */
export function AxisFields({ chart, columnName, onChange }: Props) {
  const { words } = chart;
  const { axis } = words;
  if (chart.form.kind !== 'bars' && chart.form.kind !== 'columns' && !axis) return null;
  return (
    <section>
      <h3>
        <Switch
          label={settings.AxisTitles.label}
          value={Boolean(axis)}
          onChange={(on) =>
            onChange(on ? { ...first.AxisTitles, scale: columnName, colour: words.labels.colour } : null)
          }
        />
      </h3>
      {axis && <GroupFields of="AxisTitles" value={axis} onChange={(part) => onChange({ ...axis, ...part })} />}
    </section>
  );
}
