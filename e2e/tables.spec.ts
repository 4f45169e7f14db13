import { cell, expectCell, labels } from './cells';
import { makePiece, saved, stored } from './desk';
import { expect, test } from './kept';

const BOOK = 'tests/Fixtures/tables/exceljs.xlsx';

test('a spreadsheet becomes a piece, read as it is decided', async ({ page, request }) => {
  await page.goto('/');
  await page.getByLabel('A table or a piece').setInputFiles(BOOK);
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('4 figures, named by “Kind”');
  await expect(dialog).toContainText('“Total”, row 9: adds up the rows above.');
  // What was hidden can be taken, another column too; no row has to be the heading.
  await dialog.getByLabel('Include hidden rows and columns').check();
  await expect(dialog).toContainText('5 figures');
  await dialog.getByLabel('Column D').selectOption('Figures');
  await expect(dialog.getByRole('button', { name: 'Row 3 names the columns' })).toHaveAttribute('aria-pressed', 'true');
  await dialog.getByLabel('Sheet', { exact: true }).selectOption('Read me');
  await expect(dialog.getByRole('alert')).toContainText('No row has a number');
  await expect(dialog.getByRole('button', { name: 'Use these figures' })).toBeDisabled();
  await dialog.getByLabel('Sheet', { exact: true }).selectOption('Long');
  await expect(dialog).toContainText('3 moments, 2021 to 2023');
  await dialog.getByRole('button', { name: 'Use these figures' }).click();

  // It is still there after a reload, and how it is read can be looked at again.
  await page.reload();
  await expect(page.locator('.taken-file')).toContainText('Kettles');
  await page.getByRole('button', { name: 'Import settings…' }).click();
  await expect(dialog.getByLabel('Column A')).toHaveValue('group');
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await page.getByText('line', { exact: true }).click();
  await page.getByRole('button', { name: 'Create piece' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of column 3' })).toHaveValue('2023');
  const id = page.url().split('/').pop() ?? '';
  const { document } = await stored(request, id);
  expect(document.charts[0].form.kind).toBe('line');
  expect(document.tables[0].rows.map(({ label, cells }) => [label, ...cells])).toEqual([
    ['Kettles', '10', '11', '12'],
    ['Lamps', '20', '21', '22'],
    ['Chairs', '30', '31', '32'],
  ]);
});

test('new figures for a piece are compared before they are taken, and can be taken back', async ({ page, request }) => {
  const id = await makePiece(page);
  await page.getByLabel('Choose a file with figures').setInputFiles({
    name: 'next year.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('What,Things\nSmall appliances,600\nLamps and lights,287\nClothing,199\nBooks,40\nToys,100'),
  });
  await page.getByRole('button', { name: /^New figures for/ }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('status')).toHaveText('2 changed, 1 new, 1 removed; 2 unchanged.');
  await expect(dialog.getByRole('img', { name: 'With the new figures' })).toBeVisible();
  await dialog.getByLabel('Keep it').check();
  await expect(dialog.getByRole('status')).toContainText('1 kept');
  await dialog.getByLabel('Keep it').uncheck();
  await dialog.getByLabel('Matching row for Books').selectOption('is “Bicycles”');
  await expect(dialog.getByRole('status')).toHaveText('3 changed; 2 unchanged.');
  await dialog.getByRole('button', { name: 'Use the new figures' }).click();
  await saved(page);
  const rows = (await stored(request, id)).document.tables[0].rows;
  expect(rows.map((row) => `${row.id} ${row.label} ${row.cells[0]}`)).toEqual([
    'r1 Small appliances 600',
    'r2 Lamps and lights 287',
    'r3 Clothing 199',
    'r4 Books 40',
    'r5 Toys 100',
  ]);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expectCell(page, 1, 'typed', '512');
});

test('a file is dropped anywhere on the desk, and becomes another chart', async ({ page, request }) => {
  const id = await makePiece(page);
  const drop = await page.evaluateHandle(() => {
    const data = new DataTransfer();
    data.items.add(new File(['Year,Things\n2021,5\n2022,9\n2023,7'], 'years.csv', { type: 'text/csv' }));
    return data;
  });
  await page.locator('.desk').dispatchEvent('dragover', { dataTransfer: drop });
  await expect(page.getByText('Drop here to update the figures, or to add a chart, a picture or a font')).toBeVisible();
  await page.locator('.desk').dispatchEvent('drop', { dataTransfer: drop });
  await page.getByRole('button', { name: 'Add as chart' }).click();
  await page.getByRole('dialog').getByText('line', { exact: true }).click();
  await page.getByRole('button', { name: 'Add to stage' }).click();
  const forms = async () => (await stored(request, id)).document.charts.map(({ form }) => form.kind);
  await expect.poll(forms).toEqual(['donut', 'line']);
  const { document } = await stored(request, id);
  expect(document.tables[1].rows.map(({ label }) => label)).toEqual(['2021', '2022', '2023']);
});

test('the sheet sorts, its rows are dragged, and columns come and go', async ({ page, request }) => {
  const id = await makePiece(page, 'What\t2022\t2023\nKettles\t5\t9\nLamps\t7\t4\nToys\t6\t8');
  const menu = (name: string) => page.getByRole('button', { name: `${name}: more` });
  await menu('Name of column 2').click();
  await page.getByRole('button', { name: 'Largest first' }).click();
  await expect.poll(() => labels(page)).toEqual(['Kettles', 'Toys', 'Lamps']);
  await menu('Name of the table').click();
  await page.getByRole('button', { name: 'Z to A' }).click();
  await expect.poll(() => labels(page)).toEqual(['Toys', 'Lamps', 'Kettles']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(() => labels(page)).toEqual(['Kettles', 'Toys', 'Lamps']);

  const chip = page.locator('.dsg-cell-gutter').first();
  const box = (await chip.boundingBox())!;
  await page.mouse.move(box.x + 8, box.y + 8);
  await page.mouse.down();
  await page.mouse.move(box.x + 8, box.y + 62, { steps: 5 });
  await expect(page.locator('.row-line')).toBeVisible();
  await page.mouse.up();
  await expect.poll(() => labels(page)).toEqual(['Toys', 'Kettles', 'Lamps']);

  await menu('Name of column 1').click();
  await page.getByRole('button', { name: 'Remove column' }).click();
  await expect(page.getByText('A chart shows this column, so it stays.')).toBeVisible();
  await menu('Name of column 2').click();
  await page.getByRole('button', { name: 'Show 2023 in the chart' }).click();
  await menu('Name of column 1').click();
  await page.getByRole('button', { name: 'Remove column' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the column' })).toHaveValue('2023');
  await cell(page, 1, 'typed').click();
  await saved(page);
  const { document } = await stored(request, id);
  expect(document.tables[0].rows.map(({ cells }) => cells)).toEqual([['8'], ['9'], ['4']]);
  expect(document.charts[0].column).toBe('c2');
});
