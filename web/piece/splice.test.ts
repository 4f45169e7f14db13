import { describe, expect, it } from 'vitest';
import type { Recording } from '../../contracts/piece';
import { lengthOf, longPauses, saidIn, stretchOf, takeOf, withInstead, without } from './splice';

const word = (text: string, at: number, end: number) => ({ text, at, end, sure: 1 });
const recording = {
  from: 200,
  to: 9000,
  heard: [
    { line: 'l1', words: [word('Four', 1000, 1300), word('in', 1400, 1500)] },
    { line: 'l2', words: [word('Lamps', 3000, 3400)] },
  ],
} as unknown as Recording;
const line = (id: string) => ({ id, text: '', begin: 0, end: 1 });

describe('a recording that is put together anew', () => {
  it('is left with what is not taken out', () => {
    expect(without(recording, [])).toEqual([{ from: 200, length: 8800 }]);
    expect(without(recording, [[1500, 2500]])).toEqual([
      { from: 200, length: 1300 },
      { from: 2500, length: 6500 },
    ]);
    // What is trimmed is not there.
    expect(
      without(recording, [
        [0, 500],
        [8000, 9900],
      ]),
    ).toEqual([{ from: 500, length: 7500 }]);
    expect(lengthOf(without(recording, [[0, 9900]]))).toBe(0);
  });

  it('has silence where it is put, and a take in place of a line', () => {
    expect(withInstead(recording, [2000, 2000], { from: null, length: 700 })).toEqual([
      { from: 200, length: 1800 },
      { from: null, length: 700 },
      { from: 2000, length: 7000 },
    ]);
    expect(stretchOf(recording, line('l1'))).toEqual([820, 1680]);
    expect(stretchOf(recording, line('l2'))).toEqual([2820, 3580]);
    expect(stretchOf(recording, line('l9'))).toBeNull();
    const heard = { line: 'l1', words: [word('Four', 500, 800), word('in', 900, 1100)] };
    const take = takeOf('ab', 1200, heard)!;
    expect(take).toMatchObject({ from: null, length: 880, take: { sound: 'ab', from: 320 } });
    expect(take.take!.heard.words.map(({ at }) => at)).toEqual([180, 580]);
    expect(takeOf('ab', 1200, { line: 'l1', words: [] })).toBeNull();
  });

  it('keeps half of what is left of a pause on each side, and all of it at an end', () => {
    const pauses = [
      [0, 900],
      [1500, 3000],
      [4000, 4200],
      [8000, 9500],
    ];
    expect(longPauses(recording, pauses, 500, 300)).toEqual([
      [200, 600],
      [1650, 2850],
      [8300, 9000],
    ]);
  });

  it('says what is said in a stretch', () => {
    expect(saidIn(recording, 1200, 3100)).toEqual(['Four', 'in', 'Lamps']);
    expect(saidIn(recording, 1600, 2900)).toEqual([]);
  });
});
