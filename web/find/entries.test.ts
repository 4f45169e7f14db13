import { describe, expect, it } from 'vitest';
import { fitOf, found, type Entry } from './entries';

const entry = (title: string, where: string, more: Partial<Entry> = {}): Entry => ({
  id: `${title} ${where}`,
  group: 'Settings',
  title,
  where,
  icon: '',
  go: () => undefined,
  ...more,
});

const ENTRIES = [
  entry('Shadow', 'all parts of the donut, Finish', { also: 'drop shadow, cast shadow' }),
  entry('Radius', 'shadow of all parts, Finish', { also: 'blur' }),
  entry('Hole', 'donut, Form', { also: 'inner radius, donut hole' }),
  entry('Radius', 'donut, Form', { also: 'outer radius' }),
  entry('Easing', 'entrance of the donut, Motion', { also: 'ease, ease in' }),
  entry('“… in the shadow of the tip”', 'line 5', { group: 'In this piece' }),
  entry('Café', 'figure', { group: 'In this piece' }),
];

const titles = (typed: string): string[] => found(ENTRIES, typed).flatMap(({ entries }) => entries.map(({ id }) => id));

describe('what is found', () => {
  it('is called so, or called so by people, and that in its title goes first', () => {
    expect(titles('drop shadow')).toEqual(['Shadow all parts of the donut, Finish']);
    expect(titles('shadow')[0]).toBe('Shadow all parts of the donut, Finish');
    expect(titles('shadow')).toHaveLength(3);
    expect(titles('hole')[0]).toBe('Hole donut, Form');
    expect(titles('inner rad')).toEqual(['Hole donut, Form']);
    expect(titles('ease')).toEqual(['Easing entrance of the donut, Motion']);
  });

  it('answers every word, wherever it stands, and accents do not matter', () => {
    expect(titles('radius shadow')).toEqual(['Radius shadow of all parts, Finish']);
    expect(titles('cafe')).toEqual(['Café figure']);
    expect(titles('shadow bicycle')).toEqual([]);
    expect(titles('  ')).toEqual([]);
    expect(fitOf(ENTRIES[2], 'dow')).toBe(0);
  });

  it('comes by groups, the best first, and counts what is left out', () => {
    const many = Array.from({ length: 9 }, (_, at) => entry('Size', `thing ${at}`));
    expect(found([...ENTRIES, ...many], 'size')).toMatchObject([{ group: 'Settings', more: 3 }]);
    expect(found(ENTRIES, 'shadow').map(({ group }) => group)).toEqual(['Settings', 'In this piece']);
  });
});
