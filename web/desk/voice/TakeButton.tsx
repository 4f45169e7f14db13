import { useRef, useState } from 'react';
import { FileInput } from '../../common/FileInput';
import { MicrophoneDialog } from './MicrophoneDialog';
import { SOUNDS } from './sounds';

/** A new reading of one line, from a file or the microphone. */
export function TakeButton({ text, onFile }: { text: string; onFile: (file: File) => void }) {
  const file = useRef<HTMLInputElement>(null);
  const [isRecording, setRecording] = useState(false);
  return (
    <>
      <button
        type="button"
        className="text-button"
        title="A new reading of this line takes the place of the one in the recording, as loud as the rest"
        onClick={() => file.current?.click()}
      >
        Add a take…
      </button>
      <button
        type="button"
        className="text-button"
        title="Read this line anew; it takes the place of the one in the recording, as loud as the rest"
        onClick={() => setRecording(true)}
      >
        Record a take…
      </button>
      {isRecording && (
        <MicrophoneDialog title="A take" lines={[text]} onUse={onFile} onClose={() => setRecording(false)} />
      )}
      <FileInput picker={file} label="File of a new take" accept={SOUNDS} onFile={onFile} />
    </>
  );
}
