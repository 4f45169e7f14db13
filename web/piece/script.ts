import type { Piece } from '../../contracts/piece';
import { momentsOf, pinsOf } from './changes';

/** Words to which something is pinned, by “line:word”. */
export function pinnedWords(piece: Piece): Set<string> {
  const pins = [...piece.moves.flatMap(pinsOf), ...momentsOf(piece).flatMap(({ pin }) => pin ?? [])];
  return new Set(pins.flatMap(({ line, word }) => (word === null ? [] : [`${line}:${word}`])));
}
