import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Departure } from '../api/scriptAnswers';
import { setRate } from './changes';
import { leaveDeparture, takeDeparture } from './departures';
import type { HeardLine, Piece } from '../../contracts/piece';
import { allAsOne, shiftAfter } from './timing';
import { joinLine, pinnedWords, splitLine, takeScript } from './script';
import {
  addRecording,
  letWordGo,
  momentAt,
  recordingOf,
  setHeard,
  setWordAt,
  shiftRecording,
  type LineWord,
} from './voice';

const heard: HeardLine[] = [
  {
    line: 'l1',
    words: [
      { text: 'Four', at: 1000, end: 1200, sure: 0.9 },
      { text: 'in', at: 1200, end: 1300, sure: 0.2 },
      { text: 'ten', at: 1300, end: 1600, sure: 1 },
    ],
  },
  { line: 'l2', words: [{ text: 'Lamps', at: 3000, end: 3400, sure: 1 }] },
];

/** Which heard word each word is, as core says it of the piece below. */
const placesOf = (made: Piece) => ({ [made.script.recording!]: { l1: [0, 1, 2], l2: [0, null] } });
const wordOf = (line: 'l1' | 'l2', index: number): LineWord => ({
  line,
  index,
  texts: line === 'l1' ? ['Four', 'in', 'ten'] : ['Lamps', 'too'],
  places: line === 'l1' ? [0, 1, 2] : [0, null],
});

function piece(): Piece {
  const made = JSON.parse(readFileSync('demo/the-mending-room.json', 'utf8')) as Piece;
  made.script = {
    lines: [
      { id: 'l1', text: 'Four in ten', begin: 30, end: 60 },
      { id: 'l2', text: 'Lamps too', begin: 90, end: 120 },
    ],
  };
  const [first] = made.moves;
  made.moves = [{ ...first, pin: { line: 'l1', word: 2, offset: 3 } }];
  const id = addRecording(made, { name: 'A reading', sound: 'a'.repeat(64), length: 8000, scratch: null });
  const recording = made.script.recordings?.find((one) => one.id === id);
  if (recording) recording.heard = structuredClone(heard);
  return made;
}

describe('what is known of a recording', () => {
  it('lets a word be put elsewhere by hand, and given back to where it was found', () => {
    const made = piece();
    const recording = recordingOf(made)!;
    setWordAt(made, wordOf('l1', 1), momentAt(recording, [30, 1], 38));
    const word = recording.heard[0].words[1];
    expect(word).toMatchObject({ at: 1266.7, hand: true, found: 1200 });
    // A tenth of a millisecond later than the frame's beginning at most, never before it.
    expect(word.at).toBeGreaterThanOrEqual((38 * 1000) / 30);
    setWordAt(made, wordOf('l1', 1), 1280);
    expect(word.found).toBe(1200);
    letWordGo(made, wordOf('l1', 1));
    expect(word).toEqual({ text: 'in', at: 1200, end: 1300, sure: 0.2 });
    const too = wordOf('l2', 1);
    setWordAt(made, too, 3500);
    expect(recording.heard[1].words.map(({ text }) => text)).toEqual(['Lamps', 'too']);
    letWordGo(made, too);
    expect(recording.heard[1].words).toHaveLength(1);
  });

  it('keeps words that are tapped faster than core answers in their order, each once', () => {
    const made = piece();
    const recording = recordingOf(made)!;
    recording.heard = [];
    for (const [index, at] of [400, 700, 1000].entries())
      setWordAt(made, { ...wordOf('l1', index), places: [null, null, null] }, at);
    setWordAt(made, { ...wordOf('l1', 1), places: [0, null, null] }, 800);
    expect(recording.heard[0].words.map(({ text, at }) => [text, at])).toEqual([
      ['Four', 400],
      ['in', 800],
      ['ten', 1000],
    ]);
  });

  it('moves with its lines when it begins later, and keeps its seconds at another rate', () => {
    const made = piece();
    shiftRecording(made, made.script.recording!, 15);
    expect(made.script.lines.map(({ begin }) => begin)).toEqual([45, 105]);
    setRate(made, [60, 1]);
    expect(recordingOf(made)?.begin).toBe(30);
  });
});

describe('lines that are divided, joined and replaced', () => {
  it('take pins and times along with their words', () => {
    const made = piece();
    const second = splitLine(made, 'l1', 1, 36, placesOf(made));
    expect(made.script.lines.map(({ text, begin, end }) => [text, begin, end])).toEqual([
      ['Four', 30, 36],
      ['in ten', 36, 60],
      ['Lamps too', 90, 120],
    ]);
    expect(made.moves[0].pin).toEqual({ line: second, word: 1, offset: 3 });
    const recording = recordingOf(made)!;
    const inTen = recording.heard.find(({ line }) => line === second)?.words;
    expect(inTen?.map(({ at }) => at)).toEqual([1200, 1300]);
    joinLine(made, 'l1', { [recording.id]: { l1: [0], [second]: [0, 1], l2: [0, null] } });
    expect(made.moves[0].pin).toEqual({ line: 'l1', word: 2, offset: 3 });
    expect(recording.heard).toEqual(heard);
    expect(pinnedWords(made)).toEqual(new Set(['l1:2']));
  });

  it('keep their times where a comma or a capital has changed the text', () => {
    const made = piece();
    made.script.lines[0].text = 'four, In ten';
    const second = splitLine(made, 'l1', 1, 36, placesOf(made));
    expect(recordingOf(made)?.heard.map(({ line, words }) => [line, words.length])).toEqual([
      ['l1', 1],
      [second, 2],
      ['l2', 1],
    ]);
  });

  it('keep the moment of what was pinned to a word that is gone', () => {
    const made = piece();
    const { id } = made.moves[0];
    const lines = [{ id: 'l2', text: 'Lamps too', begin: 90, end: 120 }];
    const moved = { 'l2:0': { line: 'l2', word: 0 }, 'l2:1': { line: 'l2', word: 1 } };
    takeScript(made, lines, moved, { [id]: 42 }, placesOf(made));
    expect(made.moves[0]).toMatchObject({ pin: null, begin: 42 });
    expect(recordingOf(made)?.heard.map(({ line }) => line)).toEqual(['l2']);
  });
});

describe('a recording that departs from its script', () => {
  const departure: Departure = {
    kind: 'unsaid',
    line: 'l1',
    from: 1,
    to: 3,
    text: 'in ten',
    message: '',
    begin: 36,
    end: 37,
    index: null,
  };

  it('takes out of the script what it does not say; what was pinned there keeps its moment', () => {
    const made = piece();
    takeDeparture(made, departure, { [made.moves[0].id]: 42 }, placesOf(made));
    expect(made.script.lines.map(({ text }) => text)).toEqual(['Four', 'Lamps too']);
    expect(made.moves[0]).toMatchObject({ pin: null, begin: 42 });
    takeDeparture(made, { ...departure, from: 0, to: 1 }, {}, placesOf(made));
    expect(made.script.lines.map(({ id }) => id)).toEqual(['l2']);
  });

  it('takes into the script what it says twice, where it says it', () => {
    const made = piece();
    const speech = { at: 2000, end: 2600, line: 'l1', word: 1, again: 'Four' };
    recordingOf(made)!.unwritten = [speech];
    const again: Departure = { ...departure, kind: 'again', to: 1, text: 'Four', begin: 36, end: 44, index: 0 };
    takeDeparture(made, again, {}, placesOf(made));
    expect(made.script.lines.map(({ text, begin }) => [text, begin])).toEqual([
      ['Four', 30],
      ['Four', 36],
      ['in ten', 44],
      ['Lamps too', 90],
    ]);
    expect(recordingOf(made)?.unwritten).toEqual([]);
  });

  it('is left as it is, and not asked again when the words are found again', () => {
    const made = piece();
    const recording = recordingOf(made)!;
    recording.unwritten = [{ at: 2000, end: 2600, line: 'l1', word: 3, again: null }];
    leaveDeparture(made, { ...departure, kind: 'unwritten', index: 0 }, placesOf(made));
    leaveDeparture(made, departure, placesOf(made));
    expect(recording.heard[0].words.map(({ sure }) => sure)).toEqual([0.9, 1, 1]);
    const found = [
      { at: 2010, end: 2590, line: 'l1', word: 3, again: null },
      { at: 5000, end: 5600, line: 'l2', word: 2, again: null },
    ];
    setHeard(made, recording.id, heard, found);
    expect(recording.unwritten.map(({ left }) => left ?? false)).toEqual([true, false]);
  });
});

describe('all that comes later', () => {
  it('is shifted, apart from what is pinned or said by a recording', () => {
    const made = piece();
    const [pinned] = made.moves;
    made.moves.push({ ...pinned, id: 'free', pin: null, begin: 100 }, { ...pinned, id: 'early', pin: null, begin: 20 });
    made.script.lines.push({ id: 'l3', text: 'Not heard', begin: 200, end: 240 });
    const { frames } = made.stage;
    shiftAfter(made, 50, 12);
    expect(made.moves.map(({ begin }) => begin)).toEqual([pinned.begin, 112, 20]);
    expect(made.script.lines.map(({ begin, end }) => [begin, end])).toEqual([
      [30, 60],
      [90, 120],
      [212, 252],
    ]);
    expect(made.stage.frames).toBe(frames + 12);
    shiftAfter(made, 100, -500);
    expect(made.moves[1].begin, 'nothing goes before the playhead').toBe(100);
  });

  it('is not shifted where all of it is pinned or said, and the film is as long as before', () => {
    const made = piece();
    made.moves = made.moves.filter(({ pin }) => pin);
    made.charts.forEach((chart) => Object.assign(chart, { entrance: null, exit: null }));
    const before = structuredClone(made);
    expect(shiftAfter(made, 0, 12)).toEqual({ shifted: 0, held: expect.any(Number) as number });
    expect(made).toEqual(before);
  });

  it('comes as one part does, each when it did', () => {
    const made = piece();
    const [one] = made.moves;
    made.moves.push({ ...one, id: 'other', target: { chart: 'chart1', figure: 'r5' }, begin: 77, frames: 9 });
    Object.assign(one, { target: { chart: 'chart1', figure: 'r1' }, manner: 'pop', frames: 31 });
    allAsOne(made, made.charts[0], 'entrance', one);
    expect(made.moves[1]).toMatchObject({ begin: 77, frames: 31, manner: 'pop' });
    expect(made.charts[0].entrance).toMatchObject({ frames: 31, manner: 'pop' });
  });
});
