import type { Placed } from '../../api/answers';
import { giveBack, type PlaceKey } from '../../piece/places';
import { useDesk } from '../deskStore';
import { shapeNow } from '../placesNow';

const WORDS: Record<Placed['by'], string> = {
  rule: 'Placed by the arrangement.',
  hand: 'Placed by hand.',
  own: 'Own position in this shape',
};

/** Who put it there, and the way back to the rule. */
export function PlacedBy({ keys, places }: { keys: PlaceKey[]; places: Placed[] }) {
  const edit = useDesk((state) => state.edit);
  const byHand = places.find(({ by }) => by !== 'rule');
  const said = byHand?.by ?? 'rule';
  const shape = useDesk((state) => state.shown.shape);
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
    </p>
  );
}
