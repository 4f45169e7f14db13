import { readFileSync } from 'node:fs';
import { beforeEach, describe, expect, it } from 'vitest';
import type { Piece } from '../../contracts/piece';
import { copied, paste, readPart, type Part } from './parts';
import { evenlySpoken } from '../../demo/evenlySpoken';

let piece: Piece;
const through = (part: Part | null): Part => readPart(JSON.stringify(part))!;

beforeEach(() => {
  piece = evenlySpoken();
});

describe('copy and paste', () => {
  it('takes a chart with its table and its moves to another piece', () => {
    const part = through(copied(piece, { kind: 'chart', chart: 'chart1' }));
    const other = JSON.parse(
      readFileSync(new URL('../../demo/starters/columns.json', import.meta.url), 'utf8'),
    ) as Piece;
    const { selection } = paste(other, part, null);
    const made = other.charts[1];
    expect(selection).toEqual({ kind: 'chart', chart: made.id });
    expect(made.id).not.toBe(other.charts[0].id);
    const table = other.tables.find(({ id }) => id === made.table);
    expect(table?.rows).toEqual(piece.tables[0].rows);
    const moves = other.moves.filter(({ target }) => 'chart' in target && target.chart === made.id);
    expect(moves).toHaveLength(piece.moves.filter(({ target }) => 'chart' in target).length);
    expect(
      moves.every(({ pin }) => pin === null),
      'what hung on another script begins on its frame',
    ).toBe(true);
  });

  it('shares the table within a piece', () => {
    paste(piece, through(copied(piece, { kind: 'chart', chart: 'chart1' })), null);
    expect(piece.tables).toHaveLength(1);
    expect(piece.charts).toHaveLength(2);
  });

  it('gives looks and moves of one part to another, and nothing else', () => {
    piece.charts[0].own.r1 = { out: 30, label: { size: 1.5, text: 'Kettles' } };
    const part = through(copied(piece, { kind: 'figure', chart: 'chart1', figure: 'r1' }));
    expect(paste(piece, part, { kind: 'chart', chart: 'chart1' }).problem).toContain('Select a part');
    paste(piece, part, { kind: 'figure', chart: 'chart1', figure: 'r4' });
    expect(piece.charts[0].own.r4).toEqual({ out: 30, label: { size: 1.5 } });
    const own = piece.moves.filter(({ target }) => 'figure' in target && target.figure === 'r4');
    expect(own.map(({ kind }) => kind)).toEqual(['entrance']);
  });

  it('leaves other texts alone', () => {
    expect(readPart('Kettles\t512')).toBeNull();
    expect(readPart('{"lupine":2,"title":"A piece"}')).toBeNull();
  });
});
