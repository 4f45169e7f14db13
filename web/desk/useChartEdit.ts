import type { Chart } from '../../contracts/piece';
import { useDesk } from './deskStore';

/** Changes one chart of the piece on the desk. */
export function useChartEdit(chart: Chart): (change: (draft: Chart) => void) => void {
  const edit = useDesk((state) => state.edit);
  return (change) =>
    edit((piece) => {
      const draft = piece.charts.find(({ id }) => id === chart.id);
      if (draft) change(draft);
    });
}
