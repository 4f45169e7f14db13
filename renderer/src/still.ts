// still REEL.json FRAME OUT.png: paints one frame as PNG.
import { readFileSync, writeFileSync } from 'node:fs';
import { createCanvas } from '@napi-rs/canvas';
import { Exposure, Painter, type Reel } from '../../painter/src';
import { readPictures } from './pictures';
import { skia } from './studio';

const [reelFile, frame, target] = process.argv.slice(2);
const reel = JSON.parse(readFileSync(reelFile, 'utf8')) as Reel;
await readPictures(reel);
const canvas = createCanvas(reel.width, reel.height);
new Exposure(new Painter(reel, skia), skia).paint(canvas.getContext('2d') as never, Number(frame), 1);
writeFileSync(target, canvas.toBuffer('image/png'));
