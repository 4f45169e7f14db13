import { useState } from 'react';
import { Split } from '../../common/Split';
import type { Chart, Panel, Piece } from '../../../contracts/piece';
import { Pick } from '../../fields/Choice';
import { GroupFields } from '../../settings/GroupFields';
import { OneField } from '../../settings/OneField';
import { setOwn } from '../../piece/changes';
import { panelName, panelOf } from '../../piece/panels';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { figureOf } from '../sheet';
import { useChartEdit } from '../useChartEdit';
import { copyPart } from '../useClipboard';
import { CoatList } from './CoatList';
import { CoatPanel } from './CoatPanel';
import { keyOf, type Kind, type Whose } from './coats';
import { Swatches } from './Swatches';

/** The finish: its coats in a list, and beside it the one that is taken, for whatever has them. */
export function FinishFace({ piece, chart }: { piece: Piece; chart: Chart }) {
  const [chosen, setChosen] = useState<{ kind: Kind; place: number }>({ kind: 'fills', place: 0 });
  const [isOfPart, setOfPart] = useState(false);
  const sheet = useDesk((state) => state.computed?.sheet);
  const selected = usePlay(({ selection }) => selection);
  const figure =
    selected?.kind === 'figure' && selected.chart === chart.id ? figureOf(sheet, chart.id, selected.figure) : undefined;
  const panel = selected?.kind === 'panel' ? panelOf(piece, selected.panel) : undefined;
  const whose: Whose = panel
    ? { of: 'panel', panel: panel.id }
    : isOfPart && figure
      ? { of: 'part', chart: chart.id, figure: figure.id }
      : { of: 'chart', chart: chart.id };
  const ofChart = sheet?.charts[chart.id]?.figures[0]?.colour ?? chart.finish.swatches[0];
  const colour = panel?.colour ?? (whose.of === 'part' && figure ? figure.colour : ofChart);
  const onChoose = (kind: Kind, place: number): void => setChosen({ kind, place });
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
            <div className="bench-face finish-list">
              <CoatList piece={piece} whose={whose} colour={colour} chosen={chosen} onChoose={onChoose} />
            </div>
          ),
        },
        {
          id: 'coat',
          least: '300px',
          content: (
            <div className="bench-face finish-coat">
              <div className="finish-whose">
                <div className="choice" role="group" aria-label="Finish of">
                  <WhoseButton
                    isOn={whose.of === 'chart'}
                    onClick={() => {
                      setOfPart(false);
                      if (panel) usePlay.getState().select({ kind: 'chart', chart: chart.id });
                    }}
                  >
                    All parts
                  </WhoseButton>
                  {figure && (
                    <WhoseButton isOn={whose.of === 'part'} onClick={() => setOfPart(true)}>
                      {figure.label || 'This part'}
                    </WhoseButton>
                  )}
                </div>
                <PanelPick piece={piece} panel={panel} />
                {!figure && !panel && <span className="soft">Select a part to give it its own</span>}
                {whose.of !== 'panel' && (
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
              {chosen.kind === 'fills' && <Colours chart={chart} whose={whose} colour={colour} panel={panel} />}
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

/** The colours that the coats begin with: swatches, that of the part, or that of the panel. */
function Colours({
  chart,
  whose,
  colour,
  panel,
}: {
  chart: Chart;
  whose: Whose;
  colour: string;
  panel: Panel | undefined;
}) {
  const edit = useChartEdit(chart);
  const editPiece = useDesk((state) => state.edit);
  if (whose.of === 'chart') return <Swatches chart={chart} edit={edit} />;
  return (
    <div className="finish-colours">
      {whose.of === 'part' ? (
        <GroupFields
          of="Own"
          only={['colour']}
          value={chart.own[whose.figure] ?? {}}
          colour={colour}
          onChange={(part) => edit((draft) => setOwn(draft, whose.figure, part))}
        />
      ) : (
        panel && (
          <OneField
            of="Panel"
            name="colour"
            value={panel.colour}
            onChange={(to) =>
              editPiece((draft) => {
                const one = panelOf(draft, panel.id);
                if (one) one.colour = to;
              })
            }
          />
        )
      )}
    </div>
  );
}

/** The panels of the piece, to give one of them its coats. */
function PanelPick({ piece, panel }: { piece: Piece; panel: Panel | undefined }) {
  const panels = piece.panels ?? [];
  if (panels.length === 0) return null;
  return (
    <Pick
      label="Panel"
      value={panel?.id ?? ''}
      options={[['', 'None'], ...panels.map((one): [string, string] => [one.id, panelName(one)])]}
      onChange={(id) => usePlay.getState().select(id === '' ? null : { kind: 'panel', panel: id })}
    />
  );
}

function WhoseButton({ isOn, onClick, children }: { isOn: boolean; onClick: () => void; children: string }) {
  return (
    <button type="button" className={`btn${isOn ? ' is-on' : ''}`} aria-pressed={isOn} onClick={onClick}>
      {children}
    </button>
  );
}
