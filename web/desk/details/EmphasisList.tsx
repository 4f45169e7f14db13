import type { SheetEmphasis } from '../../api/answers';
import { Pick } from '../../fields/Choice';
import { addEmphasis } from '../../piece/accents';
import { removeMove } from '../../piece/changes';
import type { FigureTarget, Move, Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { useTimecode } from '../useTimecode';
import { PinField } from './PinField';
import { MoveCurve } from './MoveCurve';
import { GroupFields } from '../../settings/GroupFields';
import { OneField } from '../../settings/OneField';

interface Props {
  piece: Piece;
  target: FigureTarget;
  /** as they run now, pins resolved */
  sheet: SheetEmphasis[];
}

/** When a part stands out, how, and until when. */
export function EmphasisList({ piece, target, sheet }: Props) {
  const edit = useDesk((state) => state.edit);
  const frame = usePlay((state) => state.frame);
  return (
    <>
      {sheet.map((now) => {
        const move = piece.moves.find(({ id }) => id === now.id);
        return move && <EmphasisFields key={move.id} piece={piece} move={move} now={now} />;
      })}
      {sheet.length === 0 && (
        <p className="hint">No emphasis yet. Add one to make this part stand out while the others dim.</p>
      )}
      <button
        type="button"
        className="btn btn-outline-secondary btn-sm"
        onClick={() =>
          edit((draft) => {
            addEmphasis(draft, target, frame, null);
          })
        }
      >
        Add emphasis at playhead
      </button>
    </>
  );
}

function EmphasisFields({ piece, move, now }: { piece: Piece; move: Move; now: SheetEmphasis }) {
  const edit = useDesk((state) => state.edit);
  const ofDesk = useDesk((state) => state.computed?.sheet);
  const lines = ofDesk?.lines ?? {};
  const timecode = useTimecode(ofDesk);
  const { emphasis } = move;
  if (!emphasis) return null;
  const change = (work: (draft: Move) => void): void =>
    edit((draft) => {
      const one = draft.moves.find(({ id }) => id === move.id);
      if (one) work(one);
    });
  const set = (part: Partial<NonNullable<Move['emphasis']>>): void =>
    change((draft) => {
      if (draft.emphasis) Object.assign(draft.emphasis, part);
    });
  const { untilPin } = emphasis;
  const until = untilPin ? `${untilPin.line}:${untilPin.word ?? 'line'}` : emphasis.until === null ? 'line' : 'frame';
  return (
    <div className="sub-fields">
      <PinField
        id={`emphasis-${move.id}`}
        piece={piece}
        pin={move.pin}
        begin={now.begin}
        isOwn
        onFrame={(begin) => change((draft) => Object.assign(draft, { begin, pin: null }))}
        onPin={(pin) => change((draft) => Object.assign(draft, { pin, begin: now.begin }))}
      />
      <Pick
        label="Ends"
        value={until}
        options={[
          ['line', move.pin ? 'At the end of the line' : 'Automatically'],
          ['frame', 'On a frame'],
          ...piece.script.lines.flatMap((line) =>
            (lines[line.id] ?? []).map((word, index): [string, string] => [
              `${line.id}:${index}`,
              `On “${word.text.replace(/[.,;:!?]+$/u, '')}”, ${timecode(word.frame)}`,
            ]),
          ),
        ]}
        onChange={(chosen) => {
          if (chosen === 'line') set({ until: null, untilPin: null });
          else if (chosen === 'frame') set({ until: now.letsGo, untilPin: null });
          else {
            const [line, word] = chosen.split(':');
            set({ until: null, untilPin: { line, word: Number(word), offset: 0 } });
          }
        }}
      />
      {until === 'frame' && (
        <OneField
          of="Emphasis"
          name="until"
          label="At"
          value={emphasis.until ?? now.letsGo}
          onChange={(frame) => set({ until: frame })}
        />
      )}
      <OneField
        of="Move"
        name="frames"
        label="Transition"
        value={move.frames}
        onChange={(frames) => change((draft) => Object.assign(draft, { frames }))}
      />
      <GroupFields of="Emphasis" only={['out', 'light', 'size', 'dim', 'label']} value={emphasis} onChange={set} />
      <Pick
        label="Note"
        value={emphasis.note ?? ''}
        options={[['', 'None'], ...piece.words.map(({ id, text }): [string, string] => [id, text || 'Empty'])]}
        onChange={(note) => set({ note: note === '' ? null : note })}
      />
      <MoveCurve
        value={move.curve}
        numbers={now.curve}
        course={now.curvePoints}
        onChange={(curve) => change((draft) => Object.assign(draft, { curve }))}
      />
      <button type="button" className="text-button" onClick={() => edit((draft) => removeMove(draft, move.id))}>
        <i className="bi bi-x-lg" aria-hidden="true" /> Remove emphasis
      </button>
    </div>
  );
}
