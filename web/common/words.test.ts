import { describe, expect, it, vi } from 'vitest';
import { bytesText, lengthText, newId, rateText, shortTimecode, when } from './words';

describe('how things are said', () => {
  it('shows a timecode as short as it can be', () => {
    expect(['00:00:08:19', '00:12:08;02', '01:00:00:00', '00:00:00:00'].map(shortTimecode)).toEqual([
      '0:08:19',
      '12:08;02',
      '1:00:00:00',
      '0:00:00',
    ]);
  });

  it('names rates as the trade does', () => {
    expect(
      (
        [
          [30, 1],
          [30000, 1001],
          [24000, 1001],
          [60000, 1001],
        ] as [number, number][]
      ).map(rateText),
    ).toEqual(['30', '29.97', '23.976', '59.94']);
  });

  it('says when, as people do', () => {
    vi.useFakeTimers({ now: new Date(2026, 10, 24, 9) });
    const day = (back: number): string => new Date(2026, 10, 24 - back, 23).toISOString();
    expect([day(0), day(1), day(3), day(30)].map(when)).toEqual(['today', 'yesterday', 'Saturday', 'October 25']);
    vi.useRealTimers();
  });

  it('says sizes, and never nothing', () => {
    expect([831_537, 12_345_678, 3].map(bytesText)).toEqual(['832 kB', '12.3 MB', '1 kB']);
  });

  it('says lengths no more exactly than they are known', () => {
    expect([0.2, 42, 89, 95, 3_000, 9_000].map(lengthText)).toEqual([
      '1 s',
      '42 s',
      '89 s',
      '2 min',
      '50 min',
      '2.5 h',
    ]);
  });

  it('finds an id that is free', () => {
    expect(newId('r', [{ id: 'r1' }, { id: 'r3' }])).toBe('r4');
    expect(newId('m', [])).toBe('m1');
  });
});
