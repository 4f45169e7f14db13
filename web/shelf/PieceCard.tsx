import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import Dropdown from 'react-bootstrap/Dropdown';
import { Link } from 'react-router';
import type { Reel } from '../../painter/src';
import { ask } from '../api/client';
import type { ShelfEntry } from '../api/answers';
import { ReelCanvas } from '../common/ReelCanvas';
import { shortTimecode, when } from '../common/words';
import { useOutbox } from '../desk/outbox';
import { StemStrip } from './StemStrip';

interface Props {
  piece: ShelfEntry;
  onRename: (title: string) => void;
  onDuplicate: () => void;
  onOther: () => void;
  onMove: () => void;
  onRemove: () => void;
}

/** A piece on the shelf: its last frame, playing while it is pointed at, and its stems lying down. */
export function PieceCard({ piece, onRename, onDuplicate, onOther, onMove, onRemove }: Props) {
  const [naming, setNaming] = useState(false);
  const [playing, setPlaying] = useState(false);
  const unsaved = useOutbox(({ pieces }) => pieces[piece.id]);
  const commit = (title: string): void => {
    setNaming(false);
    if (title.trim() !== '' && title.trim() !== piece.title) onRename(title.trim());
  };
  return (
    <article className="card-piece" onPointerEnter={() => setPlaying(true)} onPointerLeave={() => setPlaying(false)}>
      <Link
        to={`/pieces/${piece.id}`}
        className="card-still"
        style={piece.ground ? { background: piece.ground } : undefined}
        aria-label={`Open ${piece.title}`}
      >
        {piece.reel ? (
          <LiveStill piece={piece} reel={piece.reel} playing={playing} />
        ) : (
          <span className="card-problem">{piece.problem ?? 'No picture yet.'}</span>
        )}
      </Link>
      <StemStrip stems={piece.stems} frames={piece.frames} />
      <div className="card-words">
        {naming ? (
          <input
            className="card-name"
            aria-label="New title"
            defaultValue={piece.title}
            maxLength={200}
            autoFocus
            onFocus={(event) => event.target.select()}
            onBlur={(event) => commit(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === 'Enter') commit(event.currentTarget.value);
              if (event.key === 'Escape') setNaming(false);
            }}
          />
        ) : (
          <Link to={`/pieces/${piece.id}`} className="card-title">
            {piece.title}
          </Link>
        )}
        <Dropdown align="end">
          <Dropdown.Toggle as="button" type="button" className="quiet-button" aria-label={`Actions for ${piece.title}`}>
            <i className="bi bi-three-dots" />
          </Dropdown.Toggle>
          <Dropdown.Menu>
            {/* After the menu has given the keyboard back to its button. */}
            <Dropdown.Item
              onClick={() => {
                window.setTimeout(() => setNaming(true), 0);
              }}
            >
              Rename
            </Dropdown.Item>
            <Dropdown.Item onClick={onDuplicate}>Duplicate</Dropdown.Item>
            <Dropdown.Item onClick={onOther}>New one with other figures…</Dropdown.Item>
            <Dropdown.Item onClick={onMove}>Move to a folder…</Dropdown.Item>
            <Dropdown.Item as={Link} to={`/pieces/${piece.id}/hand-off`}>
              Hand off
            </Dropdown.Item>
            <Dropdown.Divider />
            <Dropdown.Item onClick={onRemove}>Delete</Dropdown.Item>
          </Dropdown.Menu>
        </Dropdown>
        <span className="soft card-facts">
          {unsaved && (
            <strong className="card-unsaved" title={unsaved.reason ?? undefined}>
              {unsaved.state === 'conflict' ? 'Changed in two tabs' : 'Not saved'}
              {' · '}
            </strong>
          )}
          {[
            shortTimecode(piece.length).replace(/[:;]00$/, ''),
            piece.form,
            piece.folder,
            piece.updatedAt && when(piece.updatedAt),
          ]
            .filter(Boolean)
            .join(' · ')}
        </span>
      </div>
    </article>
  );
}

function LiveStill({ piece, reel, playing }: { piece: ShelfEntry; reel: Reel; playing: boolean }) {
  const [frame, setFrame] = useState<number | null>(null);
  const isMoving = playing && !window.matchMedia('(prefers-reduced-motion: reduce)').matches;
  const { data: whole } = useQuery({
    queryKey: ['reel', piece.id, piece.version],
    enabled: isMoving,
    staleTime: Infinity,
    retry: false,
    queryFn: ({ signal }) => ask('GET pieces/{piece}/reel', { at: { piece: piece.id }, signal }),
  });
  useEffect(() => {
    if (!isMoving || !whole) return undefined;
    const began = performance.now();
    let request = 0;
    const tick = (now: number): void => {
      setFrame(Math.min(whole.frames - 1, Math.floor(((now - began) / 1000) * (whole.rate[0] / whole.rate[1]))));
      request = requestAnimationFrame(tick);
    };
    request = requestAnimationFrame(tick);
    return () => {
      cancelAnimationFrame(request);
      setFrame(null);
    };
  }, [isMoving, whole]);
  const moving = frame !== null && whole !== undefined;
  return (
    <ReelCanvas
      reel={moving ? whole : reel}
      frame={moving ? frame : piece.frames - 1}
      width={320}
      label={`Still of ${piece.title}`}
      isPatient
    />
  );
}
