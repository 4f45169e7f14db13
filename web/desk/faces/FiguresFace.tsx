import type { ClipboardEvent, KeyboardEvent } from 'react';
import { flushSync } from 'react-dom';
import { ask, reasonOf } from '../../api/client';
import type { ReadTable } from '../../api/answers';
import { useNotices } from '../../common/Notices';
import { shortTimecode } from '../../common/words';
import { addFigure, columnIndex, pasteRows, removeFigure, setOwn, shiftFigure, tableOf } from '../../piece/changes';
import type { Chart, Piece, Table } from '../../piece/document';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';

/** The sheet: what was typed, and what it means. */
export function FiguresFace({ piece, chart }: { piece: Piece; chart: Chart }) {
  const computed = useDesk((state) => state.computed);
  const edit = useDesk((state) => state.edit);
  const selection = usePlay((state) => state.selection);
  const table = tableOf(piece, chart);
  if (!table) return null;
  const column = columnIndex(table, chart);
  const sheet = computed?.sheet.charts[chart.id];
  const change = (work: (draft: Table, piece_: Piece) => void): void =>
    edit((draft) => {
      const one = draft.tables.find(({ id }) => id === table.id);
      if (one) work(one, draft);
    });
  const select = (figure: string): void => usePlay.getState().select({ kind: 'figure', chart: chart.id, figure });
  const focusCell = (row: number, kind: 'label' | 'value'): void => {
    document.querySelectorAll<HTMLInputElement>(`.sheet .cell-${kind}`)[row]?.focus();
  };
  const add = (): void => {
    // Drawn at once, so that the next key is typed into the new row.
    flushSync(() =>
      change((draft) => {
        addFigure(draft);
      }),
    );
    focusCell(table.rows.length, 'label');
  };
  const paste =
    (row: number) =>
    (event: ClipboardEvent): void => {
      const text = event.clipboardData.getData('text/plain');
      if (!/[\t\n]/.test(text.trim())) return;
      event.preventDefault();
      ask<ReadTable>('figures/read', { method: 'POST', body: { text } }).then(
        ({ table: read }) => change((draft) => pasteRows(draft, column, row, read)),
        (error: unknown) => useNotices.getState().say(reasonOf(error), { bad: true }),
      );
    };
  const keys =
    (row: number, kind: 'label' | 'value') =>
    (event: KeyboardEvent<HTMLInputElement>): void => {
      const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' || event.key === 'Enter' ? 1 : 0;
      if (event.key === 'Escape') event.currentTarget.blur();
      if (by === 0) return;
      event.preventDefault();
      if (event.altKey && event.key !== 'Enter') {
        flushSync(() => change((draft) => shiftFigure(draft, table.rows[row].id, by)));
        focusCell(Math.max(0, Math.min(table.rows.length - 1, row + by)), kind);
        return;
      }
      if (event.key === 'Enter' && row === table.rows.length - 1) add();
      else focusCell(row + by, kind);
    };
  return (
    <div className="sheet-wrap">
      <table className="sheet">
        <thead>
          <tr>
            <th className="col-label">
              <input
                aria-label="Name of the table"
                className="cell head-cell"
                value={table.name}
                placeholder="What is counted"
                maxLength={200}
                onChange={(event) =>
                  change((draft) => {
                    draft.name = event.target.value;
                  })
                }
              />
            </th>
            <th className="num">
              {table.columns.length > 1 ? (
                <select
                  aria-label="Column"
                  className="head-pick"
                  value={chart.column}
                  onChange={(event) =>
                    edit((draft) => {
                      const one = draft.charts.find(({ id }) => id === chart.id);
                      if (one) one.column = event.target.value;
                    })
                  }
                >
                  {table.columns.map((one) => (
                    <option key={one.id} value={one.id}>
                      {one.name || 'Column'}
                    </option>
                  ))}
                </select>
              ) : (
                <input
                  aria-label="Name of the column"
                  className="cell head-cell num"
                  value={table.columns[0].name}
                  maxLength={200}
                  onChange={(event) =>
                    change((draft) => {
                      draft.columns[0].name = event.target.value;
                    })
                  }
                />
              )}
            </th>
            <th className="num">Share</th>
            <th className="num">{sheet?.measure ?? 'Sweep'}</th>
            <th className="num col-starts">Starts on</th>
            <th className="col-do">
              <span className="visually-hidden">Change</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {table.rows.map((row, index) => {
            // Of several series the first stands for its row.
            const figure = sheet?.figures.find(({ id }) => id === row.id || id.startsWith(`${row.id}-`));
            const problem = computed?.problems.find(
              ({ rowId, severity }) => rowId === row.id && (severity === 'error' || !figure),
            );
            const isOff = chart.own[row.id]?.off === true;
            const picked = selection?.kind === 'figure' && selection.figure === row.id;
            return (
              <tr
                key={row.id}
                data-row={row.id}
                className={`${picked ? 'is-picked' : ''}${problem ? ' has-problem' : ''}${isOff ? ' is-off' : ''}`}
                onClick={() => select(row.id)}
                title={problem?.message}
              >
                <td className="col-label">
                  <span className="label-cell">
                    <button
                      type="button"
                      className="chip-button"
                      aria-label={`Select ${row.label || 'this figure'}`}
                      aria-pressed={picked}
                      onClick={() => select(row.id)}
                    >
                      <span className="chip" style={{ background: figure?.colour ?? 'var(--line)' }} />
                    </button>
                    <input
                      className="cell cell-label"
                      aria-label={`Label of row ${index + 1}`}
                      value={row.label}
                      placeholder="Label"
                      maxLength={200}
                      onFocus={() => select(row.id)}
                      onPaste={paste(index)}
                      onKeyDown={keys(index, 'label')}
                      onChange={(event) =>
                        change((draft) => {
                          draft.rows[index].label = event.target.value;
                        })
                      }
                    />
                  </span>
                </td>
                <td className="num">
                  <input
                    className="cell cell-value num"
                    aria-label={`Figure of row ${index + 1}`}
                    aria-invalid={problem !== undefined}
                    value={row.cells[column]}
                    placeholder="0"
                    maxLength={200}
                    onFocus={() => select(row.id)}
                    onPaste={paste(index)}
                    onKeyDown={keys(index, 'value')}
                    onChange={(event) =>
                      change((draft) => {
                        draft.rows[index].cells[column] = event.target.value;
                      })
                    }
                  />
                </td>
                <td className="num">{figure?.share ?? '–'}</td>
                <td className="num">{figure?.measured ?? '–'}</td>
                <td className="num col-starts">
                  {figure?.entrance
                    ? figure.entrance.pinnedTo
                      ? `“${figure.entrance.pinnedTo}”`
                      : shortTimecode(figure.entrance.beginText)
                    : figure
                      ? 'always there'
                      : '–'}
                </td>
                <td className="col-do">
                  <button
                    type="button"
                    className="row-do"
                    title={isOff ? 'Switch it on in this chart' : 'Switch it off in this chart'}
                    aria-label={`Show ${row.label || 'this row'}`}
                    aria-pressed={!isOff}
                    onClick={(event) => {
                      event.stopPropagation();
                      edit((draft) => {
                        const one = draft.charts.find(({ id }) => id === chart.id);
                        if (one) setOwn(one, row.id, { off: isOff ? undefined : true });
                      });
                    }}
                  >
                    <i className={`bi bi-eye${isOff ? '-slash' : ''}`} />
                  </button>
                  <button
                    type="button"
                    className="row-do"
                    title="Up (Alt ↑)"
                    aria-label={`Move ${row.label} up`}
                    disabled={index === 0}
                    onClick={(event) => {
                      event.stopPropagation();
                      change((draft) => shiftFigure(draft, row.id, -1));
                    }}
                  >
                    <i className="bi bi-arrow-up" />
                  </button>
                  <button
                    type="button"
                    className="row-do"
                    title="Take out"
                    aria-label={`Take ${row.label || 'this row'} out`}
                    disabled={table.rows.length === 1}
                    onClick={(event) => {
                      event.stopPropagation();
                      edit((draft) =>
                        removeFigure(draft, draft.charts.find(({ id }) => id === chart.id) ?? chart, row.id),
                      );
                      usePlay.getState().select(null);
                    }}
                  >
                    <i className="bi bi-x-lg" />
                  </button>
                </td>
              </tr>
            );
          })}
        </tbody>
        <tfoot>
          <tr>
            <td className="col-label">
              <button type="button" className="text-button" onClick={add}>
                <i className="bi bi-plus-lg" aria-hidden="true" /> figure
              </button>
              <span className="whole-word">Whole</span>
            </td>
            <td className="num">
              <input
                className="cell num"
                aria-label="The whole"
                title="What all parts together are. Empty: their sum."
                value={table.whole ?? ''}
                placeholder={sheet?.whole ?? ''}
                maxLength={200}
                onChange={(event) =>
                  change((draft) => {
                    draft.whole = event.target.value.trim() === '' ? null : event.target.value;
                  })
                }
              />
            </td>
            <td className="num">{sheet ? '100 %' : '–'}</td>
            <td />
            <td />
            <td />
          </tr>
        </tfoot>
      </table>
      <p className="hint sheet-hint">
        Rows from a spreadsheet can be pasted into any cell. Sums are understood (<code>65*3.6</code>), and{' '}
        <code>rest</code> is what is left of the whole.
      </p>
    </div>
  );
}
