import type { Box, Painter } from '../../../painter/src';
import type { Piece } from '../../../contracts/piece';
import type { PlaceKey } from '../../piece/places';
import { usePlay } from '../playStore';
import { boxOf } from './stageParts';

let painter: Painter | null = null;

/** Told by the stage: what has painted it last. */
export function paintedBy(now: Painter | null): void {
  painter = now;
}

/** What things lie in on the stage at the playhead; without those that are not seen there. */
export function stageBoxes(piece: Piece, keys: PlaceKey[]): Record<PlaceKey, Box> {
  const boxes: Record<PlaceKey, Box> = {};
  for (const key of keys) {
    const box = boxOf(painter, piece, usePlay.getState().frame, key);
    if (box) boxes[key] = box;
  }
  return boxes;
}
