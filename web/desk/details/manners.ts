import type { Move } from '../../piece/document';

type Manner = NonNullable<Move['manner']>;

/** How a part comes and how it goes, as somebody reads it. */
export const MANNERS: Record<'entrance' | 'exit', [Manner, string][]> = {
  entrance: [
    ['open', 'opening'],
    ['pop', 'popping up'],
    ['fade', 'fading in'],
    ['rise', 'rising'],
  ],
  exit: [
    ['open', 'closing'],
    ['pop', 'shrinking'],
    ['fade', 'fading out'],
    ['rise', 'sinking'],
  ],
};
