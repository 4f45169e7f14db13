import { Switch } from '../../fields/Choice';
import type { AxisTitles, Chart, Piece } from '../../../contracts/piece';
import { styleOfPart } from '../../piece/styles';
import { GroupFields } from '../../settings/GroupFields';
import { StyleFields } from './StyleFields';
import { first, settings } from '../../settings/settings';

interface Props {
  piece: Piece;
  chart: Chart;
  columnName: string;
  onChange: (axis: AxisTitles | null) => void;
}

/** What stands at the axes of a chart that has some. */
export function AxisFields({ piece, chart, columnName, onChange }: Props) {
  const { words } = chart;
  const { axis } = words;
  if (chart.form.kind !== 'bars' && chart.form.kind !== 'columns' && !axis) return null;
  return (
    <section data-part="AxisTitles">
      <h3>
        <Switch
          label={settings.AxisTitles.label}
          value={Boolean(axis)}
          onChange={(on) =>
            onChange(on ? { ...first.AxisTitles, scale: columnName, colour: words.labels.colour } : null)
          }
        />
      </h3>
      {axis && (
        <>
          <GroupFields
            of="AxisTitles"
            only={['scale', 'figures']}
            value={axis}
            onChange={(part) => onChange({ ...axis, ...part })}
          />
          <StyleFields piece={piece} at={styleOfPart(chart, 'axis')} />
        </>
      )}
    </section>
  );
}
