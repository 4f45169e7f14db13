import { useEffect, useRef, type PointerEvent } from 'react';

/** How far a pointer has gone since it was pressed, in pixels of the screen, and its last event. */
export interface Way {
  across: number;
  down: number;
  event: PointerEvent;
}

/** What a pointer has taken hold of. */
export interface Taken {
  move: (way: Way) => void;
  end?: (event: PointerEvent) => void;
}

interface Held {
  taken: Taken;
  x: number;
  y: number;
  /** a move that waits for the next picture: more of them nobody sees */
  waiting: { way: Way; picture: number } | null;
}

/**
 * What is dragged with a pointer: it is followed wherever it goes until it is let go, at most once for each picture.
 * @returns makes the handlers of one thing from what takes hold of it; where that gives null, nothing is taken
 */
export function useDrag(): (take: (event: PointerEvent<Element>) => Taken | null) => {
  onPointerDown: (event: PointerEvent<Element>) => void;
  onPointerMove: (event: PointerEvent) => void;
  onPointerUp: (event: PointerEvent) => void;
  onPointerCancel: (event: PointerEvent) => void;
} {
  const held = useRef<Held | null>(null);
  useEffect(
    () => () => {
      if (held.current?.waiting) cancelAnimationFrame(held.current.waiting.picture);
    },
    [],
  );
  const flush = (now: Held): void => {
    const { waiting } = now;
    now.waiting = null;
    if (waiting) now.taken.move(waiting.way);
  };
  const end = (event: PointerEvent): void => {
    const now = held.current;
    if (!now) return;
    if (now.waiting) cancelAnimationFrame(now.waiting.picture);
    flush(now);
    held.current = null;
    now.taken.end?.(event);
  };
  return (take) => ({
    onPointerDown: (event) => {
      const taken = take(event);
      if (!taken) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      held.current = { taken, x: event.clientX, y: event.clientY, waiting: null };
    },
    onPointerMove: (event) => {
      const now = held.current;
      if (!now) return;
      const way = { across: event.clientX - now.x, down: event.clientY - now.y, event };
      if (now.waiting) now.waiting.way = way;
      else now.waiting = { way, picture: requestAnimationFrame(() => flush(now)) };
    },
    onPointerUp: end,
    onPointerCancel: end,
  });
}
