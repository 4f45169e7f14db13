import { newId } from '../common/words';
import { MOST_FRAMES } from './changes';
import type { HeardLine, HeardWord, Piece, Recording, UnwrittenSpeech } from '../../contracts/piece';

/** A line's place in time, as core lays it. */
export interface Laid {
  begin: number;
  end: number;
}

export function recordingOf(piece: Piece): Recording | undefined {
  return piece.script.recordings?.find(({ id }) => id === piece.script.recording);
}

/** A length in seconds, as sounds say it, in milliseconds, as recordings of a piece do. */
export function millisecondsOf(seconds: number): number {
  return Math.round(seconds * 1e6) / 1e3;
}

/** Another recording, which is the one in use from now on. */
export function addRecording(
  piece: Piece,
  what: Pick<Recording, 'name' | 'sound' | 'length' | 'scratch'>,
  id = newId('reading', piece.script.recordings ?? []),
): string {
  piece.script.recordings = [
    ...(piece.script.recordings ?? []),
    { id, ...what, begin: 0, from: 0, to: what.length, level: 1, heard: [] },
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

export function setHeard(piece: Piece, id: string, heard: HeardLine[], unwritten: UnwrittenSpeech[]): void {
  changeRecording(piece, id, (recording) => {
    recording.heard = heard;
    // What somebody has left unwritten stays so where it is found again.
    const left = recording.unwritten?.filter((one) => one.left) ?? [];
    const isLeft = (one: UnwrittenSpeech): boolean => left.some((other) => one.at < other.end && other.at < one.end);
    recording.unwritten = unwritten.map((one) => (isLeft(one) ? { ...one, left: true } : one));
    if (recording.unwritten.length === 0) delete recording.unwritten;
  });
}

/** Lines go where core lays them; the stage grows with them. */
export function setLaid(piece: Piece, laid: Record<string, Laid>): void {
  for (const line of piece.script.lines) Object.assign(line, laid[line.id] ?? {});
  piece.script.lines.sort((a, b) => a.begin - b.begin);
  fit(piece);
}

/**
 * A word of a line, and which of the heard words each word of that line is. Core says that; after an act of the desk it
 * is kept in step until core says it again.
 */
export interface LineWord {
  line: string;
  index: number;
  texts: string[];
  places: (number | null)[];
}

/** Which heard words read like the words of a line, in their order: until core says which they are. */
export function wordsAlike(texts: string[], heard: HeardWord[]): (number | null)[] {
  let from = 0;
  return texts.map((text) => {
    const at = heard.findIndex((one, place) => place >= from && one.text === text);
    if (at >= 0) from = at + 1;
    return at < 0 ? null : at;
  });
}

/** A word is said at another moment of the recording, by hand. Where listening found it is kept beside it. */
export function setWordAt(piece: Piece, word: LineWord, at: number): void {
  const recording = recordingOf(piece);
  if (!recording) return;
  const { line } = word;
  const heard = recording.heard.find((one) => one.line === line) ?? { line, words: [] };
  if (!recording.heard.includes(heard)) recording.heard = [...recording.heard, heard];
  const place = placeOf(heard.words, word);
  const known = heard.words[place.at];
  const moment = Math.max(recording.from, Math.min(recording.to, Math.ceil(at * 10 - 1e-6) / 10));
  if (place.isThere) {
    known.found ??= known.hand || known.unsaid ? undefined : known.at;
    if (known.found === undefined) delete known.found;
    delete known.unsaid;
    known.end = Math.max(moment, known.end);
    Object.assign(known, { at: moment, hand: true });
  } else {
    heard.words.splice(place.at, 0, { text: word.texts[word.index], at: moment, end: moment, sure: 1, hand: true });
    shiftPlaces(word, place.at, 1);
  }
}

/** The moment of a recording at the beginning of a frame, or between two, in milliseconds. */
export function momentAt(recording: Recording, rate: Piece['stage']['rate'], frame: number): number {
  return recording.from + ((frame - recording.begin) * 1000 * rate[1]) / rate[0];
}

/** A recording to note moments in, where there is none: times alone. */
export function takeTimes(piece: Piece): void {
  if (recordingOf(piece)) return;
  const length = Math.min(1_800_000, millisecondsOf((MOST_FRAMES * piece.stage.rate[1]) / piece.stage.rate[0]));
  addRecording(piece, { name: 'Tapped by hand', sound: null, length, scratch: null });
}

/** A word goes back to where listening found it, or is only guessed again. */
export function letWordGo(piece: Piece, word: LineWord): void {
  const heard = recordingOf(piece)?.heard.find((one) => one.line === word.line);
  if (!heard) return;
  const { at, isThere } = placeOf(heard.words, word);
  if (!isThere) return;
  const known = heard.words[at];
  if (known.found === undefined) {
    heard.words.splice(at, 1);
    shiftPlaces(word, at, -1);
  } else {
    known.at = known.found;
    delete known.found;
    delete known.hand;
  }
}

/** A doubtful word is said to be right where it is. */
export function confirmWord(piece: Piece, word: LineWord): void {
  const heard = recordingOf(piece)?.heard.find((one) => one.line === word.line);
  const place = heard && placeOf(heard.words, word);
  if (heard && place?.isThere) heard.words[place.at].sure = 1;
}

/** Where a word is among those that were heard, or would be: what the desk has put in since core answered counts. */
function placeOf(heard: HeardWord[], { index, texts, places }: LineWord): { at: number; isThere: boolean } {
  let at = 0;
  for (let word = 0; word <= index; word++) {
    const place = places[word];
    const isThere =
      typeof place === 'number' ? place < heard.length : heard[at]?.hand === true && heard[at].text === texts[word];
    if (isThere) at = place ?? at;
    if (word === index) return { at, isThere };
    if (isThere) at++;
  }
  return { at, isThere: false };
}

/** A heard word more or less: those after it move. */
function shiftPlaces({ index, places }: LineWord, at: number, by: 1 | -1): void {
  places.forEach((place, word) => {
    if (place !== null && place >= at && word !== index) places[word] = place + by;
  });
  places[index] = by === 1 ? at : null;
}

function fit(piece: Piece): void {
  const end = Math.max(0, ...piece.script.lines.map((line) => line.end));
  piece.stage.frames = Math.min(MOST_FRAMES, Math.max(piece.stage.frames, end));
}
