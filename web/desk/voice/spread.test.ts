import { describe, expect, it } from 'vitest';
import { spread } from './spread';

describe('words beside their moments', () => {
  it('stand at them where there is room, and close together about them where there is none', () => {
    expect(spread([10, 60, 90], 17, 0)).toEqual([10, 60, 90]);
    expect(spread([50, 50, 50], 10, 0)).toEqual([40, 50, 60]);
    expect(spread([20, 22, 100], 10, 0)).toEqual([16, 26, 100]);
    expect(spread([0, 1, 2], 10, 0)).toEqual([0, 10, 20]);
    expect(spread([], 10, 0)).toEqual([]);
  });

  it('stay in their order and clear of each other, whatever they want', () => {
    let seed = 7;
    const random = () => (seed = (seed * 16_807) % 2_147_483_647) / 2_147_483_647;
    for (let round = 0; round < 200; round++) {
      const wanted = Array.from({ length: 1 + Math.floor(random() * 20) }, () => random() * 300).sort((a, b) => a - b);
      const placed = spread(wanted, 17, 0);
      expect(placed[0]).toBeGreaterThanOrEqual(0);
      for (let place = 1; place < placed.length; place++)
        expect(placed[place] - placed[place - 1]).toBeGreaterThanOrEqual(17 - 1e-9);
    }
  });
});
