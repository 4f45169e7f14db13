import { flushSync } from 'react-dom';
import { useDesk } from './deskStore';
import { usePlay } from './playStore';

/** where on the desk a hand can be at work */
const PLACES = '.head, .script, .stage-room, .transport, .bench-face, .details';

/** where it did something last; null: elsewhere, or it is not known */
let hand: Element | null = null;

/**
 * Does a part of the desk follow an edit after the stage? It does where the hand is known to work in another one. Menus
 * and panels that stand before everything follow at once.
 *
 * @param part of the desk, as a selector
 */
export function followsAfter(part: string): boolean {
  // The cells of a sheet have the keyboard without being focused.
  if (usePlay.getState().typingIn !== null) return part !== '.bench-face';
  return hand !== null && !hand.matches(part);
}

const placeOf = ({ target }: Event): Element | null => (target instanceof Element ? target.closest(PLACES) : null);

function note(event: Event): void {
  hand = placeOf(event);
}

/** A part that a hand turns to is caught up with first: what it does there is done to the piece as it stands. */
function catchUp(event: Event): void {
  note(event);
  const { document: piece, followed } = useDesk.getState();
  if (hand && piece !== followed && !usePlay.getState().isHeld) {
    flushSync(() => useDesk.setState({ followed: piece }));
  }
}

const TURNS = ['pointerdown', 'mousedown', 'click', 'keydown', 'focusin', 'drop', 'paste'];
// What is in a field then must not be written over.
const TAKES = ['input', 'change'];

export function watchHands(): () => void {
  for (const kind of TURNS) window.addEventListener(kind, catchUp, true);
  for (const kind of TAKES) window.addEventListener(kind, note, true);
  return () => {
    for (const kind of TURNS) window.removeEventListener(kind, catchUp, true);
    for (const kind of TAKES) window.removeEventListener(kind, note, true);
    hand = null;
  };
}
