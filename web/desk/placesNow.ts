import type { Placed } from '../api/answers';
import type { Piece } from '../../contracts/piece';
import { legendKey, setPlace, toldPlace, type Part, type PlaceKey } from '../piece/places';
import { withLegends } from '../piece/transform';
import { useDesk } from './deskStore';
import { shapeOf } from './shapes';
import { usePlay } from './playStore';

export type Places = Record<PlaceKey, Placed>;

/** The shape of the stage that is worked on; null: the piece's own. */
export function shapeNow(piece: Piece): string | null {
  return shapeOf(piece, usePlay.getState().shape);
}

/** Where things stand: as core has placed them, and as a hand has moved them since. */
export function placesNow(piece: Piece, keys: PlaceKey[]): Places {
  const { computed } = useDesk.getState();
  const places: Places = {};
  for (const key of keys) {
    const placed = computed?.sheet.places[key];
    const shape = shapeNow(piece);
    const told = toldPlace(piece, shape, key);
    if (!placed) continue;
    places[key] = { ...placed, ...told };
    // What the rule had made of it is its own already: it is not taken over once more.
    if (shape === null && told) Object.assign(places[key], { by: 'hand', text: undefined, form: undefined });
  }
  return places;
}

/** Moves things together, as far from where they stood. */
export function moveAll(draft: Piece, from: Places, across: number, down: number): void {
  for (const [key, place] of Object.entries(from))
    setPlace(draft, shapeNow(draft), key, place, { x: place.x + across, y: place.y + down });
}

/** Changes where things stand, each from where it does now. */
export function editPlaces(keys: PlaceKey[], change: (now: Placed, key: PlaceKey) => Part | null): void {
  const { edit, document } = useDesk.getState();
  if (!document) return;
  const all = withLegends(document, shapeNow(document), keys);
  const places = placesNow(document, all);
  edit((draft) => {
    const shape = shapeNow(draft);
    for (const key of keys.filter((one) => one in places)) {
      const now = places[key];
      const part = change(now, key);
      if (!part) continue;
      setPlace(draft, shape, key, now, part);
      const legend = legendKey(key);
      const its = all.includes(legend) && !keys.includes(legend) ? places[legend] : undefined;
      const [across, down] = [(part.x ?? now.x) - now.x, (part.y ?? now.y) - now.y];
      if (its && (across || down)) setPlace(draft, shape, legend, its, { x: its.x + across, y: its.y + down });
    }
  });
}
