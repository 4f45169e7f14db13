// The demo is opened by a browser that has never seen it: when its first picture is there and when the whole desk is,
// and what the page
// comes with.
import { CHROMIUM } from '../e2e/browser.mjs';
import { chromium } from '@playwright/test';
import { median, spread } from './measure.mjs';
import { demoOf } from './pieces.mjs';
import { serve } from './serve.mjs';

const { url, end } = await serve(process.argv[2]);
try {
  const id = await demoOf(url);
  const [pictures, desks, answers] = [[], [], []];
  let loaded = null;
  for (let run = 0; run < 9; run++) {
    const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] });
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.addInitScript(() => {
      const watch = new MutationObserver(() => {
        if (document.querySelector('.stage canvas[data-reel]')) window.pictureAt ??= performance.now();
        if (document.querySelector('.figure-grid .dsg-row') && document.querySelector('.line'))
          window.deskAt ??= performance.now();
      });
      watch.observe(document, { subtree: true, childList: true, attributes: true });
    });
    await page.goto(`${url}/pieces/${id}`);
    await page.waitForFunction(() => window.pictureAt && window.deskAt);
    const found = await page.evaluate(async () => {
      const all = performance.getEntriesByType('resource');
      const head = await (await fetch(location.href)).text();
      const sum = (pattern) =>
        Object.entries(Object.fromEntries(all.map(({ name, encodedBodySize }) => [name, encodedBodySize])))
          .filter(([name]) => pattern.test(name) && head.includes(name))
          .reduce((bytes, [, size]) => bytes + size, 0);
      const answer = all.find(({ name }) => name.endsWith('/desk'));
      return {
        picture: window.pictureAt,
        desk: window.deskAt,
        answer: answer.responseEnd - answer.requestStart,
        code: sum(/\.(js|css)$/),
        fonts: sum(/\.woff2$/),
      };
    });
    await browser.close();
    // The first one finds nothing ready on the server either.
    if (run === 0) continue;
    pictures.push(found.picture);
    desks.push(found.desk);
    answers.push(found.answer);
    loaded = found;
  }
  const ratio = (median(pictures) / median(answers)).toFixed(1);
  console.log(
    `open       the demo: first picture ${spread(pictures, 0)} ms, ${ratio} times its answer alone; the whole desk ` +
      `${spread(desks, 0)} ms; the page comes with ${Math.round(loaded.code / 1000)} kB of script and styles, ` +
      `${Math.round(loaded.fonts / 1000)} kB of fonts`,
  );
} finally {
  await end();
}
