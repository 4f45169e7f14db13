const NOT_TEXT = ['checkbox', 'radio', 'button', 'submit', 'range', 'color', 'file'];

/** Is it a field that text is typed into? */
export function isText(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  if (target instanceof HTMLInputElement) return !NOT_TEXT.includes(target.type);
  return target.isContentEditable || target instanceof HTMLTextAreaElement;
}

/** Does the keyboard belong to a field, or to a cell of the sheet, right now? */
export function isTyping(target: EventTarget | null): boolean {
  return isText(target) || document.querySelector('.figure-grid[data-has-keys]') !== null;
}

let byPointer = false;

/**
 * Does the keyboard belong to a control that was gone to with the keyboard? One that was only clicked leaves it to the
 * desk.
 */
export function isOperating(target: EventTarget | null): boolean {
  return (
    !byPointer &&
    target instanceof HTMLElement &&
    target.closest('button, a, input, select, summary, [role="tab"], [tabindex="0"]') !== null
  );
}

/** Notes whether the pointer or the Tab key led to what has the keyboard. */
export function watchKeys(target: Window): void {
  target.addEventListener('pointerdown', () => (byPointer = true), true);
  target.addEventListener('keydown', ({ key }) => (byPointer &&= key !== 'Tab'), true);
}
