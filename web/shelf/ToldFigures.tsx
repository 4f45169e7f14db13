import { counted } from '../common/words';
import type { Told, Telling } from './useTold';

interface Props {
  told: Telling;
  lines: number;
  onChange: (next: Telling) => void;
}

/** What a script tells: each figure with the words that say it, to be changed or left out before a piece is made. */
export function ToldFigures({ told, lines, onChange }: Props) {
  const change = (index: number, part: Partial<Told>): void =>
    onChange({ ...told, figures: told.figures.map((one, at) => (at === index ? { ...one, ...part } : one)) });
  const guesses = told.figures.filter(({ isGuess }) => isGuess).length;
  return (
    <div className="told" role="group" aria-label="Figures found in the script">
      <p>
        <strong>This is a script.</strong> Found {counted(told.figures.length, 'figure')} in {counted(lines, 'line')};
        each enters on its words.
        {guesses > 0 && (
          <span className="guessed">
            {' '}
            {guesses === 1 ? 'One name is a guess' : `${guesses} names are guesses`}: change it, or say that it is
            right.
          </span>
        )}
      </p>
      <ul>
        {told.figures.map((figure, index) => (
          <li key={`${figure.line}:${figure.from}`}>
            <q title={`line ${figure.line + 1}`}>{figure.words}</q>
            <span className="told-name">
              <input
                className={`field-text${figure.isGuess ? ' is-guess' : ''}`}
                aria-label={`Name of “${figure.words}”`}
                value={figure.label}
                maxLength={200}
                onChange={(event) => change(index, { label: event.target.value, isGuess: false })}
              />
              {figure.isGuess && (
                <button
                  type="button"
                  className="text-button is-doubtful"
                  onClick={() => change(index, { isGuess: false })}
                >
                  right?
                </button>
              )}
            </span>
            <input
              className="field-text numerals"
              aria-label={`Figure of “${figure.words}”`}
              value={figure.cell}
              maxLength={60}
              onChange={(event) => change(index, { cell: event.target.value })}
            />
            <button
              type="button"
              className="quiet-button"
              aria-label={`Ignore ${figure.label}`}
              title="Ignore this figure"
              onClick={() => onChange({ ...told, figures: told.figures.filter((_, at) => at !== index) })}
            >
              <i className="bi bi-x-lg" aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <label className="told-title">
        <span>Title</span>
        <input
          className="field-text"
          value={told.title}
          placeholder="Title of the piece"
          maxLength={200}
          onChange={(event) => onChange({ ...told, title: event.target.value })}
        />
      </label>
    </div>
  );
}
