import { useState } from 'react';
import { Split } from '../../common/Split';
import type { Chart, Piece } from '../../../contracts/piece';
import { GroupFields } from '../../settings/GroupFields';
import { setOwn } from '../../piece/changes';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { figureOf } from '../sheet';
import { useChartEdit } from '../useChartEdit';
import { copyPart } from '../useClipboard';
import { CoatList } from './CoatList';
import { CoatPanel } from './CoatPanel';
import type { Kind } from './coats';
import { Swatches } from './Swatches';

/** The finish: its coats in a list, and beside it the one that is taken, for all parts or for the selected one. */
export function FinishFace({ piece, chart }: { piece: Piece; chart: Chart }) {
  const edit = useChartEdit(chart);
  const selected = usePlay(({ selection }) =>
    selection?.kind === 'figure' && selection.chart === chart.id ? selection.figure : null,
  );
  const sheet = useDesk((state) => state.computed?.sheet);
  const [chosen, setChosen] = useState<{ kind: Kind; place: number }>({ kind: 'fills', place: 0 });
  const [isOfPart, setOfPart] = useState(false);
  const figure = selected === null ? undefined : figureOf(sheet, chart.id, selected);
  const whose = isOfPart && figure ? figure.id : null;
  const colour = (whose && figure?.colour) || sheet?.charts[chart.id]?.figures[0]?.colour || chart.finish.swatches[0];
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
              <CoatList chart={chart} whose={whose} colour={colour} chosen={chosen} onChoose={onChoose} edit={edit} />
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
                  <WhoseButton isOn={whose === null} onClick={() => setOfPart(false)}>
                    All parts
                  </WhoseButton>
                  {figure && (
                    <WhoseButton isOn={whose !== null} onClick={() => setOfPart(true)}>
                      {figure.label || 'This part'}
                    </WhoseButton>
                  )}
                </div>
                {!figure && <span className="soft">Select a part to give it its own</span>}
                <button
                  type="button"
                  className="text-button ms-auto"
                  title="Copy, then paste onto another chart"
                  onClick={() => void copyPart({ lupine: 'finish', finish: chart.finish })}
                >
                  <i className="bi bi-copy" aria-hidden="true" /> Copy finish
                </button>
              </div>
              {chosen.kind === 'fills' &&
                (whose === null ? (
                  <Swatches chart={chart} edit={edit} />
                ) : (
                  <div className="finish-colours">
                    <GroupFields
                      of="Own"
                      only={['colour']}
                      value={chart.own[whose] ?? {}}
                      colour={colour}
                      onChange={(part) => edit((draft) => setOwn(draft, whose, part))}
                    />
                  </div>
                ))}
              <CoatPanel
                key={`${whose}-${chosen.kind}`}
                piece={piece}
                chart={chart}
                whose={whose}
                colour={colour}
                kind={chosen.kind}
                place={chosen.place}
                onChoose={onChoose}
                edit={edit}
              />
            </div>
          ),
        },
      ]}
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
