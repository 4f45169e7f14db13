import { describe, expect, it } from 'vitest';
import { furtherOn } from './references';

describe('formulas', () => {
  it('are written anew where they are filled in further on', () => {
    expect(furtherOn('=[.B2]*[.$C$2]+SUM([.B2:.B9])', 3, 1)).toBe('=[.C5]*[.$C$2]+SUM([.C5:.C12])');
    expect(furtherOn('=[.B2]', -2, 0)).toBe('=#REF!');
    expect(furtherOn('12', 3, 1)).toBe('12');
  });
});
