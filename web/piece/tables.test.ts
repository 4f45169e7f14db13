import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { Piece } from '../../contracts/piece';
import { removeFigure } from './tables';

interface Case {
  row: string;
  before: Piece;
  after: Piece;
}

describe('a row that goes', () => {
  // The same is tried with core: core/tests/Edits/RemovedRowsTest.php.
  it('takes along what was said of it', () => {
    const path = new URL('../../core/tests/Edits/removed-rows.json', import.meta.url);
    const { row, before, after } = JSON.parse(readFileSync(path, 'utf8')) as Case;
    removeFigure(before, before.charts[0], row);
    expect(before).toEqual(after);
  });
});
