import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../../common/Dialog';
import { ask, reasonOf } from '../../api/client';
import { useNotices } from '../../common/Notices';
import { Pick } from '../../fields/Choice';
import { useOnceRead } from '../../fields/reads';
import type { Piece } from '../../../contracts/piece';
import { layByPace, readAloud } from './voiceStore';
import { OneField } from '../../settings/OneField';
import { settingOf } from '../../settings/settings';

/** Who reads the lines while there is no narrator, and how fast. */
export function ScratchDialog({ piece, onClose }: { piece: Piece; onClose: () => void }) {
  const before = piece.script.recordings?.find(({ scratch }) => scratch)?.scratch;
  const [speaker, setSpeaker] = useState(before?.speaker ?? 'british-low');
  const [pace, setPace] = useState(before?.pace ?? Number(settingOf('ScratchVoice', 'pace').default));
  const { data } = useQuery({
    queryKey: ['speakers'],
    staleTime: Infinity,
    queryFn: () => ask('GET speakers'),
  });
  const lay = useOnceRead(() => {
    onClose();
    layByPace(pace).catch((error: unknown) => useNotices.getState().say(reasonOf(error), { bad: true }));
  });
  const read = useOnceRead(() => {
    onClose();
    void readAloud(speaker, pace);
  });
  return (
    <Dialog titled="scratch-title" onClose={onClose}>
      <Modal.Header closeButton>
        <Modal.Title id="scratch-title">Scratch voice</Modal.Title>
      </Modal.Header>
      <Modal.Body className="fields two-columns">
        <Pick
          label="Voice"
          value={speaker}
          options={(data?.speakers ?? [{ id: speaker, name: '…' }]).map(({ id, name }) => [id, name])}
          onChange={setSpeaker}
        />
        <OneField of="ScratchVoice" name="pace" label="Words per minute" value={pace} onChange={setPace} />
        <p className="hint span-all">
          A synthetic voice that stands in for the narrator so that you can judge the timing. It reads each line at its
          start time, or after the previous line, and times every word. It runs on this machine and needs no network.
        </p>
      </Modal.Body>
      <Modal.Footer>
        <Button variant="link" className="me-auto" onClick={lay} title="Moves the lines without making a recording">
          Space lines at this pace only
        </Button>
        <Button onClick={read}>{before ? 'Read again' : 'Read the lines'}</Button>
      </Modal.Footer>
    </Dialog>
  );
}
