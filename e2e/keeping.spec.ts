import { spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { APIRequestContext, Page } from '@playwright/test';
import { evenlySpoken } from '../demo/plain/evenlySpoken';
import { saved, store, stored } from './desk';
import { expect, test } from './kept';

const SAVES = /\/api\/pieces\/\w+$/;

/** Saves do not get through, in one of the ways in which that happens. */
async function withoutSaves(page: Page, how: 'away' | 'answers lost' | 'answers empty'): Promise<void> {
  await page.route(SAVES, async (route) => {
    if (route.request().method() !== 'PUT') return route.fallback();
    if (how !== 'away') await route.fetch();
    return how === 'answers empty' ? route.fulfill({ status: 200, body: '' }) : route.abort();
  });
}

async function open(page: Page, id: string): Promise<void> {
  await page.goto(`/pieces/${id}`);
  await expect(page.locator('.stage canvas')).toHaveAttribute('data-reel', /\d/);
}

/** To the shelf and to another piece, as a hand does it. */
async function goOn(page: Page, title: string): Promise<void> {
  await page.getByRole('link', { name: 'Lupine: go to the shelf' }).click();
  await page.getByRole('link', { name: `Open ${title}` }).click();
  await expect(page.getByLabel('Title of the piece')).toHaveValue(title);
}

async function retitle(page: Page, title: string): Promise<void> {
  const field = page.getByLabel('Title of the piece');
  await field.fill(title);
  await field.press('Enter');
}

/** Two pieces; their titles are in them once, so that each test finds its own on the shelf. */
async function two(request: APIRequestContext, first = 'First of two', second = 'Second of two'): Promise<string[]> {
  return [
    await store(request, { ...evenlySpoken(), title: first }),
    await store(request, { ...evenlySpoken(), title: second }),
  ];
}

test('a recording that is read after another piece was opened is put into the piece that asked', async ({
  page,
  request,
}) => {
  const [first, second] = await two(request, 'Asks', 'Asks nothing');
  const file = join(mkdtempSync(join(tmpdir(), 'lupine-keeping-')), 'Narrator.wav');
  const noise = ['-f', 'lavfi', '-i', 'anoisesrc=a=0.2:r=16000', '-t', '40', file];
  expect(spawnSync('ffmpeg', ['-v', 'error', '-y', ...noise]).status).toBe(0);
  await open(page, first);
  await page.getByLabel('File of a recording').setInputFiles(file);
  await expect(page.locator('.voice-work')).toBeVisible();
  await goOn(page, 'Asks nothing');
  await expect(page.locator('.voice-work')).toContainText('“Asks”:');
  await expect(page.getByText('Done in “Asks”, which asked for it.')).toBeVisible({ timeout: 60_000 });
  await expect
    .poll(async () =>
      (await stored(request, first)).document.script.recordings?.map((one) => [one.name, !!one.heard[0]]),
    )
    .toEqual([['Narrator', true]]);
  expect((await stored(request, second)).document.script.recordings ?? []).toEqual([]);
});

test('what could not be saved when a piece was left is said on the shelf, and saved there', async ({
  page,
  request,
}) => {
  const [first, second] = await two(request, 'Left behind', 'Gone on to');
  await open(page, first);
  await withoutSaves(page, 'away');
  await retitle(page, 'Typed while away');
  await expect(page.getByRole('alert')).toContainText('Not saved: Cannot reach the Lupine server.');
  await page.getByRole('link', { name: 'Lupine: go to the shelf' }).click();
  await expect(page.getByRole('status', { name: 'Not saved' })).toContainText('“Typed while away” are not saved');
  await expect(page.locator('.card-piece', { hasText: 'Left behind' })).toContainText('Not saved');
  await page.getByRole('link', { name: 'Open Gone on to' }).click();
  await expect(page.getByLabel('Title of the piece')).toHaveValue('Gone on to');
  await page.unroute(SAVES);
  await expect
    .poll(async () => (await stored(request, first)).document.title, { timeout: 40_000 })
    .toBe('Typed while away');
  expect((await stored(request, second)).document.title).toBe('Gone on to');
});

for (const how of ['a reload', 'a closed tab'] as const)
  test(`${how} loses nothing of what could not be saved`, async ({ page, request, context }) => {
    const [first] = await two(request);
    await open(page, first);
    await withoutSaves(page, 'away');
    await retitle(page, 'Before the page went');
    await page.waitForTimeout(300);
    const next = how === 'a reload' ? page : await context.newPage();
    page.on('dialog', (dialog) => void dialog.accept());
    if (how === 'a reload') {
      await page.unroute(SAVES);
      await page.reload();
    } else {
      await page.close();
      await next.goto('/');
    }
    await expect.poll(async () => (await stored(request, first)).document.title).toBe('Before the page went');
    await open(next, first);
    await expect(next.getByLabel('Title of the piece')).toHaveValue('Before the page went');
    await saved(next);
  });

for (const how of ['answers lost', 'answers empty'] as const)
  test(`a save with its ${how} is no conflict with oneself`, async ({ page, request }) => {
    const [first] = await two(request);
    await open(page, first);
    await withoutSaves(page, how);
    await retitle(page, 'Kept by the server');
    await expect(page.locator('.saved')).toContainText('Not saved');
    await page.unroute(SAVES);
    await retitle(page, 'And then this');
    await saved(page);
    await expect(page.getByRole('dialog')).toHaveCount(0);
    expect(await stored(request, first)).toMatchObject({ version: 3, document: { title: 'And then this' } });
  });

test('something pasted that core refuses is refused in words, and one undo takes one step', async ({
  page,
  request,
}) => {
  const [first] = await two(request);
  await open(page, first);
  await retitle(page, 'One step');
  await saved(page);
  await page.locator('.stage').click({ position: { x: 5, y: 5 } });
  const paste = (text: string): Promise<void> =>
    page.evaluate((given) => {
      const clipboardData = new DataTransfer();
      clipboardData.setData('text/plain', given);
      document.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
    }, text);
  for (const text of [
    '{"lupine":"things","charts":[{"id":"c9"}],"words":[],"tables":[],"moves":[]}',
    '{"lupine":"things"}',
    '{"lupine":"finish","finish":{"gap":"wide"}}',
  ]) {
    await paste(text);
    await expect(page.getByRole('alert').filter({ hasText: 'This cannot be pasted.' }).last()).toBeVisible();
    await page.getByRole('button', { name: 'Close' }).last().click();
  }
  expect((await stored(request, first)).version).toBe(2);
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Title of the piece')).toHaveValue('First of two');
});
