import { useRef, useState } from 'react';
import { useDrag } from '../../common/useDrag';
import { shortTimecode } from '../../common/words';
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

/** pixels of the rail that a name is given, and of the whole rail, about */
const NAME = 46;
const RAIL = 560;

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
    <section className="span-all run-fields">
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

interface RailProps {
  piece: Piece;
  names: Record<string, string>;
  moments: { column: string; frame: number; at: string }[];
  pinned: string[];
  taken: string | null;
  onTake: (column: string) => void;
  onDrag: (column: string, frame: number) => void;
}

/** The moments along the length of the piece. */
function Rail({ piece, names, moments, pinned, taken, onTake, onDrag }: RailProps) {
  const rail = useRef<HTMLDivElement>(null);
  const drag = useDrag();
  const frame = usePlay((state) => state.frame);
  const last = Math.max(1, piece.stage.frames - 1);
  const at = (one: number): string => `${(Math.min(one, last) / last) * 100}%`;
  // The one that is taken is named, and others as far as there is room.
  const named = moments.filter(({ column }) => column === taken).map((one) => one.frame);
  const hasRoom = (on: number): boolean => named.every((other) => (Math.abs(on - other) / last) * RAIL > NAME);
  return (
    <div className="run-rail" ref={rail} role="group" aria-label="Moments of the run">
      <span className="run-way" style={{ left: at(moments[0].frame), right: `calc(100% - ${at(end(moments))})` }} />
      <span className="run-head" style={{ left: at(frame) }} aria-hidden="true" />
      {moments.map(({ column, frame: on, at: text }) => {
        const isNamed = column === taken || hasRoom(on);
        if (isNamed) named.push(on);
        return (
          <button
            key={column}
            type="button"
            className={`run-stop${pinned.includes(column) ? ' is-pinned' : ''}${taken === column ? ' is-taken' : ''}`}
            style={{ left: at(on) }}
            aria-pressed={taken === column}
            aria-label={`${names[column] || 'Moment'}, ${shortTimecode(text)}`}
            title={`${names[column] || 'Moment'}, ${shortTimecode(text)}`}
            onClick={() => {
              onTake(column);
              usePlay.getState().stop();
              usePlay.getState().go(Math.min(on, last));
            }}
            onKeyDown={(event) => {
              const by = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
              if (!by) return;
              event.preventDefault();
              event.stopPropagation();
              onTake(column);
              onDrag(column, Math.max(0, Math.min(last, on + by * (event.shiftKey ? 10 : 1))));
            }}
            {...drag(() => {
              const width = rail.current?.clientWidth ?? 1;
              let to = on;
              return {
                move: ({ across }) => {
                  to = Math.max(0, Math.min(last, on + Math.round((across / width) * last)));
                  usePlay.getState().go(to);
                },
                end: () => {
                  if (to !== on) onDrag(column, to);
                },
              };
            })}
          >
            <span className="run-dot" />
            {isNamed && <span className="run-name numerals">{names[column]}</span>}
          </button>
        );
      })}
    </div>
  );
}

const end = (moments: { frame: number }[]): number => moments[moments.length - 1]?.frame ?? 0;

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
