import { describe, expect, it } from 'vitest';
import { freeSpot } from './freeSpot';

describe('where there is room', () => {
  const stage: [number, number] = [1920, 1080];

  it('is the free place nearest to a point, within the margins', () => {
    const chart = { left: 300, top: 150, right: 1100, bottom: 950 };
    const box = freeSpot([400, 120], stage, 100, [chart], [1000, 300]);
    expect(box.left).toBeGreaterThanOrEqual(1100);
    expect(box.left).toBeLessThan(1180);
    expect(Math.abs((box.top + box.bottom) / 2 - 300)).toBeLessThan(30);
    expect(freeSpot([400, 120], stage, 100, [], [0, 0])).toMatchObject({ left: 100, top: 100 });
  });

  it('covers as little as can be where there is none', () => {
    const all = { left: 0, top: 0, right: 1920, bottom: 700 };
    const box = freeSpot([600, 500], stage, 50, [all], [960, 100]);
    expect(box.bottom).toBeCloseTo(1030);
  });
});
