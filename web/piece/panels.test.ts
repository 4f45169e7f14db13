import { beforeEach, describe, expect, it } from 'vitest';
import type { Placed } from '../api/answers';
import type { Piece } from '../../contracts/piece';
import { evenlySpoken } from '../../demo/plain/evenlySpoken';
import { groupOf, keysOf, selectionOf } from '../desk/stage/selected';
import { coatsOf, setCoats, targetOf } from '../desk/finish/coats';
import { finishesOf, nameOf, whoseNow } from '../desk/finish/whose';
import { setGroup } from './charts';
import { addPanel, addPicture, addPicturePanel, movePanel, panelName, panelOf } from './panels';
import { giveBack, setPlace, toldPlace } from './places';
import { canBeOfPart, canWrap, styleAt, stylesOf } from './styles';

let piece: Piece;
const placed: Placed = { x: 100, y: 200, size: 1, by: 'rule', turn: 0, width: 300, height: 150 };

beforeEach(() => {
  piece = evenlySpoken();
});

describe('panels', () => {
  it('begin in the middle of the stage, what is wide behind charts, what is thin before them', () => {
    const card = panelOf(piece, addPanel(piece, 'rectangle'))!;
    const rule = panelOf(piece, addPanel(piece, 'rule'))!;
    expect([card.x, card.y, card.stands, rule.stands]).toEqual([960, 540, 'back', 'between']);
    expect(card.fills?.[0].opacity).toBeLessThan(0.5);
    expect([panelName(card), panelName({ ...card, name: ' Card ' })]).toEqual(['Rectangle', 'Card']);
    piece.backdrop.colour = '#f4f0e6';
    expect(panelOf(piece, addPanel(piece, 'ring'))!.colour).toBe('#1c2229');
  });

  it('go forward and back among those of their layer alone', () => {
    const [first, between, last] = [addPanel(piece, 'rectangle'), addPanel(piece, 'rule'), addPanel(piece, 'circle')];
    const order = (): string[] => piece.panels!.map(({ id }) => id);
    movePanel(piece, first, 1);
    expect(order()).toEqual([between, last, first]);
    movePanel(piece, first, 1);
    expect(order()).toEqual([between, last, first]);
    movePanel(piece, last, -1);
    expect(order()).toEqual([between, last, first]);
  });

  it('stay where a hand puts them, and are let go by what they lay around', () => {
    const id = addPanel(piece, 'rectangle');
    Object.assign(panelOf(piece, id)!, { around: 'chart1' });
    expect(toldPlace(piece, null, id)).toBeNull();
    setPlace(piece, null, id, placed, { x: 140, size: 2 });
    expect(panelOf(piece, id)).toMatchObject({ x: 140, y: 200, width: 600, height: 300 });
    expect(panelOf(piece, id)).not.toHaveProperty('around');
    setPlace(piece, 'upright', id, placed, { turn: 10, width: 50 });
    expect(piece.shapes![0].own[id]).toEqual({ x: 100, y: 200, width: 50, height: 150 });
    expect(panelOf(piece, id)!.x).toBe(140);
    const captions = structuredClone(piece.captions);
    giveBack(piece, null, id);
    expect(piece.captions).toEqual(captions);
    giveBack(piece, 'upright', id);
    expect(piece.shapes![0].own).not.toHaveProperty(id);
  });

  it('are taken, and taken together, as charts and words are', () => {
    const id = addPanel(piece, 'pill');
    const selection = selectionOf(piece, [id]);
    expect(selection).toEqual({ kind: 'panel', panel: id });
    expect(keysOf(selection)).toEqual([id]);
    setGroup(piece, [id, 'chart1'], 'Corner');
    expect(groupOf(piece, 'chart1')).toEqual(['chart1', id]);
  });

  it('hold pictures in their own ratio, each taken once', () => {
    const file = 'f'.repeat(64);
    const picture = addPicture(piece, { name: 'Badge', file, width: 2000, height: 500 });
    expect(addPicture(piece, { name: 'Again', file, width: 2000, height: 500 })).toBe(picture);
    const panel = panelOf(piece, addPicturePanel(piece, picture))!;
    expect(panel.width / panel.height).toBeCloseTo(4, 2);
    expect(panel).toMatchObject({ name: 'Badge', radius: 0, fills: [{ kind: 'picture', picture, fit: 'contain' }] });
  });
});

describe('whose coats are looked at', () => {
  it('is what is selected, or what was chosen, and all parts where that is gone', () => {
    const [chart] = piece.charts;
    const id = addPanel(piece, 'rectangle');
    const now = (finishOf: string | null, selection: Parameters<typeof whoseNow>[2] = null) =>
      whoseNow(piece, chart, selection, finishOf, undefined);
    expect(now(null)).toEqual({ of: 'chart', chart: 'chart1' });
    expect(now(null, { kind: 'panel', panel: id })).toEqual({ of: 'panel', panel: id });
    expect(now('words:captions', { kind: 'panel', panel: id })).toEqual({ of: 'words', at: 'captions' });
    expect(now('plate:captions').of).toBe('chart');
    piece.captions!.plate = { colour: '#102030' };
    expect(now('plate:captions')).toEqual({ of: 'plate', at: 'captions' });
    expect(now('panel:gone').of).toBe('chart');
    expect(nameOf(now('plate:captions'))).toBe('plate:captions');
    const names = finishesOf(piece, chart).map(([name]) => name);
    expect(names).toEqual(expect.arrayContaining([`panel:${id}`, 'words:chart1/legend', 'plate:captions']));
  });

  it('has its own lists, which moves change by their paths', () => {
    const id = addPanel(piece, 'rectangle');
    const glow = { reach: 20, opacity: 1 };
    for (const whose of [
      { of: 'panel', panel: id },
      { of: 'words', at: 'chart1/legend' },
      { of: 'tracks', chart: 'chart1' },
      { of: 'chart', chart: 'chart1' },
    ] as const) {
      setCoats(piece, whose, 'glows', [glow]);
      expect(coatsOf(piece, whose, 'glows'), whose.of).toEqual([glow]);
    }
    expect([panelOf(piece, id)!.glows, piece.charts[0].finish.tracks?.glows]).toEqual([[glow], [glow]]);
    expect(targetOf({ of: 'panel', panel: id })).toEqual({ target: { panel: id }, path: '' });
    expect(targetOf({ of: 'words', at: 'text/title' })).toEqual({ target: { words: 'title' }, path: '' });
    expect(targetOf({ of: 'plate', at: 'text/title' })).toEqual({ target: { words: 'title' }, path: 'plate.' });
    expect(targetOf({ of: 'words', at: 'captions' })).toEqual({ target: { stage: 'captions' }, path: '' });
    expect(targetOf({ of: 'tracks', chart: 'chart1' })).toEqual({
      target: { chart: 'chart1' },
      path: 'finish.tracks.',
    });
  });
});

describe('styles of words', () => {
  it('are found by where they stand', () => {
    const [chart] = piece.charts;
    expect(styleAt(piece, 'captions')).toBe(piece.captions);
    expect(styleAt(piece, `text/${piece.words[0].id}`)).toBe(piece.words[0]);
    expect(styleAt(piece, 'chart1/legend')).toBe(chart.words.legend);
    expect([styleAt(piece, 'chart1/axis') ?? null, styleAt(piece, 'text/gone')]).toEqual([null, null]);
    expect(stylesOf(piece, chart).map(({ at }) => at)).not.toContain('chart1/labels');
    expect([canWrap('captions'), canWrap('chart1/legend')]).toEqual([true, false]);
    expect([canBeOfPart(piece, 'chart1/legend'), canBeOfPart(piece, 'captions')]).toEqual([true, false]);
  });
});
