import { expect, type Locator, type Page } from '@playwright/test';

export type CellKind = 'label' | 'typed' | 'share' | 'measured' | 'starts';

/** A cell of the sheet, by its row from 1. */
export function cell(page: Page, row: number, kind: CellKind): Locator {
  return page
    .locator('.figure-grid .dsg-row')
    .nth(row - 1)
    .locator(`[data-column="${kind}"]`);
}

/** Types over a cell as hands do: a click selects it, typing replaces, Enter takes it. */
export async function type(page: Page, row: number, kind: CellKind, text: string): Promise<void> {
  await cell(page, row, kind).click();
  await page.keyboard.type(text);
  await page.keyboard.press('Enter');
}

/** What was typed, which a cell shows while it is edited. */
export async function typedIn(page: Page, row: number, kind: CellKind): Promise<string> {
  await cell(page, row, kind).click();
  await page.keyboard.press('F2');
  const text = await page.locator('.cell-input').inputValue();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  return text;
}

/** Pastes as from another program, wherever the keyboard is. */
export async function paste(page: Page, text: string): Promise<void> {
  await page.evaluate((plain) => {
    const data = new DataTransfer();
    data.setData('text/plain', plain);
    (document.activeElement ?? document.body).dispatchEvent(
      new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
    );
  }, text);
}

export async function labels(page: Page): Promise<string[]> {
  return page.locator('.figure-grid [data-column="label"]').allInnerTexts();
}

export async function expectCell(page: Page, row: number, kind: CellKind, text: string | RegExp): Promise<void> {
  await expect(cell(page, row, kind)).toHaveText(text);
}
