import { useQuery, useQueryClient } from '@tanstack/react-query';
import Button from 'react-bootstrap/Button';
import ProgressBar from 'react-bootstrap/ProgressBar';
import type { BatchEntry } from '../../contracts/api';
import { ask, reasonOf } from '../api/client';
import { bytesText, counted, when } from '../common/words';
import { useNotices } from '../common/Notices';

/** The batches of a piece: how far each is, and all of it in one archive. */
export function BatchList({ id }: { id: string }) {
  const queries = useQueryClient();
  const { data } = useQuery({
    queryKey: ['batches', id],
    queryFn: () => ask('GET pieces/{piece}/batches', { at: { piece: id } }),
    refetchInterval: (query) => (query.state.data?.batches.some(({ busy }) => busy > 0) ? 1000 : false),
    refetchOnMount: 'always',
  });
  const act = (work: Promise<unknown>): void => {
    work
      .catch((error: unknown) => useNotices.getState().say(reasonOf(error), { bad: true }))
      .finally(() => void queries.invalidateQueries({ queryKey: ['batches', id] }));
  };
  if (!data || data.batches.length === 0) return null;
  return (
    <ul className="films" aria-label="Batches">
      {data.batches.map((batch) => (
        <OneBatch
          key={batch.id}
          batch={batch}
          onCancel={() => act(ask('POST batches/{batch}/cancel', { at: { batch: batch.id } }))}
          onRetry={() => act(ask('POST batches/{batch}/retry', { at: { batch: batch.id } }))}
          onRemove={() => act(ask('DELETE batches/{batch}', { at: { batch: batch.id } }))}
        />
      ))}
    </ul>
  );
}

function OneBatch({
  batch: { id, tables, files, done, busy, failed, bytes, createdAt, failures },
  onCancel,
  onRetry,
  onRemove,
}: {
  batch: BatchEntry;
  onCancel: () => void;
  onRetry: () => void;
  onRemove: () => void;
}) {
  return (
    <li className="film">
      <span className="film-picture is-sign">
        <i className="bi bi-files" aria-hidden="true" />
      </span>
      <div className="film-words">
        <strong>
          {counted(files, 'file')} for {counted(tables, 'table')}
        </strong>
        <span className="soft">
          {when(createdAt)} · {done} made{failed > 0 && ` · ${failed} not made`}
          {bytes > 0 && ` · ${bytesText(bytes)}`}
        </span>
        {busy > 0 && (
          <>
            <ProgressBar now={done + failed} max={files} aria-label="Progress of the batch" />
            <span className="soft numerals" role="status">
              {done + failed} of {counted(files, 'file')}
            </span>
          </>
        )}
        {failures.map(({ name, message }) => (
          <span key={name} className="film-reason">
            {name}: {message}
          </span>
        ))}
      </div>
      <div className="film-actions">
        {done > 0 && busy === 0 && (
          <a className="btn btn-outline-secondary btn-sm" href={`/api/batches/${id}/file`} download>
            Download ZIP
          </a>
        )}
        {failed > 0 && busy === 0 && (
          <Button size="sm" variant="outline-secondary" onClick={onRetry}>
            Try again
          </Button>
        )}
        {busy > 0 ? (
          <Button size="sm" variant="outline-secondary" onClick={onCancel}>
            Cancel
          </Button>
        ) : (
          <button type="button" className="quiet-button" onClick={onRemove} aria-label="Remove batch" title="Remove">
            <i className="bi bi-x-lg" />
          </button>
        )}
      </div>
    </li>
  );
}
