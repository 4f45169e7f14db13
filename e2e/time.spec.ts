import { execFileSync } from 'node:child_process';
import { makePiece, openDemo, saved, stored } from './desk';
import { expect, test } from './kept';

const READING = new URL('../core/tests/outside/voice/flite-rms-1.0.ogg', import.meta.url).pathname;

test('all of a piece is fitted into another length, or its end is cut, which is said', async ({ page, request }) => {
  const id = await makePiece(page);
  const document = async () => (await stored(request, id)).document;
  const before = await document();
  await page.getByTitle('Stage size, frame rate and length').click();
  const dialog = page.getByRole('dialog', { name: 'Stage' });
  const length = dialog.getByLabel('Length', { exact: true });
  await length.fill('0:20');
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await document()).stage.frames).toBe(600);
  const factor = 600 / before.stage.frames;
  const { entrance } = (await document()).charts[0];
  expect(entrance!.frames).toBe(Math.round(before.charts[0].entrance!.frames * factor));
  await dialog.getByText('Cut or hold the end').click();
  await length.fill('3s');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Cut 510 frames from the end.')).toBeVisible();
  await expect.poll(async () => (await document()).stage.frames).toBe(90);
  expect((await document()).charts[0].entrance).toEqual(entrance);
});

test('a recording is made with the machine’s microphone', async ({ page, request }) => {
  const id = await makePiece(page);
  await page.locator('.recording-name').click();
  await page.getByText('Record with the microphone…').click();
  const dialog = page.getByRole('dialog', { name: 'Recording' });
  await dialog.getByRole('button', { name: 'Record', exact: true }).click();
  // The stand-in beeps once a second.
  await expect
    .poll(() => dialog.getByLabel('Level').evaluate((one: HTMLMeterElement) => one.value))
    .toBeGreaterThan(0.05);
  await expect(dialog.getByRole('timer')).toHaveText(/^2/, { timeout: 30_000 });
  await dialog.getByRole('button', { name: 'Stop' }).click();
  await expect(dialog.getByLabel('What was recorded')).toBeVisible();
  await dialog.getByRole('button', { name: 'Use it' }).click();
  await expect(page.locator('.recording-name')).toContainText('Microphone', { timeout: 60_000 });
  await saved(page);
  const [recording] = (await stored(request, id)).document.script.recordings!;
  expect(recording.length).toBeGreaterThan(1500);
  expect(recording.scratch).toBeNull();
});

test('time is taken out of a recording and comes into it, and all follows what is said', async ({ page, request }) => {
  test.setTimeout(180_000);
  const id = await openDemo(page, request, true);
  const document = async () => (await stored(request, id)).document;
  const before = await document();
  const at = async (frame: number) => {
    await page.getByLabel('Frame', { exact: true }).fill(String(frame));
    await page.keyboard.press('Enter');
  };
  // Into a pause between two lines.
  const pause = before.script.lines[1].begin - 4;
  await at(pause);
  await page.getByRole('button', { name: 'Insert or take out time at the playhead' }).click();
  await expect(page.getByText('Silence comes into the recording here.')).toBeVisible();
  await page.getByRole('button', { name: 'Insert 15 frames' }).click();
  await expect.poll(async () => (await document()).stage.frames, { timeout: 60_000 }).toBe(before.stage.frames + 15);
  const longer = await document();
  expect(longer.script.lines.map(({ begin }) => begin)).toEqual(
    before.script.lines.map(({ begin }, place) => begin + (place > 0 ? 15 : 0)),
  );
  // What is pinned keeps its pin, and what ends on a frame of its own ends later.
  expect(longer.moves.map(({ pin }) => pin)).toEqual(before.moves.map(({ pin }) => pin));
  const until = before.moves.find(({ emphasis }) => emphasis?.until)!;
  expect(longer.moves.find((one) => one.id === until.id)!.emphasis!.until).toBe(until.emphasis!.until! + 15);
  const [was, is] = [before, longer].map(({ script }) =>
    script.recordings!.find((one) => one.id === script.recording)!,
  );
  expect(is.sound).not.toBe(was.sound);
  expect(is.length - was.length).toBeCloseTo(500, 0);
  // One step of undo.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(document).toEqual(before);

  // A new take of the second line: found in its file, put in place of the one before.
  await page.locator('.line .line-text').nth(1).click();
  // flite says “Four” 5.8 and “Then” 10.1 seconds after it begins (core/tests/outside/voice).
  const take = test.info().outputPath('take.wav');
  execFileSync('ffmpeg', ['-v', 'error', '-ss', '5.5', '-t', '4.1', '-i', READING, take]);
  await page.getByLabel('File of a new take').setInputFiles(take);
  await expect
    .poll(async () => (await document()).script.recordings!.find((one) => one.id === was.id)!.sound, {
      timeout: 90_000,
    })
    .not.toBe(was.sound);
  await saved(page);
  const taken = await document();
  const words = taken.script
    .recordings!.find((one) => one.id === was.id)!
    .heard.find(({ line }) => line === taken.script.lines[1].id)!.words;
  expect(words.map(({ text }) => text)).toEqual(taken.script.lines[1].text.split(' '));
  // The first line is untouched, the third comes as much later as the take is longer.
  expect(taken.script.lines[0]).toEqual(before.script.lines[0]);
  const by = taken.script.lines[2].begin - before.script.lines[2].begin;
  expect(by).not.toBe(0);
  expect(Math.abs(taken.script.lines[3].begin - before.script.lines[3].begin - by)).toBeLessThanOrEqual(1);
  expect(Math.abs(by)).toBeLessThan(60);

  // Pauses are made shorter, as much as is said.
  await page.locator('.recording-name').click();
  await page.getByText('Offset, trim and level').click();
  const dialog = page.getByRole('dialog', { name: 'Recording' });
  await dialog.getByLabel('to', { exact: true }).fill('0.1');
  await page.keyboard.press('Enter');
  await dialog.getByLabel('Shorten pauses over').fill('0.2');
  await page.keyboard.press('Enter');
  const button = dialog.getByRole('button', { name: /^Shorten \d+ pauses?, / });
  const seconds = Number(/([\d.]+) s/.exec((await button.textContent()) ?? '')![1]);
  await button.click();
  const length = async () => (await document()).script.recordings!.find((one) => one.id === was.id)!.length / 1000;
  const long = taken.script.recordings!.find((one) => one.id === was.id)!.length / 1000;
  await expect.poll(async () => Math.abs(long - (await length()) - seconds), { timeout: 60_000 }).toBeLessThan(0.06);
});

test('a pin is set by typing a part of a word, or by clicking it in the script', async ({ page, request }) => {
  const id = await openDemo(page, request);
  const pinOf = async () => (await stored(request, id)).document.moves.find(({ id: one }) => one === 'm1')!.pin;
  const move = (await stored(request, id)).document.moves.find(({ id: one }) => one === 'm1')!;
  const { figure } = move.target as { figure: string };
  const [row] = (await stored(request, id)).document.tables[0].rows.filter((one) => one.id === figure);
  await page.getByRole('button', { name: `Stem of ${row.label}` }).click();
  const details = page.getByRole('complementary');
  const word = details.getByLabel('Word', { exact: true });
  await word.fill('kett');
  await page.keyboard.press('Enter');
  await expect(word).toHaveValue(/^kettles, /);
  await saved(page);
  const typed = await pinOf();
  const text = (line: string) => page.locator(`[data-word^="${line}:"]`);
  await expect(text(typed!.line).nth(typed!.word!)).toContainText('kettles');
  // What is nowhere in the script changes nothing, and says so.
  await word.fill('zebra');
  await page.keyboard.press('Enter');
  await expect(page.getByText('No word of the script is like “zebra”.')).toBeVisible();
  await expect(word).toHaveValue(/^kettles, /);
  await details.getByRole('button', { name: 'Click the word in the script' }).click();
  await page.locator('[data-word="line3:1"]').click();
  await expect.poll(pinOf).toMatchObject({ line: 'line3', word: 1, offset: typed!.offset });
  // The click took the word and selected no line; Escape lets go of the next.
  await expect(word).toBeVisible();
  await details.getByRole('button', { name: 'Click the word in the script' }).click();
  await expect(page.locator('.script')).toHaveClass(/is-picking/);
  await page.keyboard.press('Escape');
  await expect(page.locator('.script')).not.toHaveClass(/is-picking/);
  await expect(word).toBeVisible();
});
