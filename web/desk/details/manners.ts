import type { ChartMotion, Move } from '../../piece/document';

type Manner = Exclude<NonNullable<ChartMotion['manner']>, 'bend'>;

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

/** How a chart comes and goes as a whole, where its form bends: from a strip, or from a ring. */
export const BENDING: [NonNullable<ChartMotion['manner']>, string] = ['bend', 'bending, as one'];

/** Only titles and notes are written. */
export const WRITTEN: Move['manner'][] = ['letters', 'words'];

/** How words come and go. */
export const WORD_MANNERS: Record<'entrance' | 'exit', [NonNullable<Move['manner']>, string][]> = {
  entrance: [
    ['open', 'fading in'],
    ['pop', 'popping up'],
    ['rise', 'rising'],
    ['letters', 'letter by letter'],
    ['words', 'word by word'],
  ],
  exit: [
    ['open', 'fading out'],
    ['pop', 'shrinking'],
    ['rise', 'sinking'],
    ['letters', 'letter by letter'],
    ['words', 'word by word'],
  ],
};
