import { expect, test as base, type BrowserContext } from '@playwright/test';

let kept: BrowserContext | null = null;

/**
 * Checks in one browser, so that what is built is read and compiled once and not by every check. Each begins with an
 * empty one all the same: nothing is stored in it, nothing is granted, and no page is open.
 */
export const test = base.extend({
  context: async ({ browser, baseURL, viewport, contextOptions, acceptDownloads }, use) => {
    if (kept === null || kept.browser() !== browser) {
      kept = await browser.newContext({ ...contextOptions, baseURL, viewport, acceptDownloads });
    }
    await use(kept);
    await emptied(kept, baseURL!);
  },
});

async function emptied(context: BrowserContext, baseURL: string): Promise<void> {
  const [first, ...others] = context.pages();
  if (first) {
    const browser = await context.newCDPSession(first);
    await Promise.all(others.map((page) => page.close()));
    await context.unrouteAll({ behavior: 'ignoreErrors' });
    // Away from the desk first: it keeps what could not be saved when it is left.
    await first.goto('about:blank');
    await browser.send('Storage.clearDataForOrigin', {
      origin: new URL(baseURL).origin,
      storageTypes: 'cookies,indexeddb,local_storage,service_workers',
    });
    await first.close();
  }
  await context.setOffline(false);
  await context.clearPermissions();
  await context.clearCookies();
}

export { expect };
