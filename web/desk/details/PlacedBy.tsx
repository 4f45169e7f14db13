import type { Placed } from '../../api/answers';
import { giveBack, setPlace, type PlaceKey } from '../../piece/places';
import { useDesk } from '../deskStore';
import { placesNow, shapeNow } from '../placesNow';
import { shapesOf } from '../shapes';

const WORDS: Record<Placed['by'], string> = {
  rule: 'Placed by the arrangement.',
  hand: 'Placed by hand.',
  own: 'Own position in this shape',
};

/** Where things stand in the shape that is worked on they stand in all of them, in proportion. */
function sameInAllShapes(keys: PlaceKey[]): void {
  const { edit, document } = useDesk.getState();
  if (!document) return;
  const from = placesNow(document, keys);
  const here = shapeNow(document);
  const shapes = shapesOf(document);
  const mine = shapes.find(({ id }) => id === here) ?? shapes[0];
  edit((draft) => {
    for (const { id, width, height } of shapes)
      for (const [key, place] of Object.entries(from)) {
        const [across, down] = [width / mine.width, height / mine.height];
        const by = Math.min(across, down);
        if (id !== mine.id)
          setPlace(draft, id, key, place, {
            x: place.x * across,
            y: place.y * down,
            size: place.size * by,
            ...(place.width === undefined ? {} : { width: place.width * by }),
          });
      }
  });
}

/** Who put it there, and the way back to the rule. */
export function PlacedBy({ keys, places }: { keys: PlaceKey[]; places: Placed[] }) {
  const edit = useDesk((state) => state.edit);
  const byHand = places.find(({ by }) => by !== 'rule');
  const said = byHand?.by ?? 'rule';
  const shape = useDesk((state) => state.shown.shape);
  const hasShapes = useDesk(({ document }) => (document?.shapes ?? []).length > 0);
  // In another shape, what stands by hand does so in proportion: there is nothing to be given back here.
  const canGive = shape === null ? said !== 'rule' : said === 'own';
  return (
    <p className="placed-by">
      <span className="soft">
        {shape !== null && said === 'hand' ? 'Placed by hand, scaled to this shape' : WORDS[said]}
      </span>
      {canGive && (
        <button
          type="button"
          className="text-button"
          onClick={() =>
            edit((draft) => {
              for (const key of keys) giveBack(draft, shapeNow(draft), key);
            })
          }
        >
          <i className="bi bi-arrow-return-left" aria-hidden="true" />{' '}
          {said === 'own' ? 'Match the other shapes' : 'Return to the arrangement'}
        </button>
      )}
      {said !== 'rule' && hasShapes && (
        <button
          type="button"
          className="text-button"
          title="The same place, in proportion, in every shape of the stage"
          onClick={() => sameInAllShapes(keys)}
        >
          <i className="bi bi-phone" aria-hidden="true" /> Same in all shapes
        </button>
      )}
    </p>
  );
}
