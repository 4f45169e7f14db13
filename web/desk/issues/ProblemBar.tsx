import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Link } from 'react-router';
import { reasonOf } from '../../api/client';
import type { Problem } from '../../api/answers';
import { useNotices } from '../../common/Notices';
import { chartOf, columnIndex, tableOf } from '../../piece/changes';
import { applyRepair } from '../../piece/tables';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { useIssues, type Issue } from './useIssues';

/**
 * The one place that says what is wrong, in the order of weight, each with what shows and what mends it. What keeps the
 * piece from being drawn, and what is to be known, comes by itself; the rest is opened from the word of the proof. It
 * lies over the desk, and can be put aside.
 */
export function ProblemBar() {
  const refused = useDesk((state) => state.refused);
  const saved = useDesk((state) => state.saved);
  const issues = useIssues();
  const isListing = usePlay((state) => state.isListing);
  const [aside, setAside] = useState<string[]>([]);
  const list = (open: boolean): void => usePlay.getState().set({ isListing: open });
  if (refused || saved === 'failed') return <Unkept reason={refused} />;
  if (isListing && issues.length > 0) return <IssueList issues={issues} onClose={() => list(false)} />;
  const [first] = issues.filter(
    ({ key, weight }) => weight === 'error' || (weight === 'notice' && !aside.includes(key)),
  );
  if (!first) return null;
  const others = issues.length - 1;
  const isError = first.weight === 'error';
  return (
    <div className={`problem-bar is-${first.weight}`} role={isError ? 'alert' : 'status'}>
      <i className={`bi ${isError ? 'bi-exclamation-circle' : 'bi-info-circle'}`} aria-hidden="true" />
      <span>
        {first.message}{' '}
        {others > 0 && (
          <button type="button" className="text-button is-link problem-more" onClick={() => list(true)}>
            {others === 1 ? 'And one more' : `And ${others} more`}
          </button>
        )}
      </span>
      <Acts issue={first} />
      {!isError && (
        <button
          type="button"
          className="quiet-button"
          aria-label="Dismiss"
          title="Dismiss"
          onClick={() => setAside([...aside, first.key])}
        >
          <i className="bi bi-x-lg" />
        </button>
      )}
    </div>
  );
}

const ICONS = { error: 'bi-exclamation-circle', notice: 'bi-info-circle', check: 'bi-eye' };
const WEIGHTS = { error: 'Cannot be drawn', notice: 'To know', check: 'Hard to read' };

function IssueList({ issues, onClose }: { issues: Issue[]; onClose: () => void }) {
  const id = useDesk((state) => state.id);
  return (
    <section className="issue-list" aria-labelledby="issues-title">
      <header>
        <h2 id="issues-title">{issues.length === 1 ? 'One issue' : `${issues.length} issues`}</h2>
        <Link to={`/pieces/${id}/proof`} className="text-button is-link">
          Open the proof
        </Link>
        <button type="button" className="quiet-button" aria-label="Close the issues" onClick={onClose} autoFocus>
          <i className="bi bi-x-lg" aria-hidden="true" />
        </button>
      </header>
      <ul>
        {issues.map((issue) => (
          <li key={issue.key} className={`is-${issue.weight}`}>
            <i className={`bi ${ICONS[issue.weight]}`} role="img" aria-label={WEIGHTS[issue.weight]} />
            <span>{issue.message}</span>
            <span className="issue-acts">
              <Acts issue={issue} />
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What shows it, and what mends it. */
function Acts({ issue: { problem, show, go, mend } }: { issue: Issue }) {
  return (
    <>
      {problem && <Repairs problem={problem} />}
      {show && (
        <Button size="sm" variant="outline-secondary" onClick={show}>
          Show
        </Button>
      )}
      {go && (
        <Button
          size="sm"
          variant="outline-secondary"
          title={mend?.does === go.does ? `${go.does}, by hand` : undefined}
          onClick={go.run}
        >
          {mend?.does === go.does ? 'By hand' : go.does}
        </Button>
      )}
      {mend && (
        <Button size="sm" variant="primary" onClick={mend.run}>
          {mend.does}
        </Button>
      )}
    </>
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
