import type { Page } from '@playwright/test';
import { cell, expectCell, labels, paste, type, typedIn } from './cells';
import { makePiece, openDemo, saved, stored, placesOf } from './desk';
import { expect, test } from './kept';

const frame = (page: Page) => page.locator('.frame-number');
const playing = (page: Page) => page.getByRole('button', { name: 'Stop' });

test('keys of the desk work after a click on anything that is not typed into', async ({ page, request }) => {
  await openDemo(page, request);
  const clicks = [
    () => page.getByRole('button', { name: 'Stem of Clothing' }).click(),
    () => page.getByRole('tab', { name: 'Finish' }).click(),
    () => page.getByLabel('Colours', { exact: true }).selectOption('Tints'),
    () => page.getByLabel('Pattern on').click(),
    () => page.getByRole('button', { name: 'One frame on' }).click(),
    () => page.getByRole('tab', { name: 'Form' }).click(),
  ];
  for (const click of clicks) {
    await click();
    await page.keyboard.press('Home');
    await expect(frame(page)).toHaveValue('0');
    await page.keyboard.press('Shift+ArrowRight');
    await page.keyboard.press('ArrowRight');
    await expect(frame(page)).toHaveValue('11');
    await page.keyboard.press('Space');
    await expect(playing(page)).toBeVisible();
    await page.keyboard.press('k');
    await expect(playing(page)).toHaveCount(0);
  }
  // Enter takes a number and gives the keys back.
  await page.getByLabel('Gap').fill('9');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowRight');
  await expect(frame(page)).toHaveValue('1');
  await expect(page.getByLabel('Gap')).toHaveValue('9');
});

test('cells behave as cells', async ({ page, request }) => {
  const id = await makePiece(page);
  await type(page, 2, 'typed', '777');
  await page.keyboard.type('1248-938');
  await page.keyboard.press('Enter');
  await expectCell(page, 3, 'typed', '=310');
  expect(await typedIn(page, 3, 'typed')).toBe('1248-938');
  await type(page, 3, 'typed', '=2*5');
  await expectCell(page, 3, 'typed', '=10');

  // Escape lets go of what was typed; a second click edits what is there.
  await cell(page, 4, 'typed').click();
  await page.keyboard.type('9999');
  await page.keyboard.press('Escape');
  await expectCell(page, 4, 'typed', '150');
  await cell(page, 4, 'typed').click();
  await page.keyboard.press('End');
  await page.keyboard.type('0');
  await page.keyboard.press('Tab');
  await expectCell(page, 4, 'typed', '1500');
  await page.keyboard.type('Games');
  await page.keyboard.press('Enter');
  await expectCell(page, 5, 'label', 'Games');
  expect(await labels(page)).toHaveLength(5);
  await page.keyboard.press('Escape');

  // Numbers alone never touch labels; two columns fill both.
  await cell(page, 1, 'typed').click();
  await paste(page, '1\n2\n3');
  await expectCell(page, 3, 'typed', '3');
  expect(await labels(page)).toEqual(['Small appliances', 'Lamps & lights', 'Clothing', 'Bicycles', 'Games']);
  await page.keyboard.press('Control+z');
  await expectCell(page, 3, 'typed', '=10');
  // Lines alone, over labels, are labels.
  await cell(page, 1, 'label').click();
  await paste(page, 'Kettles\nLanterns');
  await expectCell(page, 2, 'label', 'Lanterns');
  await expectCell(page, 2, 'typed', '777');
  await cell(page, 5, 'label').click();
  await paste(page, 'Irons\t40\nChairs\t41');
  await expectCell(page, 6, 'label', 'Chairs');
  await expectCell(page, 6, 'typed', '41');
  await saved(page);
  expect((await stored(request, id)).document.tables[0].rows[4]).toMatchObject({ label: 'Irons', cells: ['40'] });
});

test('one act is one step of undo, however fast the acts follow', async ({ page }) => {
  await makePiece(page);
  await cell(page, 1, 'typed').click();
  for (let step = 1; step <= 20; step++) {
    await page.keyboard.type(String(step));
    await page.keyboard.press('Enter');
    await page.keyboard.press('ArrowUp');
  }
  await expectCell(page, 1, 'typed', '20');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  for (const before of ['19', '18', '17']) {
    await page.keyboard.press('Control+z');
    await expectCell(page, 1, 'typed', before);
  }
  for (let step = 0; step < 17; step++) await page.getByRole('button', { name: 'Undo' }).click();
  await expectCell(page, 1, 'typed', '512');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();

  // What is typed into one field is one step; two switches are two.
  const text = page.getByRole('textbox', { name: 'Name of the table' });
  await text.click();
  await page.keyboard.press('End');
  for (const letter of [' a', 'n', 'd', ' on']) {
    await page.keyboard.type(letter);
    await page.waitForTimeout(650);
  }
  const whole = await text.inputValue();
  expect(whole).toMatch(/ and on$/);
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+z');
  await expect(text).toHaveValue(whole.replace(/ and on$/, ''));
  await page.getByRole('tab', { name: 'Finish' }).click();
  const switches = ['Glow', 'Shadow'].map((name) => page.getByLabel(`${name} on`, { exact: true }));
  for (const one of switches) await one.click();
  await page.keyboard.press('Control+z');
  await expect(switches[0]).toBeChecked();
  await expect(switches[1]).not.toBeChecked();
});

test('words, parts and charts are taken hold of on the stage', async ({ page, request }) => {
  const id = await openDemo(page, request);
  const box = (await page.locator('.stage canvas').boundingBox())!;
  const scale = box.width / 1920;
  /** Drags from a point of the stage by pixels of the stage. */
  const drag = async (x: number, y: number, across: number, down: number): Promise<void> => {
    await page.mouse.move(box.x + x * scale, box.y + y * scale);
    await page.mouse.down();
    // Nothing comes to rest on guides.
    await page.keyboard.down('Alt');
    await page.mouse.move(box.x + (x + across / 2) * scale, box.y + (y + down / 2) * scale);
    await page.mouse.move(box.x + (x + across) * scale, box.y + (y + down) * scale);
    await page.mouse.up();
    await page.keyboard.up('Alt');
    await saved(page);
  };
  const before = (await stored(request, id)).document;
  const { title, chart1: chart, 'legend-chart1': legend } = await placesOf(request, before);
  const near = (value: number, wanted: number): void => expect(Math.abs(value - wanted)).toBeLessThan(4);

  await drag(title.x + 60, title.y - 10, -40, 60);
  await drag(legend.x + 120, legend.y - 10, 30, 20);
  // The first part lies right of the middle: it is pulled out along its own middle, not across.
  await drag(chart.x + 290, chart.y - 40, 80, 0);
  await drag(chart.x, chart.y - 20, -60, 30);
  const after = (await stored(request, id)).document;
  near(after.words[0].x - title.x, -40);
  near(after.words[0].y - title.y, 60);
  // The legend went along with its chart as well.
  near(after.charts[0].words.legend!.x - legend.x, 30 - 60);
  near(after.charts[0].words.legend!.y - legend.y, 20 + 30);
  const out = after.charts[0].own.r1?.out ?? 0;
  // Its middle points to 73.8°: of a pull to the right, sin 73.8° goes along it.
  near(out, 80 * Math.sin((147.69 / 2) * (Math.PI / 180)));
  near(after.charts[0].place.x - chart.x, -60);
  near(after.charts[0].place.y - chart.y, 30);

  // Each drag is one step of undo, and the middle of the chart obeys the arrow keys.
  for (let step = 0; step < 4; step++) {
    await page.getByRole('button', { name: 'Undo' }).click();
    await saved(page);
  }
  // The last step may still be on its way.
  await expect.poll(async () => (await stored(request, id)).document).toEqual(before);
  await page.getByRole('button', { name: 'Stem of Clothing' }).click();
  await page.getByRole('button', { name: 'Centre of the chart' }).focus();
  await page.keyboard.press('Shift+ArrowLeft');
  await saved(page);
  near((await stored(request, id)).document.charts[0].place.x, chart.x - 10);
});
