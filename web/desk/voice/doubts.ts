import type { Sheet } from '../../api/answers';
import type { Piece } from '../../../contracts/piece';

export interface PlacedWord {
  line: string;
  word: number;
  text: string;
  frame: number;
}

/** Words that a recording says somewhere, but perhaps not there; in the order in which they are said. */
export function doubtfulWords(piece: Piece, sheet: Sheet | undefined): PlacedWord[] {
  return piece.script.lines.flatMap(({ id }) =>
    (sheet?.lines[id] ?? []).flatMap((one, word) =>
      one.doubtful ? [{ line: id, word, text: one.text, frame: one.frame }] : [],
    ),
  );
}
