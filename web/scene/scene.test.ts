import { describe, expect, it } from 'vitest';
import { PART1, RecordingStudio, RecordingSurface, reel, still } from '../../painter/tests/recording';
import type { ReelGroup } from '../../contracts/reel';
import { keyOf } from './keys';
import { Scene } from './scene';

const group = (role: ReelGroup['role'], of: string | null = null): ReelGroup => ({
  ...still,
  index: 9,
  role,
  of,
  children: [],
});

const scene = (change?: Parameters<typeof reel>[0]): Scene => new Scene(reel(change), new RecordingStudio());

/** Everything of it taken by a camera that makes it twice as large about the left top. */
const taken = (made: ReturnType<typeof reel>): void => {
  made.nodes = [
    {
      ...still,
      index: 6,
      role: 'camera',
      pose: { pivot: [0, 0], x: 0, y: 0, size: 2, turn: 0 },
      children: made.nodes,
    },
  ];
};

describe('the scene', () => {
  it('finds the mark in front, as it is on the frame', () => {
    const seen = scene();
    const asked: string[] = [];
    const context = Object.assign(new RecordingSurface(10, 10, 'canvas').getContext(), {
      isPointInPath: (path: unknown) => {
        asked.push(String(path));
        return true;
      },
    });
    expect(seen.figureAt(context, 12, 3, 4)).toEqual({ chart: 'chart1', figure: 'r1' });
    expect(asked).toEqual(['PART2']);
    expect(seen.figureAt(context, 0, 3, 4)).toBeNull();
    expect(seen.outlineOf('chart1', 'r1', 11).path).toBe(PART1);
    expect(seen.outlineOf('chart1', 'gone', 11).path).toBe('');
  });

  it('says what lies around a chart: its marks, without its labels and its legend', () => {
    const words = (made: ReturnType<typeof reel>, role: 'label' | 'legend'): void => {
      const chart = made.nodes[1] as ReelGroup;
      chart.children.push({ ...still, index: 7, role, of: 'r1', children: [made.nodes.pop()!] });
    };
    const plain = scene().boxOf('chart1', 11);
    expect(plain).not.toBeNull();
    expect(scene((made) => words(made, 'label')).boxOf('chart1', 11)).toEqual(plain);
    const withLegend = scene((made) => words(made, 'legend'));
    expect(withLegend.boxOf('chart1', 11)).toEqual(plain);
    expect(withLegend.boxOf('legend-chart1', 11)).toMatchObject({ left: 10, right: 60, bottom: 20 });
    expect(scene().boxOf('chart1', 0)).toBeNull();
  });

  it('knows by which key a thing is placed', () => {
    expect(keyOf([group('camera'), group('chart', 'chart1'), group('figure', 'r1')])).toBe('chart1');
    expect(keyOf([group('chart', 'chart1'), group('legend'), group('legend row', 'r1')])).toBe('legend-chart1');
    expect(keyOf([group('words', 'title')])).toBe('title');
    expect(keyOf([group('caption', 'l1')])).toBe('captions');
    expect(keyOf([group('backdrop')])).toBeNull();
  });

  it('carries what a hand has taken, within the camera, until the reel has it', () => {
    const seen = scene(taken);
    const before = seen.boxOf('chart1', 11)!;
    seen.carriedBy((groups) => (keyOf(groups) === 'chart1' ? [10, -5] : null));
    const carried = seen.boxOf('chart1', 11)!;
    expect([carried.left - before.left, carried.top - before.top]).toEqual([20, -10]);
    expect(seen.cameraOf(11)).toMatchObject({ a: 2, d: 2 });
  });

  it('shows the whole stage where the camera is left out', () => {
    const seen = scene(taken);
    const near = seen.boxOf('chart1', 11)!;
    seen.leaveCamera(true);
    const whole = seen.boxOf('chart1', 11)!;
    expect(near.right - near.left).toBeCloseTo(2 * (whole.right - whole.left));
    expect(seen.cameraOf(11)).toBeNull();
    expect(scene().cameraOf(11)).toBeNull();
  });
});
