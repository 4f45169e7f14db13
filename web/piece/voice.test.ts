import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { setRate } from './changes';
import type { HeardLine, Piece } from './document';
import { joinLine, pinnedWords, splitLine, takeScript } from './script';
import { addRecording, heardOf, letWordGo, momentAt, recordingOf, setWordAt, shiftRecording } from './voice';

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
  const id = addRecording(made, { name: 'A reading', sound: 'a'.repeat(64), seconds: 8, scratch: null });
  const recording = made.script.recordings?.find((one) => one.id === id);
  if (recording) recording.heard = structuredClone(heard);
  return made;
}

describe('what is known of a recording', () => {
  it('lets a word be put elsewhere by hand, and given back to where it was found', () => {
    const made = piece();
    const recording = recordingOf(made)!;
    setWordAt(made, 'l1', ['Four', 'in', 'ten'], 1, momentAt(recording, [30, 1], 38));
    const word = recording.heard[0].words[1];
    expect(word).toMatchObject({ at: 1266.7, hand: true, found: 1200, sure: 1 });
    // A tenth of a millisecond later than the frame's beginning at most, never before it.
    expect(word.at).toBeGreaterThanOrEqual((38 * 1000) / 30);
    setWordAt(made, 'l1', ['Four', 'in', 'ten'], 1, 1280);
    expect(word.found).toBe(1200);
    letWordGo(made, 'l1', ['Four', 'in', 'ten'], 1);
    expect(word).toEqual({ text: 'in', at: 1200, end: 1300, sure: 1 });
    setWordAt(made, 'l2', ['Lamps', 'too'], 1, 3500);
    expect(recording.heard[1].words.map(({ text }) => text)).toEqual(['Lamps', 'too']);
    letWordGo(made, 'l2', ['Lamps', 'too'], 1);
    expect(recording.heard[1].words).toHaveLength(1);
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
    const second = splitLine(made, 'l1', 1, 36);
    expect(made.script.lines.map(({ text, begin, end }) => [text, begin, end])).toEqual([
      ['Four', 30, 36],
      ['in ten', 36, 60],
      ['Lamps too', 90, 120],
    ]);
    expect(made.moves[0].pin).toEqual({ line: second, word: 1, offset: 3 });
    const recording = recordingOf(made)!;
    expect(heardOf(recording, second, ['in', 'ten']).map((word) => word?.at)).toEqual([1200, 1300]);
    joinLine(made, 'l1');
    expect(made.moves[0].pin).toEqual({ line: 'l1', word: 2, offset: 3 });
    expect(recording.heard).toEqual(heard);
    expect(pinnedWords(made)).toEqual(new Set(['l1:2']));
  });

  it('keep the moment of what was pinned to a word that is gone', () => {
    const made = piece();
    const { id } = made.moves[0];
    const lines = [{ id: 'l2', text: 'Lamps too', begin: 90, end: 120 }];
    takeScript(made, lines, { 'l2:0': { line: 'l2', word: 0 }, 'l2:1': { line: 'l2', word: 1 } }, { [id]: 42 });
    expect(made.moves[0]).toMatchObject({ pin: null, begin: 42 });
    expect(recordingOf(made)?.heard.map(({ line }) => line)).toEqual(['l2']);
  });
});
