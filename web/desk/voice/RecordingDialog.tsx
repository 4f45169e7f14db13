import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../../common/Dialog';
import { NumberField } from '../../fields/NumberField';
import { TextField } from '../../fields/TextField';
import type { Piece, Recording } from '../../piece/document';
import { changeRecording, removeRecording, shiftRecording } from '../../piece/voice';
import { useDesk } from '../deskStore';
import { findWords, layByRecording } from './voiceStore';

interface Props {
  piece: Piece;
  recording: Recording;
  onClose: () => void;
}

/** Where a recording stands in the piece, what of it is used, and how loud it is. */
export function RecordingDialog({ piece, recording, onClose }: Props) {
  const edit = useDesk((state) => state.edit);
  const change = (work: (own: Recording) => void): void => edit((draft) => changeRecording(draft, recording.id, work));
  const seconds = recording.seconds;
  return (
    <Dialog titled="recording-title" onClose={onClose}>
      <Modal.Header closeButton>
        <Modal.Title id="recording-title">Recording</Modal.Title>
      </Modal.Header>
      <Modal.Body className="fields two-columns">
        <div className="span-all">
          <TextField label="name" value={recording.name} onChange={(name) => change((own) => (own.name = name))} />
        </div>
        <NumberField
          label="begins on"
          unit="frames"
          stage={piece.stage}
          value={recording.begin}
          min={0}
          max={17999}
          usual={0}
          onChange={(begin) => edit((draft) => shiftRecording(draft, recording.id, begin))}
        />
        <NumberField
          label="level"
          unit="fraction"
          value={recording.level}
          min={0}
          max={4}
          step={5}
          usual={1}
          onChange={(level) => change((own) => (own.level = level))}
        />
        {recording.sound && (
          <>
            <NumberField
              label="trimmed before"
              sign="s"
              value={recording.from / 1000}
              min={0}
              max={recording.to / 1000 - 0.1}
              step={0.1}
              usual={0}
              onChange={(from) => {
                change((own) => (own.from = Math.round(from * 1000)));
                void layByRecording();
              }}
            />
            <NumberField
              label="trimmed after"
              sign="s"
              value={recording.to / 1000}
              min={recording.from / 1000 + 0.1}
              max={seconds}
              step={0.1}
              usual={seconds}
              onChange={(to) => {
                change((own) => (own.to = Math.round(to * 1000)));
                void layByRecording();
              }}
            />
          </>
        )}
        <p className="hint span-all">
          {recording.scratch
            ? 'A scratch voice stands in for a narrator. Once a recording is there, everything that is pinned moves to it.'
            : recording.sound
              ? `${seconds.toFixed(1)} seconds in all. Its lines go along when it begins earlier or later.`
              : 'Times alone, as a file of subtitles brought them or a hand set them.'}
        </p>
      </Modal.Body>
      <Modal.Footer>
        <Button
          variant="link"
          className="me-auto"
          onClick={() => {
            edit((draft) => removeRecording(draft, recording.id));
            onClose();
          }}
        >
          Take it out
        </Button>
        {recording.sound && !recording.scratch && (
          <Button
            variant="outline-secondary"
            onClick={() => {
              onClose();
              void findWords(recording.id);
            }}
          >
            Find the words again
          </Button>
        )}
        <Button onClick={onClose}>Done</Button>
      </Modal.Footer>
    </Dialog>
  );
}
