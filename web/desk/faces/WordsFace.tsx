import { COLUMN, namedText } from '../../piece/bound';
import { addWords, tableOf } from '../../piece/changes';
import { styleOfPart } from '../../piece/styles';
import type { Chart, ChartWords, Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { BoundField } from '../details/BoundField';
import { useChartEdit } from '../useChartEdit';
import { AxisFields } from './AxisFields';
import { LegendFields } from './LegendFields';
import { ReadingFields } from './ReadingFields';
import { SayOnce } from './SayOnce';
import { StyleFields } from './StyleFields';
import { Pick, Switch } from '../../fields/Choice';
import { GroupFields } from '../../settings/GroupFields';
import { first, settingOf, settings } from '../../settings/settings';
import { Captions } from './Captions';

const FIGURE = settingOf('Centre', 'figure');
const CAPTION = settingOf('Centre', 'caption');

/** Titles, readings, labels, legend, the middle, captions: in stacks, what is decided first at the top of each. */
export function WordsFace({ piece, chart }: { piece: Piece; chart: Chart | undefined }) {
  return (
    <div className="words-face">
      {chart ? (
        <ChartWordsFields piece={piece} chart={chart} />
      ) : (
        <>
          <Titles piece={piece} />
          <Captions piece={piece} />
        </>
      )}
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
      <div className="offer-row">
        {(['note', 'source'] as const).map((role) => (
          <button
            key={role}
            type="button"
            className="text-button"
            data-act={role === 'note' ? 'Add title' : 'Add source line'}
            aria-label={role === 'note' ? 'Add title' : 'Add source line'}
            onClick={() => {
              let id = '';
              edit((draft) => {
                id = addWords(draft, role);
              });
              select({ kind: 'words', words: id });
            }}
          >
            <i className="bi bi-plus-lg" aria-hidden="true" /> {role === 'note' ? 'Title' : 'Source line'}
          </button>
        ))}
      </div>
    </section>
  );
}

function ChartWordsFields({ piece, chart }: { piece: Piece; chart: Chart }) {
  const edit = useChartEdit(chart);
  const { words } = chart;
  const table = tableOf(piece, chart);
  const rows = table?.rows ?? [];
  const columnName = table?.columns.find(({ id }) => id === chart.column)?.name ?? '';
  const label = (part: Partial<ChartWords['labels']>): void => change('labels', { ...words.labels, ...part });
  const change = <K extends keyof ChartWords>(part: K, to: ChartWords[K]): void =>
    edit((draft) => {
      draft.words[part] = to;
    });
  return (
    <>
      <div className="fields">
        <Titles piece={piece} />
        <section data-part="Reading">
          <h3>Readings</h3>
          <ReadingFields reading={words.reading} onChange={(reading) => change('reading', reading)} />
        </section>
      </div>
      <div className="fields">
        <SayOnce chart={chart} />
        <section data-part="Labels">
          <h3>Labels</h3>
          <GroupFields of="Labels" only={['show']} value={words.labels} onChange={label} />
          {words.labels.show !== 'none' && (
            <>
              <GroupFields
                of="Labels"
                only={['text', 'align', 'comes', 'leaders']}
                value={words.labels}
                onChange={label}
              />
              <StyleFields piece={piece} at={styleOfPart(chart, 'labels')} />
            </>
          )}
        </section>
      </div>
      <div className="fields">
        <LegendFields piece={piece} chart={chart} onChange={(legend) => change('legend', legend)} />
        <section data-part="Names">
          <h3>
            <Switch
              label="Names at the start of marks"
              value={Boolean(words.names)}
              onChange={(on) => change('names', on ? { ...first.Names, colour: words.labels.colour } : null)}
            />
          </h3>
          {words.names && (
            <>
              <GroupFields
                of="Names"
                only={['align']}
                value={words.names}
                onChange={(part) => change('names', { ...words.names!, ...part })}
              />
              <StyleFields piece={piece} at={styleOfPart(chart, 'names')} />
            </>
          )}
        </section>
        <AxisFields piece={piece} chart={chart} columnName={columnName} onChange={(axis) => change('axis', axis)} />
      </div>
      <div className="fields">
        <section data-part="Centre">
          <h3>
            <Switch
              label={settings.Centre.label}
              value={words.centre !== null}
              onChange={(on) => change('centre', on ? { ...first.Centre, caption: COLUMN } : null)}
            />
          </h3>
          {words.centre && (
            <>
              <GroupFields
                of="Centre"
                only={['figure', 'caption', 'prefix', 'suffix']}
                value={words.centre}
                slots={{
                  figure: (
                    <Pick
                      label={FIGURE.label}
                      value={words.centre.figure ?? ''}
                      options={[
                        ['', FIGURE.none ?? ''],
                        ...rows.map(({ id, label: name }): [string, string] => [id, name || id]),
                      ]}
                      onChange={(figure) =>
                        change('centre', { ...words.centre!, figure: figure === '' ? null : figure })
                      }
                    />
                  ),
                  caption: (
                    <BoundField
                      label={CAPTION.label}
                      value={words.centre.caption}
                      table={tableOf(piece, chart)}
                      longest={CAPTION.longest ?? 0}
                      onChange={(caption) => change('centre', { ...words.centre!, caption })}
                    />
                  ),
                }}
                onChange={(part) => change('centre', { ...words.centre!, ...part })}
              />
              <StyleFields piece={piece} at={styleOfPart(chart, 'centre')} />
            </>
          )}
        </section>
        <Captions piece={piece} />
      </div>
    </>
  );
}
