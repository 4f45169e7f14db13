import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useId } from 'react';
import { ask } from '../../api/client';
import type { ArrangementChoice } from '../../api/answers';
import type { Piece } from '../../piece/document';
import { giveBack, placeable } from '../../piece/places';
import { shapeOf, useDesk } from '../deskStore';
import { usePlay } from '../playStore';

const CHARTS: Record<ArrangementChoice['charts'], string> = {
  left: 'chart left, words right',
  right: 'words left, chart right',
  below: 'words above the chart',
  above: 'chart above the words',
  alone: 'chart alone, title small',
};
const SEVERAL: Record<ArrangementChoice['several'], string> = {
  fitting: 'charts as they fit best',
  row: 'charts in a row',
  column: 'charts one below the other',
  grid: 'charts in a grid',
};

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
    queryFn: ({ signal }) =>
      ask('arrangements', { method: 'POST', body: { document, shape: shapeOf(document, shape) }, signal }),
  });
  const now = piece.arrangement ?? { charts: 'left', several: 'fitting' };
  const [width, height] = sizeOf(document, shape);
  const byHand = placeable(piece).filter((key) => places && key in places && places[key].by !== 'rule');
  const choose = ({ charts, several }: ArrangementChoice): void =>
    edit((draft) => {
      draft.arrangement = { charts, several };
    });
  const choices = data?.choices ?? [];
  const isNow = (choice: ArrangementChoice): boolean => choice.charts === now.charts && choice.several === now.several;
  return (
    <section>
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
      {byHand.length > 0 && (
        <p className="hint">
          {byHand.length === 1 ? 'One thing stands' : `${byHand.length} things stand`} by hand, and the arrangement
          leaves {byHand.length === 1 ? 'it' : 'them'} there.{' '}
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
            <i className="bi bi-arrow-return-left" aria-hidden="true" /> Give all back to the arrangement
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
