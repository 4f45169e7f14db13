import { readFileSync } from 'node:fs';
import { expect, type APIRequestContext, type Locator, type Page } from '@playwright/test';
import type { Computed, StoredPiece } from '../web/api/answers';
import type { Piece } from '../contracts/piece';
import { evenlySpoken } from '../demo/plain/evenlySpoken';

export const FIGURES = 'Small appliances\t512\nLamps & lights\t287\nClothing\t199\nBicycles\t150\nToys\t100';

/** A new piece of these figures, on the desk. How the shelf makes one is checked in shelf and first-film. */
export async function makePiece(page: Page, figures = FIGURES): Promise<string> {
  const answer = await page.request.post('/api/pieces', { data: { text: figures, form: 'donut' } });
  expect(answer.status(), await answer.text()).toBe(201);
  const { id } = (await answer.json()) as StoredPiece;
  await page.goto(`/pieces/${id}`);
  await expect(page.locator('.stage canvas')).toHaveAttribute('data-reel', /\d/);
  await proven(page);
  return id;
}

const spoken = (): Piece =>
  JSON.parse(readFileSync(new URL('../demo/plain/the-mending-room.json', import.meta.url), 'utf8')) as Piece;

export async function stored(request: APIRequestContext, id: string): Promise<StoredPiece> {
  return (await request.get(`/api/pieces/${id}`)).json() as Promise<StoredPiece>;
}

export async function store(request: APIRequestContext, document: Piece): Promise<string> {
  const answer = await request.post('/api/pieces', { data: { document } });
  expect(answer.status()).toBe(201);
  return ((await answer.json()) as StoredPiece).id;
}

/** A copy of the demo of its own, on the desk; with its recording where that is what it is about. */
export async function openDemo(page: Page, request: APIRequestContext, withVoice = false): Promise<string> {
  const id = await store(request, {
    ...(withVoice ? spoken() : evenlySpoken()),
    title: 'A copy of the demo',
  });
  await page.goto(`/pieces/${id}`);
  await proven(page);
  return id;
}

/** Where core places everything of a document, on its stage or in one shape of it. */
export async function placesOf(
  request: APIRequestContext,
  document: Piece,
  shape: string | null = null,
): Promise<Computed['sheet']['places']> {
  const answer = await request.post('/api/compute', { data: { document, frame: 0, shape } });
  return ((await answer.json()) as Computed).sheet.places;
}

/** Waits for the proof, which is measured after everything else; right after a start it takes longest. */
async function proven(page: Page): Promise<void> {
  await expect(page.locator('.proof-word')).toContainText('exact', { timeout: 30_000 });
}

/** Waits until everything is saved, as the header says it. */
export async function saved(page: Page): Promise<void> {
  // Where the machine is slow, what was asked for before goes first.
  await expect(page.locator('.saved')).toHaveText('Saved', { timeout: 30_000 });
}

/** Takes the keyboard away from every field, so that the desk has it. */
export async function letGo(page: Page): Promise<void> {
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.press('Escape');
}

export async function goTo(page: Page, frame: number): Promise<void> {
  await letGo(page);
  const field = page.getByLabel('Frame', { exact: true });
  await field.fill(String(frame));
  await field.press('Enter');
  await expect(field).toHaveValue(String(frame));
  await expect(field).not.toBeFocused();
}

/** Lets a move begin on a word, of which a part is typed. */
export async function beginOn(within: Locator, word: string): Promise<void> {
  await within.getByLabel('Starts').selectOption('On a word');
  const field = within.getByLabel('Word', { exact: true });
  await field.fill(`${word},`);
  await field.press('Enter');
  await expect(field).toHaveValue(new RegExp(`^${word}, `, 'u'));
}
