/** How long something that is gone to has to come. */
const PATIENCE = 2500;
const EVERY = 40;
const FLASH = 1600;

const CONTROL = 'input:not([type=hidden]), select, textarea, button, [tabindex="0"]';

/** Where settings stand, the dialog before all where there is one. */
const AREAS = ['.modal.show', '.details', '.bench-face', '.desk'];

let wanted = 0;

const pause = (): Promise<void> => new Promise((resolve) => window.setTimeout(resolve, EVERY));

function inSight(selector: string): HTMLElement | null {
  for (const area of AREAS)
    for (const root of document.querySelectorAll<HTMLElement>(area)) {
      const one = root.querySelector<HTMLElement>(selector);
      if (one && controlOf(one)) return one;
    }
  return null;
}

function controlOf(one: HTMLElement): HTMLElement | null {
  if (one.matches(CONTROL)) return one;
  const controls = [...one.querySelectorAll<HTMLElement>(CONTROL)];
  return (
    controls.find((control) => control.tabIndex >= 0 && control.getClientRects().length > 0) ?? controls[0] ?? null
  );
}

/** Folds that are shut, where something may be in. */
const shutFolds = (): HTMLElement[] => [
  ...document.querySelectorAll<HTMLElement>(
    '.modal.show [data-fold][aria-expanded="false"], .details [data-fold][aria-expanded="false"], ' +
      '.bench-face [data-fold][aria-expanded="false"]',
  ),
];

/**
 * Waits until something is on the desk, opening folds that it may be in and shutting those again that it is not in.
 * It has the keyboard then, in the middle of what is seen, and stands out for a moment.
 *
 * @param selectors the first that is there is taken, those after it only when the ones before do not come
 * @param press it, instead of giving it the keyboard
 */
export async function seek(selectors: string[], press = false): Promise<boolean> {
  const mine = ++wanted;
  const until = performance.now() + PATIENCE;
  for (const [at, selector] of selectors.entries()) {
    const isLast = at === selectors.length - 1;
    const tried = new Set<string>();
    let rested = 0;
    while (performance.now() < until && mine === wanted) {
      const one = inSight(selector);
      if (one) {
        show(one, press);
        return true;
      }
      // What has just been opened may still be drawn.
      if (++rested > 4) {
        const fold = shutFolds().find(({ dataset }) => !tried.has(dataset.fold ?? ''));
        if (fold) {
          tried.add(fold.dataset.fold ?? '');
          fold.click();
          await pause();
          if (inSight(selector)) continue;
          if (fold.isConnected) fold.click();
        } else if (!isLast) break;
      }
      await pause();
    }
  }
  return false;
}

function show(one: HTMLElement, press: boolean): void {
  const control = controlOf(one);
  if (!control) return;
  control.scrollIntoView({ block: 'center' });
  if (press) {
    control.click();
    return;
  }
  control.focus({ preventScroll: true });
  if (control instanceof HTMLInputElement && control.type === 'text') control.select();
  const marked = control.closest<HTMLElement>('.field, .list-pick, .coat-line, label') ?? control;
  marked.classList.add('is-found');
  window.setTimeout(() => marked.classList.remove('is-found'), FLASH);
}

/** A button, or a tab, by what it is called. */
export const called = (name: string): string => `[aria-label="${name}"], [data-act="${name}"]`;
