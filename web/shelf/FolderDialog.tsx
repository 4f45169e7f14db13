import { useId, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import type { Shelf, ShelfEntry } from '../api/answers';
import { Dialog } from '../common/Dialog';

const LONGEST = 60;

interface Props {
  piece: ShelfEntry;
  folders: Shelf['folders'];
  /** empty: out of all folders */
  onMove: (folder: string) => void;
  onClose: () => void;
}

/** Into which folder a piece goes: one that is there, or a new one by its name. */
export function FolderDialog({ piece, folders, onMove, onClose }: Props) {
  const [typed, setTyped] = useState(piece.folder ?? '');
  const id = useId();
  return (
    <Dialog titled="folder-title" onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          onMove(typed.trim());
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id="folder-title">Move “{piece.title}”</Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <label htmlFor={id} className="form-label">
            Folder
          </label>
          <input
            id={id}
            className="form-control"
            list={`${id}-all`}
            value={typed}
            maxLength={LONGEST}
            placeholder="Such as: spring series"
            autoFocus
            onChange={({ target }) => setTyped(target.value)}
          />
          <datalist id={`${id}-all`}>
            {folders.map(({ name }) => (
              <option key={name} value={name} />
            ))}
          </datalist>
          <p className="hint mb-0">
            A new name makes a folder. Leave it empty to put the piece on the shelf itself. A folder with nothing in it
            goes by itself.
          </p>
        </Modal.Body>
        <Modal.Footer>
          <Button type="submit">Move</Button>
        </Modal.Footer>
      </form>
    </Dialog>
  );
}
