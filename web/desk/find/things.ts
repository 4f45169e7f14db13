import { namedText } from '../../piece/bound';
import { groupNames } from '../../piece/charts';
import { panelName, thingsOf } from '../../piece/panels';
import type { Piece } from '../../../contracts/piece';
import type { Sheet } from '../../api/answers';
import { usePlay, type Selection } from '../playStore';
import { selectionOf } from '../stage/selected';
import { chartName } from '../useChart';
import type { Entry } from '../../find/entries';

/** so many rows are found by what stands in them */
const MOST_ROWS = 500;

/** What stands in the piece: figures, lines of the script, texts, charts, panels, recordings. */
export function thingEntries(piece: Piece, sheet: Sheet | undefined, timecode: (frame: number) => string): Entry[] {
  const select =
    (selection: Selection, more: Parameters<ReturnType<typeof usePlay.getState>['set']>[0] = {}) =>
    () => {
      usePlay.getState().select(selection);
      usePlay.getState().set(more);
    };
  const entry = (id: string, title: string, where: string, icon: string, go: () => void, more = {}): Entry => ({
    id: `thing ${id}`,
    group: 'In this piece',
    title,
    where,
    icon,
    go,
    ...more,
  });
  const figures = piece.charts.flatMap((chart) => {
    const table = piece.tables.find(({ id }) => id === chart.table);
    const column = table?.columns.findIndex(({ id }) => id === chart.column) ?? 0;
    return (table?.rows.slice(0, MOST_ROWS) ?? []).map((row) => {
      const begins = sheet?.charts[chart.id]?.figures.find(({ id }) => id === row.id)?.entrance?.begin;
      const cells = row.cells.join(' ');
      return entry(
        `${chart.id} ${row.id}`,
        row.label || 'No label',
        `figure of the ${chartName(piece, chart)}${begins === undefined ? '' : `, ${timecode(begins)}`}`,
        'bi-123',
        select({ kind: 'figure', chart: chart.id, figure: row.id }, { face: 'Figures' }),
        { value: row.cells[column], also: cells },
      );
    });
  });
  const lines = piece.script.lines.map((line, at) =>
    entry(line.id, `“${line.text}”`, `line ${at + 1}, ${timecode(line.begin)}`, 'bi-text-left', () => {
      const { go } = usePlay.getState();
      select({ kind: 'line', line: line.id })();
      go(line.begin);
    }),
  );
  const words = piece.words.map((text) =>
    entry(
      text.id,
      namedText(piece, text) || 'Empty title',
      { title: 'title', subtitle: 'subtitle', source: 'source line', note: 'note' }[text.role ?? 'note'],
      'bi-type',
      select({ kind: 'words', words: text.id }),
    ),
  );
  const charts = piece.charts.map((chart) =>
    entry(
      chart.id,
      chartName(piece, chart),
      `chart, ${piece.tables.find(({ id }) => id === chart.table)?.name ?? ''}`,
      'bi-pie-chart',
      select({ kind: 'chart', chart: chart.id }),
    ),
  );
  const panels = (piece.panels ?? []).map((panel) =>
    entry(panel.id, panelName(panel), 'panel', 'bi-square', select({ kind: 'panel', panel: panel.id })),
  );
  const groups = groupNames(piece).map((name) => {
    const keys = thingsOf(piece).flatMap(({ id, group }) => (group === name ? id : []));
    return entry(`group ${name}`, name, `group of ${keys.length}`, 'bi-intersect', select(selectionOf(piece, keys)));
  });
  return [...charts, ...groups, ...figures, ...lines, ...words, ...panels];
}
