import { describe, expect, it } from 'vitest';
import { gridOf } from './grid';

describe('the grid of a stage', () => {
  const arrangement = { charts: 'left', several: 'fitting', across: 0.1, down: 0.2, columns: 4, rows: 1 } as const;

  it('lies between the margins, which follow the shorter side', () => {
    const { columns, rows } = gridOf([1920, 1080], { ...arrangement, gutter: 0.02 });
    expect(columns).toHaveLength(4);
    expect(columns[0][0]).toBeCloseTo(108);
    expect(columns[3][1]).toBeCloseTo(1812);
    expect(columns[1][0] - columns[0][1]).toBeCloseTo(21.6);
    const widths = columns.map(([from, to]) => to - from);
    expect(Math.max(...widths) - Math.min(...widths)).toBeCloseTo(0);
    expect(rows).toEqual([[216, 864]]);
    expect(gridOf([1080, 1920], arrangement).rows[0]).toEqual([216, 1704]);
  });

  it('has twelve columns and six rows where nothing is said', () => {
    const { columns, rows } = gridOf([1920, 1080], { charts: 'left', several: 'fitting' });
    expect([columns.length, rows.length]).toEqual([12, 6]);
  });
});
