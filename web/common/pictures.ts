import { create } from 'zustand';
import { useNotices } from './Notices';

const known = new Map<string, HTMLImageElement | null>();

/** How many pictures have come: who has painted without one paints again. */
export const usePictures = create<{ come: number }>(() => ({ come: 0 }));

/** A picture by its fingerprint and its blur; null until it has come, and where it is gone. */
export function pictureOf(file: string, blur = 0): HTMLImageElement | null {
  const address = pictureAddress(file, blur);
  if (known.has(address)) return known.get(address) ?? null;
  known.set(address, null);
  const image = new Image();
  image.src = address;
  void image
    .decode()
    .then(() => {
      known.set(address, image);
      usePictures.setState(({ come }) => ({ come: come + 1 }));
    })
    .catch(() => {
      // It is not asked for again until the page is loaded again.
      useNotices.getState().say('A picture of this piece is not on this machine. Add it again.', { bad: true });
    });
  return null;
}

export const pictureAddress = (file: string, blur = 0): string =>
  `/api/pictures/${file}${blur > 0 ? `?blur=${blur}` : ''}`;
