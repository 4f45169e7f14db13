import { beforeEach, describe, expect, it } from 'vitest';
import { evenlySpoken } from '../../demo/plain/evenlySpoken';
import type { Piece } from '../../contracts/piece';
import { chainKeys, copyMove, fitKeys, holdKey, isSameKey, shiftKeys, stretchKeys, type HeldKey } from './retime';

let piece: Piece;

/** What is held of a move that begins and lasts as the document says; pins aside. */
function held(id: string, begin: number, frames: number): HeldKey {
  const move = piece.moves.find((one) => one.id === id);
  return holdKey(piece, { id, kind: move?.kind ?? 'entrance' }, { begin, frames });
}

const moveNamed = (id: string) => piece.moves.find((one) => one.id === id);

beforeEach(() => {
  piece = evenlySpoken();
});

describe('several keys', () => {
  it('go together: what hangs on a word at another offset, what follows a taken one at its distance', () => {
    const [first, second, third] = piece.moves;
    second.pin = null;
    second.begin = 130;
    third.pin = null;
    third.follow = { move: second.id, how: 'after', offset: 5 };
    const offset = first.pin?.offset ?? 0;
    const all = [held(first.id, 60, 22), held(second.id, 130, 45), held(third.id, 180, 30)];
    shiftKeys(piece, all, 12);
    expect(moveNamed(first.id)?.pin?.offset).toBe(offset + 12);
    expect(moveNamed(second.id)?.begin).toBe(142);
    expect(moveNamed(third.id)?.follow?.offset).toBe(5);
    // Taken without its leader it goes alone. Each is told from what it was when it was taken.
    shiftKeys(piece, [all[2]], -4);
    expect(moveNamed(third.id)?.follow?.offset).toBe(1);
    shiftKeys(piece, all.slice(0, 2), -500);
    expect(moveNamed(second.id)?.begin).toBe(70);
  });

  it('are stretched from where the first begins, lengths as well', () => {
    const [, second, third] = piece.moves;
    for (const move of [second, third]) move.pin = null;
    second.toLineEnd = true;
    stretchKeys(piece, [held(second.id, 100, 40), held(third.id, 150, 30)], 0.5);
    expect([moveNamed(second.id)?.begin, moveNamed(second.id)?.frames]).toEqual([100, 20]);
    expect(moveNamed(second.id)?.toLineEnd).toBeUndefined();
    expect([moveNamed(third.id)?.begin, moveNamed(third.id)?.frames]).toEqual([125, 15]);
  });

  it('are fitted to a line, or follow one another', () => {
    const [, second, third] = piece.moves;
    for (const move of [second, third]) move.pin = null;
    fitKeys(piece, [held(second.id, 100, 40), held(third.id, 120, 30)], 200, 300);
    expect([moveNamed(second.id)?.begin, moveNamed(second.id)?.frames]).toEqual([200, 80]);
    expect([moveNamed(third.id)?.begin, moveNamed(third.id)?.frames]).toEqual([240, 60]);
    chainKeys(piece, [held(third.id, 240, 60), held(second.id, 200, 80)]);
    expect([moveNamed(second.id)?.begin, moveNamed(third.id)?.begin]).toEqual([200, 280]);
  });

  it('of a chart’s order become the figure’s own', () => {
    const [chart] = piece.charts;
    piece.moves = [];
    const ref = { id: null, kind: 'entrance' as const, chart: chart.id, figure: 'r3' };
    shiftKeys(piece, [holdKey(piece, ref, { begin: 160, frames: 27, opens: 'middle' })], 6);
    expect(piece.moves).toHaveLength(1);
    expect(piece.moves[0]).toMatchObject({ begin: 166, frames: 27, opens: 'middle', target: { figure: 'r3' } });
    // It is the same key now that it is one of the document, and is held with all that it hangs on.
    const own = { ...ref, id: piece.moves[0].id };
    expect(isSameKey(ref, own)).toBe(true);
    piece.moves[0].pin = { line: 'line2', word: 0, offset: 2 };
    shiftKeys(piece, [holdKey(piece, ref, { begin: 166, frames: 27 })], 5);
    expect(piece.moves[0].pin?.offset).toBe(7);
  });

  it('of a change are copied, of a coming are not', () => {
    piece.moves.push({
      ...piece.moves[1],
      id: 'e1',
      kind: 'emphasis',
      emphasis: { out: 20, light: 0, size: 1, dim: 0.5, label: 1, until: 300, untilPin: null },
      pin: null,
      begin: 200,
    });
    expect(copyMove(piece, piece.moves[1].id, 'm90')).toBeNull();
    expect(copyMove(piece, 'e1', 'm91')).toBe('m91');
    shiftKeys(piece, [held('e1', 200, 12)], 30);
    expect([moveNamed('e1')?.begin, moveNamed('e1')?.emphasis?.until]).toEqual([230, 330]);
    expect([moveNamed('m91')?.begin, moveNamed('m91')?.emphasis?.until]).toEqual([200, 300]);
  });
});
