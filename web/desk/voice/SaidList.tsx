import type { Sheet } from '../../api/answers';
import type { SaidFigure } from '../../api/answers';
import { wordsOf } from '../../piece/changes';
import type { Line } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { tie, toldOf } from './saying';

/** Figures that are said in a line: which they are, and how to tie them to the words. */
export function SaidList({ line }: { line: Line }) {
  const edit = useDesk((state) => state.edit);
  const sheet = useDesk((state) => state.computed?.sheet);
  const said = sheet?.said.filter((one) => one.line === line.id) ?? [];
  const words = wordsOf(line.text);
  if (said.length === 0) return null;
  return (
    <ul className="said-list">
      {said.map((one) => (
        <li key={one.from} className={`is-${one.state}`}>
          <span className="said-dot" style={{ background: colourOf(one, sheet) }} />
          <span>
            <q>
              {words
                .slice(one.from, one.to)
                .join(' ')
                .replace(/[.,;:!?]+$/u, '')}
            </q>{' '}
            {toldOf(one)}
          </span>
          {one.state === 'differs' ? (
            <button
              type="button"
              className="text-button is-link"
              onClick={() =>
                one.figure && usePlay.getState().select({ kind: 'figure', chart: one.chart, figure: one.figure })
              }
            >
              Show
            </button>
          ) : one.figure === null ? null : one.tied ? (
            <span className="soft">Pinned</span>
          ) : (
            <button
              type="button"
              className="text-button is-link"
              title="Pin its entrance to these words"
              onClick={() => edit((draft) => tie(draft, one, sheet))}
            >
              Pin
            </button>
          )}
        </li>
      ))}
    </ul>
  );
}

function colourOf({ chart, figure }: SaidFigure, sheet: Sheet | undefined): string {
  return sheet?.charts[chart]?.figures.find(({ id }) => id === figure)?.colour ?? 'var(--soft)';
}
