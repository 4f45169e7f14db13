import { useState } from 'react';
import { COLUMN, isBound } from '../../piece/bound';
import { addWords, tableOf } from '../../piece/changes';
import type { Chart, Piece, Run, RunPin } from '../../../contracts/piece';
import { PinField } from '../details/PinField';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { useChartEdit } from '../useChartEdit';
import { Switch } from '../../fields/Choice';
import { GroupFields } from '../../settings/GroupFields';
import { first, settings } from '../../settings/settings';
import { Rail } from './RunRail';

/** A chart goes through the columns of its table: when it is at each of them, and how it gets there. */
export function RunFields({ piece, chart }: { piece: Piece; chart: Chart }) {
  const edit = useChartEdit(chart);
  const computed = useDesk((state) => state.computed?.sheet.charts[chart.id]?.run);
  const [taken, setTaken] = useState<string | null>(null);
  const table = tableOf(piece, chart);
  const { run } = chart;
  // One that was put on a frame stands there at once, before core has answered.
  const moments = computed?.map((one) => {
    const put = run?.pins.find(({ column, pin }) => column === one.column && !pin);
    return put ? { ...one, frame: put.frame } : one;
  });
  if (!table || table.columns.length < 2) return null;
  const change = (work: (draft: Run) => void): void =>
    edit((draft) => {
      if (draft.run) work(draft.run);
    });
  const pin = (column: string, part: Omit<RunPin, 'column'> | null): void =>
    change((draft) => {
      draft.pins = draft.pins.filter((one) => one.column !== column);
      if (part) draft.pins.push({ column, ...part });
    });
  const moment = moments?.find(({ column }) => column === taken);
  const own = run?.pins.find(({ column }) => column === taken);
  const hasReading = piece.words.some(({ text, momentOf }) => isBound(text) && momentOf === chart.id);
  return (
    <section data-part="run" className="span-all run-fields">
      <h3>
        <Switch
          label={settings.Run.label}
          value={Boolean(run)}
          onChange={(on) =>
            edit((draft) => {
              draft.run = on ? beginning(piece, table.columns.length) : null;
            })
          }
        />
        {run && !hasReading && (
          <button
            type="button"
            className="text-button ms-auto"
            title="Adds a text to the stage that shows the current moment"
            onClick={() => addReading(chart)}
          >
            <i className="bi bi-plus-lg" aria-hidden="true" /> Add moment text
          </button>
        )}
      </h3>
      {run ? (
        <>
          {moments && (
            <Rail
              piece={piece}
              names={Object.fromEntries(table.columns.map(({ id, name }) => [id, name]))}
              moments={moments}
              pinned={run.pins.map(({ column }) => column)}
              taken={taken}
              onTake={setTaken}
              onDrag={(column, frame) => pin(column, { frame, pin: null })}
            />
          )}
          <div className="run-columns">
            <GroupFields of="Run" value={run} onChange={(part) => change((draft) => Object.assign(draft, part))} />
          </div>
          {moment ? (
            <div className="run-moment">
              <strong>{table.columns.find(({ id }) => id === taken)?.name || 'This moment'}</strong>
              <PinField
                id="run-pin"
                piece={piece}
                pin={own?.pin ?? null}
                begin={moment.frame}
                isOwn={own !== undefined}
                canFollow
                follows="Spread evenly"
                onFollow={() => pin(moment.column, null)}
                onFrame={(frame) => pin(moment.column, { frame, pin: null })}
                onPin={(beat) => pin(moment.column, { frame: moment.frame, pin: beat })}
              />
            </div>
          ) : (
            <p className="hint">
              Drag a moment on the rail, or click it to pin it to a word. Moments between pinned ones are spread evenly.
              {(chart.form.order ?? 'sheet') === 'sheet' &&
                ' Figures only change rank if the form orders them by size.'}
            </p>
          )}
        </>
      ) : (
        <p className="hint">
          Turns each column into a moment, from {table.columns[0].name || 'the first'} to{' '}
          {table.columns[table.columns.length - 1].name || 'the last'}.
        </p>
      )}
    </section>
  );
}

/** A run over most of the piece: from where its marks have come, at about a second a moment where there is room. */
function beginning(piece: Piece, count: number): Run {
  const [numerator, denominator] = piece.stage.rate;
  const second = Math.max(1, Math.round(numerator / denominator));
  const room = Math.max(1, piece.stage.frames - 3 * second);
  return {
    ...first.Run,
    begin: Math.min(2 * second, piece.stage.frames - 1),
    frames: Math.max(1, Math.min(room, count * second)),
    places: Math.max(1, Math.round(second / 2)),
  };
}

/** A large text beside the chart that says the moment. */
function addReading(chart: Chart): void {
  let made = '';
  useDesk.getState().edit((draft) => {
    made = addWords(draft);
    const words = draft.words.find(({ id }) => id === made);
    if (!words) return;
    Object.assign(words, {
      text: COLUMN,
      momentOf: chart.id,
      font: 'bricolage-bold',
      size: 96,
      align: 'right',
      x: Math.round(draft.stage.width * 0.92),
      y: Math.round(draft.stage.height * 0.74),
      colour: chart.words.labels.colour,
    });
  });
  usePlay.getState().select({ kind: 'words', words: made });
}
