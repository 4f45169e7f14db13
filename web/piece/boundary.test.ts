import { describe, expect, it } from 'vitest';
import type { SheetBoundary } from '../api/answers';
import type { Piece } from '../../contracts/piece';
import { inCell, restedValue, setBoundary } from './boundary';

const boundary = (part: Partial<SheetBoundary> = {}): SheetBoundary => ({
  figure: 'r1',
  next: 'r2',
  at: [0, 0],
  along: null,
  around: [0, 0],
  rate: 1,
  value: 512,
  nextValue: 287,
  decimals: 0,
  most: 799,
  canBeNegative: false,
  ...part,
});

const piece = (cells: string[][]): Piece =>
  ({
    charts: [{ id: 'c', table: 't', column: 'b' }],
    tables: [
      {
        id: 't',
        columns: [{ id: 'a' }, { id: 'b' }],
        rows: cells.map((one, at) => ({ id: `r${at + 1}`, label: '', cells: one })),
      },
    ],
  }) as unknown as Piece;

describe('the boundary of two parts', () => {
  it('keeps their sum, their units and all other cells', () => {
    const one = piece([
      ['1', '41.5 %'],
      ['2', '23 %'],
      ['3', '35.5 %'],
    ]);
    const its = boundary({ value: 41.5, nextValue: 23, decimals: 1, most: 64.5 });
    setBoundary(one, one.charts[0], its, 50);
    expect(one.tables[0].rows.map(({ cells }) => cells)).toEqual([
      ['1', '50.0 %'],
      ['2', '14.5 %'],
      ['3', '35.5 %'],
    ]);
  });

  it('ends on a scale alone, and by its column where there are several', () => {
    const one = piece([['4', '5']]);
    one.charts[0].series = ['a', 'b'];
    setBoundary(one, one.charts[0], boundary({ figure: 'r1-a', next: null, nextValue: null, most: null }), 7);
    expect(one.tables[0].rows[0].cells).toEqual(['7', '5']);
  });

  it('takes no more than there is to give, on whole steps', () => {
    expect(restedValue(boundary(), 900.4)).toBe(799);
    expect(restedValue(boundary(), -4)).toBe(0);
    expect(restedValue(boundary({ most: null, canBeNegative: true }), -4.4)).toBe(-4);
    expect(restedValue(boundary(), 511.26, 1)).toBe(511.3);
    expect(inCell('€ 12', 3.456, 2)).toBe('€ 3.46');
  });
});
