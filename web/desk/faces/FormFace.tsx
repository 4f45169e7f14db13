import type { FormChoice } from '../../api/answers';
import { FormPicker } from '../../common/FormPicker';
import { useFold } from '../../common/folds';
import { Switch } from '../../fields/Choice';
import { tableOf } from '../../piece/changes';
import type { Chart, Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { useChartEdit } from '../useChartEdit';
import { useForms } from '../useForms';
import { setFormNumber } from '../stage/FormHandles';
import { PathFile } from './PathFile';
import { SettingField } from '../../settings/SettingField';
import { first } from '../../settings/settings';

/** How figures become shapes: a form, the few settings that make most of the difference, the others behind a fold. */
export function FormFace({ piece, chart }: { piece: Piece; chart: Chart }) {
  const edit = useChartEdit(chart);
  const answer = useForms(piece, chart);
  const keyed = useDesk((state) => state.computed?.sheet.charts[chart.id]?.keyed);
  const change = useDesk((state) => state.edit);
  const place = useDesk((state) => state.computed?.sheet.places[chart.id]);
  const [isOpen, setOpen] = useFold('form');
  const form = answer?.forms.find(({ name }) => name === chart.form.kind);
  if (!answer || !form) return <p className="hint">Loading forms…</p>;
  const choose = (chosen: FormChoice): void =>
    edit((draft) => {
      // What the new form does not know stays, for the way back.
      draft.form = { ...draft.form, ...chosen.settings, kind: chosen.name as Chart['form']['kind'] };
      if (chosen.isJoined && !form.isJoined) suitLine(draft);
    });
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
  const unusual = others.filter(({ name, default: usual }) => (chart.form[name] ?? usual) !== usual).length;
  return (
    <div className="form-face">
      <FormPicker forms={answer.forms} value={chart.form.kind} onChoose={choose} />
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
          <i className={`bi bi-chevron-${isOpen ? 'down' : 'right'}`} aria-hidden="true" /> More {form.name} settings
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

/** A line is drawn on in one go, and its figures are named below it, not in a legend. */
function suitLine(chart: Chart): void {
  const { entrance, words } = chart;
  if (entrance && entrance.order === 'overlapping') {
    Object.assign(entrance, { order: 'after', overlap: 0, curve: 'linear', frames: Math.min(entrance.frames, 12) });
  }
  words.names ??= { ...first.Names, colour: words.legend?.colour ?? words.labels.colour };
  if ((chart.series?.length ?? 0) < 2) words.legend = null;
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
