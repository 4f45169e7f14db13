import type { Sheet } from '../../api/answers';
import type { SheetWord } from '../../api/scriptAnswers';
import type { Piece } from '../../piece/document';

/** below it a word is shown as doubtful; core's own bound */
export const DOUBTFUL = 0.5;

export interface PlacedWord {
  line: string;
  word: number;
  text: string;
  frame: number;
}

export function isDoubtful({ sure, hand }: SheetWord): boolean {
  return sure !== null && !hand && sure < DOUBTFUL;
}

/** Words that a recording says somewhere, but perhaps not there; in the order in which they are said. */
export function doubtfulWords(piece: Piece, sheet: Sheet | undefined): PlacedWord[] {
  return piece.script.lines.flatMap(({ id }) =>
    (sheet?.lines[id] ?? []).flatMap((one, word) =>
      isDoubtful(one) ? [{ line: id, word, text: one.text, frame: one.frame }] : [],
    ),
  );
}
