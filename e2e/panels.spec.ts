import type { Locator, Page } from '@playwright/test';
import { goTo, letGo, openDemo, saved, stored } from './desk';
import { expect, test } from './kept';

/** What the stage shows, as one number; the picture itself, not the document. */
const picture = (page: Page): Promise<string> =>
  page.locator('.stage canvas').evaluate((canvas: HTMLCanvasElement) => canvas.toDataURL());

async function changesThePicture(page: Page, what: string, act: () => Promise<unknown>): Promise<void> {
  const before = await picture(page);
  await act();
  await expect.poll(() => picture(page), { message: what, timeout: 60_000 }).not.toBe(before);
}

async function type(field: Locator, value: string): Promise<void> {
  await field.fill(value);
  await field.press('Enter');
}

/** A point of the stage of 1920 by 1080 on the screen. */
async function onScreen(page: Page, x: number, y: number): Promise<[number, number]> {
  const box = (await page.locator('.stage canvas').boundingBox())!;
  return [box.x + (x * box.width) / 1920, box.y + (y * box.height) / 1080];
}

async function pull(page: Page, from: [number, number], to: [number, number]): Promise<void> {
  await page.mouse.move(...(await onScreen(page, ...from)));
  await page.mouse.down();
  await page.mouse.move(...(await onScreen(page, ...to)), { steps: 6 });
  await page.mouse.up();
}

test('a panel is put on the stage, shaped, moved, coated, timed and removed', async ({ page, request }) => {
  test.setTimeout(240_000);
  const id = await openDemo(page, request);
  await goTo(page, 399);
  const panelNow = async () => {
    await saved(page);
    return (await stored(request, id)).document.panels![0];
  };
  await page.getByRole('tab', { name: 'Stage' }).click();
  await changesThePicture(page, 'it is there', () => page.getByTitle('Add a rectangle').click());
  const details = page.getByRole('complementary');
  const field = (label: string) => details.getByLabel(label, { exact: true });
  await changesThePicture(page, 'across', () => type(field('X'), '900'));
  await changesThePicture(page, 'down', () => type(field('Y'), '500'));
  await changesThePicture(page, 'width', () => type(field('Width'), '400'));
  await changesThePicture(page, 'height', () => type(field('Height'), '200'));
  await changesThePicture(page, 'corners', () => type(field('Corner radius'), '80'));
  await changesThePicture(page, 'in front', () => field('Stands').selectOption('In front'));
  // By hand: the whole of it, a corner while the other stays, and round.
  await changesThePicture(page, 'moved', () => pull(page, [900, 500], [1060, 640]));
  let now = await panelNow();
  expect([now.x, now.y].map(Math.round)).toEqual([1060, 640]);
  await changesThePicture(page, 'larger', () => pull(page, [1260, 740], [1360, 790]));
  now = await panelNow();
  expect(Math.abs(now.width - 500)).toBeLessThan(6);
  expect(Math.abs(now.x - now.width / 2 - 860)).toBeLessThan(6);
  await field('Rotation').first().focus();
  await changesThePicture(page, 'turned', () => type(field('Rotation'), '30'));
  await letGo(page);
  await page.mouse.click(...(await onScreen(page, now.x, now.y)));
  await changesThePicture(page, 'nudged', () => page.keyboard.press('Control+ArrowRight'));
  // Its coats, on the face that has them.
  await details.getByRole('button', { name: 'Edit its finish' }).click();
  await changesThePicture(page, 'a line', () => page.getByRole('checkbox', { name: 'Line on', exact: true }).check());
  await page.getByRole('button', { name: /^Fill/ }).first().click();
  await changesThePicture(page, 'a gradient', () => page.getByRole('button', { name: 'Slanted' }).click());
  now = await panelNow();
  expect([now.lines?.length, now.fills?.[0].kind]).toEqual([1, 'linear']);
  // It comes as it is told, and lies around a legend, which it follows.
  await page.getByRole('tab', { name: 'Stage' }).click();
  await details.getByLabel('Entrance', { exact: true }).check();
  await type(field('Starts').first(), '390').catch(() => undefined);
  await changesThePicture(page, 'around', () => field('Around').selectOption({ label: 'Legend of donut' }));
  now = await panelNow();
  expect(now.around).toBe('legend-chart1');
  // A hand takes it away again; undone in one step.
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await panelNow()).around ?? null).toBe(null);
  await letGo(page);
  await page.mouse.click(...(await onScreen(page, now.x, now.y)));
  await page.keyboard.press('Delete');
  await saved(page);
  const { document } = await stored(request, id);
  expect([document.panels, document.moves.filter(({ target }) => 'panel' in target)]).toEqual([[], []]);
});

test('words have coats, a plate and an arc of their own', async ({ page, request }) => {
  test.setTimeout(240_000);
  const id = await openDemo(page, request);
  await goTo(page, 399);
  await page.getByRole('tab', { name: 'Finish' }).click();
  const whose = page.getByLabel('Finish of tracks, words or a panel');
  await whose.selectOption({ label: 'Legend' });
  await changesThePicture(page, 'a line around', () =>
    page.getByRole('checkbox', { name: 'Line on', exact: true }).check(),
  );
  // What words of a chart have changes in time, too.
  await page.getByText('Change it in time').click();
  await changesThePicture(page, 'a wide line', async () => {
    await page.getByLabel('Add a change').first().selectOption({ label: 'Width' });
    await goTo(page, 399 + 40);
  });
  // So do captions, from one line to the next.
  await whose.selectOption({ label: 'Captions' });
  await page.getByRole('button', { name: /^Fill/ }).first().click();
  await changesThePicture(page, 'captions of another colour', async () => {
    await page.getByLabel('Add a change').first().selectOption({ label: 'Colour' });
    await type(page.getByLabel('To', { exact: true }), '#3aa0c9');
    await goTo(page, 399 + 41);
  });
  await whose.selectOption({ label: 'Centre number' });
  await changesThePicture(page, 'a glow', () => page.getByRole('checkbox', { name: 'Glow on', exact: true }).check());
  await page.getByRole('tab', { name: 'Words' }).click();
  const face = page.locator('.words-face');
  await changesThePicture(page, 'readings after the names', () =>
    face.getByLabel('Readings', { exact: true }).selectOption({ label: 'After the names' }),
  );
  await face.locator('.list-pick').first().click();
  const details = page.getByRole('complementary');
  const field = (label: string) => details.getByLabel(label, { exact: true });
  await details.getByText('Spacing, plate, finish').click();
  await changesThePicture(page, 'capitals', () => field('All capitals').check());
  await changesThePicture(page, 'spacing', () => type(field('Letter spacing'), '8%'));
  await changesThePicture(page, 'line height', () => type(field('Line height'), '1.5'));
  await changesThePicture(page, 'a plate', () => field('Plate').check());
  await changesThePicture(page, 'its padding', () => type(field('Padding'), '1'));
  await changesThePicture(page, 'no plate', () => field('Plate').uncheck());
  await changesThePicture(page, 'an arc', () => type(field('Arc radius'), '900'));
  await changesThePicture(page, 'the other way', () => type(field('Arc radius'), '-900'));
  await details.getByRole('button', { name: 'Edit their finish' }).click();
  await changesThePicture(page, 'chalk', async () => {
    await page
      .getByRole('button', { name: /^Texture/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'Chalk' }).click();
  });
  await saved(page);
  const { document } = await stored(request, id);
  const [title] = document.words;
  expect([title.textures?.[0].kind, title.upperCase, title.arc]).toEqual(['chalk', true, -900]);
  const { legend, centre } = document.charts[0].words;
  expect(document.moves.map(({ property }) => property)).toContain('words.legend.lines.0.width');
  expect(document.moves.find(({ property }) => property === 'colour')).toMatchObject({
    target: { stage: 'captions' },
    to: '#3aa0c9',
  });
  expect(legend?.values).toBe('after');
  expect([legend?.lines?.[0].place, centre?.glows?.length]).toEqual(['outside', 1]);
  // What is read stays text.
  const svg = await (await request.get(`/api/pieces/${id}/still.svg?frame=399`)).text();
  expect(svg).toContain('aria-label="What came through the door"'.slice(0, 16));
  expect(svg).toContain('data-reading-of="total"');
});

test('a picture comes onto the stage by its file, and what is none says so', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await goTo(page, 399);
  await page.getByRole('tab', { name: 'Stage' }).click();
  const svg = '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 30 20"><circle cx="15" cy="10" r="9"/></svg>';
  const input = page.getByLabel('Picture for the stage');
  await changesThePicture(page, 'a picture', () =>
    input.setInputFiles({ name: 'badge.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(svg) }),
  );
  await expect(page.getByRole('complementary').getByText('badge').first()).toBeVisible();
  await saved(page);
  const { document } = await stored(request, id);
  expect(document.pictures?.map(({ name }) => name)).toEqual(['badge']);
  expect(document.panels?.[0].fills?.[0]).toMatchObject({ kind: 'picture', picture: document.pictures?.[0].id });
  // It can be the backdrop, too.
  const backdrop = page.locator('.bench-face');
  await backdrop.getByLabel('Backdrop', { exact: true }).selectOption({ label: 'Picture' });
  await changesThePicture(page, 'a picture behind all', () =>
    backdrop.getByLabel('Picture', { exact: true }).selectOption({ label: 'badge' }),
  );
  await changesThePicture(page, 'dimmed', () => type(backdrop.getByLabel('Dim', { exact: true }), '60%'));
  await changesThePicture(page, 'drifting', () => type(backdrop.getByLabel('Drift', { exact: true }), '8%'));
  await saved(page);
  const ground = (await stored(request, id)).document.backdrop;
  expect(ground).toMatchObject({ kind: 'picture', picture: document.pictures?.[0].id, dim: 0.6, drift: 0.08 });
  await input.setInputFiles({ name: 'list.png', mimeType: 'image/png', buffer: Buffer.from('no picture') });
  await expect(page.getByText('“list.png” cannot be read as a picture')).toBeVisible();
});

test('a light on a chart is dragged on the stage', async ({ page, request }) => {
  const id = await openDemo(page, request);
  await goTo(page, 399);
  await page.getByRole('tab', { name: 'Finish' }).click();
  await page.getByRole('button', { name: /^Fill/ }).first().click();
  await page.getByRole('button', { name: 'Highlight' }).click();
  await page.getByRole('button', { name: /^Fill 2: / }).click();
  const handle = page.getByRole('button', { name: /Middle of the light/ });
  const box = (await handle.boundingBox())!;
  const centre = async (): Promise<[number, number]> => {
    await saved(page);
    const [, light] = (await stored(request, id)).document.charts[0].finish.fills!;
    return [light.x ?? 0.5, light.y ?? 0.5];
  };
  const before = await centre();
  await changesThePicture(page, 'the light goes along', async () => {
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 80, box.y + box.height / 2 + 50, { steps: 5 });
    await page.mouse.up();
  });
  const after = await centre();
  expect(after[0]).toBeGreaterThan(before[0] + 0.1);
  expect(after[1]).toBeGreaterThan(before[1] + 0.05);
  // By the keyboard as well.
  await handle.focus();
  await changesThePicture(page, 'a step', () => page.keyboard.press('Shift+ArrowLeft'));
});
