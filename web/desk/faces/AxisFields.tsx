import { Switch } from '../../fields/Choice';
import { TextField } from '../../fields/TextField';
import type { AxisTitles, Chart } from '../../piece/document';
import { StyleFields } from './StyleFields';

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
          label="Titles at the axes"
          value={Boolean(axis)}
          onChange={(on) =>
            onChange(
              on
                ? {
                    scale: columnName,
                    figures: '',
                    font: 'figtree-semibold',
                    size: 28,
                    colour: words.labels.colour,
                  }
                : null,
            )
          }
        />
      </h3>
      {axis && (
        <>
          <TextField
            label="scale"
            value={axis.scale}
            longest={120}
            onChange={(scale) => onChange({ ...axis, scale })}
          />
          <TextField
            label="figures"
            value={axis.figures}
            longest={120}
            onChange={(figures) => onChange({ ...axis, figures })}
          />
          <StyleFields style={axis} onChange={(style) => onChange({ ...axis, ...style })} />
        </>
      )}
    </section>
  );
}
