import { useEffect, useRef, useState } from 'react';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { OtherShapes } from './OtherShapes';
import { Rulers } from './Rulers';
import { StageView } from './StageView';

/** room that rulers take, in pixels of the screen */
const RULER = 20;

/** The picture as it will be filmed, as large as fits; other shapes of it beside it, where they are wanted. */
export function Stage({ piece }: { piece: Piece }) {
  const room = useRef<HTMLDivElement>(null);
  const [space, setSpace] = useState({ width: 0, height: 0 });
  const isSideBySide = usePlay((state) => state.isSideBySide);
  const rulers = usePlay((state) => state.rulers);
  const reel = useDesk((state) => state.reel);
  const shown = useDesk((state) => state.shown);
  useEffect(() => {
    if (!room.current) return undefined;
    const watch = new ResizeObserver(([entry]) =>
      setSpace({ width: entry.contentRect.width, height: entry.contentRect.height }),
    );
    watch.observe(room.current);
    return () => watch.disconnect();
  }, []);
  const shapes = piece.shapes ?? [];
  const hasOthers = isSideBySide && shapes.length > 0;
  const size: [number, number] = reel ? [reel.width, reel.height] : [piece.stage.width, piece.stage.height];
  const margin = rulers === 'none' ? 0 : RULER;
  // All shapes are as high as each other, and share the width by their sides.
  const others = hasOthers ? [{ id: null, ...piece.stage }, ...shapes].filter(({ id }) => id !== shown.shape) : [];
  const gap = 14;
  const aspects = [size, ...others.map(({ width, height }): [number, number] => [width, height])].map(
    ([width, height]) => width / height,
  );
  let all = 0;
  for (const aspect of aspects) all += aspect;
  const tall = Math.min(space.height, (space.width - gap * others.length) / all);
  const own = hasOthers ? { width: tall * aspects[0], height: tall } : space;
  return (
    <div className={`stage-room${hasOthers ? ' has-others' : ''}`} ref={room}>
      <div className="stage-place" style={{ padding: `${margin}px 0 0 ${margin}px` }}>
        <StageView
          piece={piece}
          size={size}
          room={{ width: Math.max(0, own.width - margin), height: Math.max(0, own.height - margin) }}
        />
        {rulers !== 'none' && <Rulers piece={piece} size={size} />}
      </div>
      {hasOthers && tall > 0 && <OtherShapes piece={piece} shapes={others} height={tall} />}
    </div>
  );
}
