import { useEffect, useRef } from 'react';

interface Props {
  /** is there another page? */
  more: boolean;
  busy: boolean;
  onMore: () => void;
  label: string;
}

/** The end of a list that comes in pages: the next one is asked for when it comes into sight, or by its button. */
export function More({ more, busy, onMore, label }: Props) {
  const end = useRef<HTMLDivElement>(null);
  const ask = useRef(onMore);
  ask.current = onMore;
  useEffect(() => {
    if (!end.current || !more || busy) return undefined;
    const watch = new IntersectionObserver(([entry]) => entry.isIntersecting && ask.current(), { rootMargin: '200px' });
    watch.observe(end.current);
    return () => watch.disconnect();
  }, [more, busy]);
  if (!more) return null;
  return (
    <div ref={end} className="list-more">
      <button type="button" className="btn btn-outline-secondary btn-sm" disabled={busy} onClick={onMore}>
        {busy ? 'Loading…' : label}
      </button>
    </div>
  );
}
