import type { ShelfEntry, StemPoint } from '../api/answers';

const WIDTH = 300;
const HEIGHT = 22;

/** All stems of a piece, lying down, one over the other. */
export function StemStrip({ stems, frames }: { stems: ShelfEntry['stems']; frames: number }) {
  const x = (frame: number): string => ((frame / frames) * WIDTH).toFixed(1);
  const outline = (points: StemPoint[]): string => {
    if (points.length === 0) return '';
    const course: StemPoint[] = [...points, [frames, points[points.length - 1][1]]];
    const side = (sign: number, list: StemPoint[]): string =>
      list.map(([frame, width]) => `${x(frame)} ${(HEIGHT / 2 + (sign * width * HEIGHT) / 2).toFixed(1)}`).join('L');
    return `M${side(-1, course)}L${side(1, [...course].reverse())}Z`;
  };
  return (
    <svg className="stem-strip" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none" aria-hidden="true">
      {stems.map((stem, index) => (
        <path key={index} d={outline(stem.points)} fill={stem.colour} />
      ))}
    </svg>
  );
}
