import type { Chart } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { useChartEdit } from '../useChartEdit';

/** what the select says where it is none of the rows */
const TITLE = 'by title';
const NONE = 'none';

/** Which part is seen first: the one that the title names, one of them, or none. */
export function AccentField({ chart }: { chart: Chart }) {
  const edit = useChartEdit(chart);
  const figures = useDesk((state) => state.computed?.sheet.charts[chart.id]?.figures) ?? [];
  const { accent } = chart.finish;
  const of = accent ? (accent.of ?? 'title') : 'none';
  const value = of === 'part' ? `row ${accent?.part ?? ''}` : of === 'title' ? TITLE : NONE;
  const choose = (chosen: string): void =>
    edit((draft) => {
      const before = draft.finish.accent ?? {};
      draft.finish.accent = chosen.startsWith('row ')
        ? { ...before, of: 'part', part: chosen.slice(4) }
        : { ...before, of: chosen === TITLE ? 'title' : 'none' };
    });
  return (
    <div className="accent-field">
      <label htmlFor="accent">Accent</label>
      <select
        id="accent"
        className="form-select form-select-sm"
        title="The part that is to be seen first; its look is under “Words and panels”"
        value={value}
        onChange={({ target }) => choose(target.value)}
      >
        <option value={NONE}>No part</option>
        <option value={TITLE}>What the title names</option>
        {figures.map(({ id, row, label }) => (
          <option key={id} value={`row ${row || id}`}>
            {label}
          </option>
        ))}
      </select>
      {accent && of !== 'none' && (
        <button
          type="button"
          className="text-button"
          title="Change how the accent looks"
          onClick={() => usePlay.getState().set({ finishOf: 'accent' })}
        >
          Look
        </button>
      )}
    </div>
  );
}
