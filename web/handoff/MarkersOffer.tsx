import { SaveButton } from './SaveButton';

/** Where lines, words and moves are, for whoever cuts the film. */
export function MarkersOffer({ id }: { id: string }) {
  return (
    <article className="offer">
      <h2>Markers</h2>
      <p className="soft">
        Lines, words, and where each part comes, changes and goes: timecode, first frame and length of each, counted
        from the first frame of the piece.
      </p>
      <SaveButton path={`pieces/${id}/papers/markers`}>Save markers as CSV</SaveButton>
    </article>
  );
}
