import { svgPathProperties } from 'svg-path-properties';
import { describe, expect, it } from 'vitest';
import { boundsOf } from '../src/bounds';
import { chainOf, inPieces } from '../src/chain';
import { lengthOf } from '../src/lights';

/** Outlines of lines and arcs, the same in every run. */
function outlines(count: number): string[] {
  let state = 11;
  const next = (most: number): number => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return Math.round((state / 2147483648) * most * 1000) / 1000;
  };
  return Array.from({ length: count }, () => {
    let [x, y] = [next(900), next(900)];
    let data = `M${x} ${y}`;
    for (let stretch = 0; stretch < 4; stretch++) {
      const [toX, toY] = [next(900), next(900)];
      // No arc is smaller than half its chord, as core writes none.
      const radius = Math.hypot(toX - x, toY - y) / 2 + 1 + next(300);
      const flags = `${next(1) > 0.5 ? 1 : 0} ${next(1) > 0.5 ? 1 : 0}`;
      data += next(1) > 0.4 ? `A${radius} ${radius} 0 ${flags} ${toX} ${toY}` : `L${toX} ${toY}`;
      [x, y] = [toX, toY];
    }
    return `${data}Z`;
  });
}

const STEPS = 8000;

// Source: svg-path-properties, which follows outlines in its own way.
describe('an outline', () => {
  it('is as long as another reader finds it, and stays so in pieces', () => {
    for (const data of outlines(40)) {
      const long = new svgPathProperties(data).getTotalLength();
      // The other reader adds up chords of its arcs.
      expect(Math.abs(chainOf(data).reduce((sum, one) => sum + lengthOf(one), 0) / long - 1)).toBeLessThan(1e-4);
      const pieces = inPieces(data);
      expect(Math.abs(new svgPathProperties(pieces).getTotalLength() / long - 1)).toBeLessThan(1e-4);
    }
  });

  it('lies in its box, and touches all its sides', () => {
    for (const data of outlines(40)) {
      const path = new svgPathProperties(data);
      const long = path.getTotalLength();
      const at = Array.from({ length: STEPS + 1 }, (_, step) => path.getPointAtLength((long * step) / STEPS));
      const [across, down] = [at.map(({ x }) => x), at.map(({ y }) => y)];
      const box = boundsOf(data)!;
      const found = [Math.min(...across), Math.min(...down), Math.max(...across), Math.max(...down)];
      // A corner may lie between two points.
      const near = long / STEPS / 2 + 0.02;
      for (const [index, side] of [box.left, box.top, box.right, box.bottom].entries()) {
        expect(Math.abs(side - found[index])).toBeLessThan(near);
        expect(index < 2 ? side <= found[index] + 0.02 : side >= found[index] - 0.02).toBe(true);
      }
    }
  });

  it('is read however its numbers are written', () => {
    const plain = chainOf('M1 -2L0.5 0.00001A5 5 0 1 0 -3 4Z');
    expect(chainOf('M1-2L.5 1e-5A5 5 0 1 0-3 4Z')).toEqual(plain);
    expect(chainOf('M1,-2 L5E-1,1e-05 A5,5 0 1 0 -3,4 Z')).toEqual(plain);
  });

  it('is left as it is where nothing in it is round, and empty where nothing is', () => {
    for (const data of ['', 'M0 0L10 0L10 10Z', 'M0 0Q5 5 10 0Z']) expect(inPieces(data)).toBe(data);
    expect(boundsOf('')).toBeNull();
  });
});
