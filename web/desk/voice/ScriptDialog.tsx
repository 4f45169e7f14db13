import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../../common/Dialog';
import { ask, reasonOf } from '../../api/client';
import type { ReadScript } from '../../api/answers';
import { counted } from '../../common/words';
import type { Piece } from '../../../contracts/piece';
import { pinnedWords } from '../../piece/script';
import { recordingOf } from '../../piece/voice';
import { act } from '../act';
import { useDesk } from '../deskStore';
import { layByRecording } from './voiceStore';

const KINDS: Record<ReadScript['kind'], string> = { text: 'a text', SubRip: 'SubRip subtitles', WebVTT: 'WebVTT' };

/** A whole script at once: typed, pasted or from a file. What it changes is shown before it is taken. */
export function ScriptDialog({ piece, onClose }: { piece: Piece; onClose: () => void }) {
  const [text, setText] = useState(() =>
    // Each of its lines in one row; breaks within them stay where their words do.
    piece.script.lines.map((line) => line.text.replaceAll('\n', ' ')).join('\n'),
  );
  const [name, setName] = useState('');
  const [chosen, setChosen] = useState<Record<string, string>>({});
  const picker = useRef<HTMLInputElement>(null);
  const { data, error, isFetching } = useQuery({
    queryKey: ['script', text, piece.script.lines],
    enabled: text.trim() !== '',
    retry: false,
    staleTime: Infinity,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) => ask('POST script/read', { body: { document: piece, text }, signal }),
  });
  const read = text.trim() === '' ? undefined : data;
  const lost = [...pinnedWords(piece)].filter((word) => read && !read.moved[word]);
  const take = async (): Promise<void> => {
    onClose();
    if (!(await act('take-script', { text, name, instead: chosen }))) return;
    const now = useDesk.getState().document;
    if (now && recordingOf(now)) void layByRecording();
  };
  return (
    <Dialog titled="script-title" onClose={onClose} size="lg" className="script-dialog">
      <Modal.Header closeButton>
        <Modal.Title id="script-title">Script</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <input
          ref={picker}
          type="file"
          accept=".txt,.srt,.vtt,text/plain,text/vtt"
          className="d-none"
          aria-label="File of a script"
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) {
              setName(file.name);
              void file.text().then(setText);
            }
            event.target.value = '';
          }}
        />
        <textarea
          className="form-control script-text"
          rows={9}
          value={text}
          aria-label="Narration text"
          placeholder="Paste the narration. Each sentence becomes a line; SRT and WebVTT subtitles keep their times."
          maxLength={400_000}
          onChange={(event) => setText(event.target.value)}
        />
        <div className="script-read" role="status" aria-busy={isFetching}>
          {error && <p className="text-danger">{reasonOf(error)}</p>}
          {!error && read && (
            <>
              <p>
                <strong>{counted(read.lines.length, 'line')}</strong>
                <span className="soft"> from {KINDS[read.kind]}</span>
                {read.heard.length > 0 && <span className="soft">, with word times</span>}
              </p>
              {read.remarks.map((remark) => (
                <p key={remark}>{remark}</p>
              ))}
              {piece.script.lines.length > 0 && <Difference kind="new" phrases={read.added} />}
              <Difference kind="gone" phrases={read.gone} />
              {lost.map((word) => (
                <label key={word} className="script-lost">
                  <span>“{wordAt(piece, word)}” is no longer in the script. Pin its moves to</span>
                  <select
                    className="form-select form-select-sm"
                    value={chosen[word] ?? '0'}
                    onChange={(event) => setChosen({ ...chosen, [word]: event.target.value })}
                  >
                    {(read.kin[word] ?? []).map((kin, index) => (
                      <option key={`${kin.line}:${kin.word}`} value={index}>
                        “{kin.text}”
                      </option>
                    ))}
                    <option value="none">nothing (keep current time)</option>
                  </select>
                </label>
              ))}
            </>
          )}
        </div>
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-secondary" className="me-auto" onClick={() => picker.current?.click()}>
          Open a file…
        </Button>
        <Button disabled={!read || Boolean(error) || isFetching} onClick={() => void take()}>
          Use these lines
        </Button>
      </Modal.Footer>
    </Dialog>
  );
}

const DIFFERENCES = { new: '+ New', gone: '− Removed' };

function Difference({ kind, phrases }: { kind: keyof typeof DIFFERENCES; phrases: string[] }) {
  if (phrases.length === 0) return null;
  return (
    <p className={`script-difference is-${kind}`}>
      <span className="soft">{DIFFERENCES[kind]}</span>{' '}
      {phrases.slice(0, 6).map((phrase) => (
        <q key={phrase}>{phrase.length > 80 ? `${phrase.slice(0, 78)}…` : phrase}</q>
      ))}
      {phrases.length > 6 && <span className="soft"> and {phrases.length - 6} more</span>}
    </p>
  );
}

function wordAt(piece: Piece, key: string): string {
  const [line, word] = key.split(':');
  const text = piece.script.lines.find(({ id }) => id === line)?.text ?? '';
  return text.trim().split(/\s+/u)[Number(word)] ?? '';
}
