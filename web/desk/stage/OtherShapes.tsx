import { useEffect, useState } from 'react';
import type { Reel } from '../../../painter/src';
import { ask } from '../../api/client';
import { ReelCanvas } from '../../common/ReelCanvas';
import type { Piece } from '../../../contracts/piece';
import { usePlay } from '../playStore';

export interface OneShape {
  id: string | null;
  width: number;
  height: number;
}

/** without an edit, so that the shape that is worked on goes first */
const REST_AFTER = 250;

/** The other shapes of the stage, each with its own places; a click goes on in one of them. */
export function OtherShapes({ piece, shapes, height }: { piece: Piece; shapes: OneShape[]; height: number }) {
  const frame = usePlay((state) => state.frame);
  const [reels, setReels] = useState<Record<string, Reel>>({});
  const names = shapes.map(({ id }) => id ?? '').join(' ');
  useEffect(() => {
    const asked = new AbortController();
    const timer = window.setTimeout(() => {
      for (const name of names.split(' ')) {
        const body = { document: piece, frame: usePlay.getState().frame, shape: name === '' ? null : name };
        ask('POST compute', { body, signal: asked.signal })
          .then(({ reel }) => reel && setReels((known) => ({ ...known, [name]: reel })))
          .catch(() => undefined);
      }
    }, REST_AFTER);
    return () => {
      window.clearTimeout(timer);
      asked.abort();
    };
  }, [piece, names]);
  return (
    <>
      {shapes.map(({ id, width, height: tall }) => {
        const reel = reels[id ?? ''];
        const wide = (height * width) / tall;
        return (
          <button
            key={id ?? ''}
            type="button"
            className="other-shape"
            style={{ width: wide, height }}
            title={`Edit in ${width} × ${tall}`}
            aria-label={`Edit in ${width} × ${tall}`}
            onClick={() => usePlay.getState().set({ shape: id, view: null })}
          >
            {reel ? (
              <ReelCanvas
                reel={reel}
                frame={Math.max(reel.from, Math.min(reel.to, frame))}
                width={wide}
                label={`${width} × ${tall}`}
              />
            ) : (
              <span className="soft">Drawing…</span>
            )}
          </button>
        );
      })}
    </>
  );
}
