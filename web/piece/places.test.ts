import { beforeEach, describe, expect, it } from 'vitest';
import type { Placed } from '../api/answers';
import { newGroup, setGroup, shiftChart } from './charts';
import type { Piece } from '../../contracts/piece';
import { addPanel } from './panels';
import { giveBack, setPlace, toldPlace } from './places';
import { evenlySpoken } from '../../demo/plain/evenlySpoken';

let piece: Piece;
const byRule: Placed = { x: 600, y: 500, size: 1, turn: 0, text: 0.5, form: { radius: 417 }, by: 'rule' };

beforeEach(() => {
  piece = evenlySpoken();
});

describe('what a hand places', () => {
  it('takes over what the rule had made of a chart, so that nothing jumps', () => {
    const labels = piece.charts[0].words.labels.size;
    setPlace(piece, null, 'chart1', byRule, { x: 640 });
    expect(piece.charts[0].place).toEqual({ x: 640, y: 500, placedBy: 'hand' });
    expect(piece.charts[0].form.radius).toBe(417);
    expect(piece.charts[0].words.labels.size).toBe(labels * 0.5);
    giveBack(piece, null, 'chart1');
    expect(piece.charts[0].place.placedBy).toBe('rule');
  });

  it('is the other chart where both stand on one axis', () => {
    const own = { x: 1, y: 2, placedBy: 'hand' as const };
    piece.charts.push({ ...structuredClone(piece.charts[0]), id: 'chart2', axisOf: 'chart1', place: own });
    setPlace(piece, null, 'chart2', byRule, { y: 540 });
    expect(piece.charts[0].place).toEqual({ x: 600, y: 540, placedBy: 'hand' });
    expect(piece.charts[1].place).toEqual(own);
    expect(toldPlace(piece, null, 'chart2')).toMatchObject({ x: 600, y: 540 });
    setPlace(piece, 'upright', 'chart2', byRule, { y: 800 });
    expect(Object.keys(piece.shapes![0].own)).toEqual(['chart1']);
    giveBack(piece, null, 'chart2');
    expect(toldPlace(piece, null, 'chart2')).toBeNull();
  });

  it('is told for one shape of the stage alone, where that is worked on', () => {
    const before = structuredClone(piece.charts[0]);
    setPlace(piece, 'upright', 'chart1', byRule, { y: 800 });
    expect(piece.charts[0]).toEqual(before);
    expect(piece.shapes![0].own.chart1).toEqual({ x: 600, y: 800, size: 1, text: 0.5, form: { radius: 417 } });
    expect(toldPlace(piece, 'upright', 'chart1')).toMatchObject({ x: 600, y: 800 });
    expect(toldPlace(piece, null, 'chart1')).toBeNull();
    giveBack(piece, 'upright', 'chart1');
    expect(piece.shapes![0].own).toEqual({});
  });

  it('holds for words, legends and captions as well', () => {
    const at = (size: number): Placed => ({ x: 100, y: 200, size, width: 600, by: 'rule' });
    setPlace(piece, null, 'title', at(70), { x: 120 });
    expect(piece.words[0]).toMatchObject({ x: 120, y: 200, width: 600, size: 70, placedBy: 'hand' });
    setPlace(piece, null, 'legend-chart1', at(40), { flow: 'rows' });
    expect(piece.charts[0].words.legend).toMatchObject({ x: 100, size: 40, flow: 'rows', placedBy: 'hand' });
    setPlace(piece, 'square', 'captions', { ...at(piece.captions!.size / 2) }, {});
    expect(piece.shapes![1].own.captions).toMatchObject({ size: 0.5 });
  });
});

describe('what was told just now', () => {
  it('is all there before core has answered: no side, size or turn of it is lost to the next change', () => {
    setPlace(piece, null, 'chart1', byRule, { size: 0.8 });
    expect(toldPlace(piece, null, 'chart1')).toEqual({ x: 600, y: 500, size: 0.8, turn: 0 });
    const id = addPanel(piece, 'rectangle');
    setPlace(piece, null, id, { x: 900, y: 500, width: 640, height: 300, size: 1, by: 'hand' }, { width: 400 });
    expect(toldPlace(piece, null, id)).toMatchObject({ width: 400, height: 300, size: 1 });
    setPlace(piece, null, 'title', { x: 1, y: 2, size: 70, width: 600, by: 'rule' }, { width: 500 });
    expect(toldPlace(piece, null, 'title')).toEqual({ x: 1, y: 2, size: 70, width: 500 });
    setPlace(piece, 'upright', 'title', { x: 1, y: 2, size: 35, width: 600, by: 'rule' }, {});
    expect(toldPlace(piece, 'upright', 'title')).toMatchObject({ size: 35, width: 600 });
  });
});

describe('several charts', () => {
  it('change places, and are taken together', () => {
    piece.charts.push({ ...structuredClone(piece.charts[0]), id: 'chart2' });
    shiftChart(piece, 'chart1', 1);
    expect(piece.charts.map(({ id }) => id)).toEqual(['chart2', 'chart1']);
    setGroup(piece, ['chart1', 'title'], newGroup(piece));
    expect(piece.charts[1].group).toBe(piece.words[0].group);
    setGroup(piece, ['chart1', 'title'], null);
    expect(piece.charts[1].group).toBeNull();
  });
});
