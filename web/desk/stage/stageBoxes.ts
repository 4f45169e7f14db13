import type { Box } from '../../../painter/src';
import type { PlaceKey } from '../../piece/places';
import { usePlay } from '../playStore';
import type { Scene } from '../../scene/scene';

let scene: Scene | null = null;

/** Told by the stage: what has painted it last. */
export function paintedBy(now: Scene | null): void {
  scene = now;
}

/** What things lie in on the stage at the playhead; without those that are not seen there. */
export function stageBoxes(keys: PlaceKey[]): Record<PlaceKey, Box> {
  const boxes: Record<PlaceKey, Box> = {};
  for (const key of keys) {
    const box = scene?.boxOf(key, usePlay.getState().frame);
    if (box) boxes[key] = box;
  }
  return boxes;
}
