import { newId } from '../common/words';
import type { FigureTarget, Move, Piece } from '../../contracts/piece';

/** Moves that lead the eye: a part stands out, or the camera goes nearer. */

/** A part stands out from a frame on, and the others dim: strong enough to be seen, and no more. */
export function addEmphasis(piece: Piece, target: FigureTarget, begin: number, pin: Move['pin']): string {
  const id = newId('m', piece.moves);
  piece.moves.push({
    id,
    kind: 'emphasis',
    target,
    begin,
    pin,
    frames: 12,
    curve: 'ease-in-out',
    opens: 'forward',
    emphasis: { until: null, untilPin: null, out: 28, light: 0.15, size: 1, dim: 0.6, label: 1.2 },
  });
  return id;
}

/** The camera goes to a part of the stage, from a frame on. */
export function addShot(piece: Piece, begin: number, on: NonNullable<Move['shot']>['on']): string {
  const id = newId('m', piece.moves);
  piece.moves.push({
    id,
    kind: 'shot',
    target: { camera: true },
    begin,
    pin: null,
    frames: 30,
    curve: 'ease-in-out',
    opens: 'forward',
    shot: { zoom: 2, x: on ? 0 : 0.5, y: on ? 0 : 0.5, on },
  });
  return id;
}
