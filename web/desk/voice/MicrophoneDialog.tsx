import { useEffect, useMemo } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../../common/Dialog';
import { useMicrophone } from './useMicrophone';

interface Props {
  title: string;
  /** what is to be read */
  lines: string[];
  onUse: (file: File) => void;
  onClose: () => void;
}

/** Records with the machine’s microphone: what is to be read, how loud it is, and to listen to before it is used. */
export function MicrophoneDialog({ title, lines, onUse, onClose }: Props) {
  const { phase, problem, level, seconds, sound, record, stop, again } = useMicrophone();
  const address = useMemo(() => (sound ? URL.createObjectURL(sound) : null), [sound]);
  useEffect(() => () => void (address && URL.revokeObjectURL(address)), [address]);
  const use = (): void => {
    if (!sound) return;
    const ending = sound.type.includes('mp4') ? 'm4a' : sound.type.includes('ogg') ? 'ogg' : 'webm';
    onUse(new File([sound], `Microphone.${ending}`, { type: sound.type }));
    onClose();
  };
  return (
    <Dialog titled="microphone-title" onClose={onClose}>
      <Modal.Header closeButton>
        <Modal.Title id="microphone-title">{title}</Modal.Title>
      </Modal.Header>
      <Modal.Body className="microphone">
        {problem ? (
          <p className="text-danger" role="alert">
            {problem}
          </p>
        ) : (
          <>
            {lines.length > 0 && (
              <div className="to-read">
                {lines.map((line, place) => (
                  <p key={place}>{line}</p>
                ))}
              </div>
            )}
            <div className="microphone-level">
              <meter min={0} max={1} low={0.05} high={0.9} optimum={0.4} value={level} aria-label="Level" />
              <span className="numerals" role="timer">
                {seconds.toFixed(1)} s
              </span>
            </div>
            {level >= 0.99 && <p className="text-danger">Too loud: move away from the microphone, or turn it down.</p>}
            {address && (
              // eslint-disable-next-line jsx-a11y/media-has-caption -- it is what somebody has just said
              <audio controls src={address} aria-label="What was recorded" />
            )}
          </>
        )}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="link" onClick={onClose}>
          Cancel
        </Button>
        {phase === 'done' && (
          <Button variant="outline-secondary" onClick={again}>
            Record again
          </Button>
        )}
        {phase === 'done' ? (
          <Button onClick={use}>Use it</Button>
        ) : phase === 'recording' ? (
          <Button autoFocus onClick={stop}>
            Stop
          </Button>
        ) : (
          <Button disabled={phase !== 'ready'} onClick={record}>
            Record
          </Button>
        )}
      </Modal.Footer>
    </Dialog>
  );
}
