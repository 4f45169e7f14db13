import { Choice } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import type { Chart } from '../../piece/document';
import { useChartEdit } from '../useChartEdit';

export function FormFace({ chart }: { chart: Chart }) {
  const edit = useChartEdit(chart);
  const { form, place } = chart;
  return (
    <div className="fields three-columns">
      <Choice
        label="form"
        value={form.kind}
        options={[
          ['donut', 'donut'],
          ['pie', 'pie'],
        ]}
        onChange={(kind) =>
          edit((draft) => {
            draft.form.kind = kind;
            if (kind === 'donut' && draft.form.hole === 0) draft.form.hole = 0.6;
          })
        }
      />
      <Choice
        label="direction"
        value={form.direction}
        options={[
          ['clockwise', 'clockwise'],
          ['counterclockwise', 'counter'],
        ]}
        onChange={(direction) =>
          edit((draft) => {
            draft.form.direction = direction;
          })
        }
      />
      <Choice
        label="order"
        value={form.order}
        options={[
          ['sheet', 'sheet'],
          ['descending', 'largest'],
          ['ascending', 'smallest'],
        ]}
        onChange={(order) =>
          edit((draft) => {
            draft.form.order = order;
          })
        }
      />
      <NumberField
        label="radius"
        unit="pixels"
        value={form.radius}
        min={4}
        max={4000}
        step={2}
        usual={350}
        onChange={(radius) =>
          edit((draft) => {
            draft.form.radius = radius;
          })
        }
      />
      {form.kind === 'donut' && (
        <NumberField
          label="hole"
          unit="fraction"
          value={form.hole}
          min={0}
          max={0.98}
          usual={0.6}
          onChange={(hole) =>
            edit((draft) => {
              draft.form.hole = hole;
            })
          }
        />
      )}
      <NumberField
        label="starts at"
        unit="degrees"
        value={form.startDegrees}
        min={-3600}
        max={3600}
        usual={0}
        onChange={(degrees) =>
          edit((draft) => {
            draft.form.startDegrees = degrees;
          })
        }
      />
      <NumberField
        label="gap"
        unit="pixels"
        value={form.gap}
        min={0}
        max={200}
        usual={0}
        onChange={(gap) =>
          edit((draft) => {
            draft.form.gap = gap;
          })
        }
      />
      <NumberField
        label="centre, across"
        unit="pixels"
        value={place.x}
        min={-8000}
        max={8000}
        step={2}
        onChange={(x) =>
          edit((draft) => {
            draft.place.x = x;
          })
        }
      />
      <NumberField
        label="centre, down"
        unit="pixels"
        value={place.y}
        min={-8000}
        max={8000}
        step={2}
        onChange={(y) =>
          edit((draft) => {
            draft.place.y = y;
          })
        }
      />
      <p className="hint span-all">
        Degrees run clockwise from 12 o’clock. The gap keeps its width along its whole length. The chart can also be
        dragged on the stage.
      </p>
    </div>
  );
}
