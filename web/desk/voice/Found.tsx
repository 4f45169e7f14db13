import { counted } from '../../common/words';
import { usePlay } from '../playStore';
import { type PlacedWord } from './doubts';

/** How many words were found in the recording, and the next one that is uncertain. */
export function Found({ found, all, doubtful }: { found: number; all: number; doubtful: PlacedWord[] }) {
  const frame = usePlay((state) => state.frame);
  const next = doubtful.find((word) => word.frame > frame) ?? doubtful[0];
  return (
    <span className="recording-found">
      <span className="soft">
        {found === all ? counted(found, 'word') : `${found} of ${counted(all, 'word')}`} found
      </span>
      {next && (
        <>
          <span className="soft"> · </span>
          <button
            type="button"
            className="text-button is-doubtful"
            title="Go to the next uncertain word"
            onClick={() => {
              usePlay.getState().stop();
              usePlay.getState().go(next.frame);
              usePlay.getState().select({ kind: 'line', line: next.line });
            }}
          >
            {doubtful.length} uncertain · next
          </button>
        </>
      )}
    </span>
  );
}
