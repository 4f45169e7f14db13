import { cell, expectCell, type } from './cells';
import type { StoredPiece } from '../web/api/answers';
import { beginOn, letGo, saved, store, stored } from './desk';
import { expect, test } from './kept';

const YEARS = 'What\t2020\t2021\t2022\t2023\nKettles\t33\t57\t38\t66\nLamps\t56\t34\t48\t68\nCoats\t20\t43\t82\t104';

test('a chart runs through its years, and a moment is tied to a frame and to a word', async ({ page, request }) => {
  const made = await request.post('/api/pieces', { data: { text: YEARS, form: 'bars' } });
  const { document: piece } = (await made.json()) as StoredPiece;
  piece.script.lines.push({ id: 'line1', text: 'Then came the great year of coats.', begin: 100, end: 200 });
  const id = await store(request, piece);
  await page.goto(`/pieces/${id}`);
  await page.getByRole('tab', { name: 'Motion' }).click();
  await page.getByLabel('Run through columns').check();
  const rail = page.getByRole('group', { name: 'Moments of the run' });
  await expect(rail.getByRole('button')).toHaveCount(4);
  await page.getByRole('button', { name: 'Add moment text' }).click();
  await expect(page.getByText('What stands in brackets follows what the chart shows')).toBeVisible();

  // A moment is dragged along, and stands there; those between are spread evenly.
  const stop = rail.getByRole('button', { name: /^2022,/ });
  await stop.scrollIntoViewIfNeeded();
  const from = (await stop.boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + 12);
  await page.mouse.down();
  await page.mouse.move(from.x + from.width / 2 + 40, from.y + 12, { steps: 4 });
  await page.mouse.up();
  await expect(stop).toHaveClass(/is-pinned/);
  await saved(page);
  let { document } = await stored(request, id);
  const { run } = document.charts[0];
  expect(run?.pins).toHaveLength(1);
  expect(run?.pins[0]).toMatchObject({ column: 'c3', pin: null });
  // By the keyboard it goes on by a frame, or by ten.
  await stop.focus();
  await page.keyboard.press('ArrowRight');
  await saved(page);
  const moved = (await stored(request, id)).document.charts[0].run?.pins[0].frame;
  expect(moved).toBe((run?.pins[0].frame ?? 0) + 1);
  expect(document.words.some(({ momentOf }) => momentOf === 'chart1')).toBe(true);

  // It goes to a word, and its offset can be typed; then it is given back to the others.
  await stop.click();
  await beginOn(page.locator('.run-moment'), 'coats');
  await saved(page);
  expect((await stored(request, id)).document.charts[0].run?.pins[0].pin).toMatchObject({ line: 'line1', word: 6 });
  await page.locator('#run-pin').selectOption('Spread evenly');
  await expect(stop).not.toHaveClass(/is-pinned/);
  // The sheet says which moment it is.
  await rail.getByRole('button', { name: /^2023,/ }).click();
  await page.getByRole('tab', { name: 'Figures' }).click();
  await expect(page.locator('.column-head.is-shown input')).toHaveValue('2023');
  await expect(page.locator('.proof-word')).toContainText('exact');
  await saved(page);
  ({ document } = await stored(request, id));
  expect(document.charts[0].run?.pins).toEqual([]);
});

test('five thousand rows: the largest and the others as one, the first of the alphabet, all the same figures', async ({
  page,
  request,
}) => {
  const rows = Array.from({ length: 5000 }, (_, row) => `Thing ${String(5000 - row).padStart(4, '0')}\t${row + 1}`);
  const made = await request.post('/api/pieces', { data: { text: `What\tThings\n${rows.join('\n')}`, form: 'donut' } });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`/pieces/${id}`);
  await expect(page.getByText('largest 5 of 5,000')).toBeVisible();
  const list = page.locator('.on-stage');
  await expect(list).toContainText('Thing 0001');
  await expect(list).toContainText('Others');
  await page.getByTitle('Choose which rows the chart shows').click();
  await page.getByLabel('Shows', { exact: true }).selectOption('The first, A to Z');
  await page.getByLabel('Name', { exact: true }).fill('All else');
  await page.getByLabel('Name', { exact: true }).blur();
  await expect(list).toContainText('All else');
  await page.getByLabel('Shows', { exact: true }).selectOption('The largest');
  await page.keyboard.press('Escape');
  // Another figure that is larger takes its place; the choice stays.
  await page.locator('.dsg-container').evaluate((grid) => grid.scrollTo(0, 0));
  await type(page, 1, 'typed', '90000');
  await letGo(page);
  await expect(list).toContainText('Thing 5000');
  await saved(page);
  const { document } = await stored(request, id);
  expect(document.charts[0].pick).toMatchObject({ by: 'largest', count: 5, label: 'All else' });
  expect(document.tables[0].rows).toHaveLength(5000);
});

test('formulas ask for other cells, also when rows move', async ({ page, request }) => {
  const made = await request.post('/api/pieces', {
    data: { text: 'What\tMended\nKettles\t34\nLamps\t20\nAll else\t0', form: 'bars' },
  });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`/pieces/${id}`);
  await type(page, 3, 'typed', '=SUM([.B2:.B3])/4');
  await expectCell(page, 3, 'typed', '=13.5');
  // The first row is moved below the second: the formula goes on to ask for both.
  await cell(page, 1, 'label').click();
  await page.keyboard.press('Alt+ArrowDown');
  await expectCell(page, 1, 'label', 'Lamps');
  await saved(page);
  const { document } = await stored(request, id);
  expect(document.tables[0].rows[2].cells).toEqual(['=SUM([.B3:.B2])/4']);
  await expectCell(page, 3, 'typed', '=13.5');
  await type(page, 3, 'typed', '=[.B4]');
  await expect(page.getByText('The formula in B4 refers to itself')).toBeVisible();
});

test('proof says what tilting does, and turns it to where that is least', async ({ page, request }) => {
  const made = await request.post('/api/pieces', {
    data: { text: 'What\tThings\nKettles\t50\nLamps\t30\nCoats\t20', form: 'tilted' },
  });
  const { id } = (await made.json()) as { id: string };
  await page.goto(`/pieces/${id}/proof`);
  await expect(page.getByRole('heading', { name: 'Distortion from tilting' })).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('The picture matches the figures.');
  const turn = page.getByRole('button', { name: /^Turn it to/ });
  const degrees = Number(/\d+/.exec((await turn.textContent()) ?? '')?.[0]);
  await turn.click();
  await expect(page.getByText('This turn already gives the least distortion.')).toBeVisible();
  const { document } = await stored(request, id);
  expect(document.charts[0].form.startDegrees).toBe(degrees);
});
