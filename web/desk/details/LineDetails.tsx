import { TextField } from '../../fields/TextField';
import { setLineText } from '../../piece/changes';
import type { Line, Piece } from '../../../contracts/piece';
import { act } from '../act';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { recordingOf } from '../../piece/voice';
import { TakeButton } from '../voice/TakeButton';
import { beginTapping } from '../voice/tapping';
import { newTake } from '../voice/voiceStore';
import { near, usePauses } from '../voice/usePauses';
import { SaidList } from '../voice/SaidList';
import { WordList } from './WordList';
import { OneField } from '../../settings/OneField';
import { settingOf } from '../../settings/settings';

const TEXT = settingOf('Line', 'text');
const OTHER = settingOf('Line', 'other');
const LAST = settingOf('Line', 'end').max ?? Infinity;

/** One line of the script: what is said, and when. */
export function LineDetails({ piece, lineId }: { piece: Piece; lineId: string }) {
  const edit = useDesk((state) => state.edit);
  const sheet = useDesk((state) => state.computed?.sheet);
  const frame = usePlay((state) => state.frame);
  const pauses = usePauses(piece);
  const line = piece.script.lines.find(({ id }) => id === lineId);
  if (!line) return null;
  const words = sheet?.lines[lineId] ?? [];
  const next = piece.script.lines[piece.script.lines.indexOf(line) + 1];
  // The word that is said at the playhead begins the second part.
  const cut = words.reduce((at, word, index) => (word.frame <= frame ? index : at), 0);
  const pinned = piece.moves.filter(({ pin }) => pin?.line === lineId).length;
  const change = (work: (draft: Line, piece_: Piece) => void): void =>
    edit((draft) => {
      const one = draft.script.lines.find(({ id }) => id === lineId);
      if (one) work(one, draft);
    });
  const grow = (draft: Piece, end: number): void => {
    draft.stage.frames = Math.max(draft.stage.frames, end);
  };
  return (
    <>
      <div className="details-head">
        <i className="bi bi-chat-left-text" aria-hidden="true" /> <strong>Line</strong>
      </div>
      <div className="fields one-column">
        <TextField
          label={TEXT.label}
          value={line.text}
          longest={TEXT.longest}
          rows={3}
          onChange={(text) => edit((draft) => setLineText(draft, lineId, text))}
        />
        <OneField
          of="Line"
          name="begin"
          value={line.begin}
          onChange={(begin) =>
            change((draft, whole) => {
              const length = draft.end - draft.begin;
              draft.begin = begin;
              draft.end = Math.min(LAST, begin + length);
              grow(whole, draft.end);
              whole.script.lines.sort((a, b) => a.begin - b.begin);
            })
          }
        />
        <OneField
          of="Line"
          name="end"
          value={line.end}
          min={() => (lineNow(lineId) ?? line).begin + 1}
          onChange={(end) =>
            change((draft, whole) => {
              draft.end = end;
              grow(whole, end);
            })
          }
        />
        <TextField
          label={OTHER.label}
          value={line.other ?? ''}
          longest={OTHER.longest}
          rows={2}
          hint="The same in a second language, for subtitles"
          onChange={(other) =>
            change((draft) => {
              draft.other = other;
            })
          }
        />
        <SaidList line={line} />
        <div className="line-acts">
          <button
            type="button"
            className="text-button"
            disabled={cut < 1}
            title="Split at the playhead"
            onClick={() =>
              void act('split-line', { line: lineId, word: cut }).then(
                (made) => made && usePlay.getState().select({ kind: 'line', line: made[0] }),
              )
            }
          >
            Split{cut > 0 && ` before “${bare(words[cut].text)}”`}
          </button>
          <button
            type="button"
            className="text-button"
            disabled={!next}
            onClick={() => void act('join-line', { line: lineId })}
          >
            Join with next line
          </button>
          {pauses.length > 0 && (
            <button
              type="button"
              className="text-button"
              title="Moves the start and end to the nearest pauses in the recording"
              onClick={() => change((draft) => toPauses(draft, pauses))}
            >
              Snap to pauses
            </button>
          )}
          <button
            type="button"
            className="text-button"
            title="Plays the line. Press T on each word as you hear it."
            onClick={() => beginTapping(lineId)}
          >
            Tap words
          </button>
          {recordingOf(piece)?.sound && <TakeButton text={line.text} onFile={(file) => void newTake(lineId, file)} />}
        </div>
        <WordList piece={piece} line={line} />
        <p className="hint">
          Type times as frames (96f), seconds (3.2s) or timecode (0:03:06).
          {pinned > 0 &&
            (pinned === 1
              ? ' 1 move is pinned to this line and moves with it.'
              : ` ${pinned} moves are pinned to this line and move with it.`)}
        </p>
        <button
          type="button"
          className="text-button"
          onClick={() => {
            void act('remove-line', { line: lineId });
            usePlay.getState().select(null);
          }}
        >
          <i className="bi bi-x-lg" aria-hidden="true" /> Remove line
        </button>
      </div>
    </>
  );
}

const lineNow = (lineId: string): Line | undefined =>
  useDesk.getState().document?.script.lines.find(({ id }) => id === lineId);

const bare = (word: string): string => word.replace(/[.,;:!?]+$/u, '');

/** It begins where a pause ends, and ends where one begins. */
function toPauses(line: Line, pauses: { begin: number; end: number }[]): void {
  const reach = line.end - line.begin;
  const begin = near(
    line.begin,
    pauses.map(({ end }) => end),
    reach,
  );
  const end = near(
    line.end,
    pauses.map((pause) => pause.begin).filter((one) => one > begin),
    reach,
  );
  if (end > begin) Object.assign(line, { begin: Math.max(0, begin), end: Math.min(LAST, end) });
}
