import { Choice, Pick, Switch } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import { isBound } from '../../piece/bound';
import { moveOf, ownMove, removeMove, removeWords, setRole, setWordsText, tableOf } from '../../piece/changes';
import type { FreeText, Move, Piece } from '../../piece/document';
import { useDesk } from '../deskStore';
import { StyleFields } from '../faces/StyleFields';
import { editPlaces } from '../placesNow';
import { usePlay } from '../playStore';
import { chartName } from '../useChart';
import { useProperties } from '../useForms';
import { BoundField } from './BoundField';
import { ChangeList } from './ChangeList';
import { DriftFields } from './DriftFields';
import { MoveFields } from './MoveFields';
import { PlacedBy } from './PlacedBy';

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
  const sides: Move['kind'][] = ['entrance', 'exit'];
  return (
    <>
      <div className="details-head">
        <i className="bi bi-type" aria-hidden="true" /> <strong>Title</strong>
      </div>
      <div className="fields one-column">
        <BoundField
          label="says"
          value={words.text}
          table={followed && tableOf(piece, followed)}
          longest={500}
          rows={2}
          onChange={(text) => useDesk.getState().edit((draft) => setWordsText(draft, wordsId, text))}
        />
        {isBound(words.text) && piece.charts.length > 1 && (
          <Pick
            label="follows"
            value={followed?.id ?? ''}
            options={piece.charts.map((chart): [string, string] => [chart.id, chartName(piece, chart)])}
            onChange={(chart) => change({ momentOf: chart })}
          />
        )}
        <Pick
          label="is the"
          value={words.role ?? 'note'}
          options={[
            ['title', 'title'],
            ['subtitle', 'line below the title'],
            ['source', 'source line'],
            ['note', 'note'],
          ]}
          onChange={(role) => useDesk.getState().edit((draft) => setRole(draft, wordsId, role))}
        />
        {place && (
          <>
            {(words.role ?? 'note') !== 'note' && <PlacedBy keys={[wordsId]} places={[place]} />}
            <NumberField
              label="across"
              unit="pixels"
              value={place.x}
              isKeyed={sheet !== undefined && 'x' in sheet.keyed}
              min={-8000}
              max={8000}
              step={2}
              onChange={(x) => editPlaces([wordsId], () => ({ x }))}
            />
            <NumberField
              label="down"
              unit="pixels"
              value={place.y}
              isKeyed={sheet !== undefined && 'y' in sheet.keyed}
              min={-8000}
              max={8000}
              step={2}
              onChange={(y) => editPlaces([wordsId], () => ({ y }))}
            />
            <NumberField
              label="width"
              unit="pixels"
              value={place.width ?? words.width}
              min={20}
              max={8000}
              step={10}
              onChange={(width) => editPlaces([wordsId], () => ({ width }))}
            />
          </>
        )}
        <Choice
          label="align"
          value={words.align}
          options={[
            ['left', 'left'],
            ['middle', 'middle'],
            ['right', 'right'],
          ]}
          onChange={(align) => change({ align })}
        />
        <StyleFields style={words} onChange={(style) => change(style)} />
        <Switch label="capital letters" value={words.upperCase} onChange={(upperCase) => change({ upperCase })} />
        <DriftFields drift={words.drift} onChange={(drift) => change({ drift: drift ?? undefined })} />
        <Switch
          label="on the stage"
          value={!words.hidden}
          onChange={(on) => change({ hidden: on ? undefined : true })}
        />
        <Pick
          label="points at"
          value={words.pointsAt ? `${words.pointsAt.chart} ${words.pointsAt.figure}` : ''}
          options={[
            ['', 'nothing'],
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
        {sides.map((kind) => {
          const move = moveOf(piece, kind, { words: wordsId });
          return (
            <div key={kind} className="sub-fields">
              <Switch
                label={kind === 'entrance' ? 'comes in' : 'leaves'}
                value={move !== undefined}
                onChange={(on) =>
                  edit((draft) => {
                    if (on)
                      ownMove(
                        draft,
                        kind,
                        { words: wordsId },
                        {
                          begin: kind === 'entrance' ? 0 : Math.max(0, draft.stage.frames - 24),
                          frames: 18,
                          curve: 'ease-out',
                          opens: 'forward',
                        },
                      );
                    else if (move) removeMove(draft, move.id);
                  })
                }
              />
              {move && (
                <MoveFields
                  piece={piece}
                  kind={kind}
                  target={{ words: wordsId }}
                  now={{
                    begin: desk?.moves[move.id]?.begin ?? move.begin,
                    frames: desk?.moves[move.id]?.frames ?? move.frames,
                    opens: move.opens,
                    manner: move.manner,
                  }}
                  usualCurve="ease-out"
                />
              )}
            </div>
          );
        })}
        <div className="sub-fields">
          <span className="soft">changes</span>
          <ChangeList
            piece={piece}
            target={{ words: wordsId }}
            properties={properties?.words ?? []}
            sheet={sheet?.changes ?? []}
            keyed={sheet?.keyed ?? {}}
            first={({ name, usual }) =>
              name === 'x' ? (place?.x ?? words.x) : name === 'y' ? (place?.y ?? words.y) : usual
            }
          />
        </div>
        <button
          type="button"
          className="text-button"
          onClick={() => {
            edit((draft) => removeWords(draft, wordsId));
            usePlay.getState().select(null);
          }}
        >
          <i className="bi bi-x-lg" aria-hidden="true" /> take the title out
        </button>
      </div>
    </>
  );
}
