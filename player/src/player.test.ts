import { describe, expect, it } from 'vitest';
import { saidAt, shapeFor, stopsOf, type Course, type PagePiece } from './piece';

describe('a page', () => {
  it('shows the shape that is most like its window', () => {
    const shapes: [number, number][] = [
      [1920, 1080],
      [1080, 1920],
      [1080, 1080],
    ];
    expect([shapeFor(shapes, 1280, 800), shapeFor(shapes, 390, 844), shapeFor(shapes, 700, 720)]).toEqual([0, 1, 2]);
  });

  it('says of a figure what it is on a frame, and nothing where it has none', () => {
    const course = {
      frames: [0, 12, 20],
      said: [
        ['', '0', '0 %'],
        ['20%', '6', '20 %'],
        ['41%', '12', '41 %'],
      ],
    };
    expect([0, 11, 12, 19, 400].map((frame) => saidAt(course as Course, frame)![1])).toEqual([
      '0',
      '0',
      '6',
      '6',
      '12',
    ]);
    expect(saidAt({ ...course, frames: [], said: [] } as unknown as Course, 3)).toBeNull();
  });

  it('stops at the end of each line and at its own', () => {
    const piece = {
      to: 99,
      stops: true,
      lines: [
        [0, 30, 'One.'],
        [30, 60, 'Two.'],
        [60, 100, 'Three.'],
      ],
    };
    expect(stopsOf(piece as PagePiece)).toEqual([29, 59, 99]);
    expect(stopsOf({ ...piece, stops: false } as PagePiece)).toEqual([99]);
  });
});
