import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../../common/Dialog';

interface Props {
  title: string;
  onKeep: (name: string) => void;
  onClose: () => void;
}

/** Asks for the name of a kit that is to be kept. */
export function KeepKit({ title, onKeep, onClose }: Props) {
  const [name, setName] = useState(title);
  return (
    <Dialog titled="keep-kit" onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim()) onKeep(name.trim());
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id="keep-kit">Keep this look as a kit</Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <label className="form-label" htmlFor="kit-name">
            Name
          </label>
          <input
            id="kit-name"
            className="form-control"
            maxLength={60}
            value={name}
            autoFocus
            onChange={({ target: { value } }) => setName(value)}
          />
          <p className="hint mt-2">
            It holds the colours, type, backdrop, coats, layout and motion of this piece, to be taken by others.
          </p>
        </Modal.Body>
        <Modal.Footer>
          <Button variant="link" onClick={onClose}>
            Cancel
          </Button>
          <Button type="submit" disabled={!name.trim()}>
            Keep the kit
          </Button>
        </Modal.Footer>
      </form>
    </Dialog>
  );
}
