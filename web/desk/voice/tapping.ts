import { wordsOf } from '../../piece/changes';
import type { Piece } from '../../../contracts/piece';
import { momentAt, recordingOf, setWordAt, takeTimes } from '../../piece/voice';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { lineWord } from './lineWord';
import { soundPlayer } from './soundPlayer';
import { layByRecording, useVoice } from './voiceStore';

/** seconds that are heard before the first word */
const LEAD = 1;

const linesOf = (piece: Piece | null) => piece?.script.lines ?? [];

/** Plays a line from a little before it; each press of T says that its next word is said now. */
export function beginTapping(line: string): void {
  const { document, edit } = useDesk.getState();
  const one = linesOf(document).find(({ id }) => id === line);
  if (!one || !document || wordsOf(one.text).length === 0) return;
  if (!recordingOf(document)) edit(takeTimes);
  const lead = Math.round((document.stage.rate[0] / document.stage.rate[1]) * LEAD);
  useVoice.setState({ tapping: { line, word: 0 } });
  usePlay.getState().set({ loop: null });
  usePlay.getState().go(Math.max(0, one.begin - lead));
  usePlay.getState().play(1);
}

// Tapping ends with the playing: nobody can tap what is not heard.
usePlay.subscribe((now, before) => {
  if (before.playing && !now.playing) useVoice.setState({ tapping: null });
});

export function endTapping(): void {
  useVoice.setState({ tapping: null });
}

/** The word whose turn it is is said now. */
export function tap(): boolean {
  const { tapping } = useVoice.getState();
  const { document, edit } = useDesk.getState();
  const line = linesOf(document).find(({ id }) => id === tapping?.line);
  const recording = document && recordingOf(document);
  if (!tapping || !line || !recording) return false;
  const heard = soundPlayer.now();
  const frame = typeof heard === 'number' ? heard : usePlay.getState().frame;
  const at = momentAt(recording, document.stage.rate, frame);
  const word = lineWord(line.id, tapping.word);
  edit((draft) => setWordAt(draft, word, at));
  const next = tapping.word + 1;
  useVoice.setState({ tapping: next < word.texts.length ? { line: line.id, word: next } : null });
  if (next >= word.texts.length) {
    usePlay.getState().stop();
    void layByRecording();
  }
  return true;
}
