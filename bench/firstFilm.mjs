import { handOn } from './hand.mjs';

const FIGURES = 'Small appliances\t512\nLamps & lights\t287\nClothing\t199\nBicycles\t150\nToys\t100';
const SCRIPT = 'Of a hundred things that came in, forty were small appliances. Lamps came next.';

/** From an empty desk to a film with a form, a kit, a script and a voice, as somebody would who has not read how. */
export async function firstFilm(page, url) {
  const { begun, check, click, counted, key } = handOn(page);
  const button = (name) => page.getByRole('button', { name });
  await page.goto(url);
  await page.evaluate((text) => navigator.clipboard.writeText(text), FIGURES);
  begun();
  const since = performance.now();
  await click(page.getByRole('textbox', { name: 'Figures' }));
  await key('Control+v');
  await check(page.getByRole('radio', { name: /^pie/ }));
  await click(button('Create piece'));
  await click(button('Kits'));
  await check(page.getByRole('radio', { name: /^Enamel/ }));
  await click(button('Take Enamel'));
  await page.evaluate((text) => navigator.clipboard.writeText(text), SCRIPT);
  await click(button('Paste a script'));
  await click(page.getByLabel('Narration text'));
  await key('Control+v');
  await click(button('Use these lines'));
  await click(button('Scratch voice'));
  await click(button('Read the lines'));
  await page.getByText(/words found/).waitFor();
  await click(button(/^Pin \d figures/));
  await click(page.getByRole('link', { name: 'Hand off' }));
  await click(button('Make file'));
  await page.getByRole('link', { name: 'Download' }).first().waitFor({ timeout: 120_000 });
  const took = (performance.now() - since) / 1000;
  return (
    `actions    a first film with a form, a kit, a script and a voice: ${counted()} actions; ` +
    `by a hand that does not think, film and all, ${took.toFixed(0)} s`
  );
}
