// From a changed figure to the repainted stage, in headless Chromium, on the demo.
import { chromium } from '@playwright/test';
import { serve } from './serve.mjs';

const { url, end } = await serve(process.argv[2]);
try {
  const { pieces } = await (await fetch(`${url}/api/pieces`)).json();
  const id = pieces.find(({ title }) => title === 'The Mending Room').id;
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${url}/pieces/${id}`);
  await page.waitForSelector('.proof-word.is-exact');
  for (let step = 0; step < 40; step++) await page.keyboard.press('Shift+ArrowRight');
  await page.locator('.figure-grid [data-column="typed"]').nth(1).click();
  const times = [];
  for (let run = 0; run < 44; run++) {
    await page.keyboard.type(String(200 + run));
    // Watched before the key is pressed, and asked for afterwards.
    await page.evaluate(() => {
      const canvas = document.querySelector('.stage canvas');
      window.changed = new Promise((resolve) => {
        const began = new Promise((pressed) => {
          const press = () => pressed(performance.now());
          document.addEventListener('keydown', press, { capture: true, once: true });
        });
        new MutationObserver((_, watch) => {
          watch.disconnect();
          requestAnimationFrame(async () => resolve(performance.now() - (await began)));
        }).observe(canvas, { attributes: true, attributeFilter: ['data-reel'] });
      });
    });
    await page.keyboard.press('Enter');
    const time = await page.evaluate(() => window.changed);
    if (run >= 4) times.push(time);
    await page.keyboard.press('ArrowUp');
    await page.waitForTimeout(150 + (run % 5) * 130);
  }
  times.sort((a, b) => a - b);
  await browser.close();
  const at = (part) => times[Math.floor(part * (times.length - 1))];
  console.log(
    `edit       from a changed figure to the repainted stage: median ${at(0.5).toFixed(0)} ms, 95th percentile ${at(0.95).toFixed(0)} ms, of ${times.length} changes; 95th over median ${(at(0.95) / at(0.5)).toFixed(2)}`,
  );
} finally {
  await end();
}
