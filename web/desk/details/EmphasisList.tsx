import type { SheetEmphasis } from '../../api/answers';
import { Pick } from '../../fields/Choice';
import { addEmphasis } from '../../piece/accents';
import { namedText } from '../../piece/bound';
import { removeMove } from '../../piece/changes';
import type { FigureTarget, Move, Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { shapeOf } from '../shapes';
import { newNote } from './newNote';
import { PinField } from './PinField';
import { nearestWord } from './nearestWord';
import { WordPin } from './WordPin';
import { MoveCurve } from './MoveCurve';
import { GroupFields } from '../../settings/GroupFields';
import { OneField } from '../../settings/OneField';

interface Props {
  piece: Piece;
  target: FigureTarget;
  /** as they run now, pins resolved */
  sheet: SheetEmphasis[];
}

/** The stage as it is looked at, in its own shape or in another. */
function sizeNow(piece: Piece): [number, number] {
  const shape = shapeOf(piece, usePlay.getState().shape);
  const { width, height } = piece.shapes?.find(({ id }) => id === shape) ?? piece.stage;
  return [width, height];
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
  // Titles stay what they are: a note is there only while its part stands out.
  const notes = piece.words.filter(({ id, role = 'note' }) => role === 'note' || id === emphasis.note);
  const addNote = (): void => {
    const { target } = move;
    const chart = 'chart' in target ? piece.charts.find(({ id }) => id === target.chart) : undefined;
    if (!chart || !('figure' in target)) return;
    const { figure } = target;
    const middle = Math.round((now.begin + move.frames + now.letsGo) / 2);
    let id = '';
    edit((draft) => {
      id = newNote(draft, chart, figure, middle, sizeNow(draft));
      const one = draft.moves.find((other) => other.id === move.id);
      if (one?.emphasis) one.emphasis.note = id;
    });
    usePlay.getState().go(middle);
    usePlay.getState().select({ kind: 'words', words: id });
  };
  const { untilPin } = emphasis;
  const until = untilPin ? 'word' : emphasis.until === null ? 'line' : 'frame';
  const nearest = nearestWord(lines, now.letsGo);
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
          ...(nearest || untilPin ? [['word', 'On a word'] as ['word', string]] : []),
        ]}
        onChange={(chosen) => {
          if (chosen === 'line') set({ until: null, untilPin: null });
          else if (chosen === 'frame') set({ until: now.letsGo, untilPin: null });
          else if (nearest) set({ until: null, untilPin: { ...nearest, offset: 0 } });
        }}
      />
      {untilPin && (
        <WordPin
          piece={piece}
          pin={untilPin}
          onPin={(place) => set({ until: null, untilPin: { ...place, offset: untilPin.offset } })}
        />
      )}
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
        options={[
          ['', 'None'],
          ...notes.map((one): [string, string] => [one.id, namedText(piece, one) || 'Empty']),
          ['new', 'New note'],
        ]}
        onChange={(note) => (note === 'new' ? addNote() : set({ note: note === '' ? null : note }))}
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
