import { useEffect, useRef } from 'react';
import type { KitEntry, TriedKit } from '../../api/answers';
import { Menu } from '../../common/Menu';
import { ReelCanvas } from '../../common/ReelCanvas';
import type { Piece } from '../../../contracts/piece';
import { useTriedKit, type KitPart } from './useKits';

/** milliseconds that a pointer rests on a kit before it is shown on the stage */
const REST = 180;

interface Props {
  kit: KitEntry;
  piece: Piece;
  frame: number;
  shape: string | null;
  parts: KitPart[];
  lettingGo: boolean;
  isChosen: boolean;
  isDefault: boolean;
  /** of the radio buttons */
  name: string;
  onChoose: () => void;
  onTake: () => void;
  onPoint: (tried: TriedKit | undefined) => void;
  onLeave: () => void;
  onPutBack: () => void;
  /** what else can be done with it */
  acts: [string, () => void][];
}

/** A kit: this piece in it, its name, and how far the piece is from it. */
export function KitCard(props: Props) {
  const { kit, piece, frame, shape, parts, lettingGo, isChosen, isDefault, name } = props;
  const tried = useTriedKit({
    kit: kit.id,
    revision: kit.revision,
    document: piece,
    frame,
    shape,
    parts,
    lettingGo,
  });
  const rest = useRef(0);
  useEffect(() => () => window.clearTimeout(rest.current), []);
  const isInUse = piece.kit?.id === kit.id;
  const isOld = isInUse && (piece.kit?.revision ?? 1) < kit.revision;
  const changes = isInUse ? (tried?.changes ?? []) : [];
  return (
    <div className={`kit-card${isChosen ? ' is-on' : ''}`}>
      <label
        title={kit.about || kit.name}
        onPointerEnter={() => {
          window.clearTimeout(rest.current);
          rest.current = window.setTimeout(() => props.onPoint(tried), REST);
        }}
        onPointerLeave={() => {
          window.clearTimeout(rest.current);
          props.onLeave();
        }}
      >
        <input
          type="radio"
          name={name}
          className="visually-hidden"
          aria-label={`${kit.name}${isInUse ? ', in use' : ''}`}
          checked={isChosen}
          onChange={() => {
            props.onChoose();
            props.onPoint(tried);
          }}
          onKeyDown={(event) => {
            if (event.key === 'Enter') props.onTake();
          }}
        />
        <span className="kit-picture">
          {tried?.reel && <ReelCanvas reel={tried.reel} frame={tried.reel.from} width={214} label="" isPatient />}
        </span>
      </label>
      <div className="kit-foot">
        <span className="kit-name">{kit.name}</span>
        {isDefault && (
          <i
            className="bi bi-house-heart"
            role="img"
            aria-label="New pieces begin in it"
            title="New pieces begin in it"
          />
        )}
        {isInUse && (
          <span className="kit-use">
            {changes.length === 0 ? (isOld ? 'changed since' : 'in use') : ''}
            {changes.length > 0 && (
              <>
                <span title={changes.join('\n')}>{changes.length} changed</span>
                <button type="button" className="text-button" title={changes.join('\n')} onClick={props.onPutBack}>
                  Put back
                </button>
              </>
            )}
          </span>
        )}
        <Menu
          label={`More for ${kit.name}`}
          icon="bi-three-dots"
          className="kit-menu"
          content={(close) => (
            <div className="kit-acts">
              {props.acts.map(([text, run]) => (
                <button
                  key={text}
                  type="button"
                  className="dropdown-item"
                  onClick={() => {
                    close();
                    run();
                  }}
                >
                  {text}
                </button>
              ))}
            </div>
          )}
        />
      </div>
    </div>
  );
}
