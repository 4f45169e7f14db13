// The demo played with its sound at 1280×800: how many of its frames are shown, and how far sound and picture are
// apart.
import { CHROMIUM } from '../e2e/browser.mjs';
import { rmSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { spread } from './measure.mjs';
import { serve } from './serve.mjs';
import { folderOf } from './folder.mjs';

const folder = folderOf(process.argv[2]);
const { url, end } = await serve(folder, 8798);
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: ['--no-sandbox'],
});
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const { pieces } = await (await fetch(`${url}/api/pieces`)).json();
  await page.goto(`${url}/pieces/${pieces[0].id}`);
  await page.waitForSelector('.proof-word.is-exact');
  const { frames } = (await (await fetch(`${url}/api/pieces/${pieces[0].id}`)).json()).document.stage;
  await page.evaluate(() => {
    window.played = [];
    const { play } = window.HTMLMediaElement.prototype;
    window.HTMLMediaElement.prototype.play = function () {
      window.played.push(this);
      return play.call(this);
    };
    // What is heard comes later than what is played: so much later.
    const { AudioContext: Own } = window;
    window.AudioContext = class extends Own {
      constructor(...given) {
        super(...given);
        window.output = this;
      }
    };
  });
  const play = async (what) => {
    await page.keyboard.press('Home');
    await page.waitForTimeout(1500);
    const watched = page.evaluate(
      (last) =>
        new Promise((resolve) => {
          const { played } = window;
          const shown = [];
          const apart = [];
          const field = document.querySelector('.frame-number');
          const look = () => {
            const frame = Number(field.value);
            if (shown.at(-1) !== frame) shown.push(frame);
            const [sound] = played;
            const late = window.output?.outputLatency ?? 0;
            // From the middle of the frame that is shown.
            if (sound && !sound.paused && sound.currentTime > 0.5)
              apart.push((sound.currentTime - late) * 30 - frame - 0.5);
            if (frame >= last) resolve({ shown, apart });
            else requestAnimationFrame(look);
          };
          requestAnimationFrame(look);
        }),
      frames - 1,
    );
    // A press of the hand, without which a browser plays no sound.
    await page.keyboard.press('Space');
    const { shown, apart } = await watched;
    const skipped = shown.slice(1).reduce((sum, frame, index) => sum + Math.max(0, frame - shown[index] - 1), 0);
    console.log(
      `play       the demo with its sound${what}: ${shown.length} frames shown of ${frames}, ${skipped} passed over; ` +
        `sound ahead of the middle of the frame by ${spread(apart)} frames`,
    );
  };
  await play('');
  await page.getByRole('button', { name: 'View' }).click();
  await page.getByText('Blur during playback too').click();
  await page.keyboard.press('Escape');
  await play(' and motion blur');
} finally {
  await browser.close();
  await end();
  rmSync(folder, { recursive: true, force: true });
}
