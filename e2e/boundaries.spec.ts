import type { Page } from '@playwright/test';
import type { Piece } from '../contracts/piece';
import { goTo, letGo, makePiece, saved, stored } from './desk';
import { expect, test } from './kept';

const cellsOf = ({ tables }: Piece): string[] => tables[0].rows.map(({ cells }) => cells[0]);

async function pull(page: Page, name: RegExp, across: number, down: number, key?: 'Shift'): Promise<void> {
  const box = (await page.getByRole('button', { name }).boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + across / 2, y + down / 2);
  if (key) await page.keyboard.down(key);
  await page.mouse.move(x + across, y + down, { steps: 4 });
  await page.mouse.up();
  if (key) await page.keyboard.up(key);
}

test('the boundary of two parts is dragged, typed and moved by keys; their sum stays', async ({ page, request }) => {
  const id = await makePiece(page);
  await goTo(page, 230);
  await page.getByRole('button', { name: 'Stem of Lamps & lights' }).click();
  // From the lower left, up along the ring: lamps grow, clothing gives.
  await pull(page, /^Between Lamps & lights and Clothing/, -6, -12);
  await saved(page);
  const dragged = cellsOf((await stored(request, id)).document).map(Number);
  expect(dragged[1]).toBeGreaterThan(292);
  expect(dragged[1] + dragged[2]).toBe(287 + 199);
  expect([dragged[0], dragged[3], dragged[4]]).toEqual([512, 150, 100]);
  await expect(page.getByRole('button', { name: /^Between Lamps & lights and Clothing/ })).toHaveAccessibleName(
    new RegExp(`Lamps & lights ${dragged[1]} \\(.* %\\), Clothing ${dragged[2]} `),
  );
  // One step of undo, however far the hand went.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => cellsOf((await stored(request, id)).document)[1]).toBe('287');
  // It stands where it was, to be taken again.
  await expect(page.getByRole('button', { name: /^Between Lamps & lights and Clothing/ })).toHaveAccessibleName(
    /Lamps & lights 287 /,
  );

  // With Shift it comes from all others, and their sum stays; one step as well.
  await pull(page, /^Between Lamps & lights and Clothing/, -6, -12, 'Shift');
  await expect.poll(async () => cellsOf((await stored(request, id)).document)[0]).not.toBe('512');
  const given = cellsOf((await stored(request, id)).document).map(Number);
  expect(given[1]).toBeGreaterThan(292);
  expect(given[0] + given[1] + given[2] + given[3] + given[4]).toBe(1248);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => cellsOf((await stored(request, id)).document).join()).toBe('512,287,199,150,100');

  // Typed where it ends, sums and all; with Shift all others give.
  const end = page.getByRole('button', { name: /^Between Lamps & lights and Clothing/ });
  await end.focus();
  await page.keyboard.press('Enter');
  await page.getByLabel('Value of Lamps & lights').fill('287+13');
  await page.keyboard.press('Enter');
  await expect
    .poll(async () => cellsOf((await stored(request, id)).document))
    .toEqual(['512', '300', '186', '150', '100']);
  await end.focus();
  await page.keyboard.press('ArrowUp');
  await expect.poll(async () => cellsOf((await stored(request, id)).document)[1]).toBe('301');
  // A screen reader hears what it has become, and where the playhead goes.
  const aloud = page.getByRole('status', { name: 'Now' });
  await expect(aloud).toContainText('Between Lamps & lights and Clothing, Lamps & lights 301');
  await end.focus();
  await page.keyboard.press('Enter');
  await page.getByLabel('Value of Lamps & lights').fill('624');
  await page.keyboard.press('Shift+Enter');
  await saved(page);
  await expect.poll(async () => cellsOf((await stored(request, id)).document)[1]).toBe('624');
  const shared = cellsOf((await stored(request, id)).document).map(Number);
  let all = 0;
  for (const one of shared) all += one;
  expect(all).toBe(1248);
  expect(shared[0]).toBeLessThan(512);
});

test('a bar is dragged by its end, and no other gives', async ({ page, request }) => {
  const id = await makePiece(page);
  await page.keyboard.press('2');
  await page.getByRole('radio', { name: /^bars/i }).check({ force: true });
  await saved(page);
  await goTo(page, 230);
  await letGo(page);
  await page.getByRole('button', { name: 'Stem of Bicycles' }).click();
  await page.keyboard.press('1');
  await pull(page, /^End of Bicycles/, 60, 0);
  await saved(page);
  const [first, second, third, bicycles, last] = cellsOf((await stored(request, id)).document).map(Number);
  expect([first, second, third, last]).toEqual([512, 287, 199, 100]);
  expect(bicycles).toBeGreaterThan(170);
  expect(bicycles).toBeLessThan(320);
});
