import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { createContext, useContext, useDeferredValue, useEffect, useMemo, useRef, type ReactNode } from 'react';
import { Painter, type Reel } from '../../../painter/src';
import { ask } from '../../api/client';
import { browserStudio } from '../../common/browserStudio';
import { usePictures } from '../../common/pictures';
import { useDesk } from '../deskStore';
import type { Finish } from '../../../contracts/piece';

interface Pictures {
  painter: Painter | null;
  count: number;
}

const PicturesContext = createContext<Pictures>({ painter: null, count: 1 });

/** Coats on small pieces of a part, drawn by core side by side; each picture within shows one of them. */
export function CoatPictures({
  colour,
  coats,
  children,
}: {
  colour: string;
  coats: Partial<Finish>[];
  children: ReactNode;
}) {
  const asked = useDeferredValue(JSON.stringify(coats));
  const pictures = useDesk((state) => state.document?.pictures);
  const come = usePictures((state) => state.come);
  const { data } = useQuery<Reel>({
    queryKey: ['coats', colour, asked, pictures?.length],
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    queryFn: ({ signal }) =>
      ask('POST coats', { body: { colour, coats: JSON.parse(asked) as Partial<Finish>[], pictures }, signal }),
  });
  const small = useMemo(
    // Core draws a group for each.
    () => ({ painter: data ? new Painter(data, browserStudio) : null, count: data?.nodes.length ?? 1 }),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- a picture that comes is painted anew
    [data, come],
  );
  return <PicturesContext value={small}>{children}</PicturesContext>;
}

/** One of the pictures, as wide as its style says. */
export function CoatPicture({ at }: { at: number }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { painter, count } = useContext(PicturesContext);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!canvas.current || !context || !painter || at >= count) return;
    const wide = painter.reel.width / count;
    const width = Math.max(1, Math.round(canvas.current.clientWidth * window.devicePixelRatio));
    const scale = width / wide;
    canvas.current.width = width;
    canvas.current.height = Math.round(painter.reel.height * scale);
    const [left, right] = [Math.round(at * wide * scale), Math.round((at + 1) * wide * scale)];
    painter.paint(context as never, 0, scale, { left, top: 0, right, bottom: canvas.current.height });
  }, [painter, count, at]);
  return <canvas ref={canvas} className="coat-picture" aria-hidden="true" />;
}
