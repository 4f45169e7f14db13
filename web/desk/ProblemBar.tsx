import Button from 'react-bootstrap/Button';
import { ask, reasonOf } from '../api/client';
import type { Problem } from '../api/answers';
import { useNotices } from '../common/Notices';
import { chartOf, tableOf } from '../piece/changes';
import type { Table } from '../piece/document';
import { useDesk } from './deskStore';
import { usePlay } from './playStore';

/** What keeps the piece from being drawn, or should be known, with a way to mend it. */
export function ProblemBar() {
  const computed = useDesk((state) => state.computed);
  const refused = useDesk((state) => state.refused);
  const problems = computed?.problems ?? [];
  const first = problems.find(({ severity }) => severity === 'error') ?? problems[0];
  if (refused)
    return (
      <div className="problem-bar is-error" role="alert">
        <span>{refused}</span>
      </div>
    );
  if (!first) return null;
  const others = problems.length - 1;
  return (
    <div className={`problem-bar is-${first.severity}`} role={first.severity === 'error' ? 'alert' : 'status'}>
      <i
        className={`bi ${first.severity === 'error' ? 'bi-exclamation-circle' : 'bi-info-circle'}`}
        aria-hidden="true"
      />
      <span>
        {first.message}
        {others > 0 && <span className="problem-more"> And {others === 1 ? 'one more' : `${others} more`}.</span>}
      </span>
      {first.code === 'over-whole' && <MendButtons />}
      {first.rowId && <ShowButton problem={first} />}
    </div>
  );
}

function ShowButton({ problem }: { problem: Problem }) {
  const piece = useDesk((state) => state.document);
  const chart = piece && chartOf(piece);
  if (!chart || !problem.rowId) return null;
  return (
    <Button
      size="sm"
      variant="outline-secondary"
      onClick={() => {
        usePlay.getState().set({ face: 'Figures' });
        usePlay.getState().select({ kind: 'figure', chart: chart.id, figure: problem.rowId! });
        usePlay.setState({ wantedCell: { row: problem.rowId!, column: 'typed' } });
      }}
    >
      Show it
    </Button>
  );
}

function MendButtons() {
  const { document: piece, edit } = useDesk();
  const chart = piece && chartOf(piece);
  const table = chart && tableOf(piece, chart);
  if (!chart || !table) return null;
  const mend = (how: 'scale' | 'largest') => async (): Promise<void> => {
    try {
      const { table: mended } = await ask<{ table: Table }>('figures/mend', {
        method: 'POST',
        body: { table, column: chart.column, how },
      });
      edit((draft) => {
        draft.tables = draft.tables.map((one) => (one.id === mended.id ? mended : one));
      });
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
    }
  };
  return (
    <>
      <Button size="sm" variant="outline-secondary" onClick={() => void mend('scale')()}>
        Scale it to the whole
      </Button>
      <Button size="sm" variant="outline-secondary" onClick={() => void mend('largest')()}>
        Take it off the largest
      </Button>
    </>
  );
}
