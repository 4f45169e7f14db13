import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import {
  allCoats,
  begun,
  coatsOf,
  isOwn,
  KINDS,
  labelOf,
  setCoats,
  told,
  type Coat,
  type Kind,
  type Whose,
} from './coats';
import { CoatPicture, CoatPictures } from './CoatPictures';

interface Line {
  kind: Kind;
  place: number;
  /** null where there is none of its kind */
  coat: Coat | null;
  /** of its kind */
  count: number;
}

interface Props {
  piece: Piece;
  whose: Whose;
  colour: string;
  chosen: { kind: Kind; place: number };
  onChoose: (kind: Kind, place: number) => void;
}

/** The coats of a finish, from the eye to the ground: a line for each, and one for each kind that there is none of. */
export function CoatList({ piece, whose, colour, chosen, onChoose }: Props) {
  const edit = useDesk((state) => state.edit);
  const lines = KINDS.flatMap((kind): Line[] => {
    const list = coatsOf(piece, whose, kind);
    return list.length === 0
      ? [{ kind, place: 0, coat: null, count: 0 }]
      : list.map((coat, place) => ({ kind, place, coat, count: list.length })).reverse();
  });
  const all = allCoats(piece, whose);
  /** Each coat by itself on the part's own fill; one that is off as it would be. */
  const samples = lines.map(({ kind, place, coat }) => {
    const [first] = coat ? [{ ...coat, off: false }] : begun(kind, whose);
    const fills = all.fills?.slice(0, 1) ?? [];
    return kind === 'fills' ? { fills: (all.fills ?? []).slice(0, place + 1) } : { fills, [kind]: [first] };
  });
  return (
    <CoatPictures colour={colour} coats={samples}>
      <ul className="coat-list" aria-label="Coats, from the eye to the ground">
        {lines.map(({ kind, place, coat, count }, at) => {
          // What has no fill of its own is filled flat.
          const isFlat = kind === 'fills' && coat === null;
          const isOn = isFlat || (coat !== null && !coat.off);
          const words = isFlat ? 'flat' : isOn && coat ? told(kind, coat) : 'off';
          const name = labelOf(kind) + (count > 1 ? ` ${place + 1}` : '');
          const isChosen = chosen.kind === kind && Math.min(chosen.place, Math.max(0, count - 1)) === place;
          return (
            <li key={`${kind}-${place}`} className={`coat-line${isOn ? '' : ' is-off'}${isChosen ? ' is-on' : ''}`}>
              <button
                type="button"
                className="coat-take"
                aria-pressed={isChosen}
                aria-label={`${name}: ${words}`}
                onClick={() => onChoose(kind, place)}
              >
                <CoatPicture at={at} />
                <span className="coat-name">
                  {name}
                  {isOwn(piece, whose, kind) && <span className="coat-own" title="This part has its own" />}
                </span>
                <span className="coat-told">{words}</span>
              </button>
              {!isFlat && (
                <input
                  type="checkbox"
                  className="coat-switch"
                  aria-label={`${name} on`}
                  title={isOn ? 'Turn off; its settings are kept' : 'Turn on'}
                  checked={isOn}
                  onChange={({ target: { checked } }) => {
                    edit((draft) => {
                      const list = coatsOf(draft, whose, kind);
                      if (list.length === 0) setCoats(draft, whose, kind, begun(kind, whose));
                      else {
                        if (checked) delete list[place].off;
                        else list[place].off = true;
                        setCoats(draft, whose, kind, list);
                      }
                    });
                    onChoose(kind, place);
                  }}
                />
              )}
            </li>
          );
        })}
      </ul>
    </CoatPictures>
  );
}
