import { describe, expect, it } from 'vitest';
import { comingFrames } from './ahead';

describe('the frames that come next', () => {
  const playing = { frame: 10, frames: 14, speed: 1, loop: null };

  it('follow one another up to the end, and backwards to the beginning', () => {
    expect(comingFrames(playing, 2)).toEqual([11, 12]);
    expect(comingFrames(playing, 10)).toEqual([11, 12, 13]);
    expect(comingFrames({ ...playing, frame: 2, speed: -2 }, 10)).toEqual([1, 0]);
  });

  it('begin again where a loop ends, and never twice', () => {
    expect(comingFrames({ ...playing, loop: { begin: 5, end: 12 } }, 4)).toEqual([11, 5, 6, 7]);
    expect(comingFrames({ ...playing, speed: -1, loop: { begin: 9, end: 12 } }, 10)).toEqual([9, 11]);
    expect(comingFrames({ ...playing, loop: { begin: 10, end: 11 } }, 10)).toEqual([]);
    expect(comingFrames({ ...playing, loop: { begin: 12, end: 12 } }, 10)).toEqual([]);
  });
});
