import { Pick, Switch } from '../../fields/Choice';
import { TextField } from '../../fields/TextField';
import { setGroup, shiftChart } from '../../piece/charts';
import type { Chart, Piece } from '../../../contracts/piece';
import { act } from '../act';
import { useDesk } from '../deskStore';
import { duplicate } from '../duplicate';
import { editPlaces } from '../placesNow';
import { groupOf } from '../stage/selected';
import { usePlay } from '../playStore';
import { chartName } from '../useChart';
import { useChartEdit } from '../useChartEdit';
import { DriftFields } from './DriftFields';
import { PlacedBy } from './PlacedBy';
import { OneField } from '../../settings/OneField';
import { settingOf } from '../../settings/settings';

const NAME = settingOf('Chart', 'name');

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
          label={NAME.label}
          value={chart.name ?? ''}
          placeholder={chartName(piece, { ...chart, name: undefined })}
          longest={NAME.longest}
          onChange={(name) =>
            change((draft) => {
              if (name.trim() === '') delete draft.name;
              else draft.name = name;
            })
          }
        />
        {others.length > 0 && (
          <Pick
            label="Axis"
            value={chart.axisOf ?? ''}
            options={[
              ['', 'Own axis'],
              ...others.map((other): [string, string] => [other.id, `Shared with ${chartName(piece, other)}`]),
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
            {(['x', 'y', 'size', 'turn'] as const).map((name) => (
              <OneField
                key={name}
                of="Place"
                name={name}
                value={place[name]}
                isKeyed={isKeyed(name)}
                onChange={(to) => editPlaces([chart.id], () => ({ [name]: to }))}
              />
            ))}
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
          label="Visible"
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
              label="Order"
              value={chart.entrance?.with ? `${chart.entrance.joins ?? 'together'} ${chart.entrance.with}` : ''}
              options={[
                ['', 'Own order'],
                ...piece.charts
                  .filter(({ id, entrance }) => id !== chart.id && !entrance?.with)
                  .flatMap((other): [string, string][] => [
                    [`together ${other.id}`, `With ${chartName(piece, other)}`],
                    [`after ${other.id}`, `After ${chartName(piece, other)}`],
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
                <i className="bi bi-front" aria-hidden="true" /> Bring forward
              </button>
              <button
                type="button"
                className="text-button"
                disabled={index === 0}
                onClick={() => edit((draft) => shiftChart(draft, chart.id, -1))}
              >
                <i className="bi bi-back" aria-hidden="true" /> Send back
              </button>
            </div>
          </>
        )}
        {chart.group && (
          <button
            type="button"
            className="text-button"
            onClick={() => edit((draft) => setGroup(draft, groupOf(draft, chart.id), null))}
          >
            <i className="bi bi-union" aria-hidden="true" /> Ungroup
          </button>
        )}
        <button type="button" className="text-button" onClick={() => void duplicate(chart.id)}>
          <i className="bi bi-copy" aria-hidden="true" /> Duplicate chart
        </button>
        <button
          type="button"
          className="text-button"
          disabled={piece.charts.length < 2}
          title={piece.charts.length < 2 ? 'A piece needs at least one chart.' : undefined}
          onClick={() => {
            usePlay.getState().select(null);
            void act('remove-things', { charts: [chart.id], words: [] });
          }}
        >
          <i className="bi bi-x-lg" aria-hidden="true" /> Remove chart
        </button>
      </div>
    </>
  );
}
