// cutouts REEL.json FRAMES.json FOLDER: paints some frames of a reel, each cut to what is seen of it: as WebP or PNG
// where it can be seen through, else as JPEG. FRAMES is a list of frames; a picture is FOLDER/FRAME. Says on standard
// output, a JSON object a line, where each stands and what it is; of a frame with nothing on it {"frame"} alone. Ends
// with {"done":true}.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createCanvas, type Canvas } from '@napi-rs/canvas';
import { Exposure, Painter, type Reel } from '../../painter/src';
import { readPictures } from './pictures';
import { skia } from './studio';

const QUALITY = 95;
const CLEAR_QUALITY = 92;
/** bytes from which another format is tried */
const LARGE = 60_000;

const [reelFile, framesFile, folder] = process.argv.slice(2);
const reel = JSON.parse(readFileSync(reelFile, 'utf8')) as Reel;
await readPictures(reel);
const canvas = createCanvas(reel.width, reel.height);
const exposure = new Exposure(new Painter(reel, skia), skia);

/** Left, top, right and bottom of what is seen, and whether nothing is seen through there; null: nothing is there. */
function seenOn(data: Uint8ClampedArray): { box: [number, number, number, number]; isOpaque: boolean } | null {
  let [left, top, right, bottom] = [reel.width, reel.height, -1, -1];
  for (let y = 0; y < reel.height; y++)
    for (let x = 0; x < reel.width; x++)
      if (data[4 * (y * reel.width + x) + 3] > 0) {
        left = Math.min(left, x);
        right = Math.max(right, x);
        top = Math.min(top, y);
        bottom = y;
      }
  if (right < 0) return null;
  let isOpaque = true;
  for (let y = top; y <= bottom && isOpaque; y++)
    for (let x = left; x <= right && isOpaque; x++) isOpaque = data[4 * (y * reel.width + x) + 3] === 255;
  return { box: [left, top, right, bottom], isOpaque };
}

/** What can be seen through, in the format that makes it smaller: a fine grain is smaller without loss. */
function clear(cut: Canvas): readonly ['webp' | 'png', Buffer] {
  const webp = cut.toBuffer('image/webp', CLEAR_QUALITY);
  const png = webp.length > LARGE ? cut.toBuffer('image/png') : null;
  return png && png.length < webp.length ? ['png', png] : ['webp', webp];
}

for (const frame of JSON.parse(readFileSync(framesFile, 'utf8')) as number[]) {
  const context = canvas.getContext('2d');
  context.clearRect(0, 0, reel.width, reel.height);
  exposure.paint(context as never, frame, 1);
  const seen = seenOn(context.getImageData(0, 0, reel.width, reel.height).data);
  let told: object = { frame };
  if (seen) {
    const [left, top, right, bottom] = seen.box;
    const [width, height] = [right - left + 1, bottom - top + 1];
    const cut = createCanvas(width, height);
    cut.getContext('2d').drawImage(canvas, left, top, width, height, 0, 0, width, height);
    const [type, bytes] = seen.isOpaque ? (['jpeg', cut.toBuffer('image/jpeg', QUALITY)] as const) : clear(cut);
    writeFileSync(join(folder, String(frame)), bytes);
    told = { frame, x: left, y: top, width, height, type };
  }
  process.stdout.write(JSON.stringify(told) + '\n');
  // The canvas frees its copies of pictures only when the event loop comes around.
  await new Promise((resolve) => {
    setImmediate(resolve);
  });
}
process.stdout.write('{"done":true}\n');
