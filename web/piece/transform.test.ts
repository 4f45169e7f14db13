import { describe, expect, it } from 'vitest';
import type { Placed } from '../api/answers';
import type { Piece } from '../../contracts/piece';
import { scaledAbout, turnedAbout, withLegends } from './transform';

const piece = {
  charts: [
    { id: 'pie', words: { legend: {} } },
    { id: 'ring', words: { legend: { placedBy: 'rule' } } },
  ],
  words: [{ id: 'title' }],
  panels: [{ id: 'card' }],
} as unknown as Piece;

const placed = (x: number, y: number, more: Partial<Placed> = {}): Placed => ({ x, y, size: 1, by: 'hand', ...more });

describe('several things about one centre', () => {
  it('are scaled: what stands apart goes apart, words and panels by their own measures', () => {
    expect(scaledAbout(piece, 'pie', placed(600, 540), [960, 540], 1.5)).toEqual({ x: 420, y: 540, size: 1.5 });
    expect(scaledAbout(piece, 'title', placed(960, 100, { size: 64, width: 400 }), [960, 540], 1.5)).toEqual({
      x: 960,
      y: -120,
      size: 96,
      width: 600,
    });
    expect(scaledAbout(piece, 'card', placed(960, 540), [960, 540], 0.5)).toEqual({ x: 960, y: 540, size: 0.5 });
  });

  it('are turned clockwise: words go around and stay level', () => {
    expect(turnedAbout(piece, 'pie', placed(1060, 540, { turn: 10 }), [960, 540], 90)).toEqual({
      x: 960,
      y: 640,
      turn: 100,
    });
    expect(turnedAbout(piece, 'title', placed(1060, 540), [960, 540], 90)).toEqual({ x: 960, y: 640 });
  });

  it('take legends along that a hand has placed; the others follow by rule', () => {
    expect(withLegends(piece, null, ['pie', 'ring'])).toEqual(['pie', 'ring', 'legend-pie']);
    expect(withLegends(piece, null, ['legend-pie', 'pie'])).toEqual(['legend-pie', 'pie']);
    expect(withLegends(piece, null, ['title'])).toEqual(['title']);
  });
});
