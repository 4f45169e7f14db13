import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createCanvas } from '@napi-rs/canvas';
import { describe, expect, it } from 'vitest';
import { evenlySpoken } from '../../demo/plain/evenlySpoken';
import { Painter, type Reel } from '../../painter/src';
import { PaintedFrames } from '../src/frames';
import { PlanarPicture } from '../src/planar';
import { skia } from '../src/studio';

const root = new URL('../..', import.meta.url).pathname;

/** The demo, smaller, with whatever else can move on a stage. */
function demoReel(): Reel {
  const piece = evenlySpoken();
  piece.charts[0].finish.shadows = [{ reach: 30, opacity: 0.5, colour: '#000000' }];
  piece.charts[0].form.gap = 0;
  piece.charts[0].words.labels = { ...piece.charts[0].words.labels, show: 'on', text: 'both' };
  piece.charts[0].exit = { begin: 400, frames: 40, curve: 'ease-in', order: 'together', overlap: 0, opens: 'middle' };
  const file = join(mkdtempSync(join(tmpdir(), 'frames-')), 'piece.json');
  writeFileSync(file, JSON.stringify(piece));
  return JSON.parse(execFileSync('php', ['artisan', 'lupine:reel', file], { cwd: root, maxBuffer: 1e8 }).toString());
}

describe('the frames of a film', () => {
  const reel = demoReel();
  const { width, height } = reel;

  it.each([
    ['in their order', [0, 60, 62, 64, 66, 71, 80, 120, 121, 180, 240, 300, 398, 404, 410, 420, 438, 445]],
    ['to and fro', [300, 20, 420, 140, 139, 430, 100]],
  ])('are the same whether only what changed is painted or all of it: %s', (_, order) => {
    const frames = new PaintedFrames(reel);
    for (const frame of order) {
      const canvas = createCanvas(width, height);
      new Painter(reel, skia).paint(canvas.getContext('2d') as never, frame, 1);
      const whole = new PlanarPicture(width, height);
      whole.update(canvas.data(), width, { left: 0, top: 0, right: width, bottom: height });
      const ours = frames.paint(frame);
      expect(Buffer.compare(ours, whole.planes), `frame ${frame}`).toBe(0);
    }
  });

  it('looks the same where what stands still is kept on layers', () => {
    const painter = new Painter(reel, skia);
    const painted = (by: Painter): Uint8ClampedArray => {
      const canvas = createCanvas(width, height);
      by.paint(canvas.getContext('2d') as never, 300, 1);
      return canvas.getContext('2d').getImageData(0, 0, width, height).data;
    };
    const fresh = painted(painter);
    // Asked for a second time, it is put on layers; at the third they are of use.
    painted(painter);
    const kept = painted(painter);
    // Of what overlaps and is seen through, each is rounded once more.
    expect(fresh.reduce((most, byte, at) => Math.max(most, Math.abs(byte - kept[at])), 0)).toBeLessThanOrEqual(4);
    expect(painter.layersNow).toBeGreaterThan(0);
  });

  it('paints less than all of it where little moves, and nothing where nothing does', () => {
    const painter = new Painter(reel, skia);
    const areaOf = (before: number, now: number): number =>
      painter
        .changesBetween(before, now)
        .reduce((sum, box) => sum + (box.right - box.left) * (box.bottom - box.top), 0);
    const still = Array.from({ length: reel.frames }, (_, frame) => frame).filter(
      (frame) => painter.timeline.sameSince(frame) === painter.timeline.sameSince(frame - 2),
    );
    expect(still.length).toBeGreaterThan(20);
    for (const frame of still) expect(areaOf(frame - 2, frame), `frame ${frame}`).toBe(0);
    expect(areaOf(80, 82)).toBeGreaterThan(0);
    expect(areaOf(80, 82)).toBeLessThan((width * height) / 3);
  });
});
