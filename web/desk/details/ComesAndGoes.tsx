import { moveOf, ownMove, removeMove } from '../../piece/changes';
import type { Move, PanelTarget, Piece, WordsTarget } from '../../../contracts/piece';
import { Switch } from '../../fields/Choice';
import { useDesk } from '../deskStore';
import { MoveFields } from './MoveFields';

const SIDES: Move['kind'][] = ['entrance', 'exit'];

/** When a text or a panel comes and goes, and how. */
export function ComesAndGoes({ piece, target }: { piece: Piece; target: WordsTarget | PanelTarget }) {
  const edit = useDesk((state) => state.edit);
  const sheet = useDesk((state) => state.computed?.sheet);
  return SIDES.map((kind) => {
    const move = moveOf(piece, kind, target);
    return (
      <div key={kind} className="sub-fields">
        <Switch
          label={kind === 'entrance' ? 'Entrance' : 'Exit'}
          value={move !== undefined}
          onChange={(on) =>
            edit((draft) => {
              if (on)
                ownMove(draft, kind, target, {
                  begin: kind === 'entrance' ? 0 : Math.max(0, draft.stage.frames - 24),
                  frames: 18,
                  curve: 'ease-out',
                  opens: 'forward',
                });
              else if (move) removeMove(draft, move.id);
            })
          }
        />
        {move && (
          <MoveFields
            piece={piece}
            kind={kind}
            target={target}
            now={{
              begin: sheet?.moves[move.id]?.begin ?? move.begin,
              frames: sheet?.moves[move.id]?.frames ?? move.frames,
              opens: move.opens,
              manner: move.manner,
            }}
            usualCurve="ease-out"
          />
        )}
      </div>
    );
  });
}
