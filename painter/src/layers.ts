import { joined, type Box } from './bounds';
import type { Leaf, Placing } from './placing';
import { contextOf, type Context, type Studio, type Surface } from './surface';
import type { View } from './view';

/** pixels of a whole picture beyond which nothing as large as that is kept */
export const LARGEST_LAYER = 12_000_000;

/** so many leaves in one colour have to be there, so that a layer is worth it; one with more to it weighs as much */
const WORTH = 3;
const SPARE = 2;
/** pixels that all layers of a picture may have together */
const ROOM = 40_000_000;

/** Things that stand still together, painted on a surface as large as the picture, and where on it they are. */
export interface Layer {
  image: Surface;
  /** in whole pixels */
  box: Box;
}

/** How leaves are painted, and what tells one picture of a leaf from another. */
export interface Painting {
  paint(context: Context, from: number, to: number, frame: number, view: View): void;
  lookOf(leaf: Leaf, frame: number): string;
  isThere(leaf: Leaf, frame: number): boolean;
}

/** The layers of a picture, known by the first leaf of each. */
export class Layers {
  private readonly made = new Map<number, { key: string; layer: Layer | null }>();
  private readonly spare: Surface[] = [];

  constructor(
    private readonly leaves: readonly Leaf[],
    private readonly placing: Placing,
    private readonly studio: Studio,
    private readonly painting: Painting,
  ) {}

  /**
   * Leaves that stand still together, painted; null where that is not worth it.
   *
   * @param atOnce rather than when they are asked for a second time and look the same
   */
  of(from: number, to: number, frame: number, whole: View, atOnce: boolean): Layer | null {
    if (to <= from) return null;
    const [across, down] = this.placing.carriedBy(this.leaves[from].groups);
    // Where it goes another way in the picture, it is painted anew.
    if ((across !== 0 || down !== 0) && !this.placing.isCarriedPlainly(frame)) return null;
    // As if nothing had been carried anywhere.
    return this.placing.uncarried(() => {
      const key = this.keyOf(from, to, frame, whole);
      const known = this.made.get(from);
      if (known?.layer && known.key === key) return known.layer;
      if (known?.key !== key) {
        this.letGo(from);
        this.made.set(from, { key, layer: null });
        if (!atOnce) return null;
      }
      const layer = this.painted(from, to, frame, whole);
      this.made.set(from, { key, layer });
      return layer;
    });
  }

  get count(): number {
    return [...this.made.values()].filter(({ layer }) => layer).length;
  }

  /** @param used the first leaves of those that are still of use */
  keepOnly(used: ReadonlySet<number>): void {
    for (const from of [...this.made.keys()]) if (!used.has(from)) this.letGo(from);
  }

  private keyOf(from: number, to: number, frame: number, { width, height }: View): string {
    const looks = this.leaves.slice(from, to).map((leaf) => this.painting.lookOf(leaf, frame));
    return `${to}:${width}x${height}:${looks.join(',')}`;
  }

  private painted(from: number, to: number, frame: number, whole: View): Layer | null {
    const { width, height } = whole;
    const there = this.leaves.slice(from, to).filter((leaf) => this.painting.isThere(leaf, frame));
    const box = this.boxOf(there, frame, whole);
    if (!box || there.reduce((weight, leaf) => weight + weightOf(leaf), 0) < WORTH) return null;
    const before = [...this.made].filter(([first, { layer }]) => first < from && layer).length;
    if ((before + 1) * width * height > ROOM) return null;
    const spare = this.spare.pop();
    const image = spare?.width === width && spare.height === height ? spare : this.studio.surface(width, height);
    const context = contextOf(image);
    context.setTransform(1, 0, 0, 1, 0, 0);
    context.clearRect(0, 0, width, height);
    this.painting.paint(context, from, to, frame, whole);
    return { image, box };
  }

  private boxOf(leaves: Leaf[], frame: number, { scale, width, height }: View): Box | null {
    let all: Box | null = null;
    for (const leaf of leaves) {
      const box = this.placing.boxOf(leaf, frame);
      if (box) all = joined(all, box);
    }
    const edge = 2;
    return (
      all && {
        left: Math.max(0, Math.floor(all.left * scale) - edge),
        top: Math.max(0, Math.floor(all.top * scale) - edge),
        right: Math.min(width, Math.ceil(all.right * scale) + edge),
        bottom: Math.min(height, Math.ceil(all.bottom * scale) + edge),
      }
    );
  }

  private letGo(from: number): void {
    const image = this.made.get(from)?.layer?.image;
    this.made.delete(from);
    if (image && this.spare.length < SPARE) this.spare.push(image);
  }
}

const weightOf = ({ node }: Leaf): number =>
  node.kind === 'path' && (typeof node.fill === 'number' || node.effect !== null) ? WORTH : 1;
