import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../../common/Dialog';
import { ask, reasonOf } from '../../api/client';
import { useNotices } from '../../common/Notices';
import { Pick } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import { useOnceRead } from '../../fields/reads';
import type { Piece } from '../../piece/document';
import { layByPace, readAloud } from './voiceStore';

/** Who reads the lines while there is no narrator, and how fast. */
export function ScratchDialog({ piece, onClose }: { piece: Piece; onClose: () => void }) {
  const before = piece.script.recordings?.find(({ scratch }) => scratch)?.scratch;
  const [speaker, setSpeaker] = useState(before?.speaker ?? 'british-low');
  const [pace, setPace] = useState(before?.pace ?? 150);
  const { data } = useQuery({
    queryKey: ['speakers'],
    staleTime: Infinity,
    queryFn: () => ask<{ speakers: { id: string; name: string }[] }>('speakers'),
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
          label="Who reads"
          value={speaker}
          options={(data?.speakers ?? [{ id: speaker, name: '…' }]).map(({ id, name }) => [id, name])}
          onChange={setSpeaker}
        />
        <NumberField label="words a minute" value={pace} min={80} max={320} step={5} usual={150} onChange={setPace} />
        <p className="hint span-all">
          A made voice that stands in for a narrator, so that the timing can be heard before there is one. It reads
          every line where it begins, or after the one before; every word knows its moment at once. It is read on this
          machine and needs no network.
        </p>
      </Modal.Body>
      <Modal.Footer>
        <Button variant="link" className="me-auto" onClick={lay} title="Without a sound">
          Only lay the lines out at this pace
        </Button>
        <Button onClick={read}>{before ? 'Read again' : 'Read the lines'}</Button>
      </Modal.Footer>
    </Dialog>
  );
}
