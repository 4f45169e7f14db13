import { describe, expect, it } from 'vitest';
import { Painter } from '../src';
import { boundsOf } from '../src/bounds';
import { none, PART1, RecordingStudio, RecordingSurface, reel } from './recording';

const paintOn = (painter: Painter, frame: number, scale = 1): string[] => {
  const canvas = new RecordingSurface(1000 * scale, 500 * scale, 'canvas');
  painter.paint(canvas.getContext(), frame, scale);
  return canvas.said;
};

describe('what is painted', () => {
  it('paints from the back to the front, at the values of the frame', () => {
    const studio = new RecordingStudio();
    const said = paintOn(new Painter(reel(), studio), 11);
    expect(said).toEqual(['clear', 'image layer1', 'image layer2', 'fill PART1 #ff0000 1', 'fill GLYPH #ffffff 1']);
    expect(studio.surfaces[0].said).toEqual(['fill BACK #101010 1']);
    // The glow is only the shadow of the outline, made small.
    expect(studio.surfaces[1].said).toEqual(['clear', 'fill PART1 #000000 1 soft']);
    expect(studio.surfaces[1].width).toBeLessThan(200);
  });

  it('paints nothing for what is not there', () => {
    expect(paintOn(new Painter(reel(), new RecordingStudio()), 0).filter((one) => one.includes('PART'))).toEqual([]);
    const hidden = reel((made) => {
      made.tracks.push({ node: 2, property: 'opacity', frames: [0, 50], values: [1, 0] });
    });
    expect(paintOn(new Painter(hidden, new RecordingStudio()), 60).join()).not.toContain('PART');
  });

  it('multiplies the opacity of a thing by that of its groups', () => {
    const half = reel((made) => {
      made.tracks.push({ node: 2, property: 'opacity', frames: [0, 20], values: [0.5, 0.25] });
    });
    // Put together whole, and then seen through: what overlaps does not add up.
    const studio = new RecordingStudio();
    const painted = paintOn(new Painter(half, studio), 20);
    expect(painted).not.toContain('fill PART2 #ff0000 0.25');
    expect(painted.at(-2)).toMatch(/^image layer/);
    expect(studio.surfaces.flatMap(({ said }) => said)).toContain('fill PART2 #ff0000 1');
  });

  it('makes a glow as large as its own outline, not as its chart', () => {
    const studio = new RecordingStudio();
    paintOn(new Painter(reel(), studio), 11);
    const { left, top, right, bottom } = boundsOf(PART1)!;
    expect([left, top, right, bottom].map(Math.round)).toEqual([500, 150, 600, 250]);
    expect(studio.surfaces[1].width).toBeLessThanOrEqual(64);
  });

  it('blurs in place what is small', () => {
    const studio = new RecordingStudio();
    const said = paintOn(new Painter(reel(), studio), 11, 0.15);
    expect(said).toContain('fill PART1 #000000 0.5 soft');
    expect(said.indexOf('fill PART1 #000000 0.5 soft')).toBeLessThan(said.indexOf('fill PART1 #ff0000 1'));
    expect(studio.surfaces).toHaveLength(1);
  });

  it('clips a pattern to its outline', () => {
    const patterned = reel((made) => {
      made.paints.push({
        kind: 'pattern',
        x: 500,
        y: 250,
        size: 50,
        degrees: 0,
        outline: 'DOT',
        colour: '#000000',
        reach: 100,
        isDrifting: false,
      });
      made.nodes.push({ ...none, kind: 'path', index: 6, outline: 3, fill: 0, opacity: 0.2 });
    });
    const said = paintOn(new Painter(patterned, new RecordingStudio()), 11);
    expect(said.slice(-4, -2)).toEqual(['save', 'clip PART2']);
    expect(said.at(-1)).toBe('restore');
  });
});

describe('what is kept', () => {
  it('keeps everything that stands still on a layer', () => {
    const studio = new RecordingStudio();
    const painter = new Painter(reel(), studio);
    // The first time it is not known yet whether it will be wanted again.
    expect(paintOn(painter, 39).join()).toContain('fill PART2 #ff0000 1');
    expect(paintOn(painter, 40)).toEqual(['clear', 'image layer1', expect.stringMatching(/^image layer/)]);
    const before = studio.surfaces.map((surface) => surface.said.length);
    expect(paintOn(painter, 41)).toEqual(['clear', 'image layer1', expect.stringMatching(/^image layer/)]);
    expect(studio.surfaces.map((surface) => surface.said.length)).toEqual(before);
  });

  it('hands the back of the picture on to the next reel, as long as it looks the same', () => {
    const studio = new RecordingStudio();
    const first = new Painter(reel(), studio);
    paintOn(first, 11);
    const second = new Painter(
      reel((made) => {
        made.outlines[2] = 'OTHER';
      }),
      studio,
      first,
    );
    expect(paintOn(second, 11)[1]).toBe('image layer1');
    expect(studio.surfaces[0].said).toHaveLength(1);
    const third = new Painter(
      reel((made) => {
        made.outlines[1] = 'OTHER BACK';
      }),
      studio,
      second,
    );
    expect(paintOn(third, 11)[1]).not.toBe('image layer1');
  });

  it('paints the same picture with what was kept as without', () => {
    const kept = new Painter(
      reel((made) => {
        made.outlines[2] = 'OTHER';
      }),
      new RecordingStudio(),
      new Painter(reel(), new RecordingStudio()),
    );
    const fresh = new Painter(
      reel((made) => {
        made.outlines[2] = 'OTHER';
      }),
      new RecordingStudio(),
    );
    expect(paintOn(kept, 11)).toEqual(paintOn(fresh, 11));
  });
});
