// Takes docs/screenshots from the demo, on a shelf of its own. Run: npm run screenshots
import { CHROMIUM } from './browser.mjs';
import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';

const port = 8795;
const root = new URL('..', import.meta.url).pathname;
const data = mkdtempSync(join(tmpdir(), 'shots-'));
const target = join(root, 'docs/screenshots');
mkdirSync(target, { recursive: true });
const server = spawn(join(root, 'bin/start'), ['--port', String(port), '--data', data], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise((resolve, reject) => {
  server.stdout.on('data', (chunk) => {
    if (String(chunk).includes('Lupine is at')) resolve(undefined);
  });
  server.on('exit', () => reject(new Error('The server did not start.')));
});
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({
  viewport: { width: 1280, height: 800 },
  baseURL: `http://127.0.0.1:${port}`,
  reducedMotion: 'reduce',
});
const settle = () => page.waitForTimeout(700);
const shot = async (name) => {
  await page.mouse.move(640, 799);
  await settle();
  await page.screenshot({ path: join(target, `${name}.png`) });
  console.log(name);
};
const open = async (title) => {
  await page.goto('/');
  await page.getByRole('link', { name: `Open ${title}` }).click();
  await page.waitForSelector('.proof-word.is-exact');
};
const goTo = async (frame) => {
  await page.evaluate(() => document.activeElement?.blur());
  await page.keyboard.press('Home');
  for (let left = frame; left > 0; left -= left >= 10 ? 10 : 1) await page.keyboard.press(left >= 10 ? '>' : '.');
};

const KINDS = ['Small appliances', 'Lamps & lights', 'Clothing', 'Bicycles', 'Toys'];
const PLACES = [
  'Place,Kind,Last year,This year',
  ...Object.entries({
    'Mill Lane': [512, 287, 199, 150, 100],
    'North Quay': [402, 210, 180, 90, 54],
    'Old Depot': [125, 120, 90, 47, 20],
    'Station Yard': [630, 300, 280, 200, 120],
    'The Harbour Hall of Mending and Making': [250, 140, 130, 61, 30],
  }).flatMap(([place, values]) => KINDS.map((kind, at) => `${place},${kind},${values[at]},${values[at] + 7}`)),
].join('\n');

try {
  await page.goto('/');
  await page
    .getByRole('textbox', { name: 'Figures' })
    .fill('Small appliances\t512\nLamps & lights\t287\nClothing\t199\nBicycles\t150\nToys\t100');
  await page.waitForSelector('.share-strip');
  await page.waitForSelector('.starters img, .starters canvas');
  await page.waitForTimeout(1500);
  await shot('shelf');

  await page.goto('/');
  await page.getByRole('button', { name: /Start from Two years/ }).click();
  await page.waitForSelector('.proof-word.is-exact');
  await goTo(148);
  await page.getByRole('tab', { name: 'Form' }).click();
  await page.getByRole('button', { name: 'Stem of Lamps & lights' }).click();
  await page.getByRole('button', { name: /^Changes/ }).click();
  await shot('desk-forms');
  await page.goto('/');
  await page.getByRole('button', { name: /Start from Mended by kind/ }).click();
  await page.waitForSelector('.proof-word.is-exact');
  await goTo(146);
  await page.getByRole('tab', { name: 'Motion' }).click();
  await page.locator('.change-head').click();
  await shot('desk-change');

  // Figures that come in again.
  await page.goto('/');
  await page.getByRole('button', { name: /Start from Things by kind, donut/ }).click();
  await page.waitForSelector('.proof-word.is-exact');
  await page.getByLabel('Choose a file with figures').setInputFiles({
    name: 'next year.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('What,Things\nSmall appliances,600\nLamps and lights,240\nClothing,260\nBooks,90\nToys,100'),
  });
  await page.getByRole('button', { name: /^New figures for/ }).click();
  await page.waitForSelector('.modal.show canvas');
  await page.waitForTimeout(1200);
  await shot('table-again');
  await page.keyboard.press('Escape');

  // A run in the middle of a change of ranks; a tilted ring.
  await page.goto('/');
  await page.getByRole('button', { name: /Start from Twelve years of mending/ }).click();
  await page.waitForSelector('.proof-word.is-exact');
  await page.getByRole('tab', { name: 'Motion' }).click();
  await page.locator('.run-stop').nth(5).click();
  await goTo(254);
  await page.locator('.run-rail').scrollIntoViewIfNeeded();
  await shot('desk-run');
  await page.goto('/');
  await page.getByRole('link', { name: 'Open The Mending Room' }).click();
  await page.waitForSelector('.proof-word.is-exact');
  await goTo(390);
  await page.keyboard.press('y');
  await page.waitForFunction(() => document.querySelectorAll('.kit-picture canvas').length === 8);
  await page.locator('.kit-card').nth(7).locator('label').hover();
  // It plays, until all parts are there.
  await page.waitForTimeout(13_500);
  await page.screenshot({ path: join(target, 'desk-kits.png') });
  console.log('desk-kits');
  await page.keyboard.press('Escape');

  await page.goto('/');
  await page
    .getByRole('textbox', { name: 'Figures' })
    .fill(
      'Last year, neighbours carried 1,248 broken things through our door. Four in ten were kettles and toasters. ' +
        '23 per cent were lamps, a sixth was clothing, and the rest was bikes and toys.',
    );
  await page.waitForSelector('.told');
  // Pictures come one after the other.
  await page.waitForTimeout(3000);
  await shot('shelf-told');
  await page.getByRole('textbox', { name: 'Figures' }).fill('');
  await open('The Mending Room');
  await goTo(296);
  await page.getByRole('button', { name: 'Stem of Clothing' }).click();
  await shot('desk');
  await page.keyboard.press('Escape');
  await page.keyboard.press('f');
  await page.keyboard.type('shadow');
  await page.waitForSelector('.find-entry');
  await shot('desk-find');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^(Show|Hide) lanes/ }).click();
  await goTo(420);
  await page.getByRole('tab', { name: 'Finish' }).click();
  await page.getByRole('button', { name: 'Stem of Bicycles' }).click();
  await page.getByRole('button', { name: /^Texture:/ }).click();
  await page.getByRole('button', { name: 'Felt', exact: true }).click();
  await page
    .locator('.coat-list')
    .getByRole('button', { name: /^Line:/ })
    .click();
  await page.getByRole('button', { name: 'Stitches', exact: true }).click();
  await page.getByRole('button', { name: /^Texture:/ }).click();
  await page.waitForTimeout(1500);
  await shot('desk-finish');
  for (let step = 0; step < 2; step++) await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('tab', { name: 'Motion' }).click();
  await page.getByRole('button', { name: /Line: Bikes/ }).click();
  await goTo(372);
  await page
    .getByRole('button', { name: 'Safe area' })
    .or(page.getByRole('button', { name: 'Show safe areas' }))
    .first()
    .click();
  await shot('desk-line');
  await page.getByRole('link', { name: /^.*Proof/ }).click();
  await page.waitForSelector('.outlines');
  await shot('proof');

  await page.goto('/');
  await page.getByRole('button', { name: /Start from Mended, month by month/ }).click();
  await page.waitForSelector('.proof-word.is-exact');
  await goTo(282);
  await page.getByRole('button', { name: 'Stem of Small appliances' }).click();
  await page.getByRole('button', { name: /^Emphasis/ }).click();
  await shot('desk-emphasis');
  await page.getByRole('tab', { name: 'Stage' }).click();
  await page.getByRole('button', { name: 'Show all shapes side by side' }).click();
  await page.keyboard.press('Escape');
  await page.locator('.on-stage-chart .list-pick').first().click();
  await goTo(230);
  await page.waitForSelector('.other-shape canvas');
  await page.waitForTimeout(1500);
  await shot('desk-shapes');

  // What there was: one named, the kit taken since, both beside each other.
  await open('The Mending Room');
  await goTo(384);
  await page.keyboard.press('e');
  await page.getByRole('button', { name: 'Name this version…' }).click();
  await page.keyboard.type('as sent to the client');
  await page.keyboard.press('Enter');
  await page.waitForSelector('.version-title.is-named');
  await page.keyboard.press('Escape');
  await page.keyboard.press('y');
  await page.getByRole('radio', { name: /^Cloth/ }).check({ force: true });
  await page.getByRole('button', { name: 'Take Cloth' }).click();
  await page.waitForSelector('.proof-word.is-exact');
  await page.keyboard.press('e');
  await page.waitForSelector('.version-row:not(.is-now) .is-named');
  await page.getByRole('radio', { name: /^as sent/ }).check({ force: true });
  await page.waitForSelector('.version-drawn canvas');
  await page.waitForTimeout(900);
  await page.screenshot({ path: join(target, 'desk-versions.png') });
  console.log('desk-versions');
  await page.keyboard.press('Escape');

  // A year at five places, as one film each in three shapes.
  await open('The Mending Room');
  await page.getByRole('link', { name: 'Hand off' }).click();
  const id = /pieces\/(\w+)/.exec(page.url())[1];
  for (const shape of ['upright', 'square']) await page.getByRole('button', { name: shape, exact: true }).click();
  await page.getByLabel('Files with tables').setInputFiles({
    name: 'a-year-in-five-places.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(PLACES),
  });
  await page.locator('.batch-row').nth(4).waitFor();
  await page.getByText('Measuring').first().waitFor({ state: 'hidden', timeout: 60_000 });
  await page.waitForFunction(() => document.querySelectorAll('.batch-picture canvas').length === 15);
  await page.evaluate(() => window.scrollTo(0, 0));
  await page.waitForTimeout(4000);
  await shot('hand-off');

  const made = await page.request.post(`/api/pieces/${id}/hand-offs`, { data: { kind: 'page', sound: false } });
  const { id: file } = await made.json();
  const isDone = async () => (await (await page.request.get(`/api/hand-offs/${file}`)).json()).status === 'done';
  while (!(await isDone())) await page.waitForTimeout(300);
  await page.goto(`/api/hand-offs/${file}/file?play=1`);
  await page.getByRole('group', { name: 'Playback' }).waitFor();
  await page.locator('#time').evaluate((slider) => {
    slider.value = '400';
    slider.dispatchEvent(new Event('input'));
  });
  await page.locator('#picture').focus();
  for (let step = 0; step < 3; step++) await page.keyboard.press('ArrowRight');
  await settle();
  await page.screenshot({ path: join(target, 'page.png') });
  console.log('page');

  await open('Mended or not');
  await goTo(200);
  await page.locator('.figure-grid [data-column="typed"]').first().click();
  await page.keyboard.type('73 & a bit');
  await page.keyboard.press('Enter');
  await page.waitForSelector('.problem-bar');
  await shot('desk-error');

  await page.evaluate(() => localStorage.setItem('lupine-light', 'dark'));
  await open('Weight kept from the tip');
  await page.getByRole('tab', { name: 'Words' }).click();
  await goTo(180);
  await page.getByRole('button', { name: 'Stem of Spring' }).click();
  await shot('desk-dark');
} finally {
  await browser.close();
  server.kill('SIGTERM');
  await new Promise((resolve) => {
    server.on('exit', resolve);
  });
  rmSync(data, { recursive: true, force: true });
}
