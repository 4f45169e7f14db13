// From a move that is nudged by a frame to the repainted stage and its stem: on the demo, at 1280×800.
import { CHROMIUM } from '../e2e/browser.mjs';
import { rmSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { within } from './changes.mjs';
import { retimes } from './retimes.mjs';
import { serve } from './serve.mjs';
import { folderOf } from './folder.mjs';

const folder = folderOf(process.argv[2]);
const { url, end } = await serve(folder);
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] });
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const { pieces } = await (await fetch(`${url}/api/pieces`)).json();
  await page.goto(`${url}/pieces/${pieces.find(({ title }) => title === 'The Mending Room').id}`);
  await page.waitForSelector('.proof-word.is-exact');
  const times = await retimes(page, 'Lamps & lights: entrance', 262);
  console.log(
    `retime     one move of the demo to the repainted stage and stems: median ${within(times, 0.5).toFixed(0)} ms, ` +
      `95th percentile ${within(times, 0.95).toFixed(0)} ms, of ${times.length}`,
  );
} finally {
  await browser.close();
  await end();
  rmSync(folder, { recursive: true, force: true });
}
