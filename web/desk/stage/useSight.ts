import { useMemo } from 'react';
import { useDots } from '../../common/useDots';
import { usePlay } from '../playStore';
import type { Sight } from './usePaintedCanvas';

/** What of the stage is in view, and how large. */
export interface InView {
  /** pixels of the screen for one of the stage */
  shown: number;
  /** what is seen of the stage, in its own pixels */
  left: number;
  top: number;
  width: number;
  height: number;
  sight: Sight;
}

/** Where the view has no point of its own yet it is that of the whole stage. */
const orMiddle = (at: number | undefined, side: number): number =>
  at === undefined || Number.isNaN(at) ? side / 2 : at;

export const NEAREST = 16;
export const FARTHEST = 0.4;

/**
 * @param size of the stage
 * @param room on the screen
 */
export function useSight(size: [number, number], room: { width: number; height: number }): InView {
  const view = usePlay((state) => state.view);
  const dots = useDots();
  const [stageWidth, stageHeight] = size;
  return useMemo(() => {
    const fit = Math.max(0, Math.min(room.width / stageWidth, room.height / stageHeight));
    const shown = fit * (view?.zoom ?? 1);
    const width = Math.min(stageWidth, room.width / Math.max(shown, 1e-6));
    const height = Math.min(stageHeight, room.height / Math.max(shown, 1e-6));
    const within = (middle: number, part: number, whole: number): number =>
      Math.max(0, Math.min(whole - part, middle - part / 2));
    const left = within(orMiddle(view?.x, stageWidth), width, stageWidth);
    const top = within(orMiddle(view?.y, stageHeight), height, stageHeight);
    const scale = Math.round(Math.floor(stageWidth * shown) * dots) / stageWidth;
    const isWhole = width >= stageWidth && height >= stageHeight;
    const [x, y] = [Math.round(left * scale), Math.round(top * scale)];
    const part = isWhole
      ? null
      : { left: x, top: y, right: x + Math.round(width * scale), bottom: y + Math.round(height * scale) };
    return { shown: Math.max(shown, 0.001), left, top, width, height, sight: { scale, part } };
  }, [room.width, room.height, stageWidth, stageHeight, view, dots]);
}

/** Nearer to a point of the stage, or farther from it: the point stays where it is on the screen. */
export function zoomAt(seen: InView, size: [number, number], x: number, y: number, factor: number): void {
  const { view, set } = usePlay.getState();
  const before = view?.zoom ?? 1;
  const zoom = Math.max(FARTHEST, Math.min(NEAREST, before * factor));
  if (Math.abs(zoom - 1) < 0.02) {
    set({ view: null });
    return;
  }
  const middle = { x: orMiddle(view?.x, size[0]), y: orMiddle(view?.y, size[1]) };
  const [seenX, seenY] = [seen.left + seen.width / 2, seen.top + seen.height / 2];
  const kept = before / zoom;
  set({
    view: {
      zoom,
      x: seen.width >= size[0] ? x : x + (seenX - x) * kept || middle.x,
      y: seen.height >= size[1] ? y : y + (seenY - y) * kept || middle.y,
    },
  });
}

export function pan(seen: InView, across: number, down: number): void {
  const { view, set } = usePlay.getState();
  if (!view || view.zoom <= 1) return;
  set({
    view: {
      ...view,
      x: seen.left + seen.width / 2 + across / seen.shown,
      y: seen.top + seen.height / 2 + down / seen.shown,
    },
  });
}
