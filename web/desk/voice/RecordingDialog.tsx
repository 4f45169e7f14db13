import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../../common/Dialog';
import { NumberField } from '../../fields/NumberField';
import { TextField } from '../../fields/TextField';
import type { Recording } from '../../../contracts/piece';
import { changeRecording, removeRecording, shiftRecording } from '../../piece/voice';
import { useDesk } from '../deskStore';
import { findWords, layByRecording } from './voiceStore';
import { OneField } from '../../settings/OneField';
import { settingOf } from '../../settings/settings';

interface Props {
  recording: Recording;
  onClose: () => void;
}

/** Where a recording stands in the piece, what of it is used, and how loud it is. */
export function RecordingDialog({ recording, onClose }: Props) {
  const edit = useDesk((state) => state.edit);
  const change = (work: (own: Recording) => void): void => edit((draft) => changeRecording(draft, recording.id, work));
  const seconds = recording.length / 1000;
  return (
    <Dialog titled="recording-title" onClose={onClose}>
      <Modal.Header closeButton>
        <Modal.Title id="recording-title">Recording</Modal.Title>
      </Modal.Header>
      <Modal.Body className="fields two-columns">
        <div className="span-all">
          <TextField
            label={settingOf('Recording', 'name').label}
            value={recording.name}
            onChange={(name) => change((own) => (own.name = name))}
          />
        </div>
        <OneField
          of="Recording"
          name="begin"
          value={recording.begin}
          onChange={(begin) => edit((draft) => shiftRecording(draft, recording.id, begin))}
        />
        <OneField
          of="Recording"
          name="level"
          value={recording.level}
          onChange={(level) => change((own) => (own.level = level))}
        />
        {recording.sound && (
          <>
            <NumberField
              label="Trim start"
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
              label="Trim end"
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
            ? 'A scratch voice stands in for the narrator. When you add a recording, all pins move to it.'
            : recording.sound
              ? `${seconds.toFixed(1)} seconds long. Its lines move with it when you change the start.`
              : 'Timings only, from a subtitle file or set by hand.'}
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
          Remove recording
        </Button>
        {recording.sound && !recording.scratch && (
          <Button
            variant="outline-secondary"
            onClick={() => {
              onClose();
              void findWords(recording.id);
            }}
          >
            Find words again
          </Button>
        )}
        <Button onClick={onClose}>Done</Button>
      </Modal.Footer>
    </Dialog>
  );
}
