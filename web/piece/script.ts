import { newId } from '../common/words';
import { MOST_FRAMES, momentsOf, pinsOf, wordsOf } from './changes';
import type { HeardLine, Line, Piece, Pin } from '../../contracts/piece';
import type { HeardPlaces } from '../api/scriptAnswers';
import { addRecording } from './voice';

/** Where words are now that stood elsewhere, by “line:word”. */
export type Moved = Record<string, { line: string; word: number }>;

const key = (line: string, word: number): string => `${line}:${word}`;

/** Every pin of the piece, wherever it stands. */
function allPins(piece: Piece): Pin[] {
  return [...piece.moves.flatMap(pinsOf), ...momentsOf(piece).flatMap(({ pin }) => pin ?? [])];
}

/** Words to which something is pinned, by “line:word”. */
export function pinnedWords(piece: Piece): Set<string> {
  return new Set(allPins(piece).flatMap(({ line, word }) => (word === null ? [] : [key(line, word)])));
}

/**
 * The script becomes another one. Pins and times go along with their words; what is pinned to a word that is gone keeps
 * the moment at which it was.
 *
 * @param begins when each move begins now, by its id
 * @param places which heard words are which words now, as core says
 */
export function takeScript(
  piece: Piece,
  lines: Line[],
  moved: Moved,
  begins: Record<string, number>,
  places: HeardPlaces,
  heard: HeardLine[] = [],
  name = '',
): void {
  const known = new Set(lines.map(({ id }) => id));
  moveHeard(piece, lines, moved, places);
  const isLost = ({ line, word }: Pin): boolean => (word === null ? !known.has(line) : !moved[key(line, word)]);
  for (const move of piece.moves) {
    if (move.pin && isLost(move.pin)) {
      move.begin = begins[move.id] ?? move.begin;
      move.pin = null;
    }
    if (move.emphasis?.untilPin && isLost(move.emphasis.untilPin)) move.emphasis.untilPin = null;
  }
  for (const one of momentsOf(piece)) if (one.pin && isLost(one.pin)) one.pin = null;
  for (const pin of allPins(piece)) if (pin.word !== null) Object.assign(pin, moved[key(pin.line, pin.word)]);
  piece.script.lines = lines;
  if (heard.length > 0) {
    const end = Math.max(...heard.flatMap(({ words }) => words.map((word) => word.end)));
    const id = addRecording(piece, {
      name: name || 'Times from file',
      sound: null,
      length: end,
      scratch: null,
    });
    const added = piece.script.recordings?.find((one) => one.id === id);
    if (added) added.heard = heard;
  }
  piece.stage.frames = Math.min(MOST_FRAMES, Math.max(piece.stage.frames, ...lines.map(({ end }) => end)));
}

/** A line becomes two; the second begins with a word of it. */
export function splitLine(piece: Piece, id: string, word: number, frame: number, places: HeardPlaces): string {
  const line = piece.script.lines.find((one) => one.id === id);
  const words = wordsOf(line?.text ?? '');
  if (!line || word < 1 || word >= words.length) return id;
  const second = newId('line', piece.script.lines);
  const at = Math.max(line.begin + 1, Math.min(line.end - 1, frame));
  const lines = piece.script.lines.flatMap((one) =>
    one.id === id
      ? [
          { ...one, text: words.slice(0, word).join(' '), end: at },
          { ...one, id: second, text: words.slice(word).join(' '), begin: at },
        ]
      : [one],
  );
  const moved = still(piece);
  for (let index = word; index < words.length; index++) moved[key(id, index)] = { line: second, word: index - word };
  takeScript(piece, lines, moved, {}, places);
  return second;
}

/** A line and the one after it become one. */
export function joinLine(piece: Piece, id: string, places: HeardPlaces): void {
  const place = piece.script.lines.findIndex((one) => one.id === id);
  const [line, next] = piece.script.lines.slice(place, place + 2);
  if (place < 0 || !next || line.text.length + next.text.length + 1 > 600) return;
  const before = wordsOf(line.text).length;
  const moved = still(piece);
  wordsOf(next.text).forEach((_, index) => (moved[key(next.id, index)] = { line: id, word: before + index }));
  const one = { ...line, text: `${line.text.trim()} ${next.text.trim()}`, end: Math.max(line.end, next.end) };
  for (const pin of allPins(piece)) if (pin.line === next.id && pin.word === null) pin.word = 0;
  takeScript(
    piece,
    piece.script.lines.flatMap((other) => (other.id === id ? [one] : other.id === next.id ? [] : [other])),
    moved,
    {},
    places,
  );
}

/** All words where they are. */
function still(piece: Piece): Moved {
  const moved: Moved = {};
  for (const { id, text } of piece.script.lines)
    wordsOf(text).forEach((_, word) => (moved[key(id, word)] = { line: id, word }));
  return moved;
}

/** What recordings know of words goes along with the words. */
function moveHeard(piece: Piece, lines: Line[], moved: Moved, places: HeardPlaces): void {
  for (const recording of piece.script.recordings ?? []) {
    const after = new Map<string, { word: number; heard: HeardLine['words'][number] }[]>();
    for (const { id } of piece.script.lines) {
      const known = recording.heard.find(({ line }) => line === id)?.words ?? [];
      (places[recording.id]?.[id] ?? []).forEach((at, word) => {
        const place = moved[key(id, word)];
        const heard = at === null ? undefined : known[at];
        if (heard && place) after.set(place.line, [...(after.get(place.line) ?? []), { word: place.word, heard }]);
      });
    }
    for (const one of recording.unwritten ?? []) {
      const place = one.line !== null && one.word > 0 ? moved[key(one.line, one.word - 1)] : undefined;
      if (place) Object.assign(one, { line: place.line, word: place.word + 1 });
    }
    recording.heard = lines.flatMap(({ id }) => {
      const words = (after.get(id) ?? []).sort((a, b) => a.word - b.word).map(({ heard }) => heard);
      return words.length > 0 ? [{ line: id, words }] : [];
    });
  }
}
