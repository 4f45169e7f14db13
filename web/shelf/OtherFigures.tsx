import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { useNavigate } from 'react-router';
import { ask, reasonOf } from '../api/client';
import type { ShelfEntry } from '../api/answers';
import { Dialog } from '../common/Dialog';
import { useNotices } from '../common/Notices';
import { useDesk } from '../desk/deskStore';
import { useFiles } from '../desk/tables/filesStore';

/** A new piece from one that is there, with other figures: they are compared on its desk before they are taken. */
export function OtherFigures({ piece, onClose }: { piece: ShelfEntry; onClose: () => void }) {
  const [text, setText] = useState('');
  const [isBusy, setBusy] = useState(false);
  const navigate = useNavigate();
  const make = async (file: File): Promise<void> => {
    setBusy(true);
    try {
      const made = await ask('POST pieces/{piece}/duplicate', { at: { piece: piece.id } });
      await navigate(`/pieces/${made.id}`);
      takeWhenOpen(made.id, file);
    } catch (error) {
      setBusy(false);
      useNotices.getState().say(reasonOf(error), { bad: true });
    }
  };
  return (
    <Dialog titled="other-title" onClose={onClose}>
      <Modal.Header closeButton>
        <Modal.Title id="other-title">Like “{piece.title}”, with other figures</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <label htmlFor="other-figures" className="form-label">
          Figures
        </label>
        <textarea
          id="other-figures"
          className="form-control numerals"
          rows={6}
          placeholder={'Paste rows from a spreadsheet, such as\nKettles\t512'}
          value={text}
          autoFocus
          onChange={({ target }) => setText(target.value)}
        />
        <p className="hint mb-0">
          Rows with the same labels keep their looks, moves and pins. What is new or gone is shown before it is taken.
        </p>
      </Modal.Body>
      <Modal.Footer>
        <label className="btn btn-outline-secondary">
          Open a file…
          <input
            type="file"
            className="visually-hidden"
            accept=".csv,.tsv,.txt,.xlsx,.ods,.json"
            onChange={({ target }) => {
              const [file] = target.files ?? [];
              if (file) void make(file);
            }}
          />
        </label>
        <Button
          disabled={isBusy || text.trim() === ''}
          onClick={() => void make(new File([text], 'figures.tsv', { type: 'text/tab-separated-values' }))}
        >
          Compare on its desk
        </Button>
      </Modal.Footer>
    </Dialog>
  );
}

/** The desk is there before the file is taken to it. */
function takeWhenOpen(id: string, file: File): void {
  const isOpen = (): boolean => useDesk.getState().id === id && useDesk.getState().document !== null;
  if (isOpen()) {
    void useFiles.getState().take(file);
    return;
  }
  const end = useDesk.subscribe(() => {
    if (!isOpen()) return;
    end();
    void useFiles.getState().take(file);
  });
}
