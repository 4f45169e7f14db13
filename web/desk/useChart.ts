import type { Chart, Piece } from '../../contracts/piece';
import { usePlay } from './playStore';

/** The chart that the bench is about: the one that was last taken, or the first. */
export function useChart(piece: Piece): Chart | undefined {
  const chart = usePlay((state) => state.chart);
  return piece.charts.find(({ id }) => id === chart) ?? piece.charts[0];
}

/** What a chart is called in lists. */
export function chartName(piece: Piece, chart: Chart): string {
  if (chart.name) return chart.name;
  const { kind } = chart.form;
  const alike = piece.charts.filter((one) => !one.name && one.form.kind === kind);
  if (alike.length < 2) return kind;
  const table = piece.tables.find(({ id }) => id === chart.table);
  const told = piece.tables.length > 1 && table?.name ? table.name : String(alike.indexOf(chart) + 1);
  return `${kind}, ${told}`;
}
