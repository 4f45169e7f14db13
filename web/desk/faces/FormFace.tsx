import { useState } from 'react';
import type { FormChoice } from '../../api/answers';
import { FormPicker } from '../../common/FormPicker';
import { useFold } from '../../common/folds';
import { Switch } from '../../fields/Choice';
import { tableOf } from '../../piece/changes';
import type { Chart, Piece } from '../../../contracts/piece';
import { act } from '../act';
import { useDesk } from '../deskStore';
import { useChartEdit } from '../useChartEdit';
import { useForms } from '../useForms';
import { setFormNumber } from '../stage/FormHandles';
import { PathFile } from './PathFile';
import { SettingField } from '../../settings/SettingField';

/** How figures become shapes: a form, the few settings that make most of the difference, the others behind a fold. */
export function FormFace({ piece, chart }: { piece: Piece; chart: Chart }) {
  const edit = useChartEdit(chart);
  const answer = useForms(piece, chart);
  const keyed = useDesk((state) => state.computed?.sheet.charts[chart.id]?.keyed);
  const change = useDesk((state) => state.edit);
  const place = useDesk((state) => state.computed?.sheet.places[chart.id]);
  const [isOpen, setOpen] = useFold('form');
  // It is chosen at once, and done when core has answered.
  const [chosen, setWanted] = useState<string | null>(null);
  const form = answer?.forms.find(({ name }) => name === chart.form.kind);
  if (!answer || !form) return <p className="hint">Loading forms…</p>;
  const choose = (choice: FormChoice): void => {
    // Readings, names, legend and axis go along; what the new form does not know stays, for the way back.
    const wanted = { ...choice.settings, kind: choice.name } as Chart['form'];
    setWanted(choice.name);
    void act('change-form', { chart: chart.id, form: wanted }, 'This form cannot be taken.').then(() =>
      setWanted(null),
    );
  };
  const field = (setting: FormChoice['fields'][number]) => (
    <SettingField
      key={setting.name}
      of="Form"
      setting={setting}
      value={place?.form?.[setting.name] ?? chart.form[setting.name] ?? setting.default}
      isKeyed={keyed !== undefined && `form.${setting.name}` in keyed}
      onChange={(value) => {
        if (typeof value === 'number') change((draft) => setFormNumber(draft, chart.id, setting.name, value));
        else
          edit((draft) => {
            draft.form[setting.name] = String(value);
          });
      }}
    />
  );
  const others = form.fields.filter(({ isFirst }) => !isFirst);
  const chevron = isOpen ? 'bi-chevron-down' : 'bi-chevron-right';
  const unusual = others.filter(({ name, default: usual }) => (chart.form[name] ?? usual) !== usual).length;
  return (
    <div className="form-face">
      <FormPicker forms={answer.forms} value={chosen ?? chart.form.kind} onChoose={choose} />
      <div className="fields three-columns">
        {form.fields.filter(({ isFirst }) => isFirst).map(field)}
        {form.takesSeries && (form.isJoined || isOpen) && <Series piece={piece} chart={chart} />}
        <button
          type="button"
          className="text-button span-all fold"
          data-fold="form"
          aria-expanded={isOpen}
          onClick={() => setOpen(!isOpen)}
        >
          <i className={`bi ${chevron}`} aria-hidden="true" /> More {form.name} settings
          {unusual > 0 && <span className="soft"> · {unusual} changed</span>}
        </button>
        {isOpen && others.map(field)}
        {isOpen && form.fields.some(({ name }) => name === 'path') && (
          <PathFile
            onPath={(data) =>
              edit((draft) => {
                draft.form.path = data;
                draft.form.curve = 'path';
              })
            }
          />
        )}
        <p className="hint span-all">{form.promise}</p>
      </div>
    </div>
  );
}

/** Which columns stand side by side, in a form that can show several. */
function Series({ piece, chart }: { piece: Piece; chart: Chart }) {
  const edit = useChartEdit(chart);
  const table = tableOf(piece, chart);
  if (!table || table.columns.length < 2) return null;
  const shown = chart.series && chart.series.length > 1 ? chart.series : [chart.column];
  return (
    <div className="span-all series-picks" role="group" aria-label="Columns shown side by side">
      {table.columns.slice(0, 12).map(({ id, name }) => (
        <Switch
          key={id}
          label={name || 'Column'}
          value={shown.includes(id)}
          disabled={shown.length === 1 && shown[0] === id}
          onChange={(on) =>
            edit((draft) => {
              // In the order of the sheet, whichever was switched on first.
              const wanted = table.columns
                .map((column) => column.id)
                .filter((one) => (one === id ? on : shown.includes(one)));
              draft.series = wanted.length > 1 ? wanted : [];
              if (wanted.length === 1) draft.column = wanted[0];
            })
          }
        />
      ))}
    </div>
  );
}
