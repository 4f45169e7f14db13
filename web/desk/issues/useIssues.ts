import type { Problem, ProofCheck } from '../../api/answers';
import { useNotices } from '../../common/Notices';
import type { Acts } from '../../../contracts/acts';
import { chartOf } from '../../piece/changes';
import { act } from '../act';
import { useDesk } from '../deskStore';
import { seek } from '../find/seek';
import { usePlay, type Selection } from '../playStore';

/** Something that is wrong, or should be known. */
export interface Issue {
  key: string;
  weight: 'error' | 'notice' | 'check';
  message: string;
  /** brings it into sight */
  show?: () => void;
  /** goes to where it is mended by hand, and what is done there */
  go?: { does: string; run: () => void };
  /** mends it, in one act */
  mend?: { does: string; run: () => void };
  /** of figures, with ways to mend them */
  problem?: Problem;
}

/** What is wrong, the weightiest first: what keeps the piece from being drawn, what to know, what is hard to read. */
export function useIssues(): Issue[] {
  const computed = useDesk((state) => state.computed);
  const proof = useDesk((state) => (state.proofOf === state.document ? state.proof : null));
  const typingIn = usePlay((state) => state.typingIn);
  // A row that is just being typed into is left in peace.
  const problems = (computed?.problems ?? []).filter(
    ({ severity, rowId }) => severity === 'error' || rowId === null || rowId !== typingIn,
  );
  const told = new Set(problems.map(({ message }) => message));
  const checks = (proof?.checks ?? []).filter(({ ok, message }) => !ok && !told.has(message));
  return [
    ...problems.filter(({ severity }) => severity === 'error').map(ofProblem),
    ...problems.filter(({ severity }) => severity !== 'error').map(ofProblem),
    ...checks.map(ofCheck),
  ];
}

function ofProblem(problem: Problem): Issue {
  const { severity, code, where, message, rowId } = problem;
  return {
    key: `${code} ${where} ${message}`,
    weight: severity,
    message,
    problem,
    show: rowId === null ? undefined : () => showRow(rowId),
  };
}

function showRow(row: string): void {
  const { document } = useDesk.getState();
  const chart = document && chartOf(document);
  if (!chart) return;
  usePlay.getState().set({ face: 'Figures' });
  usePlay.getState().select({ kind: 'figure', chart: chart.id, figure: row });
  usePlay.setState({ wantedCell: { row, column: 'typed' } });
}

function ofCheck({ message, frame, box, about }: ProofCheck): Issue {
  return {
    key: `check ${message}`,
    weight: 'check',
    message,
    show:
      frame === null
        ? undefined
        : () => {
            usePlay.getState().go(frame);
            usePlay.setState({ pointedOut: box && { frame, box } });
          },
    mend: about?.mending ? { does: about.mending.does, run: () => void mended(about.mending) } : undefined,
    go: about ? { does: about.does, run: () => goTo(about, frame) } : undefined,
  };
}

async function mended(mending: NonNullable<ProofCheck['about']>['mending']): Promise<void> {
  if (!mending) return;
  const { what, of, kind, by } = mending;
  const told = { what, of: of ?? undefined, kind: kind ?? undefined, by: by ?? undefined } as Acts['mend'];
  if (await act('mend', told)) useNotices.getState().say('Mended.', { action: undoing });
}

const undoing = { text: 'Undo', run: () => void useDesk.getState().undo() };

function goTo(about: NonNullable<ProofCheck['about']>, frame: number | null): void {
  const { set, select, go } = usePlay.getState();
  if (frame !== null) go(frame);
  const { chart, figure, words, line, face, setting } = about;
  const selection: Selection = line
    ? { kind: 'line', line }
    : words
      ? { kind: 'words', words }
      : chart && figure
        ? { kind: 'figure', chart, figure }
        : chart
          ? { kind: 'chart', chart }
          : null;
  select(selection);
  set({ face, ...(face === 'Finish' ? { finishOf: 'parts', coat: { kind: 'fills', place: 0 } } : {}) });
  const group = setting?.split('.')[0] ?? '';
  void seek(
    [
      ...(setting ? [`[data-setting="${setting}"]`] : []),
      ...(setting === 'Finish.apart' ? ['.apart-word'] : []),
      `[data-part="${group}"]`,
      words || line ? '.details' : '.bench-face',
    ],
    setting === 'Finish.apart',
  );
}
