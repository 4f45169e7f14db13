import type { HeardPlaces } from '../../api/answers';
import { wordsOf } from '../../piece/changes';
import { recordingOf, type LineWord } from '../../piece/voice';
import { useDesk } from '../deskStore';

/** Which heard words are which words of the script now: core says that. */
export function heardPlaces(): HeardPlaces {
  return useDesk.getState().computed?.sheet.heard ?? {};
}

/** A word of a line on the desk. */
export function lineWord(line: string, index: number): LineWord {
  const { document } = useDesk.getState();
  const texts = wordsOf(document?.script.lines.find(({ id }) => id === line)?.text ?? '');
  const recording = document && recordingOf(document);
  return { line, index, texts, places: (recording && heardPlaces()[recording.id]?.[line]) ?? texts.map(() => null) };
}
