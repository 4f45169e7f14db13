import { useState } from 'react';
import type { Piece } from '../../contracts/piece';
import { shapesOf, shapeWord } from '../desk/shapes';
import { Choice } from '../fields/Choice';
import { SaveButton } from './SaveButton';

/** A picture of each moment to stop at, for whoever talks over them. */
export function PresenterOffer({ id, piece }: { id: string; piece: Piece }) {
  const shapes = shapesOf(piece);
  const [shape, setShape] = useState('');
  return (
    <article className="offer">
      <h2>Stills of holds</h2>
      {shapes.length > 1 && (
        <Choice
          label="Shape"
          value={shape}
          options={shapes.map((one): [string, string] => [one.id ?? '', shapeWord(one.width, one.height)])}
          onChange={setShape}
        />
      )}
      <p className="hint">
        One PNG for each stretch of half a second and more in which no figure moves, as it looks in its middle; named by
        order and frame, 40 at most.
      </p>
      <SaveButton path={`pieces/${id}/papers/stills${shape && `?shape=${shape}`}`}>Save stills as ZIP</SaveButton>
    </article>
  );
}
