import { beforeEach, describe, expect, it } from 'vitest';
import {
  addChange,
  addLine,
  changesOf,
  chartOf,
  moveOf,
  ownMove,
  setLineText,
  setOwn,
  setTitle,
  setWordsText,
  shiftLine,
  tableOf,
  wordsOf,
} from './changes';
import { addFigure, pasteRows } from './tables';
import type { Piece, Table } from '../../contracts/piece';
import { readFileSync } from 'node:fs';
import { evenlySpoken } from '../../demo/plain/evenlySpoken';

let piece: Piece;
let table: Table;
const target = (figure: string) => ({ chart: 'chart1', figure });
const wordOf = (figure: string): number | null | undefined => moveOf(piece, 'entrance', target(figure))?.pin?.word;

beforeEach(() => {
  piece = evenlySpoken();
  table = tableOf(piece, chartOf(piece)!)!;
});

describe('pins hold on to their words', () => {
  // Pinned in “Then lamps, and the coats nobody wanted to throw away.”: lamps is word 1, coats word 4.
  it.each([
    ['words before them', 'So then, lamps, and the coats nobody wanted to throw away.', 2, 5],
    ['words between them', 'Then lamps, and all of the coats nobody wanted to throw away.', 1, 6],
    ['words after them', 'Then lamps, and the coats nobody wanted.', 1, 4],
    ['a word taken out', 'Then lamps, the coats nobody wanted to throw away.', 1, 3],
  ])('%s', (_, text, lamps, coats) => {
    setLineText(piece, 'line3', text);
    expect([wordOf('r2'), wordOf('r3')]).toEqual([lamps, coats]);
  });

  it('stays within the line when its own word goes', () => {
    setLineText(piece, 'line3', 'Lamps.');
    expect(wordOf('r3')).toBe(0);
    setLineText(piece, 'line3', '');
    expect(wordOf('r3')).toBe(0);
  });

  it('leaves other lines alone', () => {
    setLineText(piece, 'line2', 'Half of them were kettles.');
    expect([wordOf('r2'), wordOf('r3')]).toEqual([1, 4]);
  });
});

describe('words', () => {
  // The same is tried with core: core/tests/Script/WordsTest.php.
  const cases = JSON.parse(readFileSync(new URL('../../core/tests/Script/words.json', import.meta.url), 'utf8')) as [
    string,
    string[],
  ][];
  it.each(cases)('of %j', (text, words) => expect(wordsOf(text)).toEqual(words));
});

describe('lines', () => {
  it('puts a new line after the one that is spoken, up to the next', () => {
    const id = addLine(piece, 150);
    expect(piece.script.lines.find((line) => line.id === id)).toMatchObject({ begin: 194, end: 208, text: '' });
    expect(piece.script.lines.map(({ begin }) => begin)).toEqual([10, 112, 194, 208, 294, 378]);
  });

  it('lets the stage grow when something is said after its end', () => {
    const id = addLine(piece, 470);
    expect(piece.stage.frames).toBe(480);
    setLineText(piece, id, 'One more thing.');
    expect(piece.stage.frames).toBe(560);
  });

  it('moves a line as a whole, and never before the beginning', () => {
    shiftLine(piece, 'line2', 300);
    expect(piece.script.lines.map(({ id }) => id)).toEqual(['line1', 'line3', 'line4', 'line2', 'line5']);
    shiftLine(piece, 'line2', -50);
    expect(piece.script.lines[0]).toMatchObject({ id: 'line2', begin: 0, end: 82 });
  });
});

describe('figures', () => {
  it('gives a new figure an id that no other has', () => {
    table.rows.splice(1, 1);
    const ids = [addFigure(table), addFigure(table), ...table.rows.map(({ id }) => id)];
    expect(new Set(table.rows.map(({ id }) => id)).size).toBe(6);
    expect(ids[0]).not.toBe(ids[1]);
  });

  it('keeps the ids of rows that are pasted over', () => {
    const pasted = {
      rows: [
        { id: 'x', label: 'Irons', cells: ['7'] },
        { id: 'y', label: 'Chairs', cells: ['9'] },
        { id: 'z', label: 'Books', cells: ['3'] },
      ],
    } as unknown as Table;
    pasteRows(table, 0, 3, { table: pasted, hasLabels: true });
    expect(table.rows.map(({ id, label, cells }) => `${id} ${label} ${cells[0]}`).slice(3)).toEqual([
      'r4 Irons 7',
      'r5 Chairs 9',
      'r6 Books 3',
    ]);
  });

  it('gives pasted figures to the rows whose labels they have, wherever those stand', () => {
    const own = { ...chartOf(piece)!.own };
    const pasted = {
      rows: [
        { id: 'x', label: 'Toys', cells: ['81'] },
        { id: 'y', label: 'Clothing', cells: ['204'] },
        { id: 'z', label: 'Books', cells: ['3'] },
      ],
    } as unknown as Table;
    pasteRows(table, 0, 0, { table: pasted, hasLabels: true });
    expect(table.rows.map(({ id, label, cells }) => `${id} ${label} ${cells[0]}`)).toEqual([
      'r1 Small appliances 512',
      'r2 Lamps & lights 287',
      'r3 Clothing 204',
      'r4 Bicycles 150',
      'r5 Toys 81',
      'r6 Books 3',
    ]);
    expect(chartOf(piece)!.own).toEqual(own);
  });

  it('pastes numbers alone without touching a label', () => {
    const pasted = {
      rows: ['7', '9', '3'].map((cell) => ({ id: 'x', label: 'Row', cells: [cell] })),
    } as unknown as Table;
    pasteRows(table, 0, 3, { table: pasted, hasLabels: false });
    expect(table.rows.map(({ label, cells }) => `${label} ${cells[0]}`).slice(3)).toEqual([
      'Bicycles 7',
      'Toys 9',
      ' 3',
    ]);
  });

  it('keeps the name of a piece and its title one, until one of them is another', () => {
    piece.words[0].text = piece.title;
    setTitle(piece, 'A year of mending');
    expect(piece.words[0].text).toBe('A year of mending');
    setWordsText(piece, piece.words[0].id, 'What we mended');
    expect(piece.title).toBe('What we mended');
    piece.title = 'Draft';
    setWordsText(piece, piece.words[0].id, 'What we kept');
    setTitle(piece, 'Draft 2');
    expect([piece.title, piece.words[0].text]).toEqual(['Draft 2', 'What we kept']);
    piece.title = piece.words[0].text = 'New piece';
    piece.words[0].guessed = true;
    setWordsText(piece, piece.words[0].id, 'What we\nmended');
    expect(piece.title).toBe('What we mended');
    expect(piece.words[0], 'nobody guessed what was typed').not.toHaveProperty('guessed');
  });

  it('adds changes one after another to one target, and leaves other targets alone', () => {
    const first = addChange(piece, target('r2'), { property: 'opacity', to: 0.4, begin: 30 });
    const second = addChange(piece, { chart: 'chart1' }, { property: 'column', to: 'c1', begin: 60 });
    expect(first).not.toBe(second);
    expect(changesOf(piece, target('r2')).map(({ property, to }) => [property, to])).toEqual([['opacity', 0.4]]);
    expect(changesOf(piece, { chart: 'chart1' }).map(({ id }) => id)).toEqual([second]);
  });

  it('keeps nothing of its own that is as the chart has it', () => {
    const chart = chartOf(piece)!;
    setOwn(chart, 'r1', { colour: '#123456', glows: [] });
    setOwn(chart, 'r1', { colour: null });
    expect(chart.own.r1).toEqual({ glows: [] });
    setOwn(chart, 'r1', { glows: null });
    expect(chart.own).toEqual({});
  });
});

describe('moves and titles', () => {
  it('makes a move of one’s own from what it does now, once', () => {
    const now = { begin: 33, frames: 12, curve: 'ease-in' as const, opens: 'middle' as const };
    const made = ownMove(piece, 'exit', target('r1'), now);
    expect(made).toMatchObject({ ...now, kind: 'exit', pin: null });
    expect(ownMove(piece, 'exit', target('r1'), { ...now, begin: 99 })).toBe(made);
    expect(new Set(piece.moves.map(({ id }) => id)).size).toBe(piece.moves.length);
  });
});
