import { useMemo } from 'react';
import { coats, samples } from '../../../contracts/settings';
import type { Piece } from '../../../contracts/piece';
import { GroupFields } from '../../settings/GroupFields';
import { act } from '../act';
import { useDesk } from '../deskStore';
import { copyPart } from '../useClipboard';
import { begun, coatsOf, isOwn, labelOf, MOST, setCoats, type Coat, type Kind, type Whose } from './coats';
import { CoatChanges } from './CoatChanges';
import { CoatPicture, CoatPictures } from './CoatPictures';
import { OwnTile } from './OwnTile';
import { PictureField } from './PictureField';
import { Stops } from './Stops';

interface Props {
  piece: Piece;
  whose: Whose;
  colour: string;
  kind: Kind;
  place: number;
  onChoose: (kind: Kind, place: number) => void;
}

/** how a tile of one’s own lies at first: upright, large enough to be seen; taste */
const OWN_TILE = { kind: 'own', size: 60, degrees: 0, opacity: 0.35 } as const;

/** Kinds are chosen by looking, and what lies at the ground cannot be out of register. */
function hidden(kind: Kind, place: number): string[] {
  if (kind === 'fills') return place === 0 ? ['shiftX', 'shiftY'] : [];
  return kind === 'patterns' || kind === 'textures' ? ['kind', 'tile'] : [];
}

/** One coat: samples to choose from by looking, and all that it can be set to. */
export function CoatPanel({ piece, whose, colour, kind, place: wanted, onChoose }: Props) {
  const edit = useDesk((state) => state.edit);
  const list = coatsOf(piece, whose, kind);
  const place = Math.min(wanted, Math.max(0, list.length - 1));
  const coat = list[place] as Coat | undefined;
  const label = labelOf(kind);
  const change = (work: (list: Coat[]) => Coat[] | null): void =>
    edit((draft) => setCoats(draft, whose, kind, work(coatsOf(draft, whose, kind)) as never));
  const of = coats[kind];
  const offered = samples[kind];
  const fills = coatsOf(piece, whose, 'fills').slice(0, 1);
  const pictures = useMemo(
    () => offered.map(({ coats: its }) => (kind === 'fills' ? { fills: its } : { fills, [kind]: its })),
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [offered, kind, JSON.stringify(fills)],
  );
  /** A sample of one coat is for the one that is taken; others lay all of theirs on at once. */
  const isForOne = (its: readonly Coat[]): boolean => its.length === 1 && list.length > 1;
  const isNow = (its: readonly Coat[]): boolean =>
    JSON.stringify(its) === JSON.stringify(isForOne(its) ? [coat] : list);
  return (
    <div className="coat-panel">
      <CoatPictures colour={colour} coats={pictures as never}>
        <div className="coat-samples" role="group" aria-label={`${label} samples`}>
          {kind !== 'fills' && (
            <button
              type="button"
              className={`coat-sample is-none${list.length === 0 ? ' is-on' : ''}`}
              aria-pressed={list.length === 0}
              onClick={() => change(() => [])}
            >
              <span className="coat-picture" />
              None
            </button>
          )}
          {offered.map(({ name, coats: its }, at) => (
            <button
              key={name}
              type="button"
              className={`coat-sample${isNow(its) ? ' is-on' : ''}`}
              aria-pressed={isNow(its)}
              onClick={() => {
                const fresh = structuredClone(its) as Coat[];
                change((now) => (isForOne(its) ? now.map((one, at) => (at === place ? fresh[0] : one)) : fresh));
                onChoose(kind, isForOne(its) ? place : 0);
              }}
            >
              <CoatPicture at={at} />
              {name}
            </button>
          ))}
          {kind === 'patterns' && (
            <OwnTile
              isOn={coat !== undefined && 'tile' in coat && coat.kind === 'own'}
              onChange={(tile) => {
                const own = { ...(coat ?? begun(kind, whose)[0]), ...OWN_TILE, tile } as Coat;
                change((now) => (now.length === 0 ? [own] : now.map((one, at) => (at === place ? own : one))));
                onChoose(kind, place);
              }}
            />
          )}
        </div>
      </CoatPictures>
      {coat && (
        <>
          <div className="fields two-columns">
            <GroupFields
              of={of}
              value={coat as never}
              but={hidden(kind, place) as never}
              colour={colour}
              slots={
                kind === 'fills'
                  ? ({
                      picture: (
                        <PictureField
                          piece={piece}
                          value={(coat as Coat<'fills'>).picture}
                          onChange={(picture) =>
                            change((now) =>
                              now.map((one, at) => (at === place ? { ...one, picture: picture || null } : one)),
                            )
                          }
                        />
                      ),
                      stops: (
                        <Stops
                          fill={coat as Coat<'fills'>}
                          colour={colour}
                          onChange={(stops) =>
                            change((now) => now.map((one, at) => (at === place ? { ...one, stops } : one)))
                          }
                        />
                      ),
                    } as never)
                  : {}
              }
              onChange={(part) =>
                change((now) => now.map((one, at) => (at === place ? { ...one, ...(part as object) } : one)))
              }
            />
          </div>
        </>
      )}
      <CoatChanges piece={piece} whose={whose} kind={kind} place={place} coat={coat} />
      <div className="coat-tools">
        {list.length > 1 &&
          list.map((_, at) => (
            <button
              key={at}
              type="button"
              className={`coat-place${at === place ? ' is-on' : ''}`}
              aria-pressed={at === place}
              aria-label={`${label} ${at + 1}`}
              onClick={() => onChoose(kind, at)}
            >
              {at + 1}
            </button>
          ))}
        {coat && list.length < MOST && (
          <button
            type="button"
            className="text-button"
            onClick={() => {
              change((now) => [...now, ...begun(kind, whose).slice(0, 1)]);
              onChoose(kind, list.length);
            }}
          >
            <i className="bi bi-plus-lg" aria-hidden="true" /> Add another
          </button>
        )}
        {list.length > 1 && (
          <button
            type="button"
            className="text-button"
            onClick={() => {
              change((now) => now.filter((_, at) => at !== place));
              onChoose(kind, Math.max(0, place - 1));
            }}
          >
            <i className="bi bi-dash-lg" aria-hidden="true" /> Remove this one
          </button>
        )}
        {whose.of === 'chart' && (kind === 'patterns' || kind === 'textures') && (
          <button
            type="button"
            className="text-button"
            title="Tells the parts apart without colour"
            onClick={() => void act('each-its-own', { chart: whose.chart, coat: kind })}
          >
            <i className="bi bi-grid-3x2-gap" aria-hidden="true" /> Each part its own
          </button>
        )}
        {coat && (
          <button
            type="button"
            className="text-button"
            title="Copy, then select a chart, a part, words or a panel and paste"
            onClick={() => void copyPart({ lupine: 'coats', own: { [kind]: list } })}
          >
            <i className="bi bi-copy" aria-hidden="true" /> Copy
          </button>
        )}
        {isOwn(piece, whose, kind) && (
          <button type="button" className="text-button" onClick={() => change(() => null)}>
            <i className="bi bi-arrow-return-left" aria-hidden="true" /> Reset to chart
          </button>
        )}
        {whose.of === 'part' && !isOwn(piece, whose, kind) && <span className="soft">Same as the chart</span>}
      </div>
    </div>
  );
}
