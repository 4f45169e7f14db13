import { readFileSync } from 'node:fs';
import type { Piece } from '../../contracts/piece';

/** where the lines stand, each from its first frame to the one after its last */
const TIMES = [
  [10, 98],
  [112, 194],
  [208, 278],
  [294, 352],
  [378, 456],
];

/**
 * The first half of the demo, last year alone, in no kit, without its recording and its motion blur, its lines at
 * moments of their own: a check hangs on no voice and on no look.
 */
export function evenlySpoken(): Piece {
  const piece = JSON.parse(readFileSync(new URL('./the-mending-room.json', import.meta.url), 'utf8')) as Piece;
  const lines = piece.script.lines
    .slice(0, TIMES.length)
    .map((line, index) => ({ ...line, begin: TIMES[index][0], end: TIMES[index][1] }));
  for (const table of piece.tables) {
    table.columns = [{ id: table.columns[0].id, name: 'Things' }];
    for (const row of table.rows) row.cells = row.cells.slice(0, 1);
  }
  for (const chart of piece.charts) chart.own = {};
  const moves = piece.moves
    .filter(({ kind }) => kind === 'entrance')
    .map((move) => ('words' in move.target ? { ...move, frames: 22, curve: 'ease-out', manner: undefined } : move));
  return {
    ...piece,
    stage: { ...piece.stage, frames: 480 },
    script: { lines },
    moves: JSON.parse(JSON.stringify(moves)) as Piece['moves'],
    shutter: null,
  };
}
