import { NumberField } from '../../fields/NumberField';
import { wordsOf } from '../../piece/changes';
import type { Line, Piece } from '../../piece/document';
import { confirmWord, letWordGo, momentAt, recordingOf, setWordAt, takeTimes } from '../../piece/voice';
import { useDesk } from '../deskStore';

/** The words of a line, each with the frame on which it is said. */
export function WordList({ piece, line }: { piece: Piece; line: Line }) {
  const edit = useDesk((state) => state.edit);
  const words = useDesk((state) => state.computed?.sheet.lines[line.id]) ?? [];
  const texts = wordsOf(line.text);
  return (
    <ol className="word-list">
      {words.map((word, index) => (
        <li key={index} className={word.doubtful ? 'is-doubtful' : word.sure === null ? 'is-guessed' : undefined}>
          <NumberField
            label={word.text}
            unit="frames"
            stage={piece.stage}
            value={word.frame}
            min={0}
            max={piece.stage.frames - 1}
            onChange={(frame) =>
              edit((draft) => {
                takeTimes(draft);
                const recording = recordingOf(draft);
                if (recording) setWordAt(draft, line.id, texts, index, momentAt(recording, piece.stage.rate, frame));
              })
            }
          />
          {word.doubtful && (
            <button
              type="button"
              className="text-button is-doubtful"
              title="It is doubtful. Press if it is right as it is"
              onClick={() => edit((draft) => confirmWord(draft, line.id, texts, index))}
            >
              right?
            </button>
          )}
          {word.hand && (
            <button
              type="button"
              className="text-button"
              title={
                word.found === null
                  ? 'Set by hand. Press to let it go'
                  : `Set by hand; listening found it on frame ${word.found}. Press to go back there`
              }
              onClick={() => edit((draft) => letWordGo(draft, line.id, texts, index))}
            >
              by hand
            </button>
          )}
        </li>
      ))}
    </ol>
  );
}
