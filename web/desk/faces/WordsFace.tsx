import { Choice, Pick, Switch } from '../../fields/Choice';
import { ColourField } from '../../fields/ColourField';
import { NumberField } from '../../fields/NumberField';
import { TextField } from '../../fields/TextField';
import { COLUMN, namedText } from '../../piece/bound';
import { addWords, tableOf } from '../../piece/changes';
import type { Chart, ChartWords, Piece } from '../../piece/document';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { BoundField } from '../details/BoundField';
import { PlacedBy } from '../details/PlacedBy';
import { editPlaces } from '../placesNow';
import { useChartEdit } from '../useChartEdit';
import { AxisFields } from './AxisFields';
import { LegendFields } from './LegendFields';
import { ReadingFields } from './ReadingFields';
import { StyleFields } from './StyleFields';

/** Titles, readings, labels, legend, the middle, captions. */
export function WordsFace({ piece, chart }: { piece: Piece; chart: Chart | undefined }) {
  return (
    <div className="fields words-face">
      <Titles piece={piece} />
      {chart && <ChartWordsFields piece={piece} chart={chart} />}
      <Captions piece={piece} />
    </div>
  );
}

function Titles({ piece }: { piece: Piece }) {
  const edit = useDesk((state) => state.edit);
  const selection = usePlay((state) => state.selection);
  const select = usePlay((state) => state.select);
  return (
    <section>
      <h3>Titles</h3>
      <ul className="plain-list">
        {piece.words.map((words) => (
          <li key={words.id}>
            <button
              type="button"
              className={`list-pick${selection?.kind === 'words' && selection.words === words.id ? ' is-picked' : ''}`}
              onClick={() => select({ kind: 'words', words: words.id })}
            >
              {namedText(piece, words) || 'Empty'}
            </button>
          </li>
        ))}
      </ul>
      {(['note', 'source'] as const).map((role) => (
        <button
          key={role}
          type="button"
          className="text-button"
          onClick={() => {
            let id = '';
            edit((draft) => {
              id = addWords(draft, role);
            });
            select({ kind: 'words', words: id });
          }}
        >
          <i className="bi bi-plus-lg" aria-hidden="true" /> {role === 'note' ? 'title' : 'source line'}
        </button>
      ))}
    </section>
  );
}

function ChartWordsFields({ piece, chart }: { piece: Piece; chart: Chart }) {
  const edit = useChartEdit(chart);
  const { words } = chart;
  const table = tableOf(piece, chart);
  const rows = table?.rows ?? [];
  const columnName = table?.columns.find(({ id }) => id === chart.column)?.name ?? '';
  const change = <K extends keyof ChartWords>(part: K, to: ChartWords[K]): void =>
    edit((draft) => {
      draft.words[part] = to;
    });
  return (
    <>
      <section>
        <h3>Readings</h3>
        <ReadingFields reading={words.reading} onChange={(reading) => change('reading', reading)} />
      </section>
      <section>
        <h3>Labels</h3>
        <Choice
          label="where"
          value={words.labels.show}
          options={[
            ['none', 'none'],
            ['on', 'on parts'],
            ['along', 'along'],
            ['beside', 'beside'],
          ]}
          onChange={(show) => change('labels', { ...words.labels, show })}
        />
        {words.labels.show !== 'none' && (
          <>
            <Choice
              label="say"
              value={words.labels.text}
              options={[
                ['reading', 'reading'],
                ['label', 'label'],
                ['both', 'both'],
              ]}
              onChange={(text) => change('labels', { ...words.labels, text })}
            />
            <StyleFields style={words.labels} onChange={(style) => change('labels', { ...words.labels, ...style })} />
            <Pick
              label="come"
              value={words.labels.comes ?? 'under'}
              options={[
                ['under', 'when their part is there'],
                ['begin', 'as their part begins'],
                ['end', 'when all of it is there'],
              ]}
              onChange={(comes) => change('labels', { ...words.labels, comes: comes === 'under' ? undefined : comes })}
            />
            <Switch
              label="lines to those that had to move"
              value={words.labels.leaders ?? true}
              onChange={(on) => change('labels', { ...words.labels, leaders: on ? undefined : false })}
            />
            <Switch
              label="on a plate"
              value={Boolean(words.labels.plate)}
              onChange={(on) => change('labels', { ...words.labels, plate: on ? '#10201d' : null })}
            />
            {words.labels.plate && (
              <ColourField
                label="plate"
                value={words.labels.plate}
                onChange={(plate) => change('labels', { ...words.labels, plate })}
              />
            )}
          </>
        )}
      </section>
      <section>
        <h3>
          <Switch
            label="Names where marks begin"
            value={Boolean(words.names)}
            onChange={(on) =>
              change('names', on ? { font: 'figtree-semibold', size: 32, colour: words.labels.colour } : null)
            }
          />
        </h3>
        {words.names && (
          <StyleFields style={words.names} onChange={(style) => change('names', { ...words.names!, ...style })} />
        )}
      </section>
      <AxisFields chart={chart} columnName={columnName} onChange={(axis) => change('axis', axis)} />
      <LegendFields piece={piece} chart={chart} onChange={(legend) => change('legend', legend)} />
      <section>
        <h3>
          <Switch
            label="Number in the middle"
            value={words.centre !== null}
            onChange={(on) =>
              change(
                'centre',
                on
                  ? { caption: COLUMN, prefix: '', suffix: '', font: 'bricolage-bold', size: 110, colour: '#ffffff' }
                  : null,
              )
            }
          />
        </h3>
        {words.centre && (
          <>
            <Pick
              label="of"
              value={words.centre.figure ?? ''}
              options={[['', 'all together'], ...rows.map(({ id, label }): [string, string] => [id, label || id])]}
              onChange={(figure) => change('centre', { ...words.centre!, figure: figure === '' ? null : figure })}
            />
            <BoundField
              label="below it"
              value={words.centre.caption}
              table={tableOf(piece, chart)}
              longest={80}
              onChange={(caption) => change('centre', { ...words.centre!, caption })}
            />
            {!words.centre.figure && (
              <>
                <TextField
                  label="before"
                  value={words.centre.prefix}
                  longest={20}
                  onChange={(prefix) => change('centre', { ...words.centre!, prefix })}
                />
                <TextField
                  label="after"
                  value={words.centre.suffix}
                  longest={20}
                  onChange={(suffix) => change('centre', { ...words.centre!, suffix })}
                />
              </>
            )}
            <StyleFields style={words.centre} onChange={(style) => change('centre', { ...words.centre!, ...style })} />
          </>
        )}
      </section>
    </>
  );
}

function Captions({ piece }: { piece: Piece }) {
  const edit = useDesk((state) => state.edit);
  const place = useDesk((state) => state.computed?.sheet.places.captions);
  const { captions, stage } = piece;
  return (
    <section>
      <h3>
        <Switch
          label="Captions"
          value={captions !== null}
          onChange={(on) =>
            edit((draft) => {
              draft.captions = on
                ? {
                    placedBy: 'rule' as const,
                    y: Math.round(stage.height * 0.93),
                    width: Math.round(stage.width * 0.74),
                    font: 'figtree-regular',
                    size: Math.round(stage.height * 0.041),
                    colour: '#ffffff',
                  }
                : null;
            })
          }
        />
      </h3>
      {captions ? (
        <>
          <StyleFields
            style={captions}
            onChange={(style) =>
              edit((draft) => {
                draft.captions = { ...captions, ...style };
              })
            }
          />
          {place && <PlacedBy keys={['captions']} places={[place]} />}
          <NumberField
            label="baseline"
            unit="pixels"
            value={place?.y ?? captions.y}
            min={0}
            max={4000}
            step={2}
            onChange={(y) => editPlaces(['captions'], () => ({ y }))}
          />
          <NumberField
            label="width"
            unit="pixels"
            value={place?.width ?? captions.width}
            min={60}
            max={4000}
            step={10}
            onChange={(width) => editPlaces(['captions'], () => ({ width }))}
          />
          <NumberField
            label="fades"
            unit="frames"
            stage={stage}
            value={captions.fade ?? 0}
            min={0}
            max={60}
            usual={0}
            onChange={(fade) =>
              edit((draft) => {
                draft.captions = { ...captions, fade: fade === 0 ? undefined : fade };
              })
            }
          />
        </>
      ) : (
        <p className="hint">The script’s lines on the stage while they are spoken.</p>
      )}
    </section>
  );
}
