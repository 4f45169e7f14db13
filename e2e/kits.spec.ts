import { readFileSync } from 'node:fs';
import { goTo, makePiece, saved, stored } from './desk';
import { expect, test } from './kept';

const KINDS = ['Lamplight', 'Ledger', 'Print shop', 'Enamel', 'Chalk', 'Glass', 'Signal', 'Cloth'];

test('a kit is pointed at, taken in one act and undone in one', async ({ page, request }) => {
  const id = await makePiece(page);
  await goTo(page, 120);
  const before = (await stored(request, id)).document;
  await page.getByRole('button', { name: 'Kits' }).click();
  const panel = page.getByRole('region', { name: 'Kits' });
  for (const name of KINDS) await expect(panel.getByRole('radio', { name })).toBeVisible();
  await expect(panel.locator('.kit-picture canvas')).toHaveCount(8);
  // Pointing shows it on the stage, and it plays; nothing is taken.
  const canvas = page.locator('.stage canvas');
  const reel = await canvas.getAttribute('data-reel');
  const cloth = panel.locator('.kit-card').filter({ hasText: 'Cloth' });
  await cloth.locator('label').hover();
  await expect(canvas).not.toHaveAttribute('data-reel', reel!);
  await expect(page.getByLabel('Frame', { exact: true })).not.toHaveValue('120');
  await panel.getByRole('heading', { name: 'Kits' }).hover();
  await expect(page.getByLabel('Frame', { exact: true })).toHaveValue('120');
  expect((await stored(request, id)).document).toEqual(before);
  // All but the motion of it.
  await panel.getByRole('radio', { name: 'Cloth' }).check({ force: true });
  await panel.getByLabel('Motion').uncheck();
  await panel.getByRole('button', { name: 'Take Cloth' }).click();
  await expect(panel).toBeHidden();
  await saved(page);
  const taken = (await stored(request, id)).document;
  expect(taken.kit).toMatchObject({ id: 'cloth', parts: ['colours', 'type', 'backdrop', 'finish', 'layout'] });
  expect(taken.words[0].font).toBe('fraunces-semibold');
  expect(taken.charts[0].entrance).toEqual(before.charts[0].entrance);
  await expect(page.getByRole('button', { name: 'Cloth', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
  await expect.poll(async () => (await stored(request, id)).document).toEqual(before);
});

test('what differs from the kit is told and put back; with the keyboard alone', async ({ page, request }) => {
  const id = await makePiece(page);
  await page.keyboard.press('y');
  const panel = page.getByRole('region', { name: 'Kits' });
  await panel.getByRole('radio', { name: 'Enamel' }).focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('Enter');
  await expect(panel).toBeHidden();
  await saved(page);
  await page.locator('.stage canvas').click({ position: { x: 20, y: 20 } });
  await page.getByRole('tab', { name: 'Stage' }).click();
  const margins = page.getByLabel('Side margins');
  await margins.fill('20%');
  await margins.press('Enter');
  await saved(page);
  await page.getByRole('button', { name: 'Enamel', exact: true }).click();
  const card = panel.locator('.kit-card').filter({ hasText: 'Enamel' });
  await expect(card).toContainText('in use');
  // The kit says nothing of margins: what is not its is not counted.
  await page.keyboard.press('Escape');
  await page.getByRole('tab', { name: 'Words' }).click();
  await page.locator('.words-face .list-pick').first().click();
  await page.locator('.details').getByLabel('Size').fill('50');
  await page.locator('.details').getByLabel('Size').press('Enter');
  await saved(page);
  await page.getByRole('button', { name: 'Enamel', exact: true }).click();
  await expect(card).toContainText('1 changed');
  await card.getByRole('button', { name: 'Put back' }).click();
  await expect(card).toContainText('in use');
  await saved(page);
  expect((await stored(request, id)).document.words[0].size).toBe(80);
});

test('a look is kept as a kit, changed, exported, and begun with', async ({ page, request }) => {
  const id = await makePiece(page);
  const panel = page.getByRole('region', { name: 'Kits' });
  await page.getByRole('button', { name: 'Kits' }).click();
  await panel.getByRole('radio', { name: 'Chalk' }).check({ force: true });
  await panel.getByRole('button', { name: 'Take Chalk' }).click();
  await saved(page);
  await page.getByRole('button', { name: 'Chalk', exact: true }).click();
  await panel.getByRole('button', { name: 'Keep this look as a kit…' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Our board');
  await page.getByRole('button', { name: 'Keep the kit' }).click();
  const card = panel.locator('.kit-card').filter({ hasText: 'Our board' });
  await expect(card).toContainText('in use');
  await card.getByRole('button', { name: 'More for Our board' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export as a file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('our-board.lupinekit.zip');
  const file = await download.path();
  await panel.getByLabel('Kit file').setInputFiles({
    name: 'kit.zip',
    mimeType: 'application/zip',
    buffer: readFileSync(file),
  });
  await expect(panel.locator('.kit-name', { hasText: 'Our board' })).toHaveCount(2);
  await panel.getByLabel('Kit file').setInputFiles({
    name: 'kit.zip',
    mimeType: 'application/zip',
    buffer: Buffer.from('no kit'),
  });
  await expect(page.getByRole('alert').filter({ hasText: 'no ZIP archive' })).toBeVisible();
  await saved(page);
  // The kit gets another ground by a second piece; this one is offered the change.
  const other = await makePiece(page);
  const { document } = await stored(request, id);
  const changed = await request.post('/api/kits', {
    data: {
      document: { ...document, backdrop: { ...document.backdrop, colour: '#203020' } },
      name: 'Our board',
      kit: document.kit!.id,
    },
  });
  expect(changed.status()).toBe(201);
  await page.goto(`/pieces/${id}`);
  await page.getByRole('button', { name: 'Take the change' }).click();
  await saved(page);
  await expect.poll(async () => (await stored(request, id)).document.backdrop.colour).toBe('#203020');
  await request.put('/api/kits/default', { data: { kit: document.kit!.id } });
  const begun = await request.post('/api/pieces', { data: { text: 'A\t1\nB\t2', form: 'donut' } });
  expect(((await begun.json()) as { document: { backdrop: { colour: string } } }).document.backdrop.colour).toBe(
    '#203020',
  );
  await request.put('/api/kits/default', { data: { kit: null } });
  expect(other).not.toBe(id);
});

test('colours that are alike are named, repaired, and seen with other eyes', async ({ page, request }) => {
  const id = await makePiece(page, 'Kettles\t5\nLamps\t4\nToys\t3');
  const { document } = await stored(request, id);
  document.charts[0].finish.colours = 'set';
  document.charts[0].finish.swatches = ['#c0504d', '#7f8b3c', '#1f3d7a'];
  await request.put(`/api/pieces/${id}`, {
    data: { document },
    headers: { 'If-Match': `"${(await stored(request, id)).version}"` },
  });
  await page.reload();
  await page.getByRole('tab', { name: 'Finish' }).click();
  await page.getByRole('button', { name: /^Fill/ }).first().click();
  await page.getByRole('button', { name: '1 pair alike' }).click();
  const dialog = page.getByRole('dialog', { name: 'Told apart' });
  await expect(dialog).toContainText('Kettles and Lamps');
  await expect(dialog).toContainText('reduced');
  // The two are outlined on the stage, seen as those people see it; the repair is shown before it is taken.
  const canvas = page.locator('.stage canvas');
  const shown = await canvas.getAttribute('data-reel');
  await dialog.getByRole('button', { name: 'Kettles and Lamps' }).first().hover();
  await expect(page.locator('.stage-marks .picked')).toHaveCount(2);
  await expect(page.locator('.stage-eyes')).toHaveText(/^Reduced/);
  await dialog.getByRole('button', { name: 'Take the repair' }).hover();
  await expect(page.locator('.stage-marks .picked')).toHaveCount(0);
  await expect(canvas).not.toHaveAttribute('data-reel', shown!);
  await dialog.getByRole('button', { name: 'Kettles and Lamps' }).first().hover();
  expect((await stored(request, id)).document.charts[0].finish.swatches).toEqual(document.charts[0].finish.swatches);
  await dialog.getByRole('button', { name: 'Take the repair' }).click();
  await expect(page.getByRole('button', { name: 'Told apart by all' })).toBeVisible();
  await page.getByRole('button', { name: 'Palettes…' }).click();
  await page.getByLabel(/Paste colours/).fill('--leaf: #2f6b52; --lamp: #e3a033; --sky: #3d5aa8');
  const palettes = page.getByRole('dialog', { name: 'Palettes' });
  await palettes.getByRole('button', { name: 'Take' }).first().click();
  await saved(page);
  await expect
    .poll(async () => (await stored(request, id)).document.charts[0].finish.swatches)
    .toEqual(['#2f6b52', '#e3a033', '#3d5aa8']);
  await page.getByRole('button', { name: 'View' }).click();
  await page.getByRole('button', { name: 'In grey' }).click();
  await expect(page.locator('.stage-eyes')).toHaveText('In grey');
  await expect(page.locator('.stage canvas')).toHaveCSS('filter', /other-eyes/);
});
