import type { ReadTable } from '../api/answers';

interface Props {
  figures: ReadTable['figures'];
  whole: string;
  /** what the whole is where nobody has said it */
  ownWhole: string;
  onWhole: (whole: string) => void;
  /** an example is taken; null where something was typed */
  onExample: (() => void) | null;
}

/** The figures that were understood, as wide as they are, and their whole. */
export function ShareRow({ figures, whole, ownWhole, onWhole, onExample }: Props) {
  return (
    <div className="share-row" aria-live="polite">
      {figures.length > 0 ? (
        <>
          <div className="share-strip" aria-hidden="true">
            {figures.map((figure) => (
              <span
                key={figure.id}
                style={{ flexGrow: figure.share, background: figure.colour }}
                title={`${figure.label}: ${figure.shareText}`}
              />
            ))}
          </div>
          <span className="soft numerals">
            {figures.length === 1 ? '1 figure' : `${figures.length} figures`}, whole{' '}
            <input
              className="whole-field"
              aria-label="The whole"
              title="The total of all parts. Leave empty to use their sum."
              value={whole}
              placeholder={ownWhole}
              maxLength={200}
              onChange={(event) => onWhole(event.target.value)}
            />
          </span>
        </>
      ) : (
        <button
          type="button"
          className="btn btn-link btn-sm p-0"
          onClick={() => onExample?.()}
          hidden={onExample === null}
        >
          Try a sample: a year at the Mending Room
        </button>
      )}
    </div>
  );
}
