import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { ask } from '../../api/client';
import { Dialog } from '../../common/Dialog';
import { counted } from '../../common/words';
import { NumberField } from '../../fields/NumberField';
import { TextField } from '../../fields/TextField';
import type { Recording } from '../../../contracts/piece';
import { lengthOf, longPauses, without } from '../../piece/splice';
import { changeRecording, removeRecording, shiftRecording } from '../../piece/voice';
import { useDesk } from '../deskStore';
import { findWords, layByRecording, splice } from './voiceStore';
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
  const isInUse = useDesk((state) => state.document?.script.recording === recording.id);
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
        {recording.sound && isInUse && <LongPauses recording={recording} onDone={onClose} />}
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

/** Pauses that are longer than allowed, and what it takes to make them shorter. */
function LongPauses({ recording, onDone }: { recording: Recording; onDone: () => void }) {
  const [over, setOver] = useState(0.6);
  const [to, setTo] = useState(0.4);
  const { data } = useQuery({
    queryKey: ['pauses', recording.sound],
    staleTime: Infinity,
    retry: false,
    queryFn: () => ask('GET sounds/{sound}/pauses', { at: { sound: recording.sound ?? '' } }),
  });
  const gone = longPauses(recording, data?.pauses ?? [], over * 1000, to * 1000);
  const saved = lengthOf(gone.map(([from, end]) => ({ from, length: end - from }))) / 1000;
  return (
    <div className="span-all long-pauses">
      <NumberField
        label="Shorten pauses over"
        sign="s"
        value={over}
        min={0.1}
        max={30}
        step={0.1}
        onChange={(value) => {
          setOver(value);
          setTo(Math.min(to, value));
        }}
      />
      <NumberField label="to" sign="s" value={to} min={0} max={over} step={0.1} onChange={setTo} />
      <Button
        size="sm"
        variant="outline-secondary"
        disabled={gone.length === 0}
        onClick={() => {
          onDone();
          void splice(() => without(recording, gone));
        }}
      >
        {gone.length === 0 ? 'No pause is longer' : `Shorten ${counted(gone.length, 'pause')}, ${saved.toFixed(1)} s`}
      </Button>
    </div>
  );
}
