import type { Locator, Page, Request } from '@playwright/test';
import { makePiece, openDemo } from './desk';
import { expect, test } from './kept';

// Nothing here is listed by hand: every button of a view is pressed, and whatever opens has to close.
const OPEN = '.dropdown-menu.show, .modal.show [role=dialog], .modal.show .modal-dialog';

/** Each card and each row has the same buttons. */
const kindOf = (name: string): string =>
  name.replace(/^(Actions for|Play|Start from) .*/u, '$1').replace(/^Move .* up$/u, 'Move up');

/**
 * Marks the next button of a view, outside of menus and dialogs, of a kind that was not pressed: what is drawn anew
 * when it is pressed is another button of the same name, and every card has the same buttons. Returns its name.
 */
async function nextButton(page: Page, pressed: Set<string>): Promise<string | null> {
  const names = await page.evaluate(() => {
    document.querySelectorAll('[data-pressed]').forEach((node) => node.removeAttribute('data-pressed'));
    const all = document.querySelectorAll<HTMLButtonElement>(
      'button:enabled:not(.dropdown-menu *, .modal *, .toast *)',
    );
    return [...all].map((node, at) => {
      node.setAttribute('data-pressed', String(at));
      // Of samples and coats side by side one is enough.
      if (node.hasAttribute('aria-pressed') && node.previousElementSibling?.hasAttribute('aria-pressed')) return null;
      const name = (node.getAttribute('aria-label') ?? node.textContent ?? '').trim() || node.outerHTML.slice(0, 90);
      return node.checkVisibility({ visibilityProperty: true }) && node.getClientRects().length > 0 ? name : null;
    });
  });
  const at = names.findIndex((name) => name !== null && !pressed.has(kindOf(name)));
  if (at < 0) return null;
  await page.evaluate((which) => {
    document.querySelector(`[data-pressed="${which}"]`)?.setAttribute('data-pressed', 'now');
  }, at);
  return names[at];
}

const isOpen = async (page: Page): Promise<boolean> => (await page.locator(OPEN).count()) > 0;

/** Places of the header, the script, the stage, the bench. */
const ELSEWHERE = [
  [640, 4],
  [60, 700],
  [890, 300],
  [1100, 790],
] as const;

/** Those of them that a menu does not cover. */
async function beside(menu: Locator): Promise<(readonly [number, number])[]> {
  const { x, y, width, height } = (await menu.boundingBox())!;
  return ELSEWHERE.filter(([across, down]) => across < x || across > x + width || down < y || down > y + height);
}

let places = 0;

/** What opened is closed by Escape, also from its fields, and by a press elsewhere; and the keyboard goes back. */
async function closes(page: Page, opener: Locator, open: () => Promise<void>, what: string): Promise<void> {
  const isDialog = (await page.locator('.modal.show').count()) > 0;
  const isClosed = async (by: string): Promise<void> => {
    await expect.soft(page.locator(OPEN), `${what}: ${by} closes it`).toHaveCount(0);
    await expect
      .soft(page.locator(':is(.dropdown-menu, .modal) :focus'), `${what}: it leaves the keyboard`)
      .toHaveCount(0);
  };
  await page.keyboard.press('Escape');
  await isClosed('Escape');
  await expect.soft(opener, `${what}: the keyboard goes back to what opened it`).toBeFocused();
  await open();
  const field = page.locator(':is(.dropdown-menu.show, .modal.show) input:visible:enabled').first();
  if (!isDialog && (await field.count()) > 0) {
    await field.focus();
    await page.keyboard.press('Escape');
    await isClosed('Escape in a field');
    await expect.soft(opener, `${what}: the keyboard goes back to what opened it`).toBeFocused();
    await open();
  }
  // Each menu two of them, so that all are tried.
  const first = ++places;
  const free = isDialog ? [] : await beside(page.locator('.dropdown-menu.show').first());
  const tried = isDialog ? [[4, 400] as const] : [free[first % free.length], free[(first + 1) % free.length]];
  for (const [x, y] of tried) {
    // A press elsewhere may take away what the button stood beside, and the button with it.
    if ((await opener.count()) === 0) return;
    if (!(await isOpen(page))) await open();
    await expect(page.locator(OPEN).first(), `${what}: it opens again`).toBeVisible();
    await page.mouse.click(x, y);
    await isClosed(`a press at ${x}, ${y}`);
  }
}

let pressedLast = '';

/** Requests that change something and are not answered yet. */
const unanswered = new Set<Request>();

/** What a press asked the server to make is made, and its page is there. */
async function answered(page: Page): Promise<void> {
  if (unanswered.size === 0) return;
  await expect.poll(() => unanswered.size, { timeout: 30_000 }).toBe(0);
  await page.waitForTimeout(200);
}

/** Presses all buttons of a view, each kind once. Returns what opened. */
async function pressAll(page: Page, view: string, pressed: Set<string>, again: () => Promise<void>): Promise<string[]> {
  const opened: string[] = [];
  const address = page.url();
  for (let name = await nextButton(page, pressed); name !== null; name = await nextButton(page, pressed)) {
    pressed.add(kindOf(name));
    pressedLast = `${view}, ${name}`;
    opened.push(...(await pressOne(page, pressedLast)));
    await answered(page);
    if (page.url() !== address) {
      await page.goto(address, { waitUntil: 'networkidle' });
      await again();
    }
  }
  return opened;
}

async function pressOne(page: Page, what: string): Promise<string[]> {
  const button = page.locator('[data-pressed=now]');
  const press = (): Promise<void> => button.click({ timeout: 1500, noWaitAfter: true });
  await press().catch(() => undefined);
  if (!(await isOpen(page))) return [];
  const opened = [what];
  // What is in a menu and opens a dialog says so by its dots.
  const items = page.locator('.dropdown-menu.show .dropdown-item:not(.disabled):not(:disabled)', { hasText: '…' });
  const names = (await items.allInnerTexts()).map((text) => text.trim());
  await closes(page, button, press, what);
  for (const name of names) {
    const choose = async (): Promise<void> => {
      await press();
      await page.locator('.dropdown-menu.show .dropdown-item', { hasText: name }).first().click();
    };
    if ((await button.count()) === 0) break;
    await choose();
    if (!(await page.locator('.modal.show').count())) continue;
    opened.push(`${what}, ${name}`);
    await closes(page, button, choose, `${what}, ${name}`);
  }
  return opened;
}

test('every menu and dialog opens, closes by Escape and by a press elsewhere, and gives the keyboard back', async ({
  page,
  request,
}) => {
  test.setTimeout(300_000);
  page.on('filechooser', () => undefined);
  page.on('request', (request_) => {
    if (request_.method() === 'POST') unanswered.add(request_);
  });
  const settled = (request_: Request): void => void unanswered.delete(request_);
  page.on('requestfinished', settled);
  page.on('requestfailed', settled);
  const broken: string[] = [];
  page.on('pageerror', (error) => broken.push(`${pressedLast}: ${error.message} ${error.stack ?? ''}`));
  const opened: string[] = [];
  await makePiece(page);
  const desk = page.url();
  // The script and the stage stay while the bench shows another face: their buttons are pressed once. The demo has a
  // recording, moments and pins, and so other menus beside those of a new piece.
  const pressed = new Set<string>();
  for (const view of ['a new piece', 'the demo']) {
    if (view === 'the demo') await openDemo(page, request, true);
    for (const face of ['Figures', 'Form', 'Finish', 'Words', 'Stage', 'Motion']) {
      const choose = (): Promise<void> => page.getByRole('tab', { name: face }).click();
      await choose();
      opened.push(...(await pressAll(page, `${view}, ${face}`, pressed, choose)));
      expect(broken).toEqual([]);
      await expect(page.locator('.bench .tab-pane.active'), `${face}: its menus leave the bench`).not.toBeEmpty();
    }
  }
  for (const address of ['/', `${desk}/hand-off`, '/hand-offs', `${desk}/proof`]) {
    await page.goto(address, { waitUntil: 'networkidle' });
    opened.push(...(await pressAll(page, address, new Set(), () => Promise.resolve())));
  }
  console.log(opened);
  expect(opened.length).toBeGreaterThan(15);
});
