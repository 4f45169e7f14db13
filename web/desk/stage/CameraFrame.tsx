import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { Handle } from './Handle';
import { unitText } from './unitText';

/** The frame of the selected shot, on the whole stage: dragged by its middle, nearer or farther by its corners. */
export function CameraFrame({ piece, size, shown }: { piece: Piece; size: [number, number]; shown: number }) {
  const selection = usePlay((state) => state.selection);
  const shots = useDesk((state) => state.computed?.sheet.shots);
  if (selection?.kind !== 'shot') return null;
  const move = piece.moves.find(({ id }) => id === selection.shot);
  const now = shots?.find(({ id }) => id === selection.shot);
  if (!move?.shot || !now) return null;
  const [left, top, width, height] = now.frame;
  const [stageWidth, stageHeight] = size;
  const { shot } = move;
  const change = (part: Partial<typeof shot>): void =>
    useDesk.getState().edit((draft) => {
      const one = draft.moves.find(({ id }) => id === move.id);
      if (one?.shot) Object.assign(one.shot, part);
    });
  const within = (number: number): number => Number(Math.max(-1, Math.min(1, number)).toFixed(4));
  const [middleX, middleY] = [left + width / 2, top + height / 2];
  return (
    <g className="camera-frame">
      <path
        className="camera-shade"
        d={`M0 0H${stageWidth}V${stageHeight}H0ZM${left} ${top}V${top + height}H${left + width}V${top}Z`}
      />
      <rect x={left} y={top} width={width} height={height} />
      <Handle
        x={middleX}
        y={middleY}
        shown={shown}
        look="ring"
        label="Centre of the shot"
        take={() => {
          const { x, y } = shot;
          return ({ across, down }) =>
            change({ x: within(x + across / stageWidth), y: within(y + down / stageHeight) });
        }}
      />
      {[
        [left, top],
        [left + width, top],
        [left + width, top + height],
        [left, top + height],
      ].map(([x, y], index) => (
        <Handle
          key={index}
          x={x}
          y={y}
          shown={shown}
          look="square"
          label="Zoom"
          value={unitText(shot.zoom, 'fraction')}
          take={() => {
            const { zoom } = shot;
            return ({ from, to, isFree }) => {
              const before = Math.hypot(from[0] - middleX, from[1] - middleY);
              const after = Math.hypot(to[0] - middleX, to[1] - middleY);
              const next = zoom * (before / Math.max(1, after));
              const rested = isFree ? next : Math.round(next * 20) / 20;
              change({ zoom: Number(Math.max(1, Math.min(20, rested)).toFixed(3)) });
            };
          }}
        />
      ))}
    </g>
  );
}
