import { useId } from 'react';
import Form from 'react-bootstrap/Form';
import { Count, Fold } from '../common/Fold';
import type { FileKind } from '../api/answers';
import type { Piece } from '../../contracts/piece';
import { FOR, type Kind } from './kinds';

interface Props {
  piece: Piece;
  chosen: FileKind[];
  /** what is known of a file beforehand: how large, how long */
  told: (kind: FileKind) => string;
  /** why it cannot be made of this piece; null: it can, as far as is known */
  refusal: (kind: FileKind) => string | null;
  onChange: (kinds: FileKind[]) => void;
}

/** All kinds of file by whom they are for; those that are chosen say what they keep. */
export function KindList({ piece, chosen, told, refusal, onChange }: Props) {
  return FOR.map(({ who, name, kinds }) => (
    <Fold
      key={name}
      name={`hand-off-${name}`}
      label={`For ${who}`}
      isUsual={name === 'editor' || name === 'web'}
      count={<Count of={kinds.filter(({ kind }) => chosen.includes(kind)).length} />}
      className="kinds"
    >
      {kinds.map((one) => (
        <KindRow
          key={one.kind}
          kind={one}
          isChosen={chosen.includes(one.kind)}
          missing={one.missing?.(piece) ?? null}
          told={told(one.kind)}
          refusal={refusal(one.kind)}
          onChange={(is) => onChange(is ? [...chosen, one.kind] : chosen.filter((kind) => kind !== one.kind))}
        />
      ))}
    </Fold>
  ));
}

function KindRow({
  kind: { word, note, keeps },
  isChosen,
  missing,
  told,
  refusal,
  onChange,
}: {
  kind: Kind;
  isChosen: boolean;
  missing: string | null;
  told: string;
  refusal: string | null;
  onChange: (is: boolean) => void;
}) {
  const id = useId();
  const is = isChosen && !missing;
  return (
    <div className="kind">
      <Form.Check
        type="checkbox"
        id={id}
        label={word}
        checked={is}
        disabled={missing !== null}
        aria-describedby={`${id}-note`}
        onChange={(event) => onChange(event.target.checked)}
      />
      <span id={`${id}-note`} className="kind-note">
        {missing ?? (is && refusal ? 'cannot be made' : is && told ? told : note)}
      </span>
      {is && (refusal ? <p className="hint is-refused">{refusal}</p> : <p className="hint">{keeps}</p>)}
    </div>
  );
}
