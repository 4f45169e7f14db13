import { readFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import type { Piece } from '../contracts/piece';
import { beginOn, goTo, letGo, makePiece, openDemo, saved, stored } from './desk';
import { expect, test } from './kept';

/** What the stage shows, as one number; the picture itself, not the document. */
const picture = (page: Page): Promise<number> =>
  page.locator('.stage canvas').evaluate((canvas: HTMLCanvasElement) => {
    const { data } = canvas.getContext('2d')!.getImageData(0, 0, canvas.width, canvas.height);
    let sum = 0;
    // FNV-1a. Source: IETF draft-eastlake-fnv.
    for (const dots of new Uint32Array(data.buffer)) sum = Math.imul(sum ^ dots, 16_777_619) >>> 0;
    return sum;
  });

async function changesThePicture(page: Page, what: string, act: () => Promise<unknown>): Promise<void> {
  const before = await picture(page);
  await act();
  await expect
    .poll(() => picture(page), { message: what, timeout: 60_000, intervals: [50, 50, 50, 100, 100, 250] })
    .not.toBe(before);
}

async function type(field: Locator, value: string): Promise<void> {
  await field.fill(value);
  await field.press('Enter');
}

test('every control of form, finish and backdrop is seen on the stage', async ({ page, request }) => {
  test.setTimeout(360_000);
  await openDemo(page, request);
  await goTo(page, 300);
  const face = (name: string) => page.getByRole('tab', { name }).click();
  const pane = page.locator('.bench-face');
  const field = (label: string) => pane.getByLabel(label, { exact: true });

  await face('Form');
  await changesThePicture(page, 'radius', () => type(field('Radius'), '300'));
  await changesThePicture(page, 'hole', () => type(field('Hole'), '40%'));
  await changesThePicture(page, 'start', () => type(field('Start angle'), '35%'));
  await changesThePicture(page, 'gap', () => type(field('Gap'), '20 px'));
  await pane.getByRole('button', { name: /More donut settings/ }).click();
  await changesThePicture(page, 'corners', () => type(field('Corners'), '12'));
  await changesThePicture(page, 'half', () => type(field('Sweep'), '180'));
  await letGo(page);
  await page.locator('.on-stage-chart .list-pick').first().click();
  const details = page.getByRole('complementary');
  await changesThePicture(page, 'across', () => type(details.getByLabel('X', { exact: true }), '700'));
  await changesThePicture(page, 'down', () => type(details.getByLabel('Y', { exact: true }), '500'));
  await changesThePicture(page, 'size', () => type(details.getByLabel('Size', { exact: true }), '80%'));
  await changesThePicture(page, 'turn', () => type(details.getByLabel('Rotation', { exact: true }), '30'));
  await changesThePicture(page, 'hidden', () => details.getByLabel('Visible').uncheck());
  await changesThePicture(page, 'shown', () => details.getByLabel('Visible').check());
  await letGo(page);
  await changesThePicture(page, 'direction', () => pane.getByLabel('Direction').selectOption('Anticlockwise'));
  await changesThePicture(page, 'order', () => pane.getByLabel('Order').selectOption('Smallest first'));
  await changesThePicture(page, 'form', () => pane.getByRole('radio', { name: 'pie' }).check({ force: true }));
  // Stepped by keys, scrubbed by its name, and back to what it was at first.
  await changesThePicture(page, 'a step', () => field('Radius').press('ArrowUp'));
  const name = (await pane.getByText('Radius', { exact: true }).boundingBox())!;
  await changesThePicture(page, 'a scrub', async () => {
    await page.mouse.move(name.x + 5, name.y + 8);
    await page.mouse.down();
    await page.mouse.move(name.x + 65, name.y + 8, { steps: 6 });
    await page.mouse.up();
  });
  await pane.getByText('Radius', { exact: true }).dblclick();
  await expect(field('Radius')).toHaveValue('350');

  await face('Finish');
  await changesThePicture(page, 'tints', () => field('Colours').selectOption('Tints'));
  await changesThePicture(page, 'swatch', () => pane.getByLabel('Pick: Swatch 1').fill('#cc3355'));
  const sample = (name: string) => pane.getByRole('button', { name, exact: true }).click();
  const take = (coat: string) => pane.getByRole('button', { name: new RegExp(`^${coat}:`) }).click();
  await changesThePicture(page, 'flat', () => sample('Flat'));
  await changesThePicture(page, 'a gradient', () => sample('Slanted'));
  await changesThePicture(page, 'its angle', () => type(field('Angle'), '200°'));
  await changesThePicture(page, 'what it goes over', () => field('Across').selectOption('The chart'));
  await changesThePicture(page, 'a stop', () => type(field('Place').first(), '30%'));
  await changesThePicture(page, 'another stop', () => pane.getByRole('button', { name: 'Add colour' }).click());
  await changesThePicture(page, 'its lightness', () => type(field('Lighter').last(), '80%'));
  await changesThePicture(page, 'a ball', () => sample('Ball'));
  await changesThePicture(page, 'its middle', () => type(field('Centre X'), '80%'));
  await take('Pattern');
  await changesThePicture(page, 'pattern kind', () => sample('Waves'));
  await changesThePicture(page, 'pattern size', () => type(field('Size'), '60'));
  await changesThePicture(page, 'pattern turn', () => type(field('Angle'), '75°'));
  await changesThePicture(page, 'pattern weight', () => type(field('Weight'), '80%'));
  await changesThePicture(page, 'pattern ink', () => field('Ink').selectOption('Own'));
  await changesThePicture(page, 'the ground of a pattern', () => pane.getByLabel('Fill below').uncheck());
  const alike = await picture(page);
  await changesThePicture(page, 'each its own', () => pane.getByRole('button', { name: 'Each part its own' }).click());
  await page.keyboard.press('Control+z');
  await expect.poll(() => picture(page)).toBe(alike);
  await take('Texture');
  await changesThePicture(page, 'a texture', () => sample('Felt'));
  await changesThePicture(page, 'its amount', () => type(field('Amount'), '100%'));
  await changesThePicture(page, 'its blend', () => field('Blend').selectOption('Relief'));
  await changesThePicture(page, 'holes', () => sample('Chalk'));
  for (const coat of ['Inner glow', 'Glow', 'Shadow']) {
    await take(coat);
    if (coat !== 'Inner glow') await changesThePicture(page, `no ${coat}`, () => sample('None'));
    await changesThePicture(page, coat, () => pane.getByLabel(`${coat} on`, { exact: true }).check());
    await changesThePicture(page, `${coat}, radius`, () => type(field('Radius'), '61'));
    await changesThePicture(page, `${coat}, opacity`, () => type(field('Opacity'), '95%'));
    if (coat !== 'Glow') await changesThePicture(page, `${coat}, offset`, () => type(field('Offset Y'), '30'));
  }
  await changesThePicture(page, 'a spread', () => type(field('Spread'), '12'));
  await take('Glow');
  await changesThePicture(page, 'the colour of the glow', () => pane.getByLabel('Part’s colour').uncheck());
  await changesThePicture(page, 'breath', () => type(field('Pulse'), '90%'));
  await changesThePicture(page, 'how often', () => type(field('Pulse period'), '2s'));
  await changesThePicture(page, 'a line', () => pane.getByLabel('Line on', { exact: true }).check());
  await changesThePicture(page, 'stitches', () => sample('Stitches'));
  await changesThePicture(page, 'their distance', () => type(field('Distance'), '30'));
  await changesThePicture(page, 'a march', () => type(field('Dash speed'), '61'));
  await changesThePicture(page, 'a light', () => pane.getByLabel('Edge light on', { exact: true }).check());
  await changesThePicture(page, 'its place', () => type(field('Place'), '55%'));
  await changesThePicture(page, 'its round', () => type(field('Time per lap'), '1.7s'));
  for (const coat of ['Pattern', 'Texture', 'Line', 'Edge light', 'Glow', 'Shadow'])
    await changesThePicture(page, `${coat} off`, () => pane.getByLabel(`${coat} on`, { exact: true }).uncheck());

  await face('Stage');
  await changesThePicture(page, 'arrangement', () =>
    pane.getByRole('radio', { name: 'words left, chart right' }).check({ force: true }),
  );
  await changesThePicture(page, 'middle', () => type(field('Centre colour'), '#552244'));
  await changesThePicture(page, 'rim', () => type(field('Edge colour'), 'abc'));
  await expect(field('Edge colour')).toHaveValue('#aabbcc');
  await changesThePicture(page, 'vignette', () => type(field('Vignette'), '80'));
  await changesThePicture(page, 'a light', () => pane.getByRole('button', { name: 'Add light' }).click());
  await changesThePicture(page, 'its size', () => type(field('Size').last(), '90%'));
  await changesThePicture(page, 'clouds', () => pane.getByRole('button', { name: 'Add clouds' }).click());
  await changesThePicture(page, 'a texture', () => pane.getByRole('button', { name: 'Add texture' }).click());
  await changesThePicture(page, 'a ground', () => pane.getByRole('button', { name: 'Linen', exact: true }).click());
  await changesThePicture(page, 'another', () => pane.getByRole('button', { name: 'Dusk', exact: true }).click());
  await changesThePicture(page, 'colour', () => field('Backdrop').selectOption('Colour'));
  await changesThePicture(page, 'none', () => field('Backdrop').selectOption('Transparent'));
  await saved(page);
});

test('every control of words and motion is seen on the stage', async ({ page, request }) => {
  test.setTimeout(240_000);
  const id = await openDemo(page, request);
  await goTo(page, 320);
  const face = (name: string) => page.getByRole('tab', { name }).click();
  const pane = page.locator('.bench-face');
  const section = (title: string) => pane.locator('section', { has: page.locator('h3', { hasText: title }) });
  const details = page.getByRole('complementary');

  await face('Words');
  await changesThePicture(page, 'digits', () => section('Readings').getByLabel('Decimals').selectOption('2'));
  await changesThePicture(page, 'after', () => section('Readings').getByLabel('Suffix').fill(' per cent'));
  await changesThePicture(page, 'values', () =>
    section('Readings').locator('label.btn', { hasText: 'values' }).click(),
  );
  await changesThePicture(page, 'thousands', () =>
    section('Readings').getByLabel('Thousands separator').selectOption('1.234'),
  );
  await changesThePicture(page, 'labels', () => section('Labels').getByLabel('Position').selectOption('beside'));
  await changesThePicture(page, 'label text', () =>
    section('Labels').locator('label.btn', { hasText: 'both' }).click(),
  );
  await changesThePicture(page, 'label font', async () => {
    await section('Labels').getByLabel('Font').click();
    await page.locator('.font-row', { hasText: 'Bricolage bold' }).click();
    await page.keyboard.press('Escape');
  });
  await changesThePicture(page, 'legend size', () => type(section('Legend').getByLabel('Size'), '30'));
  await changesThePicture(page, 'legend place', () => type(section('Legend').getByLabel('X'), '1000'));
  await changesThePicture(page, 'total', () => section('Centre number').getByLabel('Caption').fill('mended'));
  await changesThePicture(page, 'caption colour', () =>
    type(section('Captions').getByRole('textbox', { name: 'Colour', exact: true }), '#ffcc00'),
  );
  await changesThePicture(page, 'caption place', () => type(section('Captions').getByLabel('Baseline'), '900'));
  for (const part of ['Legend', 'Centre number', 'Captions'])
    await changesThePicture(page, `no ${part}`, () =>
      section(part).getByRole('switch').or(section(part).getByRole('checkbox')).first().uncheck(),
    );

  // A title of its own: said, placed, and coming in on a word.
  await changesThePicture(page, 'a title', () => section('Titles').getByRole('button', { name: 'Add title' }).click());
  await changesThePicture(page, 'what it says', () => details.getByLabel('Text').fill('A year of mending'));
  await details.getByText('Spacing, plate, finish').click();
  await changesThePicture(page, 'capitals', () => details.getByLabel('All capitals').check());
  await changesThePicture(page, 'alignment', () => details.locator('label.btn', { hasText: 'Right' }).click());
  await details.getByLabel('Entrance').check();
  await changesThePicture(page, 'on a word', () => beginOn(details, 'look'));
  await letGo(page);

  await face('Motion');
  await changesThePicture(page, 'an exit', async () => {
    await pane.getByLabel('Exit').check();
    await type(pane.getByLabel('Starts').last(), '310');
  });
  await page.getByRole('button', { name: 'Stem of Toys' }).click();
  await details.getByLabel('Starts').selectOption('In the chart’s order');
  await changesThePicture(page, 'begins', () => type(pane.getByLabel('Starts').first(), '200'));
  await changesThePicture(page, 'lasts', () => type(pane.getByLabel('Length of each').first(), '40'));
  await changesThePicture(page, 'order', () => pane.getByLabel('Order').first().selectOption('together'));

  // A curve bent by its handle, with the keyboard.
  const handle = details.getByRole('slider', { name: 'Start handle' });
  await handle.focus();
  for (let press = 0; press < 3; press++) await page.keyboard.press('Shift+ArrowRight');
  await expect(details.getByLabel('Easing')).toHaveValue('own');
  await saved(page);
  const { document } = await stored(request, id);
  const toys = document.moves.find(
    ({ target, kind }) => 'figure' in target && target.figure === 'r5' && kind === 'entrance',
  );
  expect(Array.isArray(toys?.curve)).toBe(true);
  expect(document.words[1]).toMatchObject({ text: 'A year of mending', upperCase: true, align: 'right' });
});

test('the script is scrubbed, zoomed, and its lines are dragged', async ({ page, request }) => {
  const id = await openDemo(page, request);
  const rule = (await page.locator('.rule').boundingBox())!;
  const zoom = rule.height / 480;
  await page.mouse.move(rule.x + 20, rule.y + 100 * zoom);
  await page.mouse.down();
  await page.mouse.move(rule.x + 20, rule.y + 200 * zoom, { steps: 5 });
  await page.mouse.up();
  await expect(page.locator('.frame-number')).toHaveValue('200');

  await page.keyboard.down('Control');
  await page.mouse.wheel(0, -300);
  await page.keyboard.up('Control');
  await expect.poll(async () => (await page.locator('.rule').boundingBox())!.height).toBeGreaterThan(rule.height * 1.5);

  const bar = page.locator('.line', { hasText: 'Then lamps' }).locator('.line-bar');
  await bar.scrollIntoViewIfNeeded();
  const box = (await bar.boundingBox())!;
  const fine = (await page.locator('.rule').boundingBox())!.height / 480;
  await page.mouse.move(box.x + 5, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + 5, box.y + 20 + 12 * fine, { steps: 6 });
  await page.mouse.up();
  await saved(page);
  expect((await stored(request, id)).document.script.lines[2]).toMatchObject({ begin: 220, end: 290 });
});

test('a piece in which much moves for long is shown around the playhead, wherever that goes', async ({
  page,
  request,
}) => {
  const piece = JSON.parse(readFileSync(new URL('../demo/mended-or-not.json', import.meta.url), 'utf8')) as Piece;
  piece.stage = { ...piece.stage, rate: [30, 1], dropFrame: false, frames: 7200 };
  piece.tables[0].rows = Array.from({ length: 12 }, (_, row) => ({
    id: `r${row}`,
    label: `Kind ${row}`,
    cells: ['7'],
  }));
  const chart = piece.charts[0];
  chart.entrance = { ...chart.entrance!, begin: 0, frames: 7100, order: 'together' };
  Object.assign(chart, { own: {} });
  piece.moves = [];
  const made = await request.post('/api/pieces', { data: { document: piece } });
  const ranges: string[] = [];
  page.on('response', async (answer) => {
    if (!answer.url().endsWith('/api/compute')) return;
    const { reel } = (await answer.json()) as { reel: { from: number; to: number } };
    ranges.push(`${reel.from}-${reel.to}`);
  });
  await page.goto(`/pieces/${((await made.json()) as { id: string }).id}`);
  // It opens where all is there.
  await expect.poll(() => ranges.at(-1)).toBe('7010-7199');
  await page.keyboard.press('End');
  await expect(page.locator('.now-code')).toHaveValue('3:59:29');
  await expect.poll(() => ranges.at(-1)).toMatch(/-7199$/);
  await expect(page.getByText('Drawing these frames…')).toBeHidden();
  // At the end all parts are there: the ring is painted on its right as on its left.
  const ring = await page.locator('.stage canvas').evaluate((canvas: HTMLCanvasElement) => {
    const { data, width } = canvas.getContext('2d')!.getImageData(0, canvas.height / 2, canvas.width, 1);
    return Array.from({ length: width }, (_, x) => data[x * 4 + 1]).filter((green) => green > 100).length;
  });
  expect(ring).toBeGreaterThan(40);
  await page.keyboard.press('Home');
  await expect.poll(() => ranges.at(-1)).toBe('0-180');
});

test('the desk can be used without a mouse', async ({ page, request }) => {
  const id = await makePiece(page);
  await letGo(page);
  await page.keyboard.press('n');
  await page.keyboard.type('Kettles first.');
  await page.keyboard.press('Escape');
  await page.keyboard.press('2');
  await expect(page.getByRole('tab', { name: 'Form' })).toHaveAttribute('aria-selected', 'true');
  await page.getByLabel('Gap').focus();
  await page.keyboard.press('Shift+ArrowUp');
  await expect(page.getByLabel('Gap')).toHaveValue('10');
  await page.keyboard.press('Escape');
  await page.keyboard.press('1');
  await page.getByRole('button', { name: 'Add figure', exact: true }).click();
  await page.keyboard.type('Chairs');
  await page.keyboard.press('Tab');
  await page.keyboard.type('80/2');
  await page.keyboard.press('Alt+ArrowUp');
  await saved(page);
  const { document } = await stored(request, id);
  expect(document.script.lines[0].text).toBe('Kettles first.');
  expect(document.charts[0].form.gap).toBe(10);
  expect(document.tables[0].rows.map(({ label }) => label)).toEqual([
    'Small appliances',
    'Lamps & lights',
    'Clothing',
    'Bicycles',
    'Chairs',
    'Toys',
  ]);
});
