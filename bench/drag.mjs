// A chart that is dragged over the stage of the demo, in headless Chromium: how many of the hand's moves are painted.
import { CHROMIUM } from '../e2e/browser.mjs';
import { chromium } from '@playwright/test';
import { serve } from './serve.mjs';

/** moves a second, as a hand makes them */
const MOVES = 60;
const SECONDS = 3;

const { url, end } = await serve(process.argv[2]);
try {
  const { pieces } = await (await fetch(`${url}/api/pieces`)).json();
  const id = pieces.find(({ title }) => title === 'The Mending Room').id;
  const browser = await chromium.launch({
    executablePath: CHROMIUM,
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${url}/pieces/${id}`);
  await page.waitForSelector('.proof-word.is-exact');
  await page.locator('.on-stage-chart .list-pick').first().click();
  const box = await page.locator('.stage canvas').boundingBox();
  const result = await page.evaluate(
    async ({ left, top, moves, seconds }) => {
      const canvas = document.querySelector('.stage canvas');
      let painted = 0;
      const context = canvas.getContext('2d');
      const clear = context.clearRect.bind(context);
      context.clearRect = (...all) => {
        painted++;
        clear(...all);
      };
      const send = (type, x, y) =>
        canvas.dispatchEvent(
          new PointerEvent(type, { bubbles: true, pointerId: 1, button: 0, clientX: x, clientY: y, isPrimary: true }),
        );
      canvas.setPointerCapture = () => undefined;
      let frames = 0;
      let running = true;
      const count = () => {
        frames++;
        if (running) requestAnimationFrame(count);
      };
      send('pointerdown', left, top);
      requestAnimationFrame(count);
      const began = performance.now();
      for (let move = 1; move <= moves * seconds; move++) {
        send('pointermove', left + 60 * Math.sin(move / 20), top + 30 * Math.cos(move / 15));
        const due = began + (move * 1000) / moves;
        await new Promise((resolve) => setTimeout(resolve, Math.max(0, due - performance.now())));
      }
      const took = (performance.now() - began) / 1000;
      running = false;
      send('pointerup', left, top);
      return { painted: painted / took, frames: frames / took, moves: (moves * seconds) / took };
    },
    { left: box.x + box.width * 0.4, top: box.y + box.height * 0.3, moves: MOVES, seconds: SECONDS },
  );
  await browser.close();
  const { painted, frames, moves } = result;
  console.log(
    `drag       of ${moves.toFixed(0)} moves a second ${painted.toFixed(0)} painted, ${(painted / moves).toFixed(2)} of them; the screen is drawn ${frames.toFixed(0)} times a second`,
  );
} finally {
  await end();
}
