import { useSyncExternalStore } from 'react';

/**
 * Dots of the screen for one pixel of the page. It changes when the window goes to another screen, and when the page is
 * zoomed.
 */
export const useDots = (): number => useSyncExternalStore(whenItChanges, () => window.devicePixelRatio);

function whenItChanges(changed: () => void): () => void {
  let media: MediaQueryList | null = null;
  const watch = (): void => {
    media = window.matchMedia(`(resolution: ${window.devicePixelRatio}dppx)`);
    media.addEventListener('change', again, { once: true });
  };
  const again = (): void => {
    changed();
    watch();
  };
  watch();
  return () => media?.removeEventListener('change', again);
}
