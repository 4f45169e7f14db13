import type { CSSProperties } from 'react';
import { Split } from '../../common/Split';
import type { Chart, Piece } from '../../../contracts/piece';
import { GroupFields } from '../../settings/GroupFields';
import { OneField } from '../../settings/OneField';
import { setOwn } from '../../piece/changes';
import { panelOf } from '../../piece/panels';
import { styleAt } from '../../piece/styles';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { figureOf } from '../sheet';
import { useChartEdit } from '../useChartEdit';
import { copyPart } from '../useClipboard';
import { AccentField } from './AccentField';
import { CoatList } from './CoatList';
import { CoatPanel } from './CoatPanel';
import { keyOf, type Kind, type Whose } from './coats';
import { Swatches } from './Swatches';
import { finishesOf, nameOf, whoseNow } from './whose';

/** The finish: its coats in a list, and beside it the one that is taken, for whatever has them. */
export function FinishFace({ piece, chart }: { piece: Piece; chart: Chart }) {
  const chosen = usePlay((state) => state.coat);
  const sheet = useDesk((state) => state.computed?.sheet);
  const selection = usePlay((state) => state.selection);
  const finishOf = usePlay((state) => state.finishOf);
  const figure =
    selection?.kind === 'figure' && selection.chart === chart.id
      ? figureOf(sheet, chart.id, selection.figure)
      : undefined;
  const whose = whoseNow(piece, chart, selection, finishOf, sheet);
  const look = (of: string): void => usePlay.getState().set({ finishOf: of });
  const ofChart = sheet?.charts[chart.id]?.figures[0]?.colour ?? chart.finish.swatches[0];
  const colour = colourOf(piece, whose) ?? (whose.of === 'part' && figure ? figure.colour : ofChart);
  // What is light is seen on the ground that it stands on.
  const isOfMarks = whose.of === 'chart' || whose.of === 'part';
  const ground = isOfMarks ? undefined : ({ '--coat-ground': piece.backdrop.colour } as CSSProperties);
  const onChoose = (kind: Kind, place: number): void => usePlay.getState().set({ coat: { kind, place } });
  return (
    <Split
      id="bench-finish"
      label="Resize the list of coats"
      parts={[
        {
          id: 'coats',
          usual: '268px',
          least: '240px',
          keepsSize: true,
          content: (
            <div className="bench-face finish-list" style={ground}>
              <CoatList piece={piece} whose={whose} colour={colour} chosen={chosen} onChoose={onChoose} />
              <AccentField chart={chart} />
            </div>
          ),
        },
        {
          id: 'coat',
          least: '300px',
          content: (
            <div className="bench-face finish-coat" style={ground}>
              <div className="finish-whose">
                <div className="choice" role="group" aria-label="Finish of">
                  <WhoseButton isOn={whose.of === 'chart'} onClick={() => look('parts')}>
                    All parts
                  </WhoseButton>
                  {!figure && (
                    <button type="button" className="btn" disabled title="Select a part to give it its own">
                      One part
                    </button>
                  )}
                  {figure && (
                    <WhoseButton isOn={whose.of === 'part'} onClick={() => look('part')}>
                      {figure.label || 'This part'}
                    </WhoseButton>
                  )}
                </div>
                <select
                  className="form-select form-select-sm finish-other"
                  aria-label="Finish of tracks, words or a panel"
                  value={nameOf(whose)}
                  onChange={({ target: { value } }) => look(value || 'parts')}
                >
                  <option value="">Words and panels…</option>
                  {finishesOf(piece, chart).map(([name, word]) => (
                    <option key={name} value={name}>
                      {word}
                    </option>
                  ))}
                </select>
                {whose.of === 'chart' && (
                  <button
                    type="button"
                    className="text-button ms-auto"
                    title="Copy, then paste onto another chart"
                    onClick={() => void copyPart({ lupine: 'finish', finish: chart.finish })}
                  >
                    <i className="bi bi-copy" aria-hidden="true" /> Copy finish
                  </button>
                )}
              </div>
              {chosen.kind === 'fills' && <Colours piece={piece} chart={chart} whose={whose} colour={colour} />}
              <CoatPanel
                key={`${keyOf(whose)}-${chosen.kind}`}
                piece={piece}
                whose={whose}
                colour={colour}
                kind={chosen.kind}
                place={chosen.place}
                onChoose={onChoose}
              />
            </div>
          ),
        },
      ]}
    />
  );
}

/** words that are dark or light by themselves, in the small pictures */
const LIGHT = '#ffffff';

/** The colour that the coats of a panel, of words or of a plate begin with. */
function colourOf(piece: Piece, whose: Whose): string | undefined {
  if (whose.of === 'panel') return panelOf(piece, whose.panel)?.colour;
  if (whose.of === 'words') return styleAt(piece, whose.at)?.colour ?? LIGHT;
  return whose.of === 'plate' ? styleAt(piece, whose.at)?.plate?.colour : undefined;
}

/** The colours that the coats begin with: swatches, that of the part, of the panel, of the words or of their plate. */
function Colours({ piece, chart, whose, colour }: { piece: Piece; chart: Chart; whose: Whose; colour: string }) {
  const edit = useChartEdit(chart);
  const editPiece = useDesk((state) => state.edit);
  if (whose.of === 'chart') return <Swatches chart={chart} edit={edit} />;
  const style = 'at' in whose ? styleAt(piece, whose.at) : null;
  return (
    <div className="finish-colours">
      {whose.of === 'part' && (
        <GroupFields
          of="Own"
          only={['colour']}
          value={chart.own[whose.figure] ?? {}}
          colour={colour}
          onChange={(part) => edit((draft) => setOwn(draft, whose.figure, part))}
        />
      )}
      {whose.of === 'accent' && (
        <GroupFields
          of="Accent"
          only={['colour', 'out']}
          value={chart.finish.accent ?? {}}
          colour={colour}
          onChange={(part) =>
            edit((draft) => {
              draft.finish.accent = { ...draft.finish.accent, ...part };
            })
          }
        />
      )}
      {whose.of === 'tracks' && (
        <GroupFields
          of="Track"
          only={['colour', 'opacity']}
          value={chart.finish.tracks ?? {}}
          colour={colour}
          onChange={(part) =>
            edit((draft) => {
              draft.finish.tracks = { ...draft.finish.tracks, ...part };
            })
          }
        />
      )}
      {whose.of === 'panel' && (
        <OneField
          of="Panel"
          name="colour"
          value={colour}
          onChange={(to) =>
            editPiece((draft) => {
              const one = panelOf(draft, whose.panel);
              if (one) one.colour = to;
            })
          }
        />
      )}
      {whose.of === 'words' && style && (
        <GroupFields
          of="Names"
          only={['colour']}
          value={style}
          onChange={({ colour: to }) =>
            editPiece((draft) => {
              const one = styleAt(draft, whose.at);
              if (one) one.colour = to;
            })
          }
        />
      )}
      {whose.of === 'plate' && (
        <OneField
          of="Plate"
          name="colour"
          value={colour}
          onChange={(to) =>
            editPiece((draft) => {
              const plate = styleAt(draft, whose.at)?.plate;
              if (plate) plate.colour = to;
            })
          }
        />
      )}
    </div>
  );
}

function WhoseButton({ isOn, onClick, children }: { isOn: boolean; onClick: () => void; children: string }) {
  return (
    <button type="button" className={`btn${isOn ? ' is-on' : ''}`} aria-pressed={isOn} onClick={onClick}>
      {children}
    </button>
  );
}
