// From a changed figure to the repainted stage, in headless Chromium, on the demo.
import { CHROMIUM } from '../e2e/browser.mjs';
import { chromium } from '@playwright/test';
import { changesOf, within } from './changes.mjs';
import { serve } from './serve.mjs';

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
  for (let step = 0; step < 40; step++) await page.keyboard.press('Shift+ArrowRight');
  await page.locator('.figure-grid [data-column="typed"]').nth(1).click();
  const times = await changesOf(page, (run) => 200 + run);
  await browser.close();
  const at = (part) => within(times, part);
  console.log(
    `edit       from a changed figure to the repainted stage: median ${at(0.5).toFixed(0)} ms, 95th percentile ${at(0.95).toFixed(0)} ms, of ${times.length} changes; 95th over median ${(at(0.95) / at(0.5)).toFixed(2)}`,
  );
} finally {
  await end();
}
