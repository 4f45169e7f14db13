import { describe, expect, it } from 'vitest';
import { Timeline } from '../src';
import { reel } from './recording';

describe('a timeline', () => {
  const timeline = new Timeline(reel());

  it('holds a value until the next', () => {
    expect([0, 10, 11, 12, 99].map((frame) => timeline.value(4, 'outline', 0, frame))).toEqual([0, 0, 2, 3, 3]);
    expect(timeline.value(1, 'outline', 7, 50)).toBe(7);
    expect(timeline.value(4, 'opacity', 0.3, 50)).toBe(0.3);
  });

  it('knows since when a picture is what it is', () => {
    expect([0, 10, 11, 12, 13, 99].map((frame) => timeline.sameSince(frame))).toEqual([0, 0, 11, 12, 12, 12]);
  });

  it('knows where something moves', () => {
    expect(timeline.isConstant(1)).toBe(true);
    expect(timeline.isConstant(4)).toBe(false);
    expect([5, 9, 10, 13, 30].map((frame) => timeline.changesNear(4, frame, 2))).toEqual([
      false,
      true,
      true,
      true,
      false,
    ]);
  });

  it('begins with the first frame of a range', () => {
    const part = new Timeline(
      reel((made) => {
        made.from = 11;
        made.tracks = [{ node: 4, property: 'outline', frames: [11, 12], values: [2, 3] }];
      }),
    );
    expect(part.value(4, 'outline', 2, 11)).toBe(2);
    expect(part.value(4, 'outline', 2, 14)).toBe(3);
  });
});
