import { useCallback, useLayoutEffect, useRef, type RefObject } from 'react';
import type { Box, Reel } from '../../../painter/src';
import { usePictures } from '../../common/pictures';
import { browserStudio } from '../../common/browserStudio';
import type { Piece } from '../../../contracts/piece';
import type { ReelGroup } from '../../../contracts/reel';
import { legendOf, toldPlace } from '../../piece/places';
import { keyOf } from '../../scene/keys';
import { Scene } from '../../scene/scene';
import { seenNow, useDesk } from '../deskStore';
import { isWidened, whenSeen } from '../seen';
import { paintedBy } from './stageBoxes';
import { isTrying } from '../kits/trial';
import { usePlay } from '../playStore';
import { blurredAt, useBlurred } from './blurred';

let reelsPainted = 0;

/** What of the picture a canvas shows: all of it, so large, or a part of it. */
export interface Sight {
  /** canvas pixels for one of the stage */
  scale: number;
  /** in whole canvas pixels of the whole picture; null: all of it */
  part: Box | null;
}

/** How far a hand has taken something since the reel was made. */
function carriedNow(groups: ReelGroup[]): [number, number] | null {
  const { document } = useDesk.getState();
  const { shown } = seenNow();
  const its = document && keyOf(groups);
  if (!its) return null;
  // A legend by rule goes along with its chart.
  const key = toldPlace(document, shown.shape, its) ? its : (legendOf(document, its)?.id ?? its);
  const now = toldPlace(document, shown.shape, key);
  const then = shown.places[key];
  return now && then ? [key === 'captions' ? 0 : now.x - then.x, now.y - then.y] : null;
}

/** All that a hand has placed. */
function told(piece: Piece): unknown {
  return [
    piece.charts.map(({ place, words }) => [place, words.legend?.x, words.legend?.y]),
    piece.words.map(({ x, y }) => [x, y]),
    piece.panels?.map(({ x, y }) => [x, y]),
    piece.captions?.y,
    piece.shapes?.map(({ own }) => own),
  ];
}

/** Keeps a canvas painted. A new reel is painted as soon as it is there, before the rest of the desk follows. */
export function usePaintedCanvas(
  canvas: RefObject<HTMLCanvasElement | null>,
  reel: Reel | null,
  frame: number,
  sight: Sight,
  isUntaken: boolean,
): RefObject<Scene | null> {
  const scene = useRef<Scene | null>(null);
  const shown = useRef<{ look: string; isBlurred: boolean; document: Piece | null } | null>(null);
  const document = useDesk((state) => state.document);
  const come = useBlurred((state) => state.come);
  const pictures = usePictures((state) => state.come);
  const painted = useRef(pictures);
  const blurredWhen = usePlay((state) => (state.playing && state.blurred === 'at rest' ? 'never' : state.blurred));
  const isHeld = usePlay((state) => state.isHeld);

  const paint = useCallback(
    (at: number, { scale, part }: Sight): void => {
      const target = canvas.current;
      const now = seenNow().reel;
      if (!target || !now || scale <= 0) return;
      // What was kept of a picture that had not come is of no use.
      const { come: here } = usePictures.getState();
      if (painted.current !== here) scene.current = null;
      painted.current = here;
      const before = scene.current?.reel;
      const isNew = before !== now;
      // What the canvas shows is of another reel, until this one is painted: it may not have the frame yet.
      if (isNew && !isWidened(now, before)) shown.current = null;
      if (isNew) {
        scene.current = new Scene(now, browserStudio, scene.current ?? undefined);
        scene.current.carriedBy(carriedNow);
        paintedBy(scene.current);
      }
      const wide = part ? part.right - part.left : Math.round(now.width * scale);
      const tall = part ? part.bottom - part.top : Math.round(now.height * scale);
      const { document: doc } = useDesk.getState();
      const untaken = usePlay.getState().selection?.kind === 'shot';
      scene.current?.leaveCamera(untaken);
      // Of another document that is tried there is none.
      const blurred = at >= now.from && at <= now.to && !untaken && !isTrying() ? blurredAt(at) : null;
      const isBlurred = blurred !== null;
      const look = JSON.stringify([at, scale, part, untaken, doc && told(doc)]);
      const was = shown.current;
      // Changed just now, a blurred picture stays until core has made the next.
      const stays = was?.isBlurred && !isBlurred && was.document !== doc;
      if ((!isNew || isWidened(now, before)) && was?.look === look && (was.isBlurred === isBlurred || stays)) return;
      if (target.width !== wide || target.height !== tall) {
        target.width = wide;
        target.height = tall;
      }
      const context = target.getContext('2d');
      if (!context || !scene.current || at < now.from || at > now.to) return;
      (blurred ?? scene.current.painter).paint(context as never, at, scale, part ?? undefined);
      shown.current = { look, isBlurred, document: doc };
      // Counted for those who measure how soon a change is seen.
      if (isNew) target.dataset.reel = String(++reelsPainted);
    },
    [canvas],
  );

  useLayoutEffect(
    () => paint(frame, sight),
    [paint, reel, frame, sight, document, isUntaken, come, pictures, blurredWhen, isHeld],
  );
  useLayoutEffect(() => {
    const paintNow = (): void => {
      const { frame: at, frames } = usePlay.getState();
      paint(Math.min(at, (seenNow().reel?.frames ?? frames) - 1), sight);
    };
    const leave = whenSeen(paintNow);
    const stop = useDesk.subscribe((state, before) => {
      if (state.reel !== before.reel || state.document !== before.document) paintNow();
    });
    return () => {
      leave();
      stop();
    };
  }, [paint, sight]);
  return scene;
}
