import { inPieces } from '../src/chain';
import type { Context, OutlinePath, Pixels, Reel, Studio, Surface } from '../src';

/** A canvas that draws nothing and remembers what it was told. */
export class RecordingSurface implements Surface {
  readonly said: string[] = [];

  constructor(
    public width: number,
    public height: number,
    readonly name: string,
  ) {}

  getContext(): Context {
    const say = (what: string): void => {
      this.said.push(what);
    };
    const state = {
      globalAlpha: 1,
      fillStyle: '' as unknown,
      shadowColor: '',
      shadowBlur: 0,
      shadowOffsetX: 0,
      shadowOffsetY: 0,
      imageSmoothingEnabled: true,
      imageSmoothingQuality: 'low' as const,
    };
    return Object.assign(state, {
      save: () => say('save'),
      restore: () => say('restore'),
      setTransform: () => undefined,
      clearRect: () => say('clear'),
      fill(this: Context, path: OutlinePath) {
        const style = typeof this.fillStyle === 'string' ? this.fillStyle : 'paint';
        const soft = this.shadowBlur > 0 && this.shadowColor !== 'rgba(0, 0, 0, 0)' ? ' soft' : '';
        say(`fill ${String(path)} ${style} ${this.globalAlpha}${soft}`);
      },
      clip: (path: OutlinePath) => say(`clip ${String(path)}`),
      drawImage: (image: Surface) => say(`image ${(image as RecordingSurface).name}`),
      createLinearGradient: () => ({ addColorStop: () => undefined }),
      createRadialGradient: () => ({ addColorStop: () => undefined }),
    }) as unknown as Context;
  }
}

/** A quarter of a disc, and the whole of it. */
export const PART1 = 'M500 150A100 100 0 0 1 600 250L500 250Z';
const PART2 = 'M500 150A100 100 0 0 1 500 350A100 100 0 0 1 500 150Z';
const BACK = 'M0 0L1000 0L1000 500L0 500Z';
const GLYPH = 'M0 0L500 0L500 -700L0 -700Z';
const NAMES: Record<string, string> = {
  [BACK]: 'BACK',
  [GLYPH]: 'GLYPH',
  [inPieces(PART1)]: 'PART1',
  [inPieces(PART2)]: 'PART2',
};

export class RecordingStudio implements Studio {
  readonly surfaces: RecordingSurface[] = [];
  paths = 0;

  readable(width: number, height: number): Surface {
    return this.surface(width, height);
  }

  surface(width: number, height: number): Surface {
    const surface = new RecordingSurface(width, height, `layer${this.surfaces.length + 1}`);
    this.surfaces.push(surface);
    return surface;
  }

  matrix(): unknown {
    return null;
  }

  picture(): Surface | null {
    return null;
  }

  pixels(data: Uint8ClampedArray, width: number, height: number): Pixels {
    return { data, width, height };
  }

  path(data = ''): OutlinePath {
    this.paths++;
    return {
      addPath: () => undefined,
      moveTo: () => undefined,
      arc: () => undefined,
      toString: () => NAMES[data] ?? data,
    } as OutlinePath;
  }
}

/** What a node has that stands still and is plain. */
export const none = { opacity: 1, blend: 'normal', effect: null, stroke: null, mark: null } as const;
export const still = { kind: 'group', of: null, opacity: 1, pose: null, clip: null, mask: null } as const;

/** A backdrop, a part that opens from frame 10 to 12, a glow around it, and a title. */
export function reel(change: (reel: Reel) => void = () => undefined): Reel {
  const made: Reel = {
    reel: 3,
    width: 1000,
    height: 500,
    rate: [30, 1],
    frames: 100,
    from: 0,
    to: 99,
    samples: 1,
    outlines: ['', BACK, PART1, PART2],
    glyphs: [GLYPH],
    runs: [['T', 500, [0, 0]]],
    paints: [],
    effects: [{ kind: 'blur', deviation: 20, x: 0, y: 0, spread: 0 }],
    nodes: [
      {
        ...still,
        index: 0,
        role: 'backdrop',
        children: [{ kind: 'path', index: 1, outline: 1, fill: '#101010', ...none }],
      },
      {
        ...still,
        index: 2,
        role: 'chart',
        of: 'chart1',
        children: [
          {
            kind: 'path',
            index: 3,
            outline: 0,
            fill: '#ff0000',
            ...none,
            opacity: 0.5,
            effect: 0,
          },
          {
            kind: 'path',
            index: 4,
            outline: 0,
            fill: '#ff0000',
            ...none,
            mark: {
              chart: 'chart1',
              figure: 'r1',
              label: 'Part',
              measure: 'angle',
              whole: 360,
              pivot: [0, 0],
            },
          },
        ],
      },
      {
        kind: 'text',
        index: 5,
        run: 0,
        x: 10,
        y: 20,
        scale: 0.1,
        align: 'left',
        fill: '#ffffff',
        reading: null,
        painted: true,
        inks: [],
        edge: null,
        bend: null,
      },
    ],
    tracks: [
      { node: 3, property: 'outline', frames: [0, 11, 12], values: [0, 2, 3] },
      { node: 4, property: 'outline', frames: [0, 11, 12], values: [0, 2, 3] },
    ],
  };
  change(made);
  return made;
}
