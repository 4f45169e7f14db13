import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useId } from 'react';
import { ask } from '../../api/client';
import type { ArrangementChoice } from '../../api/answers';
import type { Piece } from '../../../contracts/piece';
import { giveBack, placeable } from '../../piece/places';
import { GroupFields } from '../../settings/GroupFields';
import { first, wordsOf } from '../../settings/settings';
import { useDesk } from '../deskStore';
import { shapeOf } from '../shapes';
import { usePlay } from '../playStore';

const CHARTS = wordsOf('Arrangement', 'charts');
const SEVERAL = wordsOf('Arrangement', 'several');

/** The rules by which charts and words share the stage, as small pictures of this piece. */
export function ArrangementPicker({ piece }: { piece: Piece }) {
  const edit = useDesk((state) => state.edit);
  const shape = usePlay((state) => shapeOf(piece, state.shape));
  const places = useDesk((state) => state.computed?.sheet.places);
  const document = useDeferredValue(piece);
  const name = useId();
  const asked = { ...document, moves: [], backdrop: null, title: '' };
  const { data } = useQuery<{ choices: ArrangementChoice[] }>({
    queryKey: ['arrangements', JSON.stringify(asked), shape],
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) => ask('POST arrangements', { body: { document, shape: shapeOf(document, shape) }, signal }),
  });
  const now = piece.arrangement ?? first.Arrangement;
  const [width, height] = sizeOf(document, shape);
  const byHand = placeable(piece).filter((key) => places && key in places && places[key].by !== 'rule');
  const choose = ({ charts, several }: ArrangementChoice): void =>
    edit((draft) => {
      draft.arrangement = { ...draft.arrangement, charts, several };
    });
  const choices = data?.choices ?? [];
  const isNow = (choice: ArrangementChoice): boolean => choice.charts === now.charts && choice.several === now.several;
  return (
    <section className="arrangement-section">
      <h3>Arrangement</h3>
      <div className="form-picker arrangement-picker" role="radiogroup" aria-label="Arrangement">
        {choices.map((choice) => {
          const text = choice.several === now.several ? CHARTS[choice.charts] : SEVERAL[choice.several];
          return (
            <label
              key={choice.charts + choice.several}
              className={`form-choice${isNow(choice) ? ' is-on' : ''}`}
              title={text}
            >
              <input
                type="radio"
                name={name}
                className="visually-hidden"
                aria-label={text}
                checked={isNow(choice)}
                onChange={() => choose(choice)}
              />
              <svg viewBox={`0 0 ${width} ${height}`} aria-hidden="true" style={{ background: piece.backdrop.colour }}>
                {choice.picture.map(([path, colour, opacity], index) => (
                  <path key={index} d={path} fill={colour} opacity={opacity} />
                ))}
              </svg>
              <span>{text.split(',')[0]}</span>
            </label>
          );
        })}
      </div>
      <div className="fields two-columns">
        <GroupFields
          of="Arrangement"
          only={['across', 'down', 'columns', 'rows', 'gutter']}
          value={now}
          onChange={(part) =>
            edit((draft) => {
              draft.arrangement = { ...now, ...part };
            })
          }
        />
      </div>
      {byHand.length > 0 && (
        <p className="hint">
          {byHand.length === 1 ? '1 item is' : `${byHand.length} items are`} placed by hand; the arrangement does not
          move {byHand.length === 1 ? 'it' : 'them'}.{' '}
          <button
            type="button"
            className="text-button"
            onClick={() =>
              edit((draft) => {
                for (const key of byHand) {
                  giveBack(draft, shape, key);
                  giveBack(draft, null, key);
                }
              })
            }
          >
            <i className="bi bi-arrow-return-left" aria-hidden="true" /> Return all to the arrangement
          </button>
        </p>
      )}
    </section>
  );
}

function sizeOf(piece: Piece, shape: string | null): [number, number] {
  const { width, height } = piece.shapes?.find(({ id }) => id === shape) ?? piece.stage;
  return [width, height];
}
