import { useState } from 'react';
import { Link } from 'react-router';
import { Choice } from '../fields/Choice';
import { SaveButton } from './SaveButton';

type Rows = 'holds' | 'frames';

const HINTS: Record<Rows, string> = {
  holds: 'What every figure is and says, for each stretch of half a second and more in which none of them moves.',
  frames: 'What every figure is and says on each frame of the piece.',
};

/** What somebody who checks the figures works with: proof and values as tables. */
export function CheckerOffers({ id }: { id: string }) {
  const [rows, setRows] = useState<Rows>('holds');
  return (
    <>
      <article className="offer">
        <h2>Proof</h2>
        <p className="soft">
          Each figure as typed and as measured in the picture, every check, and the fingerprint of the piece. The{' '}
          <Link to={`/pieces/${id}/proof`}>proof page</Link> shows the same with its picture.
        </p>
        <SaveButton path={`pieces/${id}/papers/proof`}>Save proof as CSV</SaveButton>
      </article>
      <article className="offer">
        <h2>Values</h2>
        <Choice
          label="Rows"
          value={rows}
          options={[
            ['holds', 'holds'],
            ['frames', 'every frame'],
          ]}
          onChange={setRows}
        />
        <p className="hint">{HINTS[rows]}</p>
        <SaveButton path={`pieces/${id}/papers/${rows}`}>Save values as CSV</SaveButton>
      </article>
    </>
  );
}
