import { Pick } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import { removeMove } from '../../piece/changes';
import type { Move, Piece } from '../../piece/document';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { chartName } from '../useChart';
import { PinField } from './PinField';
import { MoveCurve } from './MoveCurve';

const MOST = 100;

/** What the camera is led to: when, how near, and what it looks at. */
export function ShotDetails({ piece, move }: { piece: Piece; move: Move }) {
  const edit = useDesk((state) => state.edit);
  const sheet = useDesk((state) => state.computed?.sheet);
  const now = sheet?.shots.find(({ id }) => id === move.id);
  const { shot } = move;
  if (!shot || !now) return null;
  const change = (work: (draft: Move) => void): void =>
    edit((draft) => {
      const one = draft.moves.find(({ id }) => id === move.id);
      if (one) work(one);
    });
  const set = (part: Partial<NonNullable<Move['shot']>>): void =>
    change((draft) => {
      if (draft.shot) Object.assign(draft.shot, part);
    });
  return (
    <>
      <div className="details-head">
        <i className="bi bi-camera-video" aria-hidden="true" /> <strong>Shot</strong>
      </div>
      <div className="fields one-column">
        <PinField
          id="shot-pin"
          piece={piece}
          pin={move.pin}
          begin={now.begin}
          isOwn
          onFrame={(begin) => change((draft) => Object.assign(draft, { begin, pin: null }))}
          onPin={(pin) => change((draft) => Object.assign(draft, { pin, begin: now.begin }))}
        />
        <NumberField
          label="takes"
          unit="frames"
          stage={piece.stage}
          value={move.frames}
          min={1}
          max={18000}
          usual={30}
          onChange={(frames) => change((draft) => Object.assign(draft, { frames }))}
        />
        <NumberField
          label="how near"
          unit="fraction"
          value={shot.zoom}
          min={1}
          max={20}
          usual={1}
          onChange={(zoom) => set({ zoom })}
        />
        <Pick
          label="looks at"
          value={shot.on ? `${shot.on.chart} ${shot.on.figure ?? ''}` : ''}
          options={[
            ['', 'a place of the stage'],
            ...piece.charts.flatMap((chart): [string, string][] => [
              [`${chart.id} `, chartName(piece, chart)],
              ...(sheet?.charts[chart.id]?.figures ?? [])
                .slice(0, MOST)
                .map(({ id, label }): [string, string] => [`${chart.id} ${id}`, label]),
            ]),
          ]}
          onChange={(chosen) => {
            const [chart, figure] = chosen.split(' ');
            if (!chart) set({ on: null, x: 0.5, y: 0.5 });
            else set({ on: { chart, ...(figure ? { figure } : {}) }, x: 0, y: 0 });
          }}
        />
        <NumberField
          label="across"
          unit="fraction"
          value={shot.x}
          min={-1}
          max={1}
          usual={shot.on ? 0 : 0.5}
          onChange={(x) => set({ x })}
        />
        <NumberField
          label="down"
          unit="fraction"
          value={shot.y}
          min={-1}
          max={1}
          usual={shot.on ? 0 : 0.5}
          onChange={(y) => set({ y })}
        />
        <NumberField
          label="leans"
          unit="degrees"
          value={shot.turn ?? 0}
          min={-360}
          max={360}
          usual={0}
          onChange={(turn) => set({ turn })}
        />
        <MoveCurve
          value={move.curve}
          numbers={now.curve}
          course={now.curvePoints}
          onChange={(curve) => change((draft) => Object.assign(draft, { curve }))}
        />
        <button
          type="button"
          className="text-button"
          onClick={() => {
            usePlay.getState().select(null);
            edit((draft) => removeMove(draft, move.id));
          }}
        >
          <i className="bi bi-x-lg" aria-hidden="true" /> take the shot out
        </button>
      </div>
    </>
  );
}
