import type { Departure, HeardPlaces } from '../api/scriptAnswers';
import { newId } from '../common/words';
import { wordsOf } from './changes';
import type { Line, Piece } from '../../contracts/piece';
import { splitLine, takeScript, type Moved } from './script';
import { recordingOf } from './voice';

/** The script as the recording has it at one place: words go out, or a line comes in. Its id, where one does. */
export function takeDeparture(
  piece: Piece,
  departure: Departure,
  begins: Record<string, number>,
  places: HeardPlaces,
): string | null {
  if (departure.kind === 'unsaid') {
    removeWords(piece, departure, begins, places);
    return null;
  }
  const { line: id, from, begin, end } = departure;
  const line = piece.script.lines.find((one) => one.id === id);
  // A line in the middle of which it is said becomes two.
  if (line && from > 0 && from < wordsOf(line.text).length) splitLine(piece, line.id, from, end, places);
  const before = piece.script.lines.findIndex((one) => one.id === id);
  const added: Line = {
    id: newId('line', piece.script.lines),
    text: departure.kind === 'again' ? departure.text : '',
    begin,
    end,
  };
  const one = piece.script.lines[before];
  if (one) one.end = Math.max(one.begin + 1, Math.min(one.end, begin));
  piece.script.lines.splice(before + 1, 0, added);
  const recording = recordingOf(piece);
  recording?.unwritten?.splice(departure.index ?? 0, 1);
  return added.id;
}

/** It stays as it is, and is not asked again. */
export function leaveDeparture(piece: Piece, departure: Departure, places: HeardPlaces): void {
  const recording = recordingOf(piece);
  if (departure.kind === 'unsaid') {
    const heard = recording?.heard.find(({ line }) => line === departure.line)?.words ?? [];
    const known = (recording && places[recording.id]?.[departure.line ?? '']) ?? [];
    for (const place of known.slice(departure.from, departure.to)) if (place !== null) heard[place].sure = 1;
  } else {
    const speech = recording?.unwritten?.[departure.index ?? 0];
    if (speech) speech.left = true;
  }
}

function removeWords(
  piece: Piece,
  { line: id, from, to }: Departure,
  begins: Record<string, number>,
  places: HeardPlaces,
): void {
  const moved: Moved = {};
  const lines = piece.script.lines.flatMap((line) => {
    const words = wordsOf(line.text);
    const kept = words.flatMap((_, word) => (line.id === id && word >= from && word < to ? [] : [word]));
    kept.forEach((word, now) => (moved[`${line.id}:${word}`] = { line: line.id, word: now }));
    if (line.id !== id) return [line];
    return kept.length === 0 ? [] : [{ ...line, text: kept.map((word) => words[word]).join(' ') }];
  });
  takeScript(piece, lines, moved, begins, places);
}
