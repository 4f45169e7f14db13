/** where on the desk the keyboard can be */
const PLACES = '.head, .script, .stage-room, .transport, .bench-face, .details';

/**
 * Does a part of the desk follow an edit after the stage? Where the keyboard is elsewhere, it does. Fields that it is
 * in, and menus and panels that stand before everything, follow at once.
 *
 * @param part of the desk, as a selector
 */
export function followsAfter(part: string): boolean {
  const at = document.activeElement;
  const place = at?.closest(PLACES);
  return !at || at === document.body || (place !== undefined && place !== null && !place.matches(part));
}
