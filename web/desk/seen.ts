const painters = new Set<() => void>();

/** @param paint is told as soon as there is a new picture, before the rest of the desk follows */
export function whenSeen(paint: () => void): () => void {
  painters.add(paint);
  return () => painters.delete(paint);
}

export function paintSeen(): void {
  for (const paint of painters) paint();
}

/** Reels that have the frames around one whose frame alone came first: where both have a frame, it is the same. */
const widened = new WeakMap<object, object>();

export function nowWider(reel: object, before: object): void {
  widened.set(reel, before);
}

export const isWidened = (reel: object, before: object | undefined): boolean =>
  before !== undefined && widened.get(reel) === before;
