import { useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { useNavigate } from 'react-router';
import { ask, reasonOf } from '../api/client';
import type { ShelfEntry } from '../api/answers';
import { Dialog } from '../common/Dialog';
import { FileInput } from '../common/FileInput';
import { useNotices } from '../common/Notices';
import { useDesk } from '../desk/deskStore';
import { useFiles } from '../desk/tables/filesStore';
import { KINDS } from '../tables/incoming';
import { PasteBox } from '../tables/PasteBox';

/** A new piece from one that is there, with other figures: they are compared on its desk before they are taken. */
export function OtherFigures({ piece, onClose }: { piece: ShelfEntry; onClose: () => void }) {
  const [text, setText] = useState('');
  const [isBusy, setBusy] = useState(false);
  const picker = useRef<HTMLInputElement>(null);
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
        <PasteBox
          label="Other figures"
          rows={6}
          placeholder={'Paste rows from a spreadsheet, such as\nKettles\t512'}
          value={text}
          onChange={setText}
        />
        <p className="hint mb-0">
          Rows with the same labels keep their looks, moves and pins. What is new or gone is shown before it is taken.
        </p>
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-secondary" disabled={isBusy} onClick={() => picker.current?.click()}>
          Open a file…
        </Button>
        <FileInput
          accept={KINDS}
          picker={picker}
          label="File with the other figures"
          onFile={(file) => void make(file)}
        />
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
