import { createCanvas, type Canvas, type Image } from '@napi-rs/canvas';

/** pixels of the standard deviation in the picture that is made: a blur has no fine detail, so it is small */
const DEVIATION = 8;
/** how far a blur reaches, in standard deviations */
const REACH = 3;

/**
 * A picture out of focus, made small. Its edge goes on beyond it, so that it is not dark or clear there.
 *
 * @param thousandths standard deviation, in thousandths of its width, above 0
 */
export function blurred(image: Image, thousandths: number): Canvas {
  const shrink = Math.max(1, (image.width * thousandths) / 1000 / DEVIATION);
  const [width, height] = [image.width, image.height].map((side) => Math.max(1, Math.round(side / shrink)));
  const deviation = (width * thousandths) / 1000;
  const margin = Math.ceil(deviation * REACH);
  const small = createCanvas(width, height);
  const drawn = small.getContext('2d');
  drawn.imageSmoothingEnabled = true;
  drawn.imageSmoothingQuality = 'high';
  drawn.drawImage(image, 0, 0, width, height);
  const wide = createCanvas(width + 2 * margin, height + 2 * margin);
  const around = wide.getContext('2d');
  around.imageSmoothingEnabled = false;
  // From where in the picture, how much of it, to where and how wide: its first pixels, all of it, its last.
  const stretches = (side: number): [number, number, number, number][] => [
    [0, 1, 0, margin],
    [0, side, margin, side],
    [side - 1, 1, margin + side, margin],
  ];
  for (const [x, across, toX, wideTo] of stretches(width)) {
    for (const [y, down, toY, highTo] of stretches(height)) {
      around.drawImage(small, x, y, across, down, toX, toY, wideTo, highTo);
    }
  }
  const made = createCanvas(width, height);
  const context = made.getContext('2d');
  context.filter = `blur(${deviation}px)`;
  context.drawImage(wide, -margin, -margin);
  return made;
}
