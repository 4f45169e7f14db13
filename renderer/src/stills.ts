// stills SOCKET: paints single frames for as long as it lives. Answers on a local socket: POST /FRAME with a reel as
// its body is answered with a PNG. Pictures are painted one after another; what nobody waits for any more is left out.
import { existsSync, unlinkSync } from 'node:fs';
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import { connect } from 'node:net';
import { createCanvas, type Canvas } from '@napi-rs/canvas';
import { Exposure, Painter, type Reel } from '../../painter/src';
import { letGo } from './memory';
import { readPictures } from './pictures';
import { skia } from './studio';

const [socket] = process.argv.slice(2);

let canvas: Canvas | null = null;
let last: Promise<void> = Promise.resolve();

function paint(reel: Reel, frame: number): Buffer {
  if (canvas?.width !== reel.width || canvas.height !== reel.height) canvas = createCanvas(reel.width, reel.height);
  new Exposure(new Painter(reel, skia), skia).paint(canvas.getContext('2d') as never, frame, 1);
  return canvas.toBuffer('image/png');
}

async function bodyOf(request: IncomingMessage): Promise<string> {
  const parts: Buffer[] = [];
  for await (const part of request) parts.push(part as Buffer);
  return Buffer.concat(parts).toString('utf8');
}

async function answer(request: IncomingMessage, response: ServerResponse): Promise<void> {
  const body = await bodyOf(request);
  const before = last;
  let done = (): void => undefined;
  last = new Promise((resolve) => {
    done = resolve;
  });
  await before;
  try {
    if (response.destroyed) return;
    const reel = JSON.parse(body) as Reel;
    await readPictures(reel);
    const picture = paint(reel, Number(request.url?.slice(1)));
    response.writeHead(200, { 'Content-Type': 'image/png', 'Content-Length': picture.length }).end(picture);
  } catch (error) {
    response.writeHead(500, { 'Content-Type': 'text/plain' }).end((error as Error).message);
  } finally {
    letGo();
    done();
  }
}

/** What an ended painter left behind is taken away; what a living one listens on is not. */
async function claim(): Promise<void> {
  if (!existsSync(socket)) return;
  const lives = await new Promise<boolean>((resolve) => {
    const probe = connect(socket, () => resolve(true)).on('error', () => resolve(false));
    probe.unref();
  });
  if (lives) {
    process.stderr.write(`Another painter of stills listens on ${socket}.\n`);
    process.exit(1);
  }
  unlinkSync(socket);
}

await claim();
const server = createServer((request, response) => void answer(request, response));
server.listen(socket);
process.on('SIGTERM', () => {
  server.close();
  process.exit(0);
});
