import { describe, expect, it } from 'vitest';
import { guidesOf, movedBox, snapped } from './guides';

const box = { left: 100, right: 300, top: 200, bottom: 300 };

describe('what things come to rest on', () => {
  it('meets the middle of the stage, its thirds and its safe area', () => {
    const guides = guidesOf(1920, 1080, [], []);
    expect(snapped(movedBox(box, 757, 0), guides, 8)).toMatchObject({ across: 3, down: 0 });
    expect(snapped(movedBox(box, -8, 0), guides, 8).across).toBe(4);
    expect(snapped(movedBox(box, 540, 163), guides, 8)).toMatchObject({ across: 0, down: -3 });
  });

  it('meets middles, edges and baselines of what stands there, and says which', () => {
    const guides = guidesOf(1920, 1080, [{ left: 800, right: 900, top: 600, bottom: 700 }], [777]);
    expect(snapped(movedBox(box, 505, 0), guides, 8)).toMatchObject({ across: -5, met: [{ axis: 'x', at: 800 }] });
    expect(snapped(movedBox(box, 400, 460), guides, 8, [774]).down).toBe(3);
  });

  it('leaves alone what is far from everything', () => {
    expect(snapped(movedBox(box, 200, 90), guidesOf(1920, 1080, [], []), 8)).toEqual({ across: 0, down: 0, met: [] });
  });
});
