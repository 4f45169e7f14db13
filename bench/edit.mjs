// From a changed figure to the repainted stage, in headless Chromium, on the demo: on a quiet machine, and beside two
// loops that never rest.
import { spawn } from 'node:child_process';
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
  const told = (times) => {
    const [median, late] = [within(times, 0.5), within(times, 0.95)];
    return (
      `median ${median.toFixed(0)} ms, 95th percentile ${late.toFixed(0)} ms, of ${times.length} changes; 95th over ` +
      `median ${(late / median).toFixed(2)}`
    );
  };
  const quiet = await changesOf(page, (run) => 200 + run);
  console.log(`edit       from a changed figure to the repainted stage: ${told(quiet)}`);
  const loops = [1, 2].map(() => spawn(process.execPath, ['-e', 'for (;;);']));
  const busy = await changesOf(page, (run) => 300 + run).finally(() => loops.forEach((loop) => loop.kill()));
  const times = (within(busy, 0.5) / within(quiet, 0.5)).toFixed(2);
  console.log(`edit       the same beside two busy loops: ${told(busy)}; ${times} times as long as without them`);
  await browser.close();
} finally {
  await end();
}
