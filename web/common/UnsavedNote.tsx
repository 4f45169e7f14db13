import { Link } from 'react-router';
import { send, useOutbox } from '../desk/outbox';

/** On a page that shows what is on the server: what is not there yet, why, and what can be done. */
export function UnsavedNote({ id, onSaved }: { id: string; onSaved: () => void }) {
  const unsaved = useOutbox(({ pieces }) => pieces[id]);
  if (!unsaved || unsaved.state === 'saving') return null;
  const tryAgain = async (): Promise<void> => {
    if (await send(id)) onSaved();
  };
  return (
    <div className="problem-bar is-error" role="alert">
      <span>
        {unsaved.state === 'conflict'
          ? 'This piece was changed in another tab as well. What is shown here is that tab’s.'
          : `The last changes are not saved, so they are not in what is shown here. ${unsaved.reason ?? ''}`}
      </span>
      {unsaved.state === 'conflict' ? (
        <Link to={`/pieces/${id}`} className="btn btn-sm btn-outline-secondary">
          Choose at the desk
        </Link>
      ) : (
        <button type="button" className="btn btn-sm btn-outline-secondary" onClick={() => void tryAgain()}>
          Try again
        </button>
      )}
    </div>
  );
}
