// A piece of five minutes, 9,000 frames, with 30 figures that come and change all the way: how soon its first picture
// is there, how it plays, and what an edit costs against a piece of ten seconds with the same figures.
import { CHROMIUM } from '../e2e/browser.mjs';
import { rmSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { within } from './changes.mjs';
import { spread } from './measure.mjs';
import { retimes } from './retimes.mjs';
import { serve } from './serve.mjs';
import { folderOf } from './folder.mjs';

const folder = folderOf(process.argv[2]);
const FIGURES = 30;

/** Parts that come one after another, a line for each, and changes of theirs all the way. */
function piece(frames) {
  const rows = Array.from({ length: FIGURES }, (_, row) => ({
    id: `r${row}`,
    label: `Kind ${row + 1}`,
    cells: [String(20 + ((row * 37) % 90)), String(15 + ((row * 53) % 110))],
  }));
  const step = Math.floor(frames / (FIGURES * 2 + 2));
  const move = (id, kind, target, begin, more = {}) => ({
    id,
    kind,
    target,
    begin,
    pin: null,
    frames: Math.min(30, step),
    curve: 'ease-in-out',
    opens: 'forward',
    ...more,
  });
  const text = 'What was brought in is told here, kind after kind, as it came through the door.';
  return {
    lupine: 3,
    title: `Long ${frames}`,
    stage: { width: 1920, height: 1080, rate: [30, 1], dropFrame: false, frames },
    tables: [
      {
        id: 't1',
        name: 'Kinds',
        columns: [
          { id: 'c1', name: 'Last year' },
          { id: 'c2', name: 'This year' },
        ],
        rows,
        timeColumn: null,
        whole: null,
      },
    ],
    charts: [
      {
        id: 'chart1',
        table: 't1',
        column: 'c1',
        form: { kind: 'donut', radius: 420, hole: 0.6, gap: 3 },
        place: { x: 960, y: 500 },
        finish: { colours: 'tints', swatches: ['#59ba8a'], fills: [{ kind: 'shaded' }] },
        words: {
          reading: { of: 'share', decimals: 1, prefix: '', suffix: '%', group: ',', point: '.' },
          labels: { show: 'none', text: 'reading', font: 'figtree-bold', size: 40, colour: '#ffffff' },
          legend: null,
          centre: { caption: 'things', prefix: '', suffix: '', font: 'bricolage-bold', size: 122, colour: '#ffffff' },
        },
        entrance: null,
        exit: null,
        own: {},
      },
    ],
    words: [],
    captions: { y: 1020, width: 1500, font: 'figtree-regular', size: 44, colour: '#eef4f0' },
    backdrop: { kind: 'radial', colour: '#2b5c51', edge: '#122823', vignette: 0.3 },
    script: {
      lines: Array.from({ length: FIGURES }, (_, line) => ({
        id: `l${line}`,
        text,
        begin: line * 2 * step,
        end: (line * 2 + 2) * step - 1,
      })),
    },
    moves: rows.flatMap(({ id }, row) => [
      move(`m${row}`, 'entrance', { chart: 'chart1', figure: id }, row * step),
      move(`v${row}`, 'change', { chart: 'chart1', figure: id }, (FIGURES + row) * step, {
        property: 'value',
        from: null,
        to: rows[row].cells[1],
      }),
    ]),
  };
}

const { url, end } = await serve(folder, 8795);
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] });

async function open(frames) {
  const answer = await fetch(`${url}/api/pieces`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', Accept: 'application/json' },
    body: JSON.stringify({ document: piece(frames) }),
  });
  const { id, message } = await answer.json();
  if (!id) throw new Error(message);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const began = performance.now();
  await page.goto(`${url}/pieces/${id}`);
  await page.waitForSelector('.stage canvas[data-reel]');
  return { page, first: performance.now() - began };
}

try {
  const firsts = { short: [], long: [] };
  for (let turn = 0; turn < 3; turn++) {
    for (const [name, frames] of [
      ['short', 300],
      ['long', 9000],
    ]) {
      const { page, first } = await open(frames);
      firsts[name].push(first);
      await page.close();
    }
  }
  console.log(
    `long       opened, first picture after ${spread(firsts.long, 0)} ms; of 10 s ${spread(firsts.short, 0)} ms`,
  );

  const { page } = await open(9000);
  await page.waitForTimeout(3000);
  await page.keyboard.press('Home');
  await page.waitForTimeout(1500);
  const played = await page.evaluate(async () => {
    const field = document.querySelector('.frame-number');
    const room = document.querySelector('.stage');
    document.querySelector('.transport .play').click();
    const began = performance.now();
    let [shown, last, waited] = [0, -1, 0];
    while (performance.now() - began < 30_000) {
      await new Promise((resolve) => requestAnimationFrame(resolve));
      const frame = Number(field.value);
      if (frame !== last) shown++;
      last = frame;
      if (room.textContent.includes('Drawing this part')) waited++;
    }
    document.querySelector('.transport .play').click();
    return { shown, last, waited };
  });
  const { last, shown, waited } = played;
  console.log(
    `           30 s played: frame ${last} reached of 900, ${shown} shown, ${waited} screens without a picture`,
  );
  const times = await retimes(page, 'Kind 3: entrance', 600);
  await page.close();
  const { page: small } = await open(300);
  await small.waitForTimeout(2000);
  const shorts = await retimes(small, 'Kind 3: entrance', 14);
  const at = (all, part) => within(all, part).toFixed(0);
  console.log(
    `           a move nudged: median ${at(times, 0.5)} ms, 95th percentile ${at(times, 0.95)} ms; ` +
      `in the short piece ${at(shorts, 0.5)} ms, ratio ${(within(times, 0.5) / within(shorts, 0.5)).toFixed(2)}`,
  );
} finally {
  await browser.close();
  await end();
  rmSync(folder, { recursive: true, force: true });
}
