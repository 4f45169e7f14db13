import Button from 'react-bootstrap/Button';
import ProgressBar from 'react-bootstrap/ProgressBar';
import { Link } from 'react-router';
import type { HandOff } from '../api/answers';
import { counted, bytesText, when } from '../common/words';
import { FilmPicture } from './FilmPicture';

const STATUS: Partial<Record<HandOff['status'], string>> = {
  waiting: 'Queued',
  running: 'Rendering',
  cancelled: 'Cancelled',
  failed: 'Failed',
  done: 'Ready',
};

interface Props {
  film: HandOff;
  alone: boolean;
  onCancel: () => void;
  /** makes it before the others that wait; null: no other does */
  onNext: (() => void) | null;
  onRetry: () => void;
  onRemove: () => void;
}

export function FilmRow({ film, alone, onCancel, onNext, onRetry, onRemove }: Props) {
  const busy = film.status === 'waiting' || film.status === 'running';
  const started = new Date(film.createdAt).toLocaleTimeString('en', {
    hour: '2-digit',
    minute: '2-digit',
    hour12: false,
  });
  return (
    <li className={`film is-${film.status}`}>
      <FilmPicture film={film} />
      <div className="film-words">
        <strong>
          {alone && film.pieceId ? <Link to={`/pieces/${film.pieceId}`}>{film.title}</Link> : film.fileName}
        </strong>
        <span className="soft">
          {alone && `${film.fileName} · `}
          {when(film.createdAt)}, {started} · {counted(film.framesTotal, 'frame')}
          {film.firstFrame > 0 && ` from frame ${film.firstFrame}`}
          {film.bytes !== null && ` · ${bytesText(film.bytes)}`}
          {film.tookSeconds !== null && film.status === 'done' && ` · made in ${film.tookSeconds} s`}
          {film.machine !== null && film.status === 'done' && ` on ${film.machine}`}
        </span>
        {busy && (
          <>
            <ProgressBar now={film.framesDone} max={film.framesTotal} aria-label={`Progress of ${film.fileName}`} />
            <span className="soft numerals" role="status">
              {STATUS[film.status]}
              {film.status === 'running' && film.machine !== null && ` on ${film.machine}`}
              {film.status === 'running' && `: ${film.framesDone} of ${counted(film.framesTotal, 'frame')}`}
              {film.status === 'running' && film.secondsLeft !== null && `, about ${film.secondsLeft} s left`}
            </span>
          </>
        )}
        {film.status === 'failed' && (
          <span className="film-reason" role="alert">
            {film.message}
          </span>
        )}
        {film.status === 'cancelled' && <span className="soft">Cancelled. No file was kept.</span>}
      </div>
      <div className="film-actions">
        {film.status === 'done' && (
          <a className="btn btn-outline-secondary btn-sm" href={`/api/hand-offs/${film.id}/file`} download>
            Download
          </a>
        )}
        {(film.status === 'failed' || film.status === 'cancelled') && (
          <Button size="sm" variant="outline-secondary" onClick={onRetry}>
            Try again
          </Button>
        )}
        {film.status === 'waiting' && onNext && (
          <Button size="sm" variant="outline-secondary" onClick={onNext}>
            Make next
          </Button>
        )}
        {(film.status === 'waiting' || film.status === 'running') && (
          <Button size="sm" variant="outline-secondary" onClick={onCancel}>
            Cancel
          </Button>
        )}
        {!busy && (
          <button
            type="button"
            className="quiet-button"
            onClick={onRemove}
            aria-label={`Remove ${film.fileName}`}
            title="Remove"
          >
            <i className="bi bi-x-lg" />
          </button>
        )}
      </div>
    </li>
  );
}
