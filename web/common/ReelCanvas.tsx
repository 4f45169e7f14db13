import { useEffect, useMemo, useRef } from 'react';
import { Painter, type Reel } from '../../painter/src';
import { browserStudio } from './browserStudio';
import { usePictures } from './pictures';
import { whenSeenAndIdle } from './turns';
import { useDots } from './useDots';

interface Props {
  reel: Reel;
  frame: number;
  /** width of the picture in CSS pixels */
  width: number;
  /** empty where the words beside it say what it is */
  label: string;
  /** one of many: it is painted first when it is seen and the page has nothing else to do */
  isPatient?: boolean;
}

/** One frame of a reel, painted sharp on this screen. */
export function ReelCanvas({ reel, frame, width, label, isPatient = false }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const come = usePictures((state) => state.come);
  const painter = useMemo(() => {
    let made: Painter | null = null;
    return () => (made ??= new Painter(reel, browserStudio));
    // eslint-disable-next-line react-hooks/exhaustive-deps -- a picture that comes is painted anew
  }, [reel, come]);
  const dots = Math.max(1, Math.round(width * useDots()));
  const isPainted = useRef(false);
  useEffect(() => {
    const { current } = canvas;
    const context = current?.getContext('2d');
    if (!current || !context) return undefined;
    const paint = (): void => {
      current.width = dots;
      current.height = Math.round((dots * reel.height) / reel.width);
      painter().paint(context as never, frame, dots / reel.width);
      isPainted.current = true;
    };
    if (isPatient && !isPainted.current) return whenSeenAndIdle(current, paint);
    paint();
    return undefined;
  }, [painter, frame, dots, reel, isPatient]);
  return (
    <canvas
      ref={canvas}
      {...(label ? { role: 'img', 'aria-label': label } : { 'aria-hidden': true })}
      style={{ width: '100%', aspectRatio: `${reel.width} / ${reel.height}`, display: 'block' }}
    />
  );
}
