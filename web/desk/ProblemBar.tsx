import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { reasonOf } from '../api/client';
import type { Problem } from '../api/answers';
import { useNotices } from '../common/Notices';
import { chartOf, columnIndex, tableOf } from '../piece/changes';
import { applyRepair } from '../piece/tables';
import { useDesk } from './deskStore';
import { usePlay } from './playStore';

const keyOf = ({ code, where, message }: Problem): string => `${code} ${where} ${message}`;

/**
 * What keeps the piece from being drawn, or should be known, with ways to mend it. It lies over the desk, and can be
 * put aside; a row that is just being typed into is left in peace.
 */
export function ProblemBar() {
  const computed = useDesk((state) => state.computed);
  const refused = useDesk((state) => state.refused);
  const saved = useDesk((state) => state.saved);
  const typingIn = usePlay((state) => state.typingIn);
  const [aside, setAside] = useState<string[]>([]);
  if (refused || saved === 'failed') return <Unkept reason={refused} />;
  const problems = (computed?.problems ?? []).filter(
    (problem) =>
      problem.severity === 'error' ||
      ((problem.rowId === null || problem.rowId !== typingIn) && !aside.includes(keyOf(problem))),
  );
  const first = problems.find(({ severity }) => severity === 'error') ?? problems[0];
  if (!first) return null;
  const others = problems.length - 1;
  const isError = first.severity === 'error';
  return (
    <div className={`problem-bar is-${first.severity}`} role={isError ? 'alert' : 'status'}>
      <i className={`bi ${isError ? 'bi-exclamation-circle' : 'bi-info-circle'}`} aria-hidden="true" />
      <span>
        {first.message}
        {others > 0 && <span className="problem-more"> And {others === 1 ? 'one more' : `${others} more`}.</span>}
      </span>
      <Repairs problem={first} />
      {first.rowId && <ShowButton rowId={first.rowId} />}
      {!isError && (
        <button
          type="button"
          className="quiet-button"
          aria-label="Dismiss"
          title="Dismiss"
          onClick={() => setAside([...aside, keyOf(first)])}
        >
          <i className="bi bi-x-lg" />
        </button>
      )}
    </div>
  );
}

/** Why what was changed cannot be drawn, or is not saved, and what can be done. */
function Unkept({ reason }: { reason: string | null }) {
  const { saved, unsaved, save, undo } = useDesk();
  const say = useNotices((state) => state.say);
  const isUnsaved = saved === 'failed';
  return (
    <div className="problem-bar is-error" role="alert">
      <span>
        {reason}
        {isUnsaved && reason !== unsaved && ` Not saved: ${unsaved ?? ''}`}
        {isUnsaved && ' This browser keeps your changes.'}
      </span>
      {isUnsaved && (
        <>
          <Button size="sm" variant="outline-secondary" onClick={() => void save()}>
            Try again
          </Button>
          <Button
            size="sm"
            variant="outline-secondary"
            onClick={() => void undo().catch((error: unknown) => say(reasonOf(error), { bad: true }))}
          >
            Undo
          </Button>
        </>
      )}
    </div>
  );
}

function Repairs({ problem }: { problem: Problem }) {
  return problem.repairs.map((repair) => (
    <Button
      key={repair.label}
      size="sm"
      variant="outline-secondary"
      onClick={() =>
        useDesk.getState().edit((draft) => {
          const chart = chartOf(draft);
          const table = chart && tableOf(draft, chart);
          if (table) applyRepair(table, columnIndex(table, chart), repair);
        })
      }
    >
      {repair.label}
    </Button>
  ));
}

function ShowButton({ rowId }: { rowId: string }) {
  const piece = useDesk((state) => state.document);
  const chart = piece && chartOf(piece);
  if (!chart) return null;
  return (
    <Button
      size="sm"
      variant="outline-secondary"
      onClick={() => {
        usePlay.getState().set({ face: 'Figures' });
        usePlay.getState().select({ kind: 'figure', chart: chart.id, figure: rowId });
        usePlay.setState({ wantedCell: { row: rowId, column: 'typed' } });
      }}
    >
      Show
    </Button>
  );
}
