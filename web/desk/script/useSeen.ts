import { useEffect, useState, type RefObject } from 'react';

/** What is looked at is drawn with as much again before and after it, in steps, so that scrolling does not redraw. */
const STEP = 400;

/** The frames that are in sight of a column in which time runs down. */
export function useSeen(scroller: RefObject<HTMLElement | null>, zoom: number): { from: number; to: number } {
  const [pixels, setPixels] = useState({ from: 0, to: 2 * STEP });
  useEffect(() => {
    const view = scroller.current;
    if (!view) return undefined;
    const look = (): void => {
      const from = Math.floor(view.scrollTop / STEP) * STEP - STEP;
      const to = Math.ceil((view.scrollTop + view.clientHeight) / STEP) * STEP + STEP;
      setPixels((before) => (before.from === from && before.to === to ? before : { from, to }));
    };
    look();
    const watch = new ResizeObserver(look);
    watch.observe(view);
    view.addEventListener('scroll', look, { passive: true });
    return () => {
      watch.disconnect();
      view.removeEventListener('scroll', look);
    };
  }, [scroller]);
  return { from: pixels.from / zoom, to: pixels.to / zoom };
}
