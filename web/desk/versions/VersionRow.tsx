import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { ask } from '../../api/client';
import type { VersionEntry } from '../../api/answers';
import { ReelCanvas } from '../../common/ReelCanvas';
import { moreOf, timeOf, titleOf } from './versionWords';

const WIDTH = 66;

interface Props {
  piece: string;
  version: VersionEntry;
  /** of the radio buttons */
  group: string;
  isChosen: boolean;
  /** what is said of the piece as it is now */
  now: string | null;
  onChoose: () => void;
}

/** A version in the list: its picture, what was done, and when. */
export function VersionRow({ piece, version, group, isChosen, now, onChoose }: Props) {
  const row = useRef<HTMLLabelElement>(null);
  const [isSeen, setSeen] = useState(false);
  useEffect(() => {
    if (!row.current) return undefined;
    const watch = new IntersectionObserver(([entry]) => entry.isIntersecting && setSeen(true));
    watch.observe(row.current);
    return () => watch.disconnect();
  }, []);
  const { number, changes, at } = version;
  const { data: reel } = useQuery({
    // Further saves of the same act change what it says.
    queryKey: ['version-picture', piece, number, changes.map(({ text }) => text).join()],
    enabled: isSeen,
    retry: false,
    queryFn: ({ signal }) =>
      ask('GET pieces/{piece}/versions/{version}/reel', { at: { piece, version: String(number) }, signal }),
  });
  const title = now === null ? titleOf(version) : (version.name ?? 'Now');
  const more = now ?? moreOf(version);
  return (
    <label ref={row} className={`version-row is-${version.state}${isChosen ? ' is-on' : ''}`}>
      <input
        type="radio"
        className="visually-hidden"
        name={group}
        checked={isChosen}
        aria-label={[title, more, timeOf(at)].filter(Boolean).join(', ')}
        onChange={onChoose}
      />
      <span className="version-picture">
        {reel && <ReelCanvas reel={reel} frame={reel.from} width={WIDTH} label="" isPatient />}
      </span>
      <span className="version-words">
        <span className={version.name === null ? 'version-title' : 'version-title is-named'} title={title}>
          {title}
        </span>
        <span className="version-more" title={more}>
          {more}
        </span>
      </span>
      <time dateTime={at ?? undefined}>{timeOf(at)}</time>
    </label>
  );
}
