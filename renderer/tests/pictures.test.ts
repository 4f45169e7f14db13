import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createCanvas, loadImage } from '@napi-rs/canvas';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { Painter, type PicturePaint, type Reel } from '../../painter/src';
import { readPictures } from '../src/pictures';
import { skia } from '../src/studio';

const root = new URL('../..', import.meta.url).pathname;
const FILE = 'a'.repeat(64);
let folder = '';

/** Four fields of one colour each: red and green above, blue and white below. */
beforeAll(() => {
  folder = mkdtempSync(join(tmpdir(), 'pictures-'));
  process.env.LUPINE_PICTURES = folder;
  const canvas = createCanvas(40, 20);
  const context = canvas.getContext('2d');
  ['#ff0000', '#00ff00', '#0000ff', '#ffffff'].forEach((colour, at) => {
    context.fillStyle = colour;
    context.fillRect((at % 2) * 20, at > 1 ? 10 : 0, 20, 10);
  });
  writeFileSync(join(folder, `${FILE}.png`), canvas.toBuffer('image/png'));
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

async function canvasOf(paint: Partial<PicturePaint>) {
  const reel: Reel = {
    reel: 3,
    width: 100,
    height: 60,
    rate: [24, 1],
    frames: 1,
    from: 0,
    to: 0,
    samples: 1,
    // All but a margin of ten pixels.
    outlines: ['', 'M10 10L90 10L90 50L10 50Z'],
    glyphs: [],
    runs: [],
    paints: [
      {
        kind: 'picture',
        file: FILE,
        x: 10,
        y: 10,
        width: 80,
        height: 40,
        degrees: 0,
        repeats: false,
        blur: 0,
        ...paint,
      },
    ],
    effects: [],
    nodes: [
      {
        kind: 'path',
        index: 0,
        outline: 1,
        fill: 0,
        opacity: 1,
        blend: 'normal',
        effect: null,
        stroke: null,
        mark: null,
      },
    ],
    tracks: [],
  };
  await readPictures(reel);
  const canvas = createCanvas(100, 60);
  const context = canvas.getContext('2d');
  new Painter(reel, skia).paint(context as never, 0, 1);
  return context;
}

async function levels(paint: Partial<PicturePaint>, x: number, y: number): Promise<number[]> {
  return [...(await canvasOf(paint)).getImageData(x, y, 1, 1).data];
}

async function painted(paint: Partial<PicturePaint>): Promise<(x: number, y: number) => string> {
  const context = await canvasOf(paint);
  return (x, y) => {
    const [red, green, blue, alpha] = context.getImageData(x, y, 1, 1).data;
    const name = { '255,0,0': 'red', '0,255,0': 'green', '0,0,255': 'blue', '255,255,255': 'white' };
    return alpha === 0 ? 'clear' : (name[`${red},${green},${blue}` as keyof typeof name] ?? 'mixed');
  };
}

describe('a picture', () => {
  it('lies where it is told, within its outline alone', async () => {
    const at = await painted({});
    expect([at(20, 15), at(80, 15), at(20, 45), at(80, 45)]).toEqual(['red', 'green', 'blue', 'white']);
    expect([at(5, 30), at(95, 30)]).toEqual(['clear', 'clear']);
  });

  it('leaves bare what it does not reach', async () => {
    const at = await painted({ x: 30, y: 20, width: 40, height: 20 });
    expect([at(35, 25), at(65, 35), at(20, 30), at(80, 30)]).toEqual(['red', 'white', 'clear', 'clear']);
  });

  it('turns about its middle', async () => {
    const at = await painted({ degrees: 180 });
    expect([at(20, 15), at(80, 15), at(20, 45), at(80, 45)]).toEqual(['white', 'blue', 'green', 'red']);
  });

  it('is laid side by side without end', async () => {
    const at = await painted({ x: 30, y: 20, width: 20, height: 10, repeats: true });
    // Each tile is 20 by 10: its first quarter is red, wherever it begins.
    expect([at(33, 22), at(53, 22), at(73, 42), at(13, 12)]).toEqual(['red', 'red', 'red', 'red']);
    expect([at(45, 22), at(33, 27), at(45, 27)]).toEqual(['green', 'blue', 'white']);
  });

  it('is mixed where it is out of focus, by a normal distribution, and no darker at its edge', async () => {
    const at = await painted({ blur: 50 });
    expect([at(20, 11), at(11, 15), at(89, 49)]).toEqual(['red', 'red', 'white']);
    // Erf of a whole deviation, from the edge between red and green: Abramowitz and Stegun, table 26.1.
    const [red, green] = await levels({ blur: 50 }, 54, 12);
    expect(red / 255).toBeCloseTo(1 - 0.8413, 1);
    expect(green / 255).toBeCloseTo(0.8413, 1);
  });

  it('is left out where its file is gone', async () => {
    const at = await painted({ file: 'b'.repeat(64) });
    expect(at(20, 15)).toBe('clear');
  });
});

describe('the script that takes pictures in', () => {
  it('makes an SVG as large as it may be, and says what came of it', async () => {
    const source = join(folder, 'drawing.svg');
    const target = join(folder, 'drawing.png');
    writeFileSync(
      source,
      '<svg xmlns="http://www.w3.org/2000/svg" width="3cm" height="9cm" viewBox="0 0 10 30">' +
        '<rect width="5" height="15" fill="#d04010"/><rect x="5" width="5" height="15"/></svg>',
    );
    const said = execFileSync('node', [join(root, 'renderer/dist/picture.js'), source, target, '300']);
    const { colours, ...sides } = JSON.parse(said.toString()) as { colours: string };
    expect(sides).toEqual({ width: 100, height: 300, type: 'png' });
    // Twelve by twelve of them: the red, the black and what is clear, away from where they meet.
    const cell = (column: number, row: number): string => colours.slice((row * 12 + column) * 8).slice(0, 8);
    expect([cell(1, 2), cell(10, 2), cell(1, 10).slice(6)]).toEqual(['d04010ff', '000000ff', '00']);
    expect(colours).toHaveLength(12 * 12 * 8);
    const canvas = createCanvas(100, 300);
    canvas.getContext('2d').drawImage(await loadImage(readFileSync(target)), 0, 0);
    const alpha = (y: number): number => canvas.getContext('2d').getImageData(50, y, 1, 1).data[3];
    expect([alpha(50), alpha(250)]).toEqual([255, 0]);
  });
});
