import { aroundOf, movePanel, panelName, panelOf, type Around } from '../../piece/panels';
import { namedText } from '../../piece/bound';
import type { Panel, Piece } from '../../../contracts/piece';
import { Pick, Switch } from '../../fields/Choice';
import { GroupFields } from '../../settings/GroupFields';
import { OneField } from '../../settings/OneField';
import { settingOf } from '../../settings/settings';
import { act } from '../act';
import { useDesk } from '../deskStore';
import { editPlaces } from '../placesNow';
import { usePlay } from '../playStore';
import { chartName } from '../useChart';
import { useProperties } from '../useForms';
import { ChangeList } from './ChangeList';
import { ComesAndGoes } from './ComesAndGoes';
import { DriftFields } from './DriftFields';
import { PlacedBy } from './PlacedBy';
import { Count, Fold } from '../../common/Fold';

const PLACES = ['x', 'y', 'width', 'height', 'turn'] as const;

/** A panel: its shape, where it stands or what it lies around, when it comes and goes. */
export function PanelDetails({ piece, panelId }: { piece: Piece; panelId: string }) {
  const edit = useDesk((state) => state.edit);
  const panel = panelOf(piece, panelId);
  const sheet = useDesk((state) => state.computed?.sheet.panels[panelId]);
  const place = useDesk((state) => state.computed?.sheet.places[panelId]);
  const properties = useProperties(piece.charts[0]?.form.kind ?? 'pie');
  if (!panel) return null;
  const change = (part: Partial<Panel>): void =>
    edit((draft) => {
      const one = panelOf(draft, panelId);
      if (one) Object.assign(one, part);
    });
  const names: Record<string, string> = Object.fromEntries(
    aroundOf(piece).map(({ key, kind, id }) => [key, aroundName(piece, kind, id)]),
  );
  return (
    <>
      <div className="details-head">
        <i className="bi bi-square" aria-hidden="true" /> <strong>{panelName(panel)}</strong>
      </div>
      <div className="fields one-column">
        <OneField of="Panel" name="kind" value={panel.kind} onChange={(kind) => change({ kind })} />
        <OneField of="Panel" name="colour" value={panel.colour} onChange={(colour) => change({ colour })} />
        <button
          type="button"
          className="text-button"
          onClick={() => usePlay.getState().set({ face: 'Finish' })}
          title="Gradients, textures, lines, light and shadow"
        >
          <i className="bi bi-layers" aria-hidden="true" /> Edit its finish
        </button>
        <GroupFields of="Panel" only={['radius', 'thickness']} value={panel} keyed={sheet?.keyed} onChange={change} />
        <Switch label="Visible" value={!panel.hidden} onChange={(on) => change({ hidden: on ? undefined : true })} />
        <OneField
          of="Panel"
          name="name"
          value={panel.name}
          placeholder={panelName({ ...panel, name: '' })}
          onChange={(name) => change({ name })}
        />
      </div>
      <Fold name="panel-place" label="Place" isUsual>
        <div className="fields one-column">
          <OneField of="Panel" name="stands" value={panel.stands} onChange={(stands) => change({ stands })} />
          <div className="offer-row">
            <button
              type="button"
              className="text-button"
              onClick={() => edit((draft) => movePanel(draft, panelId, 1))}
              title="In front of the next panel"
            >
              <i className="bi bi-layer-forward" aria-hidden="true" /> Forward
            </button>
            <button
              type="button"
              className="text-button"
              onClick={() => edit((draft) => movePanel(draft, panelId, -1))}
              title="Behind the next panel"
            >
              <i className="bi bi-layer-backward" aria-hidden="true" /> Back
            </button>
          </div>
          <Pick
            label="Around"
            value={panel.around ?? ''}
            options={[
              ['', 'Nothing'],
              ...Object.entries(names),
              ...(panel.around && !(panel.around in names) ? [[panel.around, 'Removed'] as [string, string]] : []),
            ]}
            onChange={(around) =>
              edit((draft) => {
                const one = panelOf(draft, panelId);
                if (!one) return;
                if (around !== '') one.around = around;
                else {
                  // It stays where it lies.
                  Object.assign(one, place && { x: place.x, y: place.y, width: place.width, height: place.height });
                  delete one.around;
                }
              })
            }
          />
          {panel.around && (
            <OneField of="Panel" name="padding" value={panel.padding} onChange={(padding) => change({ padding })} />
          )}
          {place && (
            <>
              {place.by === 'own' && <PlacedBy keys={[panelId]} places={[place]} />}
              {PLACES.filter((name) => name === 'turn' || !panel.around).map((name) => (
                <OneField
                  key={name}
                  of="Panel"
                  name={name}
                  value={place[name] ?? 0}
                  isKeyed={sheet !== undefined && name in sheet.keyed}
                  onChange={(to) =>
                    name === 'turn' ? change({ turn: to }) : editPlaces([panelId], () => ({ [name]: to, size: 1 }))
                  }
                />
              ))}
            </>
          )}
          <DriftFields drift={panel.drift} onChange={(drift) => change({ drift: drift ?? undefined })} />
        </div>
      </Fold>
      <Fold name="panel-moves" label="Entrance and exit" isUsual>
        <div className="fields one-column">
          <ComesAndGoes piece={piece} target={{ panel: panelId }} />
        </div>
      </Fold>
      <Fold name="panel-changes" label="Changes" count={<Count of={(sheet?.changes ?? []).length} />}>
        <div className="fields one-column">
          <ChangeList
            piece={piece}
            target={{ panel: panelId }}
            only={({ name }) => !name.includes('.')}
            properties={properties?.panel ?? []}
            sheet={sheet?.changes ?? []}
            keyed={sheet?.keyed ?? {}}
            first={({ name, default: usual }) => firstOf(panel, place, name) ?? usual}
          />
        </div>
      </Fold>
      <div className="fields one-column">
        <button
          type="button"
          className="text-button"
          onClick={() => {
            usePlay.getState().select(null);
            void act('remove-things', { charts: [], words: [], panels: [panelId] });
          }}
        >
          <i className="bi bi-x-lg" aria-hidden="true" /> Remove panel
        </button>
      </div>
    </>
  );
}

function aroundName(piece: Piece, kind: Around, id: string): string {
  if (kind === 'all') return 'Everything';
  if (kind === 'stage') return 'The stage';
  const words = piece.words.find((one) => one.id === id);
  if (words) return namedText(piece, words) || 'Empty title';
  const chart = piece.charts.find((one) => one.id === id);
  const name = chart ? chartName(piece, chart) : id;
  return kind === 'legend' ? `Legend of ${name}` : `Chart: ${name}`;
}

/** What a property is where nothing changes it. */
function firstOf(panel: Panel, place: object | undefined, name: string): number | string | undefined {
  const said: unknown = { ...panel, ...place, size: 1 }[name as keyof Panel] ?? defaultOf(name);
  return typeof said === 'number' || typeof said === 'string' ? said : undefined;
}

function defaultOf(name: string): unknown {
  return name === 'size' || name === 'opacity' ? 1 : settingOf('Panel', name as keyof Panel).default;
}
