import { create } from 'zustand';
import { useNotices } from './Notices';

const known = new Map<string, HTMLImageElement | null>();

/** How many pictures have come: who has painted without one paints again. */
export const usePictures = create<{ come: number }>(() => ({ come: 0 }));

/** A picture by its fingerprint; null until it has come, and where it is gone. */
export function pictureOf(file: string): HTMLImageElement | null {
  if (known.has(file)) return known.get(file) ?? null;
  known.set(file, null);
  const image = new Image();
  image.src = pictureAddress(file);
  void image
    .decode()
    .then(() => {
      known.set(file, image);
      usePictures.setState(({ come }) => ({ come: come + 1 }));
    })
    .catch(() => {
      // It is not asked for again until the page is loaded again.
      useNotices.getState().say('A picture of this piece is not on this machine. Add it again.', { bad: true });
    });
  return null;
}

export const pictureAddress = (file: string): string => `/api/pictures/${file}`;
