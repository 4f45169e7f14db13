import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Table } from '../../../contracts/piece';
import { act } from '../act';
import { takeRows } from './takeRows';

vi.mock('../act', () => ({ act: vi.fn() }));

let table: Table;
const row = (id: string, label: string, cell: string) => ({ id, label, cells: [cell] });
const change = (work: (draft: Table, chart: never) => void): void => work(table, undefined as never);
const take = (next: ReturnType<typeof row>[]): void => takeRows(table, structuredClone(table.rows), next, change);
const texts = (): string[] => table.rows.map(({ id, label, cells }) => `${id} ${label} ${cells[0]}`);

beforeEach(() => {
  vi.mocked(act).mockClear();
  table = {
    id: 't1',
    name: '',
    columns: [{ id: 'c1', name: '' }],
    rows: [row('r1', 'Kettles', '4'), row('r2', 'Lamps', '5'), row('r3', 'Coats', '6')],
    timeColumn: null,
    whole: null,
  };
});

describe('rows as the grid has them', () => {
  it('are there at once where something was typed, or a row is new after the last', () => {
    take([row('r1', 'Kettles', '9'), row('r2', 'Lamps', '5'), row('r3', 'Coats', '6'), row('', 'Irons', '7')]);
    expect(texts()).toEqual(['r1 Kettles 9', 'r2 Lamps 5', 'r3 Coats 6', 'r4 Irons 7']);
    expect(act).not.toHaveBeenCalled();
  });

  it('are put between others and taken out by core, since formulas name them by their places', () => {
    take([row('r1', 'Kettles', '4'), row('', 'Kettles', '4'), row('r3', 'Coats', '6')]);
    expect(texts()).toEqual(['r1 Kettles 4', 'r2 Lamps 5', 'r3 Coats 6']);
    expect(vi.mocked(act).mock.calls).toEqual([
      ['add-rows', { table: 't1', at: 1, labels: ['Kettles'], cells: [['4']] }],
      ['remove-rows', { table: 't1', rows: ['r2'] }],
    ]);
  });

  it('are never all gone', () => {
    take([]);
    expect(act).not.toHaveBeenCalled();
  });
});
