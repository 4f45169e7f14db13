import { useEffect, useMemo, useRef } from 'react';
import { Painter, type Reel } from '../../painter/src';
import { browserStudio } from './browserStudio';
import { usePictures } from './pictures';
import { useDots } from './useDots';

interface Props {
  reel: Reel;
  frame: number;
  /** width of the picture in CSS pixels */
  width: number;
  /** empty where the words beside it say what it is */
  label: string;
}

/** One frame of a reel, painted sharp on this screen. */
export function ReelCanvas({ reel, frame, width, label }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const come = usePictures((state) => state.come);
  // eslint-disable-next-line react-hooks/exhaustive-deps -- a picture that comes is painted anew
  const painter = useMemo(() => new Painter(reel, browserStudio), [reel, come]);
  const dots = Math.max(1, Math.round(width * useDots()));
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!canvas.current || !context) return;
    canvas.current.width = dots;
    canvas.current.height = Math.round((dots * reel.height) / reel.width);
    painter.paint(context as never, frame, dots / reel.width);
  }, [painter, frame, dots, reel]);
  return (
    <canvas
      ref={canvas}
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
      style={{ width: '100%', aspectRatio: `${reel.width} / ${reel.height}`, display: 'block' }}
    />
  );
}
