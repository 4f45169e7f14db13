import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { HeardLine, Piece } from '../../contracts/piece';
import { allAsOne, shiftAfter, shiftPins } from './timing';
import {
  addRecording,
  letWordGo,
  momentAt,
  recordingOf,
  setHeard,
  setWordAt,
  wordsAlike,
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

  it('moves the word that was found, and adds none, before core has answered for the recording', () => {
    const made = piece();
    const recording = recordingOf(made)!;
    const { texts } = wordOf('l1', 0);
    setWordAt(made, { ...wordOf('l1', 0), places: wordsAlike(texts, recording.heard[0].words) }, 1030);
    expect(recording.heard[0].words).toHaveLength(3);
    expect(recording.heard[0].words[0]).toMatchObject({ at: 1030, hand: true, found: 1000 });
    expect(wordsAlike(['ten', 'and', 'ten', 'too'], recording.heard[0].words)).toEqual([2, null, null, null]);
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

  it('moves with its lines when it begins later', () => {
    const made = piece();
    shiftRecording(made, made.script.recording!, 15);
    expect(made.script.lines.map(({ begin }) => begin)).toEqual([45, 105]);
  });
});

describe('a recording that departs from its script', () => {
  it('that was left as it is is not asked about again when the words are found again', () => {
    const made = piece();
    const recording = recordingOf(made)!;
    recording.unwritten = [{ at: 2000, end: 2600, line: 'l1', word: 3, again: null, left: true }];
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
    expect(shiftAfter(made, 1, 12)).toEqual({ shifted: 0, held: expect.any(Number) as number });
    expect(made).toEqual(before);
    // Before the recording begins, all of it goes along with what it says.
    shiftAfter(made, 0, 12);
    expect(recordingOf(made)!.begin).toBe(recordingOf(before)!.begin + 12);
    expect(made.script.lines.map(({ begin }) => begin)).toEqual(before.script.lines.map(({ begin }) => begin + 12));
    shiftPins(made, [made.moves[0].id], 5);
    expect(made.moves[0].pin!.offset).toBe(before.moves[0].pin!.offset + 5);
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
