import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import Modal from 'react-bootstrap/Modal';
import { ask, reasonOf } from '../api/client';
import { Dialog } from '../common/Dialog';
import { useNotices } from '../common/Notices';
import { counted, when } from '../common/words';

const BIN = ['bin'];

/** What was deleted, for how long it can still be put back, and the way to be rid of it now. */
export function BinDialog({ onClose }: { onClose: () => void }) {
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  /** the piece that is about to go for good, once it is said again */
  const [asked, setAsked] = useState<string | null>(null);
  const bin = useQuery({ queryKey: BIN, queryFn: () => ask('GET bin'), refetchOnMount: 'always' });
  const done = {
    onSettled: () =>
      Promise.all([queries.invalidateQueries({ queryKey: BIN }), queries.invalidateQueries({ queryKey: ['shelf'] })]),
    onError: (error: unknown) => say(reasonOf(error), { bad: true }),
  };
  const restore = useMutation({
    mutationFn: (id: string) => ask('POST pieces/{piece}/restore', { at: { piece: id } }),
    ...done,
  });
  const discard = useMutation({
    mutationFn: (id: string) => ask('DELETE bin/{piece}', { at: { piece: id } }),
    ...done,
  });
  const { pieces = [], days = 30 } = bin.data ?? {};
  return (
    <Dialog titled="bin-title" onClose={onClose}>
      <Modal.Header closeButton>
        <Modal.Title id="bin-title">Bin</Modal.Title>
      </Modal.Header>
      <Modal.Body className="bin">
        <p className="hint">Deleted pieces stay here for {days} days, with all their versions.</p>
        {bin.isPending && <p role="status">Loading…</p>}
        {bin.data && pieces.length === 0 && <p>The bin is empty.</p>}
        <ul className="plain-list">
          {pieces.map(({ id, title, deletedAt, daysLeft }) => (
            <li key={id}>
              <span className="bin-words">
                <strong>{title}</strong>
                <span className="soft">
                  deleted {deletedAt ? when(deletedAt) : ''}, gone in {counted(daysLeft, 'day')}
                </span>
              </span>
              {asked === id ? (
                <>
                  <button
                    type="button"
                    className="btn btn-outline-danger btn-sm"
                    autoFocus
                    onClick={() => discard.mutate(id)}
                  >
                    Delete it and all versions
                  </button>
                  <button type="button" className="text-button" onClick={() => setAsked(null)}>
                    Keep
                  </button>
                </>
              ) : (
                <>
                  <button type="button" className="btn btn-outline-secondary btn-sm" onClick={() => restore.mutate(id)}>
                    Restore
                  </button>
                  <button
                    type="button"
                    className="text-button"
                    aria-label={`Delete ${title} for good`}
                    onClick={() => setAsked(id)}
                  >
                    Delete for good
                  </button>
                </>
              )}
            </li>
          ))}
        </ul>
      </Modal.Body>
    </Dialog>
  );
}
