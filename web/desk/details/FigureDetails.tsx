import { useState } from 'react';
import { columnIndex, isFigureMove, moveOf, ownMove, removeMove, setOwn, tableOf } from '../../piece/changes';
import type { Piece } from '../../../contracts/piece';
import { allAsOne } from '../../piece/timing';
import { useDesk } from '../deskStore';
import { figureOf } from '../sheet';
import { useProperties } from '../useForms';
import { ChangeList } from './ChangeList';
import { EmphasisList } from './EmphasisList';
import { LabelFields } from './LabelFields';
import { MoveFields } from './MoveFields';
import { OwnLooks } from './OwnLooks';

type Side = keyof typeof SIDES;

/** One figure: when it comes and goes, and what its mark has of its own. */
export function FigureDetails({ piece, chartId, figureId }: { piece: Piece; chartId: string; figureId: string }) {
  const [side, setSide] = useState<Side>('entrance');
  const sheet = useDesk((state) => state.computed?.sheet);
  const edit = useDesk((state) => state.edit);
  const chart = piece.charts.find(({ id }) => id === chartId);
  const properties = useProperties(chart?.form.kind);
  const figure = figureOf(sheet, chartId, figureId);
  if (!chart || !figure)
    return (
      <div className="details-empty">
        <p>This row is not drawn yet. Enter a figure.</p>
      </div>
    );
  const target = { chart: chartId, figure: figureId };
  const moveKind = side === 'entrance' || side === 'exit' ? side : null;
  const move = moveKind && figure[moveKind];
  const isOwn = moveKind !== null && moveOf(piece, moveKind, target) !== undefined;
  const table = tableOf(piece, chart);
  const cell = table?.rows.find(({ id }) => id === figureId)?.cells[columnIndex(table, chart)] ?? '';
  const hasOwnLooks = chart.own[figureId] !== undefined;
  const begin = (kind: 'entrance' | 'exit'): void =>
    edit((draft) => {
      ownMove(draft, kind, target, {
        begin: kind === 'entrance' ? 0 : Math.max(0, piece.stage.frames - 24),
        frames: 24,
        curve: 'ease-in-out',
        opens: 'forward',
      });
    });
  return (
    <>
      <div className="details-head">
        <span className="chip" style={{ background: figure.colour }} aria-hidden="true" />{' '}
        <strong>{figure.label || 'No label'}</strong>
        <span className="soft numerals ms-auto">{figure.value}</span>
      </div>
      <div className="details-sides" role="group" aria-label="What to change">
        {(['entrance', 'emphasis', 'changes', 'exit', 'own', 'label'] as const).map((one) => (
          <button
            key={one}
            type="button"
            className={`side${side === one ? ' is-on' : ''}`}
            aria-pressed={side === one}
            onClick={() => setSide(one)}
          >
            {SIDES[one]}
            {one === 'changes' && figure.changes.length > 0 && <span className="count">{figure.changes.length}</span>}
            {one === 'emphasis' && figure.emphases.length > 0 && (
              <span className="count">{figure.emphases.length}</span>
            )}
          </button>
        ))}
      </div>
      <div className="fields one-column">
        {moveKind && move && (
          <>
            <MoveFields
              piece={piece}
              kind={moveKind}
              target={target}
              now={move}
              usualCurve={chart[moveKind]?.curve ?? 'ease-in-out'}
            />
            {isOwn && (
              <button
                type="button"
                className="text-button"
                onClick={() =>
                  edit((draft) => {
                    draft.moves
                      .filter(
                        (one) =>
                          one.kind === moveKind && isFigureMove(one, chartId, figureId) && !('part' in one.target),
                      )
                      .forEach(({ id }) => removeMove(draft, id));
                  })
                }
              >
                <i className="bi bi-arrow-return-left" aria-hidden="true" /> Reset to chart
              </button>
            )}
            {isOwn && (
              <button
                type="button"
                className="text-button"
                title="Copies length, curve and manner to all parts. Start times are kept."
                onClick={() =>
                  edit((draft) => {
                    const one = draft.charts.find(({ id }) => id === chartId);
                    const own = moveOf(draft, moveKind, target);
                    if (one && own) allAsOne(draft, one, moveKind, own);
                  })
                }
              >
                <i className="bi bi-collection" aria-hidden="true" /> Apply to all parts
              </button>
            )}
          </>
        )}
        {moveKind && !move && (
          <>
            <p className="hint">{moveKind === 'entrance' ? 'Visible from the first frame.' : 'Stays until the end.'}</p>
            <button type="button" className="btn btn-outline-secondary btn-sm" onClick={() => begin(moveKind)}>
              {side === 'entrance' ? 'Add entrance' : 'Add exit'}
            </button>
          </>
        )}
        {side === 'changes' && (
          <ChangeList
            piece={piece}
            target={target}
            properties={properties?.figure ?? []}
            only={({ name }) => !name.startsWith('finish.')}
            sheet={figure.changes}
            keyed={figure.keyed}
            first={(property) =>
              property.kind === 'cell'
                ? cell
                : property.name === 'out'
                  ? (chart.own[figureId]?.out ?? 0)
                  : property.default
            }
            table={table}
          />
        )}
        {side === 'emphasis' && <EmphasisList piece={piece} target={target} sheet={figure.emphases} />}
        {side === 'label' && <LabelFields piece={piece} chart={chart} figure={figure} />}
        {side === 'own' && (
          <OwnLooks
            own={chart.own[figureId] ?? {}}
            colour={figure.colour}
            isOutKeyed={'out' in figure.keyed}
            isSolid={sheet?.charts[chartId]?.isSolid ?? false}
            onChange={(part) =>
              edit((draft) => {
                const one = draft.charts.find(({ id }) => id === chartId);
                if (one) setOwn(one, figureId, part);
              })
            }
          />
        )}
        {side === 'own' && hasOwnLooks && (
          <button
            type="button"
            className="text-button"
            onClick={() =>
              edit((draft) => {
                const one = draft.charts.find(({ id }) => id === chartId);
                if (one) delete one.own[figureId];
              })
            }
          >
            <i className="bi bi-arrow-return-left" aria-hidden="true" /> Reset to chart
          </button>
        )}
      </div>
    </>
  );
}

const SIDES = {
  entrance: 'Entrance',
  emphasis: 'Emphasis',
  changes: 'Changes',
  exit: 'Exit',
  own: 'Look',
  label: 'Label',
};
