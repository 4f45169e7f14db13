import { create } from 'zustand';
import { useNotices } from './Notices';

/** by fingerprint, and by blur; null: not here yet, or not to be had */
const known = new Map<string, Map<number, HTMLImageElement | null>>();

/** those that could not be had */
const missing = new Set<string>();

/** How many pictures have come: who has painted without one paints again. */
export const usePictures = create<{ come: number }>(() => ({ come: 0 }));

/**
 * A picture by its fingerprint and its blur; until it has come, that of the nearest blur; null where there is none, and
 * where it is gone.
 */
export function pictureOf(file: string, blur = 0): HTMLImageElement | null {
  const all = known.get(file) ?? new Map<number, HTMLImageElement | null>();
  known.set(file, all);
  if (all.has(blur)) return all.get(blur) ?? nearest(all, blur);
  all.set(blur, null);
  const image = new Image();
  image.src = pictureAddress(file, blur);
  void image
    .decode()
    .then(() => {
      all.set(blur, image);
      usePictures.setState(({ come }) => ({ come: come + 1 }));
    })
    .catch(() => {
      // It is not asked for again until the page is loaded again, and said once for all its blurs.
      if (missing.has(file)) return;
      missing.add(file);
      useNotices.getState().say('A picture of this piece is not on this machine. Add it again.', { bad: true });
    });
  return nearest(all, blur);
}

function nearest(all: Map<number, HTMLImageElement | null>, blur: number): HTMLImageElement | null {
  let best: [number, HTMLImageElement] | null = null;
  for (const [its, image] of all) {
    if (image && (!best || Math.abs(its - blur) < Math.abs(best[0] - blur))) best = [its, image];
  }
  return best?.[1] ?? null;
}

export const pictureAddress = (file: string, blur = 0): string =>
  `/api/pictures/${file}${blur > 0 ? `?blur=${blur}` : ''}`;
