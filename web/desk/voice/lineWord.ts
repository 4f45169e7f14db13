import type { HeardPlaces } from '../../api/answers';
import { wordsOf } from '../../piece/changes';
import { recordingOf, wordsAlike, type LineWord } from '../../piece/voice';
import { useDesk } from '../deskStore';

/** Which heard words are which words of the script now: core says that. */
export function heardPlaces(): HeardPlaces {
  return useDesk.getState().computed?.sheet.heard ?? {};
}

/**
 * A word of a line on the desk. Where core has not yet answered for its recording, as just after an undo, words are
 * those that read alike, in their order.
 */
export function lineWord(line: string, index: number): LineWord {
  const { document } = useDesk.getState();
  const texts = wordsOf(document?.script.lines.find(({ id }) => id === line)?.text ?? '');
  const recording = document && recordingOf(document);
  const heard = recording?.heard.find((one) => one.line === line)?.words ?? [];
  const places = recording && heardPlaces()[recording.id]?.[line];
  return { line, index, texts, places: places ?? wordsAlike(texts, heard) };
}
