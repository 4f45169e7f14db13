import type { Page } from '@playwright/test';
import { letGo, makePiece, openDemo, saved, store, stored } from './desk';
import { expect, test } from './kept';

const find = async (page: Page, typed: string): Promise<void> => {
  await letGo(page);
  await page.keyboard.press('f');
  await page.getByRole('combobox', { name: /^Find a setting/ }).fill(typed);
};

/** Where settings are, by what people call them, and what has the keyboard then. */
const SETTINGS: [typed: string, option: RegExp, focused: string][] = [
  ['inner radius', /^Hole donut, Form/, 'Hole'],
  ['first slice angle', /^Start angle donut/, 'Start angle'],
  ['legend line', /^Row spacing the legend/, 'Row spacing'],
  ['digits', /^Decimals readings/, 'Decimals'],
  ['stagger', /^Order entrance of the donut/, 'Order'],
  ['tracking title', /^Letter spacing title “New piece”/, 'Letter spacing'],
  ['fps', /^Stage size, frame rate/, ''],
  ['dark edges', /^Vignette the backdrop/, 'Vignette'],
];

test('a setting is found by what people call it, and has the keyboard', async ({ page }) => {
  await makePiece(page);
  for (const [typed, option, focused] of SETTINGS) {
    await find(page, typed);
    const dialog = page.getByRole('dialog', { name: 'Find' });
    await expect(dialog.getByRole('option').first(), typed).toHaveAccessibleName(option);
    await page.keyboard.press('Enter');
    await expect(dialog).toBeHidden();
    const field = focused === '' ? page.getByRole('dialog', { name: 'Stage' }) : page.locator(':focus');
    if (focused === '') await expect(field).toBeVisible();
    else await expect(field, typed).toHaveAccessibleName(new RegExp(focused));
    await page.keyboard.press('Escape');
  }
  // A coat that is not there yet: its samples, to take one by the keyboard.
  await find(page, 'drop shadow');
  await expect(page.getByRole('dialog', { name: 'Find' }).getByRole('option').first()).toHaveAccessibleName(
    /^Shadow all parts of the donut, Finish none/,
  );
  await page.keyboard.press('Enter');
  await expect(page.locator(':focus')).toHaveText('None');
  await expect(page.getByRole('group', { name: 'Shadow samples' })).toBeVisible();
});

test('acts are done, with their keys shown; figures, lines and kits are gone to', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await find(page, 'history');
  await expect(page.getByRole('dialog', { name: 'Find' }).getByRole('option', { name: 'Versions E' })).toHaveAttribute(
    'aria-selected',
    'true',
  );
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Versions' })).toBeVisible();

  await find(page, 'nobody wanted');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Versions' })).toBeHidden();
  await expect(page.locator('.details')).toContainText('Line');

  await find(page, 'bicycles');
  await expect(page.getByRole('dialog', { name: 'Find' }).getByRole('option').first()).toHaveAccessibleName(
    /^Bicycles figure of the donut/,
  );
  await page.keyboard.press('Enter');
  await expect(page.locator('.details strong')).toHaveText('Bicycles');

  // A kit is looked at by Enter, and taken by Shift Enter.
  await find(page, 'enamel');
  await page
    .getByRole('option', { name: /^Enamel/ })
    .first()
    .hover();
  await expect(page.getByRole('dialog', { name: 'Find' })).toContainText('Shift Enter takes it');
  await page.keyboard.press('Shift+Enter');
  await saved(page);
  await expect.poll(async () => (await stored(request, id)).document.kit?.name).toBe('Enamel');

  await find(page, 'quite another thing');
  await expect(page.getByRole('status').filter({ hasText: 'Nothing found' })).toBeVisible();
  await page.keyboard.press('Escape');
  // Acts whose control stands elsewhere are done there, and what is typed then goes where it should.
  await find(page, 'colour blind');
  await page.keyboard.press('Enter');
  await expect(page.locator('.apart')).toBeVisible();
  await page.keyboard.press('Escape');
  await find(page, 'milestone');
  await page.keyboard.press('Enter');
  await expect(page.locator(':focus')).toHaveAccessibleName('Name of this version');
  await page.keyboard.press('Escape');
  // From within a field, too.
  await page.getByLabel('Title of the piece').focus();
  await page.keyboard.press('Control+k');
  await expect(page.getByRole('dialog', { name: 'Find' })).toBeVisible();
});

test('folds stay open on every face and after a reload; the list of keys is searched', async ({ page }) => {
  await makePiece(page);
  await page.keyboard.press('2');
  await page.getByRole('button', { name: /^More donut settings/ }).click();
  await expect(page.getByLabel('Sweep', { exact: true })).toBeVisible();
  await page.keyboard.press('Escape');
  await page
    .getByRole('gridcell', { name: 'Clothing' })
    .or(page.getByRole('tab', { name: 'Figures' }))
    .first()
    .click();
  await page.getByRole('gridcell', { name: 'Clothing' }).first().click();
  await letGo(page);
  await page.keyboard.press('ArrowDown');
  const look = page.locator('.details').getByRole('button', { name: 'Look' });
  await look.click();
  await page.reload();
  await expect(page.locator('.stage canvas')).toHaveAttribute('data-reel', /\d/);
  await page.keyboard.press('2');
  await expect(page.getByLabel('Sweep', { exact: true })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await expect(look).toHaveAttribute('aria-expanded', 'true');

  await page.keyboard.press('?');
  await page.getByLabel('Find a key').fill('grid');
  await expect(page.locator('.keys dt')).toHaveText(['R']);
});

test('pieces, starters and pages are found from the shelf and from pages beside the desk', async ({
  page,
  request,
}) => {
  const { document } = await stored(request, await openDemo(page, request));
  const id = await store(request, { ...document, title: 'Umbrellas of every spring' });
  await page.goto('/hand-offs');
  await expect(page.getByRole('button', { name: 'Find' })).toBeVisible();
  await page.keyboard.press('f');
  const dialog = page.getByRole('dialog', { name: 'Find' });
  await dialog.getByRole('combobox').fill('umbrellas every');
  await expect(dialog.getByRole('option').first()).toContainText('Umbrellas of every spring');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(new RegExp(id));
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Find' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await dialog.getByRole('combobox').fill('renders');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/hand-offs/);
});

test('what one act can mend is mended by a press, and undone', async ({ page, request }) => {
  const { document } = await stored(request, await makePiece(page));
  const [title] = document.words;
  const note = {
    ...title,
    id: 'note1',
    text: 'A note',
    role: 'note' as const,
    placedBy: 'hand' as const,
    size: 9,
    guessed: false,
  };
  document.words = [
    { ...title, text: 'What came in' },
    { ...note, x: 100, y: 1050 },
  ];
  await page.goto(`/pieces/${await store(request, document)}`);
  await page.getByRole('button', { name: /^Proof: exact, 2 issues/ }).click();
  const list = page.locator('.issue-list');
  await expect(list.getByRole('button', { name: 'Edit the text' })).toBeVisible();
  await list.getByRole('button', { name: 'Keep it' }).click();
  await expect(list).toHaveAccessibleName('One issue');
  await expect(list).toContainText('“A note” is 9 pixels high');
  await list.getByRole('button', { name: 'Make them larger' }).click();
  await expect(page.getByRole('link', { name: 'Proof: exact, legible' })).toBeVisible();
  await page.getByText('Mended.').last().locator('..').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Proof: exact, 1 issue/ })).toBeVisible();
});

test('what is wrong stands in one place, by its weight, each with what shows and what mends it', async ({ page }) => {
  await makePiece(page, 'Kettles\t51\nLamps\t28\nClothing\t19\nBicycles\t5\nToys\t1');
  const bar = page.locator('.problem-bar');
  await expect(bar).toContainText('add up to 104');
  await page.getByRole('button', { name: /^Proof: exact, 2 issues/ }).click();
  const list = page.locator('.issue-list');
  await expect(list).toHaveAccessibleName('2 issues');
  await expect(bar).toBeHidden();
  await expect(list.getByRole('listitem').getByRole('img')).toHaveCount(2);
  await expect(list.getByRole('listitem').first()).toContainText('104');
  await list.getByRole('button', { name: 'Edit the text' }).click();
  await expect(page.locator('.details :focus')).toHaveValue('New piece');
  await page.keyboard.press('Control+a');
  await page.keyboard.type('What came in');
  await list.getByRole('button', { name: 'Scale to 100' }).click();
  await expect(list).toBeHidden();
  await expect(page.getByRole('link', { name: 'Proof: exact, legible' })).toBeVisible();
});
