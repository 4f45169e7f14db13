import { Painter, type Reel, type ReelNode } from '../../painter/src';
import { browserStudio } from '../common/browserStudio';

const FRAMES = 5;
const SCALE = 0.5;
const ROUNDS = 2;

/**
 * How many times as long a reel takes to paint as it does without its coats, tried on a few frames of it here and now;
 * null where there is nothing to compare.
 */
export function finishCost(reel: Reel): number | null {
  const plain: Reel = { ...reel, nodes: flat(reel.nodes) };
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(reel.width * SCALE);
  canvas.height = Math.round(reel.height * SCALE);
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return null;
  const frames = Array.from({ length: FRAMES }, (_, at) =>
    Math.round(reel.from + ((reel.to - reel.from) * (at + 0.5)) / FRAMES),
  );
  const took = (painter: Painter): number => {
    const paint = (frame: number): number => {
      const began = performance.now();
      painter.paint(context as never, frame, SCALE);
      // It is painted when its pixels are asked for.
      context.getImageData(0, 0, 1, 1);
      return performance.now() - began;
    };
    let all = 0;
    for (const frame of frames) {
      // In a film a frame comes after its neighbour, and what stands still is kept from there.
      paint(Math.max(reel.from, frame - 1));
      all += paint(frame);
    }
    return all;
  };
  const [all, bare] = [new Painter(reel, browserStudio), new Painter(plain, browserStudio)];
  const least = [Infinity, Infinity];
  // By turns, so that whatever else the machine does counts for both.
  for (let round = 0; round < ROUNDS; round++) {
    least[0] = Math.min(least[0], took(all));
    least[1] = Math.min(least[1], took(bare));
  }
  return least[1] > 0 ? least[0] / least[1] : null;
}

/** The same without what coats add: one colour where there was a paint, and nothing blurred, blended or masked. */
function flat(nodes: ReelNode[]): ReelNode[] {
  return nodes.flatMap((node): ReelNode[] => {
    if (node.kind === 'group') return [{ ...node, mask: null, children: flat(node.children) }];
    if (node.kind === 'text') return [{ ...node, painted: true }];
    if (node.effect !== null || node.blend !== 'normal') return [];
    return [{ ...node, fill: typeof node.fill === 'number' ? '#808080' : node.fill }];
  });
}
