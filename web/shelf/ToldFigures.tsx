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
  return (
    <div className="told" role="group" aria-label="What the text tells">
      <p>
        <strong>This is a script.</strong> It tells {counted(told.figures.length, 'figure')} in {counted(lines, 'line')}
        ; each comes in on its words.
      </p>
      <ul>
        {told.figures.map((figure, index) => (
          <li key={`${figure.line}:${figure.from}`}>
            <q title={`line ${figure.line + 1}`}>{figure.words}</q>
            <input
              className="field-text"
              aria-label={`Name of “${figure.words}”`}
              value={figure.label}
              maxLength={200}
              onChange={(event) => change(index, { label: event.target.value })}
            />
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
              aria-label={`Without ${figure.label}`}
              title="It is not meant"
              onClick={() => onChange({ ...told, figures: told.figures.filter((_, at) => at !== index) })}
            >
              <i className="bi bi-x-lg" aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <label className="told-title">
        <span>title</span>
        <input
          className="field-text"
          value={told.title}
          placeholder="What is it about?"
          maxLength={200}
          onChange={(event) => onChange({ ...told, title: event.target.value })}
        />
      </label>
    </div>
  );
}
