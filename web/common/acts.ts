import { isText } from './keys';

/**
 * Which act of the hand an edit belongs to. All edits of one drag are one act, and all that is typed into one field
 * while it has the keyboard; any other edit is an act of its own. One act is one step of undo.
 */
let count = 0;
let drag: string | null = null;
let field: string | null = null;
/** of this tab, so that no other tab's act has the same name */
const tab = Math.random().toString(36).slice(2, 10);

/** Fields that change step by step while they have the keyboard, a picker of colours among them. */
const isHeld = (target: EventTarget | null): boolean =>
  isText(target) || (target instanceof HTMLInputElement && ['color', 'range'].includes(target.type));

const name = (): string => `${tab}-${++count}`;

/** An act that edits belong to which come one after another, while the hand may do something else. */
export function newAct(): string {
  return name();
}

export function actNow(): string {
  return drag ?? field ?? name();
}

/** After undo and redo nothing joins what went before. */
export function endAct(): void {
  drag &&= name();
  field &&= name();
}

export function watchActs(target: Window): void {
  target.addEventListener('pointerdown', () => (drag = name()), true);
  const end = (): void => {
    drag = null;
  };
  // What a click does comes after the button is let go, and is an act of its own.
  target.addEventListener('click', end, true);
  target.addEventListener('pointercancel', end, true);
  target.addEventListener('pointerup', () => target.setTimeout(end), true);
  target.addEventListener('focusin', ({ target: focused }) => (field = isHeld(focused) ? name() : null), true);
  target.addEventListener('focusout', () => (field = null), true);
}
