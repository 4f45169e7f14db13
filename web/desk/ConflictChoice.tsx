import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../common/Dialog';
import { useDesk } from './deskStore';

/** Two tabs, one piece: nothing is written over the other without being asked. */
export function ConflictChoice() {
  const { saved, theirs, takeTheirs, keepMine } = useDesk();
  if (saved !== 'conflict' || !theirs) return null;
  return (
    <Dialog titled="conflict-title" isAsked onClose={() => undefined}>
      <Modal.Header>
        <Modal.Title id="conflict-title">This piece was changed in another tab</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p>
          It was saved there after you opened it here. Which one shall go on? The other one stays in the history, and
          undo brings it back.
        </p>
        <p className="hint mb-0">If you take the other tab’s, what you changed here since your last save is let go.</p>
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-secondary" onClick={takeTheirs}>
          Take the other tab’s
        </Button>
        <Button onClick={() => void keepMine()}>Keep mine</Button>
      </Modal.Footer>
    </Dialog>
  );
}
