import { useRef } from 'react';
import Dropdown from 'react-bootstrap/Dropdown';
import ProgressBar from 'react-bootstrap/ProgressBar';
import { FileInput } from '../../common/FileInput';
import { counted } from '../../common/words';
import type { Piece } from '../../../contracts/piece';
import { recordingOf } from '../../piece/voice';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { Departures } from './Departures';
import { doubtfulWords } from './doubts';
import { MicrophoneDialog } from './MicrophoneDialog';
import { RecordingDialog } from './RecordingDialog';
import { SOUNDS } from './sounds';
import { ScratchDialog } from './ScratchDialog';
import { ScriptDialog } from './ScriptDialog';
import { tie, untied } from './saying';
import { endTapping } from './tapping';
import { addSound, findWords, takeRecording, useVoice } from './voiceStore';
import { Found } from './Found';
import { wordsOf } from '../../piece/changes';

/** At the foot of the script: which recording is heard, how well its words are known, and what else can be read. */
export function RecordingBar({ piece }: { piece: Piece }) {
  const open = usePlay((state) => state.voiceDialog);
  const setOpen = (voiceDialog: typeof open): void => usePlay.getState().set({ voiceDialog });
  const picker = useRef<HTMLInputElement>(null);
  const work = useVoice((state) => state.work);
  const id = useDesk((state) => state.id);
  const tapping = useVoice((state) => state.tapping);
  const sheet = useDesk((state) => state.computed?.sheet);
  const recording = recordingOf(piece);
  const recordings = piece.script.recordings ?? [];
  const words = Object.values(sheet?.lines ?? {}).flat();
  const found = words.filter(({ sure }) => sure !== null).length;
  const doubtful = doubtfulWords(piece, sheet);
  const hasText = piece.script.lines.some(({ text }) => text.trim() !== '');
  const offers = untied(sheet);
  const close = (): void => setOpen(null);
  const tieAll = (): void => useDesk.getState().edit((draft) => offers.forEach((one) => tie(draft, one, sheet)));
  return (
    <footer className="recording-bar" aria-label="Recording">
      <FileInput picker={picker} label="File of a recording" accept={SOUNDS} onFile={(file) => void addSound(file)} />
      {tapping ? (
        <div className="voice-work" role="status">
          <span>
            Press <kbd>T</kbd> when you hear <strong>“{wordAt(piece, tapping)}”</strong>
          </span>
          <button type="button" className="text-button" onClick={endTapping}>
            Stop tapping (Esc)
          </button>
        </div>
      ) : work ? (
        <div className="voice-work" role="status">
          <span>{work.piece.id === id ? work.doing : `“${work.piece.title}”: ${work.doing}`}</span>
          <ProgressBar now={work.part * 100} aria-label={work.doing} />
          <button type="button" className="text-button" onClick={work.cancel}>
            Cancel
          </button>
        </div>
      ) : (
        <>
          <Dropdown drop="up">
            <Dropdown.Toggle as="button" type="button" className="text-button recording-name">
              <i className={`bi ${recording?.scratch ? 'bi-robot' : 'bi-soundwave'}`} aria-hidden="true" />
              <strong>{recording ? recording.name : 'No voice yet'}</strong>
            </Dropdown.Toggle>
            <Dropdown.Menu>
              {recordings.map((one) => (
                <Dropdown.Item
                  as="button"
                  key={one.id}
                  active={one.id === recording?.id}
                  onClick={() => void takeRecording(one.id)}
                >
                  {one.name}
                  <span className="soft numerals">
                    {' '}
                    {one.sound ? `${(one.length / 1000).toFixed(1)} s` : 'timings only'}
                  </span>
                </Dropdown.Item>
              ))}
              {recording && (
                <Dropdown.Item as="button" onClick={() => void takeRecording(null)}>
                  No recording
                </Dropdown.Item>
              )}
              {recordings.length > 0 && <Dropdown.Divider />}
              <Dropdown.Item as="button" onClick={() => picker.current?.click()}>
                Add a recording…
              </Dropdown.Item>
              <Dropdown.Item as="button" onClick={() => setOpen('microphone')}>
                Record with the microphone…
              </Dropdown.Item>
              <Dropdown.Item as="button" disabled={!hasText} onClick={() => setOpen('scratch')}>
                Add a scratch voice…
              </Dropdown.Item>
              <Dropdown.Item as="button" onClick={() => setOpen('text')}>
                Paste or open a script…
              </Dropdown.Item>
            </Dropdown.Menu>
          </Dropdown>
          {recording ? (
            <>
              <button
                type="button"
                className="text-button"
                onClick={() => setOpen('recording')}
                title="Offset, trim, level"
              >
                <i className="bi bi-sliders" aria-hidden="true" />
                <span className="visually-hidden">Offset, trim and level</span>
              </button>
              {recording.sound && hasText && found === 0 ? (
                <button type="button" className="text-button is-link" onClick={() => void findWords(recording.id)}>
                  Find words
                </button>
              ) : (
                <>
                  <Found found={found} all={words.length} doubtful={doubtful} />
                  <Departures piece={piece} />
                  {found < words.length && recording.sound && (
                    <button
                      type="button"
                      className="text-button is-link"
                      title="The text has changed since the words were found"
                      onClick={() => (recording.scratch ? setOpen('scratch') : void findWords(recording.id))}
                    >
                      {recording.scratch ? 'Read again' : 'Find words again'}
                    </button>
                  )}
                </>
              )}
            </>
          ) : (
            <>
              <button type="button" className="text-button is-link" onClick={() => picker.current?.click()}>
                Add a recording
              </button>
              {hasText ? (
                <button type="button" className="text-button is-link" onClick={() => setOpen('scratch')}>
                  Scratch voice
                </button>
              ) : (
                <button type="button" className="text-button is-link" onClick={() => setOpen('text')}>
                  Paste a script
                </button>
              )}
            </>
          )}
          {offers.length > 0 && (
            <button
              type="button"
              className="text-button is-link"
              title={`${offers.map(({ label }) => label).join(', ')}: each enters on the words that mention it`}
              onClick={tieAll}
            >
              Pin {counted(offers.length, 'figure')}
            </button>
          )}
        </>
      )}
      {open === 'recording' && recording && <RecordingDialog recording={recording} onClose={close} />}
      {open === 'microphone' && (
        <MicrophoneDialog
          title="Recording"
          lines={piece.script.lines.map(({ text }) => text)}
          onUse={(file) => void addSound(file)}
          onClose={close}
        />
      )}
      {open === 'scratch' && <ScratchDialog piece={piece} onClose={close} />}
      {open === 'text' && <ScriptDialog piece={piece} onClose={close} />}
    </footer>
  );
}

/** How many words are known, and the next that is not sure. */

function wordAt(piece: Piece, { line, word }: { line: string; word: number }): string {
  return wordsOf(piece.script.lines.find(({ id }) => id === line)?.text ?? '')[word] ?? '';
}
