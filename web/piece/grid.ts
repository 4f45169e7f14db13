import type { Arrangement } from '../../contracts/piece';
import { settingOf } from '../settings/settings';

export interface Grid {
  /** where each column and row begins and ends, in pixels of the stage */
  columns: [number, number][];
  rows: [number, number][];
}

/** The grid of a stage: columns and rows as wide as each other, between its margins, with gutters between them. */
export function gridOf([width, height]: [number, number], arrangement: Arrangement): Grid {
  const short = Math.min(width, height);
  const said = (name: 'across' | 'down' | 'columns' | 'rows' | 'gutter'): number =>
    Number(arrangement[name] ?? settingOf('Arrangement', name).default);
  const gutter = said('gutter') * short;
  const tracks = (side: number, margin: number, count: number): [number, number][] => {
    const step = (side - 2 * margin + gutter) / count;
    return Array.from({ length: count }, (_, track): [number, number] => {
      const begin = margin + track * step;
      return [begin, begin + step - gutter];
    });
  };
  return {
    columns: tracks(width, said('across') * short, said('columns')),
    rows: tracks(height, said('down') * short, said('rows')),
  };
}
