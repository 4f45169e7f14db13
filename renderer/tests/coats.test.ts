import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { createCanvas } from '@napi-rs/canvas';
import { describe, expect, it } from 'vitest';
import { Painter, type Reel, type ReelPath } from '../../painter/src';
import { tileBytes, type TileName } from '../../painter/src/tiles';
import { skia } from '../src/studio';

const root = new URL('../..', import.meta.url).pathname;
const TILES: TileName[] = ['grain', 'paper', 'felt', 'linen', 'brushed', 'slate', 'chalk', 'print'];

/** 0 to 1, the same each time. */
function chances(): () => number {
  let state = 7;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

const square = (left: number, side: number): string =>
  `M${left} 0L${left + side} 0L${left + side} ${side}L${left} ${side}Z`;
const still = { opacity: 1, blend: 'normal', effect: null, stroke: null, mark: null } as const;

function reelOf(made: Partial<Reel>): Reel {
  return {
    reel: 3,
    width: 64,
    height: 64,
    rate: [24, 1],
    frames: 1,
    from: 0,
    to: 0,
    samples: 1,
    outlines: ['', square(0, 64)],
    glyphs: [],
    runs: [],
    paints: [],
    effects: [],
    nodes: [],
    tracks: [],
    ...made,
  };
}

function painted(reel: Reel): Uint8ClampedArray {
  const canvas = createCanvas(reel.width, reel.height);
  const context = canvas.getContext('2d');
  new Painter(reel, skia).paint(context as never, 0, 1);
  return context.getImageData(0, 0, reel.width, reel.height).data;
}

const path = (index: number, fill: string | number, more: Partial<ReelPath> = {}): ReelPath => ({
  kind: 'path',
  index,
  outline: 1,
  fill,
  ...still,
  ...more,
});

/**
 * Of a part of the ground (b) and of what is laid on it (s), each 0 to 1. Source: W3C, Compositing and Blending Level 1,
 * 10.1.2 to 10.1.9; “add” is plus-lighter, 9.1.14.
 */
const FORMULAS: Record<Exclude<ReelPath['blend'], 'normal'>, (b: number, s: number) => number> = {
  multiply: (b, s) => b * s,
  screen: (b, s) => b + s - b * s,
  overlay: (b, s) => (b <= 0.5 ? s * 2 * b : 2 * b - 1 + s - (2 * b - 1) * s),
  'soft-light': (b, s) => {
    const d = b <= 0.25 ? ((16 * b - 12) * b + 4) * b : Math.sqrt(b);
    return s <= 0.5 ? b - (1 - 2 * s) * b * (1 - b) : b + (2 * s - 1) * (d - b);
  },
  add: (b, s) => Math.min(1, b + s),
};

describe('coats on the canvas', () => {
  it('makes the same bytes of every texture as core', () => {
    const code =
      'require "vendor/autoload.php"; foreach (array_slice($argv, 1) as $name) ' +
      'echo md5(Lupine\\Core\\Texture\\Tile::bytes($name)), "\\n";';
    const made = execFileSync('php', ['-r', code, ...TILES], { cwd: root })
      .toString()
      .trim()
      .split('\n');
    expect(TILES.map((name) => createHash('md5').update(tileBytes(name)).digest('hex'))).toEqual(made);
  });

  it('fits a texture to itself at its edges, and keeps it about level', () => {
    for (const name of TILES) {
      const bytes = tileBytes(name);
      const at = (x: number, y: number): number => bytes[((y + 512) % 512) * 512 + ((x + 512) % 512)];
      const steps = (from: number): number =>
        Array.from({ length: 512 }, (_, y) => Math.abs(at(from, y) - at(from - 1, y))).reduce((sum, one) => sum + one);
      const inside = [100, 200, 300, 400].map(steps);
      expect(steps(0), `${name}: no seam`).toBeLessThan(Math.max(...inside) * 1.25);
      const mean = bytes.reduce((sum, one) => sum + one, 0) / bytes.length;
      if (name !== 'chalk' && name !== 'print') expect(Math.abs(mean - 128), name).toBeLessThan(8);
    }
  });

  it.each(Object.keys(FORMULAS) as (keyof typeof FORMULAS)[])('lays colours on others as the W3C says: %s', (blend) => {
    const chance = chances();
    for (let round = 0; round < 60; round++) {
      const parts = Array.from({ length: 6 }, () => Math.floor(chance() * 256));
      const hex = (from: number): string =>
        `#${parts
          .slice(from, from + 3)
          .map((part) => part.toString(16).padStart(2, '0'))
          .join('')}`;
      const opacity = round % 3 === 0 ? 1 : Math.round(chance() * 100) / 100;
      const pixels = painted(reelOf({ nodes: [path(0, hex(0)), path(1, hex(3), { blend, opacity })] }));
      for (const part of [0, 1, 2]) {
        const [b, s] = [parts[part] / 255, parts[part + 3] / 255];
        // What is laid on an opaque ground goes as far over into the blend as it is opaque.
        const wanted = blend === 'add' ? Math.min(1, b + s * opacity) : b + (FORMULAS[blend](b, s) - b) * opacity;
        expect(Math.abs(pixels[part] - wanted * 255), `${hex(0)} ${hex(3)} ${opacity}`).toBeLessThan(2);
      }
    }
  });

  it('lights an edge from within, most at the edge and least in the middle, and nothing outside', () => {
    const reel = reelOf({
      outlines: ['', 'M16 16L48 16L48 48L16 48Z'],
      effects: [{ kind: 'inner', deviation: 4, x: 0, y: 0 }],
      nodes: [path(0, '#000000'), path(1, '#ffffff', { effect: 0 })],
    });
    const pixels = painted(reel);
    const at = (x: number, y: number): number => pixels[(y * 64 + x) * 4];
    // Half of a normal distribution lies beyond a straight edge; its tail is as good as nothing 4 deviations away.
    expect(Math.abs(at(16, 32) - 127 * 0.9)).toBeLessThan(14);
    expect(at(16, 32)).toBeGreaterThan(at(20, 32));
    expect(at(20, 32)).toBeGreaterThan(at(26, 32));
    expect(at(32, 32)).toBeLessThan(4);
    expect(pixels[(8 * 64 + 8) * 4 + 3]).toBe(0);
  });

  it('goes along a bend as a conic gradient goes about a point, either way round, and over from bend to bend', () => {
    const stops: [number, string, number][] = [
      [0, '#102030', 1],
      [0.25, '#c04020', 1],
      [1, '#f0e080', 1],
    ];
    const wanted = (place: number): number[] => {
      const [from, to] = place < 0.25 ? stops : stops.slice(1);
      const part = (place - from[0]) / (to[0] - from[0]);
      const partsOf = (hex: string): number[] => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
      return partsOf(from[1]).map((one, at) => one + (partsOf(to[1])[at] - one) * part);
    };
    // The line of each: what is at a part of it. Source: CSS Images Level 4, 3.3: an angle is a part of the sweep.
    const radians = (degrees: number): number => (degrees * Math.PI) / 180;
    const about = (x: number, y: number, radius: number, degrees: number): [number, number] => [
      x + radius * Math.sin(radians(degrees)),
      y - radius * Math.cos(radians(degrees)),
    ];
    type Bends = (Reel['paints'][number] & { kind: 'along' })['bends'];
    const lines: [Bends, (part: number) => [number, number]][] = [
      [[[32, 32, 24, 30, 300, 0, 1]], (part) => about(32, 32, 24, 30 + 270 * part)],
      [[[32, 32, 24, 300, 30, 0, 1]], (part) => about(32, 32, 24, 300 - 270 * part)],
      [
        // An S: clockwise over the first circle, anticlockwise under the second.
        [
          [18, 32, 14, -90, 90, 0, 0.5],
          [46, 32, 14, 270, 90, 0.5, 1],
        ],
        (part) => (part < 0.5 ? about(18, 32, 14, -90 + 360 * part) : about(46, 32, 14, 270 - 360 * (part - 0.5))),
      ],
    ];
    for (const [bends, at] of lines) {
      const paint = { kind: 'along', bends, half: 8, stops, stretch: 1 } as const;
      const pixels = painted(reelOf({ paints: [paint as Reel['paints'][number]], nodes: [path(0, 0)] }));
      for (let part = 0.03; part < 0.98; part += 0.05) {
        const [x, y] = at(part).map(Math.floor);
        const shown = [...pixels.slice((y * 64 + x) * 4, (y * 64 + x) * 4 + 3)];
        // A pixel is up to a seventieth of the way from where it is asked for.
        wanted(part).forEach((one, at) => expect(Math.abs(shown[at] - one), `${part}`).toBeLessThan(14));
        expect(pixels[(y * 64 + x) * 4 + 3]).toBe(255);
      }
    }
  });

  it('sees the parts of a group through the holes of a tile, put together', () => {
    const group = { kind: 'group', role: 'holes', of: null, opacity: 1, pose: null, clip: null } as const;
    const paints: Reel['paints'] = [
      { kind: 'tile', name: 'chalk', ink: 'cover', amount: 1, x: 0, y: 0, size: 1, degrees: 0 },
    ];
    const masked = reelOf({ paints, nodes: [{ ...group, index: 0, mask: 0, children: [path(1, '#ff0000')] }] });
    const pixels = painted(masked);
    const bytes = tileBytes('chalk');
    for (let y = 0; y < 64; y += 7) {
      for (let x = 0; x < 64; x += 5) {
        expect(Math.abs(pixels[(y * 64 + x) * 4 + 3] - bytes[y * 512 + x]), `${x}, ${y}`).toBeLessThan(2);
      }
    }
  });

  it('moves a light that fades by whole pixels, as the gradient it is', () => {
    const disc = 'M0 -40A40 40 0 0 1 40 0A40 40 0 0 1 0 40A40 40 0 0 1 -40 0A40 40 0 0 1 0 -40Z';
    const outlines = ['', square(0, 64), disc];
    const light = { kind: 'radial', x: 0, y: 0, radius: 40, stretch: 1 } as const;
    const stops: [number, string, number][] = [
      [0, '#4b2fb0', 1],
      [0.5, '#4b2fb0', 0.4],
      [1, '#4b2fb0', 0],
    ];
    const group = { kind: 'group', role: 'ground light', of: null, opacity: 1, clip: null, mask: null } as const;
    const moved = (x: number, y: number): Uint8ClampedArray =>
      painted(
        reelOf({
          outlines,
          paints: [{ ...light, stops }],
          nodes: [
            path(0, '#101820'),
            {
              ...group,
              index: 1,
              pose: { pivot: [0, 0], x, y, size: 1, turn: 0 },
              children: [path(2, 0, { outline: 2, blend: 'screen', opacity: 0.75 })],
            },
          ],
        }),
      );
    const [red, green, blue] = [0x4b, 0x2f, 0xb0];
    const pixels = moved(30, 22);
    for (let y = 1; y < 64; y += 6) {
      for (let x = 1; x < 64; x += 7) {
        const way = Math.hypot(x + 0.5 - 30, y + 0.5 - 22) / 40;
        const much = 0.75 * (way < 0.5 ? 1 - 1.2 * way : Math.max(0, 0.8 - 0.8 * way));
        // Screen: Compositing and Blending Level 1, 10.1.3.
        [red, green, blue].forEach((source, at) => {
          const ground = [0x10, 0x18, 0x20][at] / 255;
          const wanted = ground + (source / 255) * much * (1 - ground);
          expect(Math.abs(pixels[(y * 64 + x) * 4 + at] - wanted * 255), `${x}, ${y}`).toBeLessThan(2);
        });
      }
    }
    expect(moved(30.3, 21.6)).toEqual(pixels);
    expect(moved(31, 22)).not.toEqual(pixels);
  });
});
