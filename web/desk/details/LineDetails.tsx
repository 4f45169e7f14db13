import { NumberField } from '../../fields/NumberField';
import { TextField } from '../../fields/TextField';
import { removeLine, setLineText } from '../../piece/changes';
import type { Line, Piece } from '../../piece/document';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { beginsOf } from '../sheet';

/** One line of the script: what is said, and when. */
export function LineDetails({ piece, lineId }: { piece: Piece; lineId: string }) {
  const edit = useDesk((state) => state.edit);
  const sheet = useDesk((state) => state.computed?.sheet);
  const line = piece.script.lines.find(({ id }) => id === lineId);
  if (!line) return null;
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
