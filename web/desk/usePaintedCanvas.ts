import { useCallback, useLayoutEffect, useRef, type RefObject } from 'react';
import { Painter, type Reel } from '../../painter/src';
import { browserStudio } from '../common/browserStudio';
import { useDesk } from './deskStore';
import { usePlay } from './playStore';

let reelsPainted = 0;

/** Keeps a canvas painted. A new reel is painted as soon as it is there, before the rest of the desk follows. */
export function usePaintedCanvas(
  canvas: RefObject<HTMLCanvasElement | null>,
  reel: Reel | null,
  frame: number,
  dots: number,
): RefObject<Painter | null> {
  const painter = useRef<Painter | null>(null);
  const shown = useRef<{ painter: Painter; frame: number; dots: number } | null>(null);

  const paint = useCallback(
    (now: Reel | null, at: number, wide: number): void => {
      const target = canvas.current;
      if (!target || !now || wide === 0) return;
      const isNew = painter.current?.reel !== now;
      if (isNew) painter.current = new Painter(now, browserStudio, painter.current ?? undefined);
      const last = shown.current;
      if (last?.painter === painter.current && last?.frame === at && last.dots === wide) return;
      const tall = Math.round((wide * now.height) / now.width);
      if (target.width !== wide || target.height !== tall) {
        target.width = wide;
        target.height = tall;
      }
      const context = target.getContext('2d');
      if (!context || !painter.current || at < now.from || at > now.to) return;
      painter.current.paint(context as never, at, wide / now.width);
      shown.current = { painter: painter.current, frame: at, dots: wide };
      // Counted for those who measure how soon a change is seen.
      if (isNew) target.dataset.reel = String(++reelsPainted);
    },
    [canvas],
  );

  useLayoutEffect(() => paint(reel, frame, dots), [paint, reel, frame, dots]);
  useLayoutEffect(
    () =>
      useDesk.subscribe((state, before) => {
        if (state.reel !== before.reel && state.reel)
          paint(state.reel, Math.min(usePlay.getState().frame, state.reel.frames - 1), dots);
      }),
    [paint, dots],
  );
  return painter;
}
