import { chromium } from '@playwright/test';
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
export const page = await browser.newPage({
  viewport: { width: 1280, height: 800 },
  baseURL: 'http://127.0.0.1:8123',
  reducedMotion: 'reduce',
});
page.on('console', (m) => m.type() === 'error' && console.log('console:', m.text()));
page.on('pageerror', (e) => console.log('pageerror', e.message));
const script = process.argv[2];
const run = new Function('page', 'shot', `return (async () => { ${script} })()`);
const shot = (name) => page.screenshot({ path: `/tmp/h/${name}.png` });
try {
  console.log((await run(page, shot)) ?? '');
} catch (e) {
  console.log('ERR', e.message);
}
await browser.close();
