import { NumberField } from '../../fields/NumberField';
import { TextField } from '../../fields/TextField';
import { removeLine, setLineText } from '../../piece/changes';
import type { Line, Piece } from '../../piece/document';
import { joinLine, splitLine } from '../../piece/script';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { beginsOf } from '../sheet';
import { beginTapping } from '../voice/tapping';
import { near, usePauses } from '../voice/usePauses';
import { SaidList } from '../voice/SaidList';
import { WordList } from './WordList';

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
          label="said"
          value={line.text}
          longest={600}
          rows={3}
          onChange={(text) => edit((draft) => setLineText(draft, lineId, text))}
        />
        <NumberField
          label="begins"
          unit="frames"
          stage={piece.stage}
          value={line.begin}
          min={0}
          max={17999}
          onChange={(begin) =>
            change((draft, whole) => {
              const length = draft.end - draft.begin;
              draft.begin = begin;
              draft.end = Math.min(18000, begin + length);
              grow(whole, draft.end);
              whole.script.lines.sort((a, b) => a.begin - b.begin);
            })
          }
        />
        <NumberField
          label="ends"
          unit="frames"
          stage={piece.stage}
          value={line.end}
          min={line.begin + 1}
          max={18000}
          onChange={(end) =>
            change((draft, whole) => {
              draft.end = end;
              grow(whole, end);
            })
          }
        />
        <SaidList line={line} />
        <div className="line-acts">
          <button
            type="button"
            className="text-button"
            disabled={cut < 1}
            title="Into two, where the playhead is"
            onClick={() => {
              let second = lineId;
              edit((draft) => (second = splitLine(draft, lineId, cut, words[cut].frame)));
              usePlay.getState().select({ kind: 'line', line: second });
            }}
          >
            split{cut > 0 && ` before “${bare(words[cut].text)}”`}
          </button>
          <button
            type="button"
            className="text-button"
            disabled={!next}
            onClick={() => edit((draft) => joinLine(draft, lineId))}
          >
            join with the next
          </button>
          {pauses.length > 0 && (
            <button
              type="button"
              className="text-button"
              title="Its ends go to the nearest pauses of the recording"
              onClick={() => change((draft) => toPauses(draft, pauses))}
            >
              to the pauses
            </button>
          )}
          <button
            type="button"
            className="text-button"
            title="Plays the line; press T as each word is said"
            onClick={() => beginTapping(lineId)}
          >
            tap the words
          </button>
        </div>
        <WordList piece={piece} line={line} />
        <p className="hint">
          Times can be typed as frames (96f), seconds (3.2s) or timecode (0:03:06).
          {pinned > 0 &&
            (pinned === 1
              ? ' One move is pinned to it and goes along.'
              : ` ${pinned} moves are pinned to it and go along.`)}
        </p>
        <button
          type="button"
          className="text-button"
          onClick={() => {
            edit((draft) => removeLine(draft, lineId, beginsOf(sheet)));
            usePlay.getState().select(null);
          }}
        >
          <i className="bi bi-x-lg" aria-hidden="true" /> take the line out
        </button>
      </div>
    </>
  );
}

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
  if (end > begin) Object.assign(line, { begin: Math.max(0, begin), end: Math.min(18_000, end) });
}
