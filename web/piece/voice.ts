import { newId } from '../common/words';
import { MOST_FRAMES } from './changes';
import type { HeardLine, HeardWord, Piece, Recording } from './document';

/** A line's place in time, as core lays it. */
export interface Laid {
  begin: number;
  end: number;
}

export function recordingOf(piece: Piece): Recording | undefined {
  return piece.script.recordings?.find(({ id }) => id === piece.script.recording);
}

/** Another recording, which is the one in use from now on. */
export function addRecording(
  piece: Piece,
  what: Pick<Recording, 'name' | 'sound' | 'seconds' | 'scratch'>,
  id = newId('reading', piece.script.recordings ?? []),
): string {
  piece.script.recordings = [
    ...(piece.script.recordings ?? []),
    { id, ...what, begin: 0, from: 0, to: Math.round(what.seconds * 1e6) / 1e3, level: 1, heard: [] },
  ];
  piece.script.recording = id;
  return id;
}

export function changeRecording(piece: Piece, id: string, work: (recording: Recording) => void): void {
  const recording = piece.script.recordings?.find((one) => one.id === id);
  if (recording) work(recording);
}

export function removeRecording(piece: Piece, id: string): void {
  piece.script.recordings = piece.script.recordings?.filter((one) => one.id !== id);
  if (piece.script.recording === id) piece.script.recording = piece.script.recordings?.[0]?.id ?? null;
}

/** The whole recording begins earlier or later, and its lines with it. */
export function shiftRecording(piece: Piece, id: string, begin: number): void {
  const recording = piece.script.recordings?.find((one) => one.id === id);
  if (!recording) return;
  const by = Math.max(0, Math.min(MOST_FRAMES, Math.round(begin))) - recording.begin;
  recording.begin += by;
  if (piece.script.recording !== id) return;
  const said = new Set(recording.heard.map(({ line }) => line));
  for (const line of piece.script.lines) {
    if (!said.has(line.id)) continue;
    line.begin = Math.max(0, line.begin + by);
    line.end = Math.max(line.begin + 1, line.end + by);
  }
  fit(piece);
}

export function setHeard(piece: Piece, id: string, heard: HeardLine[]): void {
  changeRecording(piece, id, (recording) => (recording.heard = heard));
}

/** Lines go where core lays them; the stage grows with them. */
export function setLaid(piece: Piece, laid: Record<string, Laid>): void {
  for (const line of piece.script.lines) Object.assign(line, laid[line.id] ?? {});
  piece.script.lines.sort((a, b) => a.begin - b.begin);
  fit(piece);
}

/** A word is said at another moment of the recording, by hand. Where listening found it is kept beside it. */
export function setWordAt(piece: Piece, line: string, words: string[], index: number, at: number): void {
  const recording = recordingOf(piece);
  if (!recording) return;
  const heard = recording.heard.find((one) => one.line === line) ?? { line, words: [] };
  if (!recording.heard.includes(heard)) recording.heard = [...recording.heard, heard];
  const place = placeOf(heard.words, words, index);
  const known = heard.words[place.at];
  const moment = Math.max(recording.from, Math.min(recording.to, Math.ceil(at * 10 - 1e-6) / 10));
  if (place.isThere) {
    known.found ??= known.hand ? undefined : known.at;
    if (known.found === undefined) delete known.found;
    known.end = Math.max(moment, known.end);
    Object.assign(known, { at: moment, hand: true, sure: 1 });
  } else {
    heard.words.splice(place.at, 0, { text: words[index], at: moment, end: moment, sure: 1, hand: true });
  }
}

/** The moment of a recording at the beginning of a frame, or between two, in milliseconds. */
export function momentAt(recording: Recording, rate: Piece['stage']['rate'], frame: number): number {
  return recording.from + ((frame - recording.begin) * 1000 * rate[1]) / rate[0];
}

/** A recording to note moments in, where there is none: times alone. */
export function takeTimes(piece: Piece): void {
  if (recordingOf(piece)) return;
  const seconds = Math.min(1800, (MOST_FRAMES * piece.stage.rate[1]) / piece.stage.rate[0]);
  addRecording(piece, { name: 'Tapped by hand', sound: null, seconds, scratch: null });
}

/** A word goes back to where listening found it, or is only guessed again. */
export function letWordGo(piece: Piece, line: string, words: string[], index: number): void {
  const heard = recordingOf(piece)?.heard.find((one) => one.line === line);
  if (!heard) return;
  const { at, isThere } = placeOf(heard.words, words, index);
  if (!isThere) return;
  const word = heard.words[at];
  if (word.found === undefined) heard.words.splice(at, 1);
  else {
    word.at = word.found;
    delete word.found;
    delete word.hand;
  }
}

/** A doubtful word is said to be right where it is. */
export function confirmWord(piece: Piece, line: string, words: string[], index: number): void {
  const heard = recordingOf(piece)?.heard.find((one) => one.line === line);
  const place = heard && placeOf(heard.words, words, index);
  if (heard && place?.isThere) heard.words[place.at].sure = 1;
}

/** What a recording knows of each word of a line; undefined where it does not say it. */
export function heardOf(recording: Recording, line: string, words: string[]): (HeardWord | undefined)[] {
  const heard = recording.heard.find((one) => one.line === line)?.words ?? [];
  return words.map((_, index) => {
    const { at, isThere } = placeOf(heard, words, index);
    return isThere ? heard[at] : undefined;
  });
}

/** Which of the words that were heard is a word of the line: the one as often written before it. */
function placeOf(heard: HeardWord[], words: string[], index: number): { at: number; isThere: boolean } {
  let at = 0;
  for (let word = 0; word <= index; word++) {
    const found = heard.findIndex(({ text }, place) => place >= at && text === words[word]);
    if (word === index) return { at: found < 0 ? at : found, isThere: found >= 0 };
    if (found >= 0) at = found + 1;
  }
  return { at, isThere: false };
}

function fit(piece: Piece): void {
  const end = Math.max(0, ...piece.script.lines.map((line) => line.end));
  piece.stage.frames = Math.min(MOST_FRAMES, Math.max(piece.stage.frames, end));
}
