import { act } from './act';
import { usePlay } from './playStore';

/** Duplicates a chart with everything that is its own, and selects the copy. */
export async function duplicate(chart: string): Promise<void> {
  const made = await act('copy-chart', { chart });
  if (made?.[0]) usePlay.getState().select({ kind: 'chart', chart: made[0] });
}
