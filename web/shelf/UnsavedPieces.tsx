import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { useNotices } from '../common/Notices';
import { bringBack, drop, send, takeOverLeft, useOutbox, type Unsaved } from '../desk/outbox';

/** Which pieces have something that is not saved, why, and what can be done. */
export function UnsavedPieces({ onSaved }: { onSaved: () => void }) {
  const pieces = useOutbox((state) => state.pieces);
  const waiting = Object.values(pieces).filter(({ state }) => state === 'failed' || state === 'conflict');
  const count = Object.keys(pieces).length;
  useEffect(() => {
    void takeOverLeft();
  }, []);
  const before = useRef(count);
  useEffect(() => {
    // What was saved meanwhile is seen on its card.
    if (count < before.current) onSaved();
    before.current = count;
  }, [count, onSaved]);
  if (waiting.length === 0) return null;
  return (
    <ul className="unsaved-pieces" aria-label="Not saved" role="status">
      {waiting.map((one) => (
        <li key={one.id} className="problem-bar is-error">
          <span>{said(one)}</span>
          {one.state === 'failed' && (
            <button type="button" className="btn btn-sm btn-outline-secondary" onClick={() => void send(one.id)}>
              Try again
            </button>
          )}
          {one.state === 'failed' && !one.passes && (
            <button type="button" className="btn btn-sm btn-outline-secondary" onClick={() => discard(one)}>
              Discard
            </button>
          )}
          <Link to={`/pieces/${one.id}`} className="btn btn-sm btn-outline-secondary">
            {one.state === 'conflict' ? 'Open and choose' : 'Open'}
          </Link>
        </li>
      ))}
    </ul>
  );
}

/** For what will never be saved, such as changes to a piece that was deleted. */
function discard(one: Unsaved): void {
  drop(one.id);
  useNotices.getState().say(`The unsaved changes to “${one.title}” are discarded.`, {
    action: { text: 'Bring back', run: () => bringBack(one) },
  });
}

function said({ title, state, reason }: Unsaved): string {
  return state === 'conflict'
    ? `“${title}” was changed in another tab before your last changes were saved.`
    : `The last changes to “${title}” are not saved; this browser keeps them. ${reason ?? ''}`;
}
