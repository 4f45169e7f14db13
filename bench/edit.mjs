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
  const times = await page.evaluate(async () => {
    const canvas = document.querySelector('.stage canvas');
    const field = document.querySelectorAll('.cell-value')[1];
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
    const found = [];
    for (let run = 0; run < 44; run++) {
      const before = canvas.dataset.reel;
      const began = performance.now();
      set.call(field, String(200 + run));
      field.dispatchEvent(new Event('input', { bubbles: true }));
      await new Promise((resolve) => {
        const look = () => (canvas.dataset.reel !== before ? resolve() : setTimeout(look, 1));
        look();
      });
      await new Promise((resolve) => requestAnimationFrame(() => resolve()));
      found.push(performance.now() - began);
      await new Promise((resolve) => setTimeout(resolve, 150 + (run % 5) * 130));
    }
    return found.slice(4).sort((a, b) => a - b);
  });
  await browser.close();
  const at = (part) => times[Math.floor(part * (times.length - 1))];
  console.log(
    `edit       from a changed figure to the repainted stage: median ${at(0.5).toFixed(0)} ms, 95th percentile ${at(0.95).toFixed(0)} ms, of ${times.length} changes; 95th over median ${(at(0.95) / at(0.5)).toFixed(2)}`,
  );
} finally {
  await end();
}
