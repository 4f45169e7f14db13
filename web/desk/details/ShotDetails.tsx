import { Pick } from '../../fields/Choice';
import { removeMove } from '../../piece/changes';
import type { Move, Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { chartName } from '../useChart';
import { PinField } from './PinField';
import { MoveCurve } from './MoveCurve';
import { GroupFields } from '../../settings/GroupFields';
import { OneField } from '../../settings/OneField';

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
        <OneField
          of="Move"
          name="frames"
          label="Move lasts"
          value={move.frames}
          onChange={(frames) => change((draft) => Object.assign(draft, { frames }))}
        />
        <GroupFields of="Shot" only={['zoom']} value={shot} onChange={set} />
        <Pick
          label="Aim at"
          value={shot.on ? `${shot.on.chart} ${shot.on.figure ?? ''}` : ''}
          options={[
            ['', 'Point on the stage'],
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
        {(['x', 'y'] as const).map((name) => (
          <OneField
            key={name}
            of="Shot"
            name={name}
            value={shot[name]}
            usual={shot.on ? 0 : 0.5}
            onChange={(to) => set({ [name]: to })}
          />
        ))}
        <GroupFields of="Shot" only={['turn']} value={shot} onChange={set} />
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
          <i className="bi bi-x-lg" aria-hidden="true" /> Remove shot
        </button>
      </div>
    </>
  );
}
