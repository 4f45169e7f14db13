import type { SheetFigure } from '../../api/answers';
import { Fold } from '../../common/Fold';
import { isFigureMove, moveOf, ownMove, removeMove } from '../../piece/changes';
import type { Chart, Piece } from '../../../contracts/piece';
import { allAsOne } from '../../piece/timing';
import { useDesk } from '../deskStore';
import { useTimecode } from '../useTimecode';
import { MoveFields } from './MoveFields';

interface Props {
  piece: Piece;
  chart: Chart;
  figure: SheetFigure;
  kind: 'entrance' | 'exit';
}

/** How one figure comes, or goes: as its chart has it, or on its own. */
export function FigureMove({ piece, chart, figure, kind }: Props) {
  const edit = useDesk((state) => state.edit);
  const timecode = useTimecode(useDesk((state) => state.computed?.sheet));
  const target = { chart: chart.id, figure: figure.id };
  const move = figure[kind];
  const isOwn = moveOf(piece, kind, target) !== undefined;
  const isEntrance = kind === 'entrance';
  return (
    <Fold
      name={`figure-${kind}`}
      label={isEntrance ? 'Entrance' : 'Exit'}
      count={<span className="soft numerals">{move ? timecode(move.begin) : isEntrance ? 'at once' : 'stays'}</span>}
      isUsual={isEntrance}
    >
      <div className="fields one-column">
        {move ? (
          <MoveFields
            piece={piece}
            kind={kind}
            target={target}
            now={move}
            usualCurve={chart[kind]?.curve ?? 'ease-in-out'}
          />
        ) : (
          <>
            <p className="hint">{isEntrance ? 'Visible from the first frame.' : 'Stays until the end.'}</p>
            <button
              type="button"
              className="btn btn-outline-secondary btn-sm"
              onClick={() =>
                edit((draft) => {
                  ownMove(draft, kind, target, {
                    begin: isEntrance ? 0 : Math.max(0, piece.stage.frames - 24),
                    frames: 24,
                    curve: 'ease-in-out',
                    opens: 'forward',
                  });
                })
              }
            >
              {isEntrance ? 'Add entrance' : 'Add exit'}
            </button>
          </>
        )}
        {move && isOwn && (
          <>
            <button
              type="button"
              className="text-button"
              onClick={() =>
                edit((draft) => {
                  draft.moves
                    .filter(
                      (one) => one.kind === kind && isFigureMove(one, chart.id, figure.id) && !('part' in one.target),
                    )
                    .forEach(({ id }) => removeMove(draft, id));
                })
              }
            >
              <i className="bi bi-arrow-return-left" aria-hidden="true" /> Reset to chart
            </button>
            <button
              type="button"
              className="text-button"
              title="Copies length, curve and manner to all parts. Start times are kept."
              onClick={() =>
                edit((draft) => {
                  const one = draft.charts.find(({ id }) => id === chart.id);
                  const its = moveOf(draft, kind, target);
                  if (one && its) allAsOne(draft, one, kind, its);
                })
              }
            >
              <i className="bi bi-collection" aria-hidden="true" /> Apply to all parts
            </button>
          </>
        )}
      </div>
    </Fold>
  );
}
