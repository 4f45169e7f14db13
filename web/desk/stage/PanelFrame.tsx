import { at, degreesAround, posed } from '../../../painter/src';
import type { Panel } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { editPlaces, placesNow } from '../placesNow';
import { Handle, type Pull } from './Handle';
import { unitText } from './unitText';

const CORNERS = [
  [-1, -1],
  [1, -1],
  [1, 1],
  [-1, 1],
] as const;
const SIDES = [
  [1, 0],
  [0, 1],
  [-1, 0],
  [0, -1],
] as const;

const round = (number: number, digits = 1): number => Number(number.toFixed(digits));

/** A frame along the sides of a panel, however it is turned: corners and sides set its size, a handle turns it. */
export function PanelFrame({ panel, shown }: { panel: Panel; shown: number }) {
  const placed = useDesk((state) => state.computed?.sheet.places[panel.id]);
  const piece = useDesk((state) => state.document);
  if (!placed || !piece || panel.hidden) return null;
  const place = placesNow(piece, [panel.id])[panel.id];
  const [width, height] = [place.width ?? panel.width, place.height ?? panel.height];
  const turn = place.turn ?? 0;
  /** On the stage, from the panel's middle; and ways, which only turn. */
  const onStage = posed(0, 0, place.x, place.y, 1, turn);
  const turned = posed(0, 0, 0, 0, 1, turn);
  const turnedBack = posed(0, 0, 0, 0, 1, -turn);
  /** The side or corner follows the hand, and the one opposite stays where it is. */
  const sized = (sideX: number, sideY: number) => () => {
    const before = { x: place.x, y: place.y, width, height };
    return ({ across, down }: Pull): void => {
      const [ownX, ownY] = at(turnedBack, [across, down]);
      const wide = Math.max(1, before.width + sideX * ownX);
      const high = Math.max(1, before.height + sideY * ownY);
      const [x, y] = at(turned, [(sideX * (wide - before.width)) / 2, (sideY * (high - before.height)) / 2]);
      editPlaces([panel.id], () => ({
        x: round(before.x + x),
        y: round(before.y + y),
        width: round(wide),
        height: round(high),
        size: 1,
      }));
    };
  };
  const outline = CORNERS.map(([x, y]) => at(onStage, [(x * width) / 2, (y * height) / 2]).join(' ')).join('L');
  const [rightX, rightY] = at(onStage, [width / 2, -height / 2]);
  const [turnX, turnY] = at(onStage, [width / 2 + 22 / shown, -height / 2 - 22 / shown]);
  return (
    <>
      <path className="words-frame" d={`M${outline}Z`} strokeWidth={1.4 / shown} />
      {[...CORNERS, ...SIDES].map(([x, y]) => {
        const [left, top] = at(onStage, [(x * width) / 2, (y * height) / 2]);
        const label = x === 0 ? 'Height' : y === 0 ? 'Width' : 'Size';
        const value =
          x === 0
            ? unitText(height, 'pixels')
            : y === 0
              ? unitText(width, 'pixels')
              : `${Math.round(width)} × ${Math.round(height)} px`;
        return (
          <Handle
            key={`${x} ${y}`}
            x={left}
            y={top}
            shown={shown}
            look="square"
            label={label}
            value={value}
            take={sized(x, y)}
          />
        );
      })}
      <line className="words-frame" x1={rightX} y1={rightY} x2={turnX} y2={turnY} strokeWidth={1.2 / shown} />
      <Handle
        x={turnX}
        y={turnY}
        shown={shown}
        label="Rotation"
        value={unitText(place.turn ?? 0, 'degrees')}
        take={() => {
          const from = place.turn ?? 0;
          return ({ from: start, to, isFree }) => {
            const next = from + degreesAround([place.x, place.y], start, to);
            editPlaces([panel.id], () => ({ turn: round(isFree ? next : Math.round(next / 15) * 15) }));
          };
        }}
      />
    </>
  );
}
