import { readFileSync } from 'node:fs';
import type { Piece } from '../web/piece/document';

/** where the lines stand, each from its first frame to the one after its last */
const TIMES = [
  [10, 98],
  [112, 194],
  [208, 278],
  [294, 352],
  [378, 456],
];

/** The demo without its recording, its lines at moments of their own: a check does not hang on a voice. */
export function evenlySpoken(): Piece {
  const piece = JSON.parse(readFileSync(new URL('./the-mending-room.json', import.meta.url), 'utf8')) as Piece;
  const lines = piece.script.lines.map((line, index) => ({ ...line, begin: TIMES[index][0], end: TIMES[index][1] }));
  return { ...piece, script: { lines } };
}
