import { Switch } from '../../fields/Choice';
import { tableOf } from '../../piece/changes';
import type { Chart, Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { ChangeList } from '../details/ChangeList';
import { useChartEdit } from '../useChartEdit';
import { copyPart } from '../useClipboard';
import { useProperties } from '../useForms';
import { RunFields } from './RunFields';
import { first } from '../../settings/settings';
import { MotionFields } from './MotionFields';

/** How the parts come in and leave where they have no move of their own. */
export function MotionFace({ piece, chart }: { piece: Piece; chart: Chart }) {
  const edit = useChartEdit(chart);
  const sheet = useDesk((state) => state.computed?.sheet.charts[chart.id]);
  const properties = useProperties(chart.form.kind);
  // Several columns side by side are all there already; and of one column there is no other to change to.
  // One that runs goes through all of them by itself.
  const hasOther = !chart.run && (chart.series?.length ?? 0) < 2 && (tableOf(piece, chart)?.columns.length ?? 1) > 1;
  const offered = (properties?.chart ?? []).filter(({ kind }) => kind !== 'column' || hasOther);
  return (
    <div className="fields motion-face">
      <section data-part="entrance">
        <h3>
          <Switch
            label="Entrance"
            value={chart.entrance !== null}
            onChange={(on) =>
              edit((draft) => {
                draft.entrance = on ? first.ChartMotion : null;
              })
            }
          />
        </h3>
        {chart.entrance?.with ? (
          <p className="hint">
            This chart follows another chart’s order. Set which one, and whether it enters with or after it, in the
            chart details.{' '}
            <button
              type="button"
              className="text-button"
              onClick={() => usePlay.getState().select({ kind: 'chart', chart: chart.id })}
            >
              Open chart details
            </button>
          </p>
        ) : chart.entrance ? (
          <MotionFields
            kind="entrance"
            chart={chart}
            motion={chart.entrance}
            onChange={(motion) =>
              edit((draft) => {
                draft.entrance = motion;
              })
            }
          />
        ) : (
          <p className="hint">All parts are visible from the first frame, except parts with their own entrance.</p>
        )}
      </section>
      <section data-part="exit">
        <h3>
          <Switch
            label="Exit"
            value={chart.exit !== null}
            onChange={(on) =>
              edit((draft) => {
                draft.exit = on
                  ? { ...first.ChartMotion, order: 'together', begin: Math.max(0, piece.stage.frames - 30) }
                  : null;
              })
            }
          />
        </h3>
        {chart.exit ? (
          <MotionFields
            kind="exit"
            chart={chart}
            motion={chart.exit}
            onChange={(motion) =>
              edit((draft) => {
                draft.exit = motion;
              })
            }
          />
        ) : (
          <p className="hint">All parts stay until the end.</p>
        )}
      </section>
      <section className="span-all">
        <h3>
          Chart changes
          <button
            type="button"
            className="text-button ms-auto"
            title="Copy, then paste onto another chart"
            onClick={() => void copyPart({ lupine: 'motion', entrance: chart.entrance, exit: chart.exit })}
          >
            <i className="bi bi-copy" aria-hidden="true" /> Copy entrance and exit
          </button>
        </h3>
        <ChangeList
          piece={piece}
          target={{ chart: chart.id }}
          properties={offered}
          // Coats are changed where they are seen, on the Finish face.
          only={({ name }) => !name.startsWith('finish.') && !name.startsWith('words.')}
          sheet={sheet?.changes ?? []}
          keyed={sheet?.keyed ?? {}}
          first={(property) => firstOf(chart, property.name, property.default)}
          table={tableOf(piece, chart)}
        />
      </section>
      <RunFields key={chart.id} piece={piece} chart={chart} />
    </div>
  );
}

/** What a property of the chart is where nothing changes it. */
function firstOf(chart: Chart, name: string, usual: number): number | string {
  if (name === 'column') return chart.column;
  if (name === 'x' || name === 'y') return chart.place[name];
  if (name === 'size' || name === 'turn') return chart.place[name] ?? usual;
  const setting = name.startsWith('form.') ? chart.form[name.slice('form.'.length)] : undefined;
  return typeof setting === 'number' || typeof setting === 'string' ? setting : usual;
}
