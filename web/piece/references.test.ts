import { describe, expect, it } from 'vitest';
import type { Table } from '../../contracts/piece';
import { furtherOn, keepReferences } from './references';
import { addColumn, orderRows } from './tables';

describe('formulas', () => {
  const sheet = (): Table => ({
    id: 't1',
    name: 'What',
    columns: [
      { id: 'c1', name: '' },
      { id: 'c2', name: '' },
    ],
    rows: [
      { id: 'r1', label: 'A', cells: ['1', ''] },
      { id: 'r2', label: 'B', cells: ['2', ''] },
      { id: 'r3', label: 'C', cells: ['=[.B2]+[.$B$3]', '=SUM([.B2:.B4])'] },
    ],
    timeColumn: null,
    whole: '=SUM(B2:B3)',
  });

  it('go on to ask for the same cells when rows and columns move, come and go', () => {
    const table = sheet();
    keepReferences(table, () => orderRows(table, ['r3', 'r2', 'r1']));
    expect(table.rows[0].cells).toEqual(['=[.B4]+[.$B$3]', '=SUM([.B4:.B2])']);
    keepReferences(table, () => addColumn(table, -1));
    expect(table.rows[0].cells.slice(1)).toEqual(['=[.C4]+[.$C$3]', '=SUM([.C4:.C2])']);
    expect(table.whole).toBe('=SUM(C4:C3)');
  });

  it('say what is gone, and ranges shrink', () => {
    const table = sheet();
    keepReferences(table, () => {
      table.rows = table.rows.filter(({ id }) => id !== 'r1');
    });
    expect(table.rows[1].cells).toEqual(['=#REF!+[.$B$2]', '=SUM([.B2:.B3])']);
  });

  it('are written anew where they are filled in further on', () => {
    expect(furtherOn('=[.B2]*[.$C$2]+SUM([.B2:.B9])', 3, 1)).toBe('=[.C5]*[.$C$2]+SUM([.C5:.C12])');
    expect(furtherOn('=[.B2]', -2, 0)).toBe('=#REF!');
    expect(furtherOn('12', 3, 1)).toBe('12');
  });
});
