import { Pick, Switch } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import { TextField } from '../../fields/TextField';
import { copyChart, removeChart, setGroup, shiftChart } from '../../piece/charts';
import type { Chart, Piece } from '../../piece/document';
import { useDesk } from '../deskStore';
import { editPlaces } from '../placesNow';
import { usePlay } from '../playStore';
import { chartName } from '../useChart';
import { useChartEdit } from '../useChartEdit';
import { DriftFields } from './DriftFields';
import { PlacedBy } from './PlacedBy';

/** A chart as a whole: where it stands, how large, how turned, before or behind which others. */
export function ChartDetails({ piece, chart }: { piece: Piece; chart: Chart }) {
  const edit = useDesk((state) => state.edit);
  const change = useChartEdit(chart);
  const place = useDesk((state) => state.computed?.sheet.places[chart.id]);
  const sheets = useDesk((state) => state.computed?.sheet.charts);
  const keyed = sheets?.[chart.id]?.keyed;
  const index = piece.charts.indexOf(chart);
  const isKeyed = (name: string): boolean => keyed !== undefined && name in keyed;
  const axes = sheets?.[chart.id]?.axes;
  // Those whose scale runs the same way, and that do not stand on another's themselves.
  const others = piece.charts.filter(
    (other) =>
      other.id !== chart.id &&
      !other.axisOf &&
      axes &&
      sheets?.[other.id]?.axes === axes &&
      !piece.charts.some(({ axisOf }) => axisOf === chart.id),
  );
  return (
    <>
      <div className="details-head">
        <i className="bi bi-pie-chart" aria-hidden="true" /> <strong>{chartName(piece, chart)}</strong>
      </div>
      <div className="fields one-column">
        <TextField
          label="name"
          value={chart.name ?? ''}
          placeholder={chartName(piece, { ...chart, name: undefined })}
          longest={80}
          onChange={(name) =>
            change((draft) => {
              if (name.trim() === '') delete draft.name;
              else draft.name = name;
            })
          }
        />
        {others.length > 0 && (
          <Pick
            label="axis"
            value={chart.axisOf ?? ''}
            options={[
              ['', 'its own'],
              ...others.map((other): [string, string] => [other.id, `that of ${chartName(piece, other)}`]),
            ]}
            onChange={(other) =>
              change((draft) => {
                if (other) draft.axisOf = other;
                else delete draft.axisOf;
              })
            }
          />
        )}
        {place && !chart.axisOf && (
          <>
            <PlacedBy keys={[chart.id]} places={[place]} />
            <NumberField
              label="across"
              unit="pixels"
              value={place.x}
              min={-8000}
              max={8000}
              step={2}
              isKeyed={isKeyed('x')}
              onChange={(x) => editPlaces([chart.id], () => ({ x }))}
            />
            <NumberField
              label="down"
              unit="pixels"
              value={place.y}
              min={-8000}
              max={8000}
              step={2}
              isKeyed={isKeyed('y')}
              onChange={(y) => editPlaces([chart.id], () => ({ y }))}
            />
            <NumberField
              label="size"
              unit="fraction"
              value={place.size}
              min={0.02}
              max={20}
              usual={1}
              isKeyed={isKeyed('size')}
              onChange={(size) => editPlaces([chart.id], () => ({ size }))}
            />
            <NumberField
              label="turn"
              unit="degrees"
              value={place.turn ?? 0}
              min={-3600}
              max={3600}
              usual={0}
              isKeyed={isKeyed('turn')}
              onChange={(turn) => editPlaces([chart.id], () => ({ turn }))}
            />
          </>
        )}
        <DriftFields
          drift={chart.drift}
          onChange={(drift) =>
            change((draft) => {
              if (drift) draft.drift = drift;
              else delete draft.drift;
            })
          }
        />
        <Switch
          label="on the stage"
          value={!chart.hidden}
          onChange={(on) =>
            change((draft) => {
              if (on) delete draft.hidden;
              else draft.hidden = true;
            })
          }
        />
        {piece.charts.length > 1 && (
          <>
            <Pick
              label="comes in"
              value={chart.entrance?.with ? `${chart.entrance.joins ?? 'together'} ${chart.entrance.with}` : ''}
              options={[
                ['', 'by its own order'],
                ...piece.charts
                  .filter(({ id, entrance }) => id !== chart.id && !entrance?.with)
                  .flatMap((other): [string, string][] => [
                    [`together ${other.id}`, `with ${chartName(piece, other)}`],
                    [`after ${other.id}`, `after ${chartName(piece, other)}`],
                  ]),
              ]}
              onChange={(chosen) =>
                change((draft) => {
                  const [joins, other] = chosen.split(' ');
                  if (!draft.entrance) draft.entrance = structuredClone(piece.charts[0].entrance);
                  if (!draft.entrance) return;
                  if (other) Object.assign(draft.entrance, { with: other, joins });
                  else {
                    delete draft.entrance.with;
                    delete draft.entrance.joins;
                  }
                })
              }
            />
            <div className="offer-row">
              <button
                type="button"
                className="text-button"
                disabled={index === piece.charts.length - 1}
                onClick={() => edit((draft) => shiftChart(draft, chart.id, 1))}
              >
                <i className="bi bi-front" aria-hidden="true" /> forward
              </button>
              <button
                type="button"
                className="text-button"
                disabled={index === 0}
                onClick={() => edit((draft) => shiftChart(draft, chart.id, -1))}
              >
                <i className="bi bi-back" aria-hidden="true" /> back
              </button>
            </div>
          </>
        )}
        {chart.group && (
          <button
            type="button"
            className="text-button"
            onClick={() =>
              edit((draft) =>
                setGroup(
                  draft,
                  [...draft.charts, ...draft.words].filter(({ group }) => group === chart.group).map(({ id }) => id),
                  false,
                ),
              )
            }
          >
            <i className="bi bi-union" aria-hidden="true" /> no longer together with others
          </button>
        )}
        <button
          type="button"
          className="text-button"
          onClick={() => {
            let made: string | null = null;
            edit((draft) => {
              made = copyChart(draft, chart.id);
            });
            if (made) usePlay.getState().select({ kind: 'chart', chart: made });
          }}
        >
          <i className="bi bi-copy" aria-hidden="true" /> a copy of it
        </button>
        <button
          type="button"
          className="text-button"
          disabled={piece.charts.length < 2}
          title={piece.charts.length < 2 ? 'It is the only chart of this piece.' : undefined}
          onClick={() => {
            usePlay.getState().select(null);
            edit((draft) => removeChart(draft, chart.id));
          }}
        >
          <i className="bi bi-x-lg" aria-hidden="true" /> take the chart out
        </button>
      </div>
    </>
  );
}
