import { flushSync } from 'react-dom';
import { useDesk } from './deskStore';
import { usePlay } from './playStore';

/** where on the desk a hand can be at work */
const PLACES = '.head, .script, .stage-room, .transport, .bench-face, .details';

/**
 * Does a part of the desk follow an edit after the stage? It does where the hand is known to work in another one. Menus
 * and panels that stand before everything follow at once.
 *
 * @param part of the desk, as a selector
 */
export function followsAfter(part: string): boolean {
  // The cells of a sheet have the keyboard without being focused.
  if (usePlay.getState().typingIn !== null) return part !== '.bench-face';
  const place = document.activeElement?.closest(PLACES);
  return place !== undefined && place !== null && !place.matches(part);
}

/** A part that a hand turns to is caught up with first: what it does there is done to the piece as it stands. */
function catchUp({ target }: Event): void {
  const { document: piece, followed } = useDesk.getState();
  if (piece === followed || !(target instanceof Element) || usePlay.getState().isHeld) return;
  if (target.closest(PLACES)) flushSync(() => useDesk.setState({ followed: piece }));
}

const HANDS = ['pointerdown', 'mousedown', 'click', 'keydown', 'focusin', 'input', 'change', 'drop', 'paste'];

export function watchHands(): () => void {
  for (const kind of HANDS) window.addEventListener(kind, catchUp, true);
  return () => {
    for (const kind of HANDS) window.removeEventListener(kind, catchUp, true);
  };
}
