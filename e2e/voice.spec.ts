import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { FIGURES, goTo, letGo, makePiece, openDemo, saved, stored } from './desk';
import { expect, test } from './kept';

// A reading of flite's, another synthesiser's, whose word times are known: see core/tests/Voice/AlignmentTest.php.
const VOICES = new URL('../core/tests/outside/voice/', import.meta.url);
const READING = new URL('flite-rms-1.0.ogg', VOICES).pathname;

const frame = (page: Page): Promise<number> => page.locator('.frame-number').inputValue().then(Number);

async function paste(page: Page, text: string): Promise<void> {
  await page.locator('.recording-name').click();
  await page.getByRole('button', { name: 'Paste or open a script…' }).click();
  await page.getByRole('textbox', { name: 'Narration text' }).fill(text);
  await page.getByRole('button', { name: 'Use these lines' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

test('a script is read by a scratch voice, and the stage follows the sound', async ({ page, request }) => {
  const id = await makePiece(page, FIGURES);
  await paste(page, 'Four in ten were appliances. Then lamps, and coats.');
  await expect(page.locator('.line')).toHaveCount(2);
  await page.getByRole('button', { name: 'Scratch voice' }).click();
  await page.getByLabel('Words per minute').fill('190');
  await page.getByLabel('Words per minute').press('Enter');
  await page.getByRole('button', { name: 'Read the lines' }).click();
  await expect(page.locator('.recording-found')).toContainText('9 words found', { timeout: 20_000 });
  await saved(page);
  const { document } = await stored(request, id);
  const recording = document.script.recordings![0];
  expect(recording.scratch).toEqual({ speaker: 'british-low', pace: 190 });
  // A line begins on the frame in which its first word is heard.
  const [line] = document.script.lines;
  expect(line.begin).toBe(Math.floor((recording.heard[0].words[0].at * 30) / 1000 + 0.005));

  await letGo(page);
  await page.keyboard.press('Home');
  const seen = await page.evaluate(async () => {
    const heard: [number, number][] = [];
    const play = window.HTMLMediaElement.prototype.play;
    const played: HTMLMediaElement[] = [];
    window.HTMLMediaElement.prototype.play = function (this: HTMLMediaElement) {
      played.push(this);
      return play.call(this);
    };
    window.dispatchEvent(new KeyboardEvent('keydown', { key: ' ' }));
    const until = performance.now() + 3000;
    while (performance.now() < until) {
      await new Promise(requestAnimationFrame);
      const [at] = played;
      const field = window.document.querySelector<HTMLInputElement>('.frame-number');
      if (at && !at.paused && at.currentTime > 0.3) heard.push([at.currentTime * 30, Number(field?.value)]);
    }
    return heard;
  });
  expect(seen.length).toBeGreaterThan(20);
  // The frame that is shown is the one that is heard; what is heard goes on while a frame is drawn.
  const apart = seen.map(([sound, picture]) => sound - picture).sort((a, b) => a - b);
  expect(apart[Math.floor(apart.length / 2)]).toBeLessThan(4);
  expect(apart[0]).toBeGreaterThan(-1);
  await page.keyboard.press('k');
});

test('a recording brings its words, and what is pinned follows', async ({ page, request }) => {
  test.setTimeout(240_000);
  const id = await openDemo(page, request, true);
  await paste(page, readFileSync(new URL('text.txt', VOICES), 'utf8'));
  await saved(page);
  const before = (await stored(request, id)).document;
  expect(before.moves.filter(({ pin }) => pin)).toHaveLength(8);
  await page.getByLabel('File of a recording').setInputFiles(READING);
  await expect(page.locator('.recording-name')).toContainText('flite-rms-1.0', { timeout: 60_000 });
  await expect(page.locator('.recording-found')).toContainText('113 words found');
  await expect(page.locator('.voice-lane canvas')).toBeVisible();
  await saved(page);
  const { document } = await stored(request, id);
  expect(document.moves).toEqual(before.moves);
  // “Four” is said after 5.8 seconds of it, as flite says itself.
  await expect.poll(async () => (await page.locator('[data-word="line2:0"]').textContent()) ?? '').toContain('Four');
  const four = document.script.recordings!.at(-1)!.heard[1].words[0];
  expect(Math.abs(four.at - 5799.9)).toBeLessThan(100);

  // The recording, its words and where its lines lie are one step.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => (await stored(request, id)).document.script).toEqual(before.script);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect.poll(async () => (await stored(request, id)).document.script).toEqual(document.script);

  // A word is moved by a frame, keeps that, and is given back.
  await page.locator('.line .line-text').nth(1).click();
  const word = page.locator('.word-time [data-word="line2:0"]');
  await word.focus();
  await page.keyboard.press('ArrowDown');
  await saved(page);
  const moved = (await stored(request, id)).document.script.recordings!.at(-1)!.heard[1].words[0];
  expect(moved).toMatchObject({ hand: true, found: four.at });
  await word.focus();
  await page.keyboard.press('Delete');
  await saved(page);
  expect((await stored(request, id)).document.script.recordings!.at(-1)!.heard[1].words[0]).toEqual(four);

  // The scratch voice is still there, and everything that it says moves back with it.
  await page.locator('.recording-name').click();
  await page.getByRole('button', { name: /^Scratch voice/ }).click();
  await saved(page);
  await expect.poll(async () => (await stored(request, id)).document.script.lines[1]).toEqual(before.script.lines[1]);
});

test('a recording that departs from its script: what is not said goes out, what is not written comes in', async ({
  page,
  request,
}) => {
  test.setTimeout(240_000);
  const id = await makePiece(page, FIGURES);
  const text = readFileSync(new URL('text.txt', VOICES), 'utf8');
  const bikes = 'Bikes and toys made up the rest.';
  const nobody = 'There were more of them than anybody had expected in the spring.';
  await paste(page, text.replace(` ${bikes}`, '').replace('Most of what', `${nobody} Most of what`));
  await page.getByLabel('File of a recording').setInputFiles(READING);
  await page.getByRole('button', { name: '2 not as written' }).click({ timeout: 60_000 });
  const list = page.getByLabel('Not as written');
  await expect(list.getByRole('listitem')).toHaveCount(2);
  await list
    .getByRole('listitem')
    .filter({ hasText: 'The recording does not say “There were more of them' })
    .getByRole('button', { name: 'take it out of the script' })
    .click();
  await expect(page.locator('.line')).toHaveCount(9);
  await list
    .getByRole('listitem')
    .filter({ hasText: 'wanted to throw away” the recording says something that is not written' })
    .getByRole('button', { name: 'take it into the script' })
    .click();
  await page.getByLabel('Narration line').fill(bikes);
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Find words again' }).click();
  await expect(page.locator('.recording-found')).toContainText('113 words found', { timeout: 60_000 });
  await expect(page.getByRole('button', { name: 'not as written' })).toHaveCount(0);
  await saved(page);
  const { document } = await stored(request, id);
  const times = JSON.parse(readFileSync(new URL('flite-rms-1.0.json', VOICES), 'utf8')) as number[];
  const heard = document.script.recordings![0].heard.flatMap(({ words }) => words.map(({ at }) => at));
  expect(Math.max(...heard.map((at, word) => Math.abs(at - times[word])))).toBeLessThan(200);
});

test('words are tapped while they are heard', async ({ page, request }) => {
  const id = await openDemo(page, request, true);
  await goTo(page, 350);
  await page.locator('.line .line-text').nth(3).click();
  await page.getByRole('button', { name: 'Tap words' }).click();
  await expect(page.locator('.recording-bar')).toContainText('when you hear “Bikes”');
  await expect.poll(() => frame(page)).toBeGreaterThan(345);
  await page.keyboard.press('t');
  await expect(page.locator('.recording-bar')).toContainText('when you hear “and”');
  await page.keyboard.press('k');
  await expect(page.locator('.recording-bar')).not.toContainText('Press');
  await saved(page);
  const { document } = await stored(request, id);
  expect(document.script.recordings![0].heard[3].words[0]).toMatchObject({ text: 'Bikes', hand: true });
});

test('a script with other words keeps its pins or offers their kin', async ({ page, request }) => {
  const id = await openDemo(page, request, true);
  await page.locator('.recording-name').click();
  await page.getByRole('button', { name: 'Paste or open a script…' }).click();
  const text = page.getByRole('textbox', { name: 'Narration text' });
  await text.fill((await text.inputValue()).replace('Then lamps', 'After those, lights'));
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('“lamps,” is no longer in the script');
  await expect(dialog.getByRole('combobox')).toHaveValue('0');
  await dialog.getByRole('button', { name: 'Use these lines' }).click();
  await saved(page);
  const { document } = await stored(request, id);
  const pins = document.moves.flatMap(({ pin }) => (pin ? [[pin.line, pin.word]] : []));
  expect(pins).toContainEqual(['line3', 2]);
  expect(pins, '“coats” stands a word later').toContainEqual(['line3', 5]);
  await page.locator('.recording-name').click();
  await page.getByRole('button', { name: 'Paste or open a script…' }).click();
  await text.fill('WEBVTT\n\n00:01.000 --> 00:04.000\nFour <00:02.000>in ten\n');
  await expect(dialog).toContainText('1 line from WebVTT, with word times');
  await page.keyboard.press('Escape');
});

test('playing goes on where the recording ends, and to the end of the piece', async ({ page, request }) => {
  await openDemo(page, request, true);
  await goTo(page, 520);
  await page.keyboard.press('Space');
  await expect.poll(() => frame(page), { timeout: 15_000 }).toBe(569);
  await expect(page.getByRole('button', { name: 'Play', exact: true })).toBeVisible();
});

test('a script pasted on the shelf tells its chart, and figures that are said are tied to their words', async ({
  page,
  request,
}) => {
  await page.goto('/');
  await page
    .getByRole('textbox', { name: 'Figures' })
    .fill('We mended 1,248 broken things. Four in ten were kettles, 23 per cent lamps, and the rest was clothing.');
  const told = page.getByRole('group', { name: 'Figures found in the script' });
  await expect(told).toContainText('Found 3 figures in 2 lines');
  await expect(told.getByLabel('Title')).toHaveValue('1,248 broken things');
  await told.getByLabel('Name of “the rest”').fill('Coats and other clothing');
  await page.getByRole('button', { name: 'Create piece' }).click();
  await expect(page.locator('.proof-word')).toContainText('exact');
  const id = page.url().split('/').pop()!;
  const { document } = await stored(request, id);
  expect(document.tables[0].rows.map(({ label, cells }) => [label, cells[0]])).toEqual([
    ['Kettles', '40 %'],
    ['Lamps', '23 %'],
    ['Coats and other clothing', 'rest'],
  ]);
  expect(document.moves.map(({ pin }) => [pin?.line, pin?.word])).toEqual([
    ['line2', 0],
    ['line2', 5],
    ['line2', 10],
  ]);
  await expect(page.getByRole('button', { name: /^Pin \d/ })).toHaveCount(0);

  // A part that is let go is offered again, and what is said of another figure is told.
  await page.locator('.lane-chip').nth(1).click();
  await page.getByRole('button', { name: 'Reset to chart' }).click();
  await page.getByRole('button', { name: 'Pin 1 figure' }).click();
  await saved(page);
  expect((await stored(request, id)).document.moves.map(({ pin }) => pin?.word).sort()).toEqual([0, 10, 5]);
  await page.locator('.line .line-text').nth(1).dblclick();
  await page
    .getByLabel('Narration line')
    .fill('Four in ten were kettles, 33 per cent lamps, and the rest was clothing.');
  await page.keyboard.press('Escape');
  await page.locator('.line-bar').nth(1).click();
  await expect(page.locator('.said-list')).toContainText('table has 23 % for Lamps');
  await expect(page.locator('.proof-word')).toContainText('issue');
});

test('a part pops up with a settle of its own, which is kept with the piece', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await page.locator('.lane-chip').nth(2).click();
  const details = page.getByRole('complementary');
  await details.getByLabel('Manner', { exact: true }).selectOption('Pop');
  await details.getByLabel('Easing', { exact: true }).selectOption('settle');
  await details.getByLabel('Overshoot').fill('12%');
  await details.getByLabel('Overshoot').press('Enter');
  await details.getByRole('button', { name: 'Save curve with the piece' }).click();
  await details.getByLabel('Name of the curve').fill('lively');
  await page.keyboard.press('Enter');
  await details.getByLabel('Starts').selectOption('With another move');
  await details.getByLabel('Move', { exact: true }).selectOption({ label: 'After: Lamps & lights, entrance' });
  await details.getByRole('button', { name: 'Apply to all parts' }).click();
  await saved(page);
  const { document } = await stored(request, id);
  const settle = { settle: { past: 0.12, back: 9 } };
  expect(document.curves).toEqual([{ name: 'lively', curve: settle }]);
  const parts = document.moves.filter(({ target }) => 'figure' in target);
  expect(parts.every(({ curve, manner }) => manner === 'pop' && JSON.stringify(curve) === JSON.stringify(settle))).toBe(
    true,
  );
  const lamps = parts.find(({ target }) => 'figure' in target && target.figure === 'r2');
  expect(parts.find(({ target }) => 'figure' in target && target.figure === 'r3')?.follow?.move).toBe(lamps?.id);
  await expect(page.locator('.proof-word')).toContainText('exact');
});
