import type { Scene } from '../../scene/scene';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';

interface Props {
  piece: Piece;
  scene: Scene | null;
  frame: number;
  size: [width: number, height: number];
  shown: number;
}

/** The picture as hairlines: marks, words as boxes on baselines, centres, and the middle and thirds of the stage. */
export function Outlines({ piece, scene, frame, size: [width, height], shown }: Props) {
  const places = useDesk((state) => state.computed?.sheet.places);
  const far = 16 / shown;
  return (
    <g className="stage-outlines">
      {[1 / 3, 2 / 3].map((part) => (
        <path key={part} className="faint" d={`M${width * part} 0V${height}M0 ${height * part}H${width}`} />
      ))}
      <path className="faint" d={`M${width / 2} 0V${height}M0 ${height / 2}H${width}`} />
      {(scene?.outlines(frame) ?? []).map(({ path, transform, isMark }, index) => (
        <path key={index} d={path} transform={transform} className={isMark ? 'mark' : 'furniture'} />
      ))}
      {(scene?.textBoxes(frame) ?? []).map(({ left, top, right, bottom }, index) => (
        <rect key={index} className="text" x={left} y={top} width={right - left} height={bottom - top} />
      ))}
      {piece.words.map(({ id }) => {
        const box = scene?.boxOf(id, frame);
        const place = places?.[id];
        return box && place && <path key={id} className="baseline" d={`M${box.left} ${place.y}H${box.right}`} />;
      })}
      {piece.charts.map(({ id, hidden }) => {
        const place = places?.[id];
        const box = hidden ? null : scene?.boxOf(id, frame);
        return (
          place &&
          box && (
            <g key={id}>
              <rect
                className="boundary"
                x={box.left}
                y={box.top}
                width={box.right - box.left}
                height={box.bottom - box.top}
              />
              <path
                className="centre"
                d={`M${place.x - far} ${place.y}H${place.x + far}M${place.x} ${place.y - far}V${place.y + far}`}
              />
            </g>
          )
        );
      })}
    </g>
  );
}
