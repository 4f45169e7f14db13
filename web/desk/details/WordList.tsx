import type { SheetWord } from '../../api/answers';
import { NumberField } from '../../fields/NumberField';
import type { Line, Piece } from '../../../contracts/piece';
import { confirmWord, letWordGo, momentAt, recordingOf, setWordAt, takeTimes } from '../../piece/voice';
import { useDesk } from '../deskStore';
import { lineWord } from '../voice/lineWord';

/** The words of a line, each with the frame on which it is said. */
export function WordList({ piece, line }: { piece: Piece; line: Line }) {
  const edit = useDesk((state) => state.edit);
  const words = useDesk((state) => state.computed?.sheet.lines[line.id]) ?? [];
  return (
    <ol className="word-list">
      {words.map((word, index) => (
        <li key={index} className={stateOf(word)}>
          <NumberField
            label={word.text}
            unit="frames"
            value={word.frame}
            min={0}
            max={piece.stage.frames - 1}
            onChange={(frame) =>
              edit((draft) => {
                takeTimes(draft);
                const recording = recordingOf(draft);
                const place = lineWord(line.id, index);
                if (recording) setWordAt(draft, place, momentAt(recording, piece.stage.rate, frame));
              })
            }
          />
          {word.unsaid && <span className="soft">not said</span>}
          {word.doubtful && (
            <button
              type="button"
              className="text-button is-doubtful"
              title="Uncertain. Press to confirm this time."
              onClick={() => edit((draft) => confirmWord(draft, lineWord(line.id, index)))}
            >
              Confirm
            </button>
          )}
          {word.hand && (
            <button
              type="button"
              className="text-button"
              title={
                word.found === null
                  ? 'Set by hand. Press to reset.'
                  : `Set by hand; detected on frame ${word.found}. Press to reset.`
              }
              onClick={() => edit((draft) => letWordGo(draft, lineWord(line.id, index)))}
            >
              by hand
            </button>
          )}
        </li>
      ))}
    </ol>
  );
}

function stateOf({ doubtful, sure, unsaid }: SheetWord): string | undefined {
  return unsaid ? 'is-unsaid' : doubtful ? 'is-doubtful' : sure === null ? 'is-guessed' : undefined;
}
