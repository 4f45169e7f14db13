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
          The other tab saved this piece after you opened it here. Which version do you want to keep? The other stays in
          the history; undo restores it.
        </p>
        <p className="hint mb-0">If you use the other tab’s version, your changes since the last save are lost.</p>
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-secondary" onClick={takeTheirs}>
          Use the other tab’s
        </Button>
        <Button onClick={() => void keepMine()}>Keep this tab’s</Button>
      </Modal.Footer>
    </Dialog>
  );
}
