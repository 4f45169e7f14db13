// Large tables: a figure among a thousand rows, to the repainted stage; a run of 20 parts over 60 years and 1,800
// frames, to its first picture and while it plays; a spreadsheet file of ten megabytes.
import { CHROMIUM } from '../e2e/browser.mjs';
import { execFileSync } from 'node:child_process';
import { mkdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import exceljs from 'exceljs';
import { changesOf, within } from './changes.mjs';
import { median, spread } from './measure.mjs';
import { serve } from './serve.mjs';
import { folderOf } from './folder.mjs';

const folder = folderOf(process.argv[2]);
const { url, end } = await serve(folder, 8797);

async function made(body) {
  const headers = { 'Content-Type': 'application/json', Accept: 'application/json' };
  const answer = await fetch(`${url}/api/pieces`, { method: 'POST', headers, body: JSON.stringify(body) });
  return answer.json();
}

/** Numbers that are the same in every run. */
function numbers(seed) {
  let state = seed;
  return () => {
    state = (state * 1103515245 + 12345) % 2147483648;
    return state / 2147483648;
  };
}

async function edits(page, rows) {
  const next = numbers(7);
  const text = Array.from({ length: rows }, (_, row) => `Row ${row}\t${10 + Math.floor(next() * 900)}`).join('\n');
  const { id } = await made({ text, form: 'bars' });
  await page.goto(`${url}/pieces/${id}`);
  await page.waitForSelector('.proof-word.is-exact');
  await page.locator('.figure-grid [data-column="typed"]').nth(1).click();
  return changesOf(page, (run) => 2000 + run * 3, 30);
}

async function run(page) {
  const next = numbers(3);
  const years = Array.from({ length: 60 }, (_, year) => 1960 + year);
  const rows = Array.from({ length: 20 }, (_, row) => {
    let value = 20 + next() * 80;
    return [`Kind ${row}`, ...years.map(() => Math.round((value *= 0.92 + next() * 0.2) + 3))].join('\t');
  });
  const piece = await made({ text: `What\t${years.join('\t')}\n${rows.join('\n')}`, form: 'bars' });
  const { document } = piece;
  document.stage.frames = 1800;
  Object.assign(document.charts[0], {
    run: { begin: 30, frames: 1740, between: 'straight', places: 14, pins: [] },
    pick: null,
  });
  const { id } = await made({ document });
  const firsts = [];
  for (let time = 0; time < 7; time++) {
    // Told apart from the one before, so that nothing of it is kept.
    document.title = `Run ${time}`;
    const began = performance.now();
    const headers = { 'Content-Type': 'application/json', 'Accept-Encoding': 'gzip' };
    const body = JSON.stringify({ document, frame: 900, inHurry: true });
    await (await fetch(`${url}/api/compute`, { method: 'POST', headers, body })).text();
    firsts.push(performance.now() - began);
  }
  await page.goto(`${url}/pieces/${id}`);
  await page.waitForSelector('.stage canvas[data-reel]');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Home');
  await page.waitForTimeout(4000);
  await page.keyboard.press(' ');
  const shown = [];
  for (let second = 0; second < 12; second++) {
    const frame = () => Number(document.querySelector('.frame-number').value);
    shown.push(await page.evaluate(frame));
    await page.waitForTimeout(1000);
  }
  await page.keyboard.press(' ');
  const steps = shown.slice(1).map((frame, place) => frame - shown[place]);
  await page.locator('.figure-grid [data-column="typed"]').nth(1).click();
  const edited = await changesOf(page, (run) => 300 + run * 3, 25);
  return { firsts: firsts.slice(1), least: Math.min(...steps), steps, edited };
}

/** Twelve months of 4,900 things, among other columns: nearly as many cells as are read. */
async function workbook(file) {
  const book = new exceljs.stream.xlsx.WorkbookWriter({ filename: file, useSharedStrings: false });
  const sheet = book.addWorksheet('Long');
  const months = Array.from({ length: 12 }, (_, month) => `2024-${String(month + 1).padStart(2, '0')}`);
  const others = Array.from({ length: 17 }, (_, column) => `Note ${column}`);
  sheet.addRow(['What', ...months, ...others]).commit();
  const next = numbers(5);
  const word = () => Math.floor(next() * 2 ** 31).toString(36) + Math.floor(next() * 2 ** 31).toString(36);
  for (let row = 0; row < 4900; row++) {
    const figures = months.map(() => Math.floor(next() * 1e6) / 100);
    sheet.addRow([`Thing ${row}`, ...figures, ...others.map(word)]).commit();
  }
  await book.commit();
  return statSync(file).size;
}

try {
  const browser = await chromium.launch({
    executablePath: CHROMIUM,
    args: ['--no-sandbox', '--disable-gpu'],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const few = await edits(page, 10);
  const many = await edits(page, 1000);
  console.log(
    `sheet      a figure among 1,000 rows to the repainted stage: median ${within(many, 0.5).toFixed(0)} ms,` +
      ` 95th percentile ${within(many, 0.95).toFixed(0)} ms; ${(median(many) / median(few)).toFixed(2)} times as long as among 10`,
  );
  const { firsts, least, steps, edited } = await run(page);
  console.log(
    `run        20 parts × 60 years × 1,800 frames: first picture in ${spread(firsts, 0)} ms; playing at 30 frames a` +
      ` second, ${(median(steps) / 30).toFixed(2)} of real time, at least ${(least / 30).toFixed(2)} in any second`,
  );
  console.log(
    `           25 figures of it typed one after the other: median ${within(edited, 0.5).toFixed(0)} ms to the stage,` +
      ` 95th percentile ${within(edited, 0.95).toFixed(0)} ms, the longest ${edited.at(-1).toFixed(0)} ms`,
  );
  await browser.close();
  mkdirSync(folder, { recursive: true });
  const file = join(folder, 'long.xlsx');
  const size = await workbook(file);
  console.log(execFileSync('php', ['bench/spreadsheet.php', file, String(size)], { encoding: 'utf8' }).trim());
  rmSync(file);
} finally {
  await end();
}
