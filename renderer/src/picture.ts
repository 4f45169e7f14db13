// picture IN OUT LONGEST [BLUR]: reads a PNG, JPEG, WebP or SVG and writes it as it is painted: as PNG where it can be
// seen through, else as JPEG, its longer side no longer than that many pixels. An SVG is painted as large as that. With
// a blur, in thousandths of its width, it is written out of focus, as PNG. Says on standard output
// {"width","height","type","colours"}; where it cannot be read, says so on standard error and ends with 1.
import { readFileSync, writeFileSync } from 'node:fs';
import { createCanvas, loadImage, type Canvas, type Image } from '@napi-rs/canvas';
import { blurred } from './blurred';

const [source, target, longestText, blurText = '0'] = process.argv.slice(2);
const longest = Number(longestText);
const bytes = readFileSync(source);
const isSvg = /^\s*(<\?xml|<!--|<!DOCTYPE svg|<svg)/i.test(
  bytes
    .subarray(0, 300)
    .toString('utf8')
    .replace(/^\uFEFF/, ''),
);

/** An SVG that says how large it is: as large as it may be, in the ratio of its view box or of its sides. */
function sized(text: string): string {
  const tag = /<svg\b[^>]*>/i.exec(text)?.[0] ?? '';
  const number = (name: string): number => Number(new RegExp(`\\b${name}\\s*=\\s*["']\\s*([\\d.]+)`).exec(tag)?.[1]);
  const [, , boxWidth, boxHeight] = (/\bviewBox\s*=\s*["']([^"']+)/.exec(tag)?.[1] ?? '').trim().split(/[\s,]+/);
  const width = Number(boxWidth) || number('width') || 100;
  const height = Number(boxHeight) || number('height') || 100;
  const scale = longest / Math.max(width, height);
  const view = boxWidth ? '' : ` viewBox="0 0 ${width} ${height}"`;
  const plain = tag.replace(/\s(width|height)\s*=\s*("[^"]*"|'[^']*')/gi, '');
  const sides = ` width="${Math.round(width * scale)}" height="${Math.round(height * scale)}"${view}`;
  return text.replace(tag, plain.replace(/^<svg/i, `<svg${sides}`));
}

/** how many mean colours a side has */
const CELLS = 12;

/** The mean colours of a picture, row by row, each as RRGGBBAA: what words on it have behind them. */
function coloursOf(canvas: Canvas): string {
  const small = createCanvas(CELLS, CELLS);
  const context = small.getContext('2d');
  // Halved again and again, each dot is the mean of all below it.
  let [from, width, height] = [canvas, canvas.width, canvas.height];
  while (Math.min(width, height) > 2 * CELLS) {
    [width, height] = [Math.ceil(width / 2), Math.ceil(height / 2)];
    const half = createCanvas(width, height);
    half.getContext('2d').drawImage(from, 0, 0, width, height);
    from = half;
  }
  context.imageSmoothingEnabled = true;
  context.imageSmoothingQuality = 'high';
  context.drawImage(from, 0, 0, CELLS, CELLS);
  return Buffer.from(context.getImageData(0, 0, CELLS, CELLS).data).toString('hex');
}

/** As it is painted, or out of focus. */
function made(image: Image): { canvas: Canvas; type: 'png' | 'jpeg' } {
  if (Number(blurText) > 0) return { canvas: blurred(image, Number(blurText)), type: 'png' };
  const scale = Math.min(1, longest / Math.max(image.width, image.height));
  const [width, height] = [image.width, image.height].map((side) => Math.max(1, Math.round(side * scale)));
  const canvas = createCanvas(width, height);
  const context = canvas.getContext('2d');
  context.imageSmoothingEnabled = true;
  context.imageSmoothingQuality = 'high';
  context.drawImage(image, 0, 0, width, height);
  const { data } = context.getImageData(0, 0, width, height);
  let isClear = false;
  for (let at = 3; at < data.length && !isClear; at += 4) isClear = data[at] < 255;
  return { canvas, type: isClear || isSvg ? 'png' : 'jpeg' };
}

try {
  const image = await loadImage(isSvg ? Buffer.from(sized(bytes.toString('utf8'))) : bytes);
  if (!(image.width > 0 && image.height > 0)) throw new Error('It has no size.');
  const { canvas, type } = made(image);
  writeFileSync(target, type === 'png' ? canvas.toBuffer('image/png') : canvas.toBuffer('image/jpeg', 92));
  process.stdout.write(
    JSON.stringify({ width: canvas.width, height: canvas.height, type, colours: coloursOf(canvas) }),
  );
} catch (error) {
  process.stderr.write((error as Error).message);
  process.exit(1);
}
