import type { SheetWord } from '../../api/answers';
import type { Move } from '../../../contracts/piece';

/** The word that is said nearest to a frame; null where none is. */
export function nearestWord(
  lines: Record<string, SheetWord[]>,
  frame: number,
): Pick<NonNullable<Move['pin']>, 'line' | 'word'> | null {
  const all = Object.entries(lines).flatMap(([line, words]) =>
    words.map((word, index) => ({ line, word: index, away: Math.abs(word.frame - frame) })),
  );
  const [first] = all.sort((one, other) => one.away - other.away);
  return first ? { line: first.line, word: first.word } : null;
}
