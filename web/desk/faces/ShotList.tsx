import { shortTimecode } from '../../common/words';
import { Switch } from '../../fields/Choice';
import { addShot } from '../../piece/accents';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { lookedAt } from './shotWords';

/** What the camera is led to, one shot after another. */
export function ShotList({ piece }: { piece: Piece }) {
  const edit = useDesk((state) => state.edit);
  const selection = usePlay((state) => state.selection);
  const sheet = useDesk((state) => state.computed?.sheet);
  const shots = sheet?.shots ?? [];
  const add = (): void => {
    let id = '';
    const { frame } = usePlay.getState();
    const on =
      selection?.kind === 'figure'
        ? { chart: selection.chart, figure: selection.figure }
        : selection?.kind === 'chart'
          ? { chart: selection.chart }
          : null;
    edit((draft) => {
      id = addShot(draft, frame, on);
    });
    usePlay.getState().select({ kind: 'shot', shot: id });
  };
  return (
    <section>
      <h3>Camera</h3>
      {shots.length === 0 && <p className="hint">The camera shows the whole stage. Add a shot to move in.</p>}
      <ul className="plain-list">
        {shots.map((shot) => {
          const move = piece.moves.find(({ id }) => id === shot.id);
          return (
            move?.shot && (
              <li key={move.id}>
                <button
                  type="button"
                  className={`list-pick${selection?.kind === 'shot' && selection.shot === move.id ? ' is-picked' : ''}`}
                  onClick={() => {
                    usePlay.getState().select({ kind: 'shot', shot: move.id });
                    usePlay.getState().go(shot.begin + shot.frames);
                  }}
                >
                  <span className="soft numerals">{shortTimecode(shot.beginText)}</span>
                  <span className="on-stage-name">{lookedAt(piece, sheet, move.shot)}</span>
                </button>
              </li>
            )
          );
        })}
      </ul>
      <div className="offer-row">
        <button type="button" className="text-button" onClick={add}>
          <i className="bi bi-plus-lg" aria-hidden="true" /> Add shot at playhead
        </button>
        {shots.length > 0 && (
          <Switch
            label="Move backdrop with camera"
            value={piece.camera?.backdrop === 'goes along'}
            onChange={(on) =>
              edit((draft) => {
                draft.camera = { backdrop: on ? 'goes along' : 'stays' };
              })
            }
          />
        )}
      </div>
    </section>
  );
}
