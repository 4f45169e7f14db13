import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../../common/Dialog';
import { ask, reasonOf } from '../../api/client';
import type { ReadScript } from '../../api/scriptAnswers';
import { counted } from '../../common/words';
import type { Piece } from '../../piece/document';
import { pinnedWords, takeScript, type Moved } from '../../piece/script';
import { recordingOf } from '../../piece/voice';
import { useDesk } from '../deskStore';
import { beginsOf } from '../sheet';
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
    queryFn: ({ signal }) =>
      ask<ReadScript>('script/read', { method: 'POST', body: { document: piece, text }, signal }),
  });
  const read = text.trim() === '' ? undefined : data;
  const lost = [...pinnedWords(piece)].filter((word) => read && !read.moved[word]);
  const take = (): void => {
    if (!read) return;
    const { edit, computed } = useDesk.getState();
    const moved: Moved = { ...read.moved };
    for (const word of lost) {
      const place = placeOf(read, word, chosen[word]);
      if (place) moved[word] = place;
    }
    edit((draft) => takeScript(draft, keepTimes(piece, read), moved, beginsOf(computed?.sheet), read.heard, name));
    onClose();
    if (recordingOf(piece)) void layByRecording();
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
          aria-label="What the narrator says"
          placeholder="Paste what the narrator says: each sentence becomes a line. Subtitles (SRT, WebVTT) bring their times."
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
                {read.heard.length > 0 && <span className="soft">, with times of words</span>}
              </p>
              {read.remarks.map((remark) => (
                <p key={remark}>{remark}</p>
              ))}
              {piece.script.lines.length > 0 && <Difference sign="+" label="new" phrases={read.added} />}
              <Difference sign="−" label="gone" phrases={read.gone} />
              {lost.map((word) => (
                <label key={word} className="script-lost">
                  <span>Pinned to “{wordAt(piece, word)}”, which is gone: tie it to</span>
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
                    <option value="none">nothing: it keeps its moment</option>
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
        <Button disabled={!read || Boolean(error) || isFetching} onClick={take}>
          Take these lines
        </Button>
      </Modal.Footer>
    </Dialog>
  );
}

function Difference({ sign, label, phrases }: { sign: string; label: string; phrases: string[] }) {
  if (phrases.length === 0) return null;
  return (
    <p className={`script-difference is-${label}`}>
      <span className="soft">
        {sign} {label}
      </span>{' '}
      {phrases.slice(0, 6).map((phrase) => (
        <q key={phrase}>{phrase.length > 80 ? `${phrase.slice(0, 78)}…` : phrase}</q>
      ))}
      {phrases.length > 6 && <span className="soft"> and {phrases.length - 6} more</span>}
    </p>
  );
}

function placeOf(read: ReadScript, word: string, chosen: string | undefined): { line: string; word: number } | null {
  if (chosen === 'none') return null;
  const kin = read.kin[word]?.[Number(chosen ?? 0)];
  return kin ? { line: kin.line, word: kin.word } : null;
}

function wordAt(piece: Piece, key: string): string {
  const [line, word] = key.split(':');
  const text = piece.script.lines.find(({ id }) => id === line)?.text ?? '';
  return text.trim().split(/\s+/u)[Number(word)] ?? '';
}

/** A text brings no times: lines that were there keep theirs, and new ones stand after the line before. */
function keepTimes(piece: Piece, { kind, lines }: ReadScript): ReadScript['lines'] {
  if (kind !== 'text' || piece.script.lines.length === 0) return lines;
  let after = 0;
  return lines.map((line) => {
    const before = piece.script.lines.find(({ id }) => id === line.id);
    const begin = Math.max(before?.begin ?? after, after);
    const end = begin + (before ? before.end - before.begin : line.end - line.begin);
    after = end;
    return { ...line, begin, end };
  });
}
