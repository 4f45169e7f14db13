import { isBound } from '../../piece/bound';
import { styleOfText } from '../../piece/styles';
import { setRole, setWordsText, tableOf } from '../../piece/changes';
import type { FreeText, Piece } from '../../../contracts/piece';
import { act } from '../act';
import { useDesk } from '../deskStore';
import { editPlaces } from '../placesNow';
import { usePlay } from '../playStore';
import { chartName } from '../useChart';
import { useProperties } from '../useForms';
import { BoundField } from './BoundField';
import { ChangeList } from './ChangeList';
import { DriftFields } from './DriftFields';
import { ComesAndGoes } from './ComesAndGoes';
import { StyleFields } from '../faces/StyleFields';
import { PlacedBy } from './PlacedBy';
import { Count, Fold } from '../../common/Fold';
import { Pick, Switch } from '../../fields/Choice';
import { GroupFields } from '../../settings/GroupFields';
import { OneField } from '../../settings/OneField';
import { settingOf } from '../../settings/settings';

const TEXT = settingOf('FreeText', 'text');

/** so many marks of a chart can be pointed at from a list */
const MOST = 100;

/** A title: what it says, where it stands, how it is set, when it comes and goes. */
export function WordsDetails({ piece, wordsId }: { piece: Piece; wordsId: string }) {
  const edit = useDesk((state) => state.edit);
  const words = piece.words.find(({ id }) => id === wordsId);
  const properties = useProperties(piece.charts[0]?.form.kind ?? 'pie');
  const desk = useDesk((state) => state.computed?.sheet);
  const sheet = desk?.words?.[wordsId];
  const place = useDesk((state) => state.computed?.sheet.places[wordsId]);
  const charts = useDesk((state) => state.computed?.sheet.charts);
  if (!words) return null;
  const followed = piece.charts.find(({ id }) => id === words.momentOf) ?? piece.charts[0];
  const change = (part: Partial<FreeText>): void =>
    edit((draft) => {
      const one = draft.words.find(({ id }) => id === wordsId);
      if (one) Object.assign(one, part);
    });
  return (
    <>
      <div className="details-head">
        <i className="bi bi-type" aria-hidden="true" /> <strong>Title</strong>
      </div>
      <div className="fields one-column">
        <BoundField
          label={TEXT.label}
          value={words.text}
          table={followed && tableOf(piece, followed)}
          longest={TEXT.longest ?? 0}
          rows={2}
          onChange={(text) => useDesk.getState().edit((draft) => setWordsText(draft, wordsId, text))}
        />
        {words.guessed && (
          <p className="guessed">
            Guessed from the table.{' '}
            <button
              type="button"
              className="text-button is-link"
              onClick={() =>
                edit((draft) => {
                  const one = draft.words.find(({ id }) => id === wordsId);
                  delete one?.guessed;
                })
              }
            >
              Keep it
            </button>
          </p>
        )}
        {isBound(words.text) && piece.charts.length > 1 && (
          <Pick
            label="Follows"
            value={followed?.id ?? ''}
            options={piece.charts.map((chart): [string, string] => [chart.id, chartName(piece, chart)])}
            onChange={(chart) => change({ momentOf: chart })}
          />
        )}
        <OneField
          of="FreeText"
          name="role"
          value={words.role}
          onChange={(role) => useDesk.getState().edit((draft) => setRole(draft, wordsId, role))}
        />
        <Pick
          label="Pointer to"
          value={words.pointsAt ? `${words.pointsAt.chart} ${words.pointsAt.figure}` : ''}
          options={[
            ['', 'None'],
            ...piece.charts.flatMap((chart) =>
              (charts?.[chart.id]?.figures ?? [])
                .slice(0, MOST)
                .map((figure): [string, string] => [
                  `${chart.id} ${figure.id}`,
                  piece.charts.length > 1 ? `${figure.label}, ${chartName(piece, chart)}` : figure.label,
                ]),
            ),
          ]}
          onChange={(chosen) => {
            const [chart, figure] = chosen.split(' ');
            change({ pointsAt: figure ? { chart, figure } : null });
          }}
        />
        <Switch label="Visible" value={!words.hidden} onChange={(on) => change({ hidden: on ? undefined : true })} />
      </div>
      <Fold name="text-type" label="Type" isUsual>
        <div className="fields one-column">
          <GroupFields of="FreeText" only={['align']} value={words} onChange={change} />
          <StyleFields piece={piece} at={styleOfText(wordsId)} keyed={sheet?.keyed} />
          <GroupFields of="FreeText" only={['arc']} value={words} onChange={change} />
        </div>
      </Fold>
      <Fold name="text-place" label="Place" isUsual={(words.role ?? 'note') === 'note'}>
        <div className="fields one-column">
          {place && (
            <>
              {(words.role ?? 'note') !== 'note' && <PlacedBy keys={[wordsId]} places={[place]} />}
              {(['x', 'y'] as const).map((name) => (
                <OneField
                  key={name}
                  of="FreeText"
                  name={name}
                  value={place[name]}
                  isKeyed={sheet !== undefined && name in sheet.keyed}
                  onChange={(to) => editPlaces([wordsId], () => ({ [name]: to }))}
                />
              ))}
              <OneField
                of="FreeText"
                name="width"
                value={place.width ?? words.width}
                onChange={(width) => editPlaces([wordsId], () => ({ width }))}
              />
            </>
          )}
          <DriftFields drift={words.drift} onChange={(drift) => change({ drift: drift ?? undefined })} />
        </div>
      </Fold>
      <Fold name="text-moves" label="Entrance and exit" isUsual>
        <div className="fields one-column">
          <ComesAndGoes piece={piece} target={{ words: wordsId }} />
        </div>
      </Fold>
      <Fold name="text-changes" label="Changes" count={<Count of={(sheet?.changes ?? []).length} />}>
        <div className="fields one-column">
          <ChangeList
            piece={piece}
            target={{ words: wordsId }}
            only={({ name }) => !name.includes('.')}
            properties={properties?.words ?? []}
            sheet={sheet?.changes ?? []}
            keyed={sheet?.keyed ?? {}}
            first={({ name, default: usual }) =>
              ({ x: place?.x ?? words.x, y: place?.y ?? words.y, colour: words.colour ?? '#ffffff' })[name] ?? usual
            }
          />
        </div>
      </Fold>
      <div className="fields one-column">
        <button
          type="button"
          className="text-button"
          onClick={() => {
            usePlay.getState().select(null);
            void act('remove-things', { charts: [], words: [wordsId] });
          }}
        >
          <i className="bi bi-x-lg" aria-hidden="true" /> Remove title
        </button>
      </div>
    </>
  );
}
