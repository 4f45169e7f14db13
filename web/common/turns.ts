/** Milliseconds in which what waits has its turn though the page is busy. */
const PATIENCE = 500;

const waiting: (() => void)[] = [];
let isAsked = false;

function ask(): void {
  if (isAsked || waiting.length === 0) return;
  isAsked = true;
  const next = (): void => {
    isAsked = false;
    try {
      waiting.shift()?.();
    } finally {
      ask();
    }
  };
  if ('requestIdleCallback' in window) window.requestIdleCallback(next, { timeout: PATIENCE });
  else setTimeout(next, 0);
}

/**
 * Work that nobody waits for with the hand: one piece of it at a time, when the page has nothing else to do.
 *
 * @returns takes it back
 */
export function whenIdle(work: () => void): () => void {
  waiting.push(work);
  ask();
  return () => {
    const place = waiting.indexOf(work);
    if (place >= 0) waiting.splice(place, 1);
  };
}

/**
 * The same, once an element is in view or nearly so.
 *
 * @returns takes it back
 */
export function whenSeenAndIdle(element: Element, work: () => void): () => void {
  let takeBack = (): void => observer.disconnect();
  const observer = new IntersectionObserver(
    (entries) => {
      if (!entries.some(({ isIntersecting }) => isIntersecting)) return;
      observer.disconnect();
      takeBack = whenIdle(work);
    },
    { rootMargin: '200px' },
  );
  observer.observe(element);
  return () => takeBack();
}
