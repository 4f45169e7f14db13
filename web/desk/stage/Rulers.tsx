import { useRef, useEffect, useState } from 'react';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { useChart } from '../useChart';

interface Props {
  piece: Piece;
  size: [width: number, height: number];
}

/** steps that a ruler can go in, in pixels of the stage */
const STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000];
/** pixels of the screen that a step is wide at least */
const LEAST = 46;

/** Rulers above the stage and beside it, in pixels or percent of it, or in degrees about the centre of a chart. */
export function Rulers({ piece, size: [width, height] }: Props) {
  const { rulers, view } = usePlay();
  const own = useRef<HTMLDivElement>(null);
  const [seen, setSeen] = useState<{ x: number; y: number; wide: number; tall: number; box: number[] } | null>(null);
  const reel = useDesk((state) => state.reel);
  useEffect(() => {
    const stage = own.current?.parentElement?.querySelector('.stage');
    const place = own.current?.getBoundingClientRect();
    if (!stage || !place) return undefined;
    const measure = (): void => {
      const box = stage.getBoundingClientRect();
      const marks = stage.querySelector<SVGSVGElement>('.stage-marks')?.viewBox.baseVal;
      const around = own.current?.getBoundingClientRect();
      if (!marks || !around) return;
      setSeen({
        x: box.left - around.left,
        y: box.top - around.top,
        wide: box.width,
        tall: box.height,
        box: [marks.x, marks.y, marks.width, marks.height],
      });
    };
    measure();
    const watch = new ResizeObserver(measure);
    watch.observe(stage);
    return () => watch.disconnect();
  }, [view, width, height, reel]);
  const chart = useChart(piece);
  const place = useDesk((state) => (chart ? state.computed?.sheet.places[chart.id] : undefined));
  if (!seen) return <div ref={own} className="rulers" />;
  const rim = place ? place.y - reach(place.form) : 0;
  const [left, top, inViewWide, inViewTall] = seen.box;
  const shown = seen.wide / inViewWide;
  const unit = (side: number): number => (rulers === 'percent' ? side / 100 : 1);
  const ticks = (from: number, length: number, side: number): [number, string][] => {
    const one = unit(side);
    const step = (STEPS.find((each) => each * one * shown >= LEAST) ?? 2000) * one;
    const first = Math.ceil(from / step - 1e-9);
    const count = Math.floor((from + length) / step + 1e-9) - first + 1;
    return Array.from({ length: Math.max(0, Math.min(200, count)) }, (_, index): [number, string] => [
      (first + index) * step,
      String(Math.round(((first + index) * step) / one)),
    ]);
  };
  return (
    <div ref={own} className="rulers" aria-hidden="true">
      {rulers === 'degrees'
        ? place && (
            <svg
              className="ruler-round"
              style={{ left: seen.x, top: seen.y, width: seen.wide, height: seen.tall }}
              viewBox={seen.box.join(' ')}
            >
              {Array.from({ length: 24 }, (_, index) => index * 15).map((degrees) => (
                <g key={degrees} transform={`rotate(${degrees} ${place.x} ${place.y})`}>
                  <path d={`M${place.x} ${rim - 8 / shown}v${-(degrees % 45 === 0 ? 14 : 8) / shown}`} />
                  {degrees % 45 === 0 && (
                    <text
                      x={place.x}
                      y={rim - 26 / shown}
                      fontSize={11 / shown}
                      transform={`rotate(${-degrees} ${place.x} ${rim - 30 / shown})`}
                    >
                      {degrees}°
                    </text>
                  )}
                </g>
              ))}
            </svg>
          )
        : [
            <div key="across" className="ruler is-across" style={{ left: seen.x, width: seen.wide }}>
              {ticks(left, inViewWide, width).map(([at, text]) => (
                <span key={text} style={{ left: (at - left) * shown }}>
                  {text}
                </span>
              ))}
            </div>,
            <div key="down" className="ruler is-down" style={{ top: seen.y, height: seen.tall }}>
              {ticks(top, inViewTall, height).map(([at, text]) => (
                <span key={text} style={{ top: (at - top) * shown }}>
                  {text}
                </span>
              ))}
            </div>,
          ]}
    </div>
  );
  function reach(form: Record<string, number> | undefined): number {
    const said = form?.radius ?? chart?.form.radius;
    return (typeof said === 'number' ? said : 300) * (place?.size ?? 1);
  }
}
