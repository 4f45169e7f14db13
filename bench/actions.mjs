// How many keys and clicks twelve jobs of a day take, in the real interface: by the longer way, as they had to be done
// before each had its own act, and by the shortest. Both are driven here, and end in the same thing where they can.
import { CHROMIUM } from '../e2e/browser.mjs';
import { chromium } from '@playwright/test';
import { firstFilm } from './firstFilm.mjs';
import { handOn } from './hand.mjs';
import { serve } from './serve.mjs';

const ROWS = 'Small appliances\t512\nLamps & lights\t287\nClothing\t199\nBicycles\t150\nToys\t100';
const YEARS = 'Kind\t2021\t2022\t2023\nKettles\t180\t260\t512\nLamps\t140\t210\t287\nCoats\t95\t150\t199';

const { url, end } = await serve(process.argv[2], 8794);
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] });
const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
await context.grantPermissions(['clipboard-read', 'clipboard-write']);
const page = await context.newPage();
page.setDefaultTimeout(15_000);
const { click, check, key, type, choose, fill, also, counted, begun } = handOn(page);
const button = (name, within = page) => within.getByRole('button', { name });
const details = page.locator('.details');
const stem = (name) => button(`Stem of ${name}`);
const headers = { 'Content-Type': 'application/json' };
const api = async (path, body) => {
  const sent = body && { method: 'POST', headers, body: JSON.stringify(body) };
  return (await fetch(`${url}/api/${path}`, sent)).json();
};

async function open(document) {
  const made = await api('pieces', document);
  // Nothing is folded open by the job before.
  await page.evaluate(() => localStorage.clear()).catch(() => undefined);
  await page.goto(`${url}/pieces/${made.id}`);
  await page.waitForSelector('.stage canvas[data-reel]');
  await page.waitForSelector('.proof-word.is-exact');
  return made.id;
}
const newPiece = () => open({ text: ROWS, form: 'donut' });
const demo = async () => {
  const { pieces } = await api('pieces');
  const { document } = await api(`pieces/${pieces.find(({ title }) => title === 'The Mending Room').id}`);
  return open({ document: { ...document, title: 'A copy' } });
};
const film = async () => {
  await click(page.getByRole('link', { name: 'Hand off' }));
  await click(page.getByRole('button', { name: /^Make|^Render|^Film/ }).first());
};
const percentage = async () => {
  await click(page.getByRole('textbox', { name: 'Figures' }));
  await type('Mended\t73%');
  await click(button('Create piece'));
  await film();
};
const goTo = async (frame) => {
  const field = page.getByLabel('Frame', { exact: true });
  await field.fill(String(frame));
  await field.press('Enter');
};
const PARTS = ROWS.split('\n').map((row) => row.split('\t')[0]);

/** What is there first, the longer way, the shortest; and why that is more than half of it, where it is. */
const JOBS = [
  {
    job: 'a percentage to a film',
    begin: async () => {
      await page.goto(url);
      await page.getByRole('textbox', { name: 'Figures' }).waitFor();
    },
    before: percentage,
    after: percentage,
    reason: 'what is left is the figure itself, and three decisions',
  },
  {
    job: 'new figures',
    begin: newPiece,
    before: async () => {
      for (const [at, value] of ['530', '300', '210', '160', '110'].entries()) {
        await click(page.locator('.figure-grid [data-column="typed"]').nth(at));
        await type(value);
        await key('Enter');
      }
    },
    after: async () => {
      await click(page.locator('.figure-grid [data-column="typed"]').nth(0));
      await page.evaluate(() => {
        const clipboardData = new DataTransfer();
        clipboardData.setData('text/plain', '530\n300\n210\n160\n110');
        document.activeElement.dispatchEvent(
          new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }),
        );
      });
      also();
    },
  },
  {
    job: 'six patterns',
    begin: () => open({ text: `${ROWS}\nUmbrellas\t80`, form: 'donut' }),
    before: async () => {
      for (const [at, part] of [...PARTS, 'Umbrellas'].entries()) {
        await click(stem(part));
        await key('3');
        await click(button(part, page.getByRole('group', { name: 'Finish of' })));
        await click(page.getByRole('button', { name: /^Pattern: / }));
        await click(
          page
            .getByRole('group', { name: 'Pattern samples' })
            .getByRole('button')
            .nth(at + 1),
        );
      }
    },
    after: async () => {
      await key('3');
      await click(page.getByRole('button', { name: /^Pattern: / }));
      await click(button('Each part its own'));
    },
  },
  {
    job: 'the whole film shorter',
    begin: demo,
    before: async () => {
      for (const part of PARTS) {
        await click(stem(part));
        await choose(details.getByLabel('Starts').first(), 'On a frame');
        await fill(details.getByLabel('At').first(), '90');
        await fill(details.getByLabel('Lasts').first(), '20');
      }
      await click(page.getByTitle('Stage size, frame rate and length'));
      await page.getByText('Cut or hold the end').click();
      also();
      await fill(page.getByRole('dialog').getByLabel('Length', { exact: true }), '0:16');
    },
    after: async () => {
      await click(page.getByTitle('Stage size, frame rate and length'));
      await fill(page.getByRole('dialog').getByLabel('Length', { exact: true }), '0:16');
    },
  },
  {
    job: 'an emphasis with a note',
    begin: newPiece,
    before: async () => {
      await goTo(200);
      await click(stem('Clothing'));
      await click(button(/^Emphasis/, details));
      await click(button('Add emphasis at playhead', details));
      await key('4');
      await click(button('Add title'));
      await fill(details.getByLabel('Text', { exact: true }), 'Clothing 199');
      await choose(details.getByLabel('Pointer to'), 'Clothing');
      await fill(details.getByLabel('X', { exact: true }), '200');
      await fill(details.getByLabel('Y', { exact: true }), '300');
      await fill(details.getByLabel('Size', { exact: true }), '40');
      await click(stem('Clothing'));
      await choose(details.getByLabel('Note').last(), { index: 2 });
    },
    after: async () => {
      await goTo(200);
      await click(stem('Clothing'));
      await click(button(/^Emphasis/, details));
      await click(button('Add emphasis at playhead', details));
      await choose(details.getByLabel('Note').last(), 'New note');
    },
  },
  {
    job: 'five labels',
    begin: newPiece,
    before: async () => {
      for (const part of PARTS) {
        await key('4');
        await click(button('Add title'));
        await fill(details.getByLabel('Text', { exact: true }), part);
        await choose(details.getByLabel('Pointer to'), part);
      }
    },
    after: async () => {
      await key('4');
      await click(page.getByText('At the parts', { exact: true }).first());
    },
  },
  {
    job: 'a race of years to a film',
    begin: async () => {
      await page.goto(url);
      await page.getByRole('textbox', { name: 'Figures' }).fill(YEARS);
      await page.waitForTimeout(350);
    },
    before: async () => {
      await check(page.getByRole('radio', { name: /^bars/ }));
      await click(button('Create piece'));
      await page.waitForSelector('.stage canvas[data-reel]');
      await key('6');
      await page.getByText('Run through columns', { exact: true }).first().click();
      also();
      await film();
    },
    after: async () => {
      await page.waitForTimeout(350);
      await click(button('Create piece'));
      await page.waitForSelector('.stage canvas[data-reel]');
      await film();
    },
    reason: 'a run is offered by itself where columns are years; what is left is to make it and to film it',
  },
  {
    job: 'a second piece in house style',
    begin: newPiece,
    before: async () => {
      await key('3');
      await choose(page.getByLabel('Colours', { exact: true }), 'Colour set');
      await page.waitForTimeout(350);
      for (const [at, hex] of ['#2f6b52', '#e0a030', '#c23a74'].entries())
        await fill(page.getByRole('textbox', { name: `Swatch ${at + 1}`, exact: true }), hex);
      await key('4');
      await fill(page.getByLabel('Size', { exact: true }).first(), '44');
    },
    after: async () => {
      await key('y');
      await check(page.getByRole('radio', { name: /^Enamel/ }));
      await key('Enter');
    },
  },
  {
    job: 'a boundary dragged',
    begin: newPiece,
    before: async () => {
      await click(page.locator('.figure-grid [data-column="typed"]').nth(1));
      await type('300');
      await key('Enter');
      await type('186');
      await key('Enter');
    },
    after: async () => {
      await goTo(230);
      begun();
      await click(stem('Lamps & lights'));
      const box = await button(/^Between Lamps & lights and Clothing/).boundingBox();
      await page.mouse.move(box.x + 6, box.y + 6);
      await page.mouse.down();
      await page.mouse.move(box.x - 2, box.y - 2, { steps: 4 });
      await page.mouse.up();
      also();
    },
  },
  {
    job: 'a word pinned again',
    begin: demo,
    before: async () => {
      await click(stem('Clothing'));
      await choose(details.getByLabel('Starts').first(), 'On a frame');
      await fill(details.getByLabel('At').first(), '279');
      await choose(details.getByLabel('Starts').first(), 'On a word');
      await fill(details.getByLabel('Word', { exact: true }).first(), 'nobody');
    },
    after: async () => {
      await click(stem('Clothing'));
      await click(button('Click the word in the script', details));
      await click(page.locator('[data-word]').filter({ hasText: 'nobody' }).first());
    },
  },
  {
    job: 'a version taken back',
    begin: async () => {
      await newPiece();
      for (let at = 0; at < 8; at++) {
        await page.getByLabel('Title of the piece').fill(`Draft ${at}`);
        await page.keyboard.press('Enter');
        await page.waitForTimeout(350);
      }
      await page.waitForTimeout(1200);
    },
    before: async () => {
      for (let step = 0; step < 8; step++) {
        await key('Control+z');
        await page.waitForTimeout(350);
      }
    },
    after: async () => {
      await key('e');
      await check(page.getByRole('radio', { name: /^Begun/ }));
      await click(button('Go back to this'));
    },
  },
  {
    job: 'a setting found',
    begin: newPiece,
    before: async () => {
      // Nobody knows on which face “sweep” is: they are looked through from the left.
      await key('1');
      await key('2');
      await click(button(/^More donut settings/));
      await key('3');
      await key('4');
      await click(button('Spacing, plate, finish').first()).catch(() => also());
      await key('5');
      await key('6');
      await key('2');
      await click(page.getByLabel('Sweep', { exact: true }));
    },
    after: async () => {
      await key('f');
      await type('half');
      await key('Enter');
    },
    reason: 'most of it is the word itself; before, by chance, only two folds had to be opened',
  },
];

let [all, less] = [0, 0];
try {
  for (const { job, begin, before, after, reason } of JOBS.filter(({ job }) => job.includes(process.argv[3] ?? ''))) {
    const counts = [];
    for (const way of [before, after]) {
      await begin();
      await page.evaluate(() => document.activeElement?.blur());
      begun();
      await way();
      counts.push(counted());
      await page.waitForTimeout(350);
    }
    const ratio = counts[1] / counts[0];
    [all, less] = [all + counts[0], less + counts[1]];
    console.log(
      `actions    ${job}: ${counts[0]} before, ${counts[1]} now, ${ratio.toFixed(2)} of it${ratio > 0.5 ? ` (${reason ?? 'more than half'})` : ''}`,
    );
  }
  if (all > 0) console.log(`actions    all twelve: ${all} before, ${less} now, ${(less / all).toFixed(2)} of it`);
  if ('a first film'.includes(process.argv[3] ?? 'a first film')) console.log(await firstFilm(page, url));
} finally {
  await browser.close();
  await end();
}
