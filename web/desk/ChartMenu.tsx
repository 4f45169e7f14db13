import Dropdown from 'react-bootstrap/Dropdown';
import { useNotices } from '../common/Notices';
import { counted } from '../common/words';
import type { Piece } from '../../contracts/piece';
import { act } from './act';
import { AddChart } from './AddChart';
import { duplicate } from './duplicate';
import { usePlay, type Face } from './playStore';
import { chartName, useChart } from './useChart';

const MOST = 12;

/** Faces whose settings all charts can have. */
const LIKE: Partial<Record<Face, 'form' | 'finish' | 'words' | 'motion'>> = {
  Form: 'form',
  Finish: 'finish',
  Words: 'words',
  Motion: 'motion',
};

/** All other charts become as one is on a face of the bench; what they show, and where they stand, stays theirs. */
export async function sameInOthers(chart: string, face: 'form' | 'finish' | 'words' | 'motion'): Promise<void> {
  const made = await act('same-in-others', { chart, face }, 'Nothing was changed.');
  if (made) useNotices.getState().say(`${counted(made.length, 'chart has', 'charts have')} the same ${face} now.`);
}

/** Which chart the bench is about, and how another comes onto the stage. */
export function ChartMenu({ piece }: { piece: Piece }) {
  const chart = useChart(piece);
  const like = usePlay(({ face }) => LIKE[face]);
  const isAdding = usePlay((state) => state.isAddingChart);
  const setAdding = (isAddingChart: boolean): void => usePlay.getState().set({ isAddingChart });
  return (
    <>
      <Dropdown className="chart-menu ms-auto" align="end">
        <Dropdown.Toggle variant="quiet" size="sm" id="chart-menu" title="Charts in this piece">
          {chart ? chartName(piece, chart) : 'No chart'}
          {piece.charts.length > 1 && chart && (
            <span className="soft">
              {' '}
              {piece.charts.indexOf(chart) + 1} of {piece.charts.length}
            </span>
          )}
        </Dropdown.Toggle>
        <Dropdown.Menu>
          {piece.charts.map((one) => (
            <Dropdown.Item
              key={one.id}
              active={one.id === chart?.id}
              onClick={() => usePlay.getState().select({ kind: 'chart', chart: one.id })}
            >
              {chartName(piece, one)}
              {one.hidden && <span className="soft"> hidden</span>}
            </Dropdown.Item>
          ))}
          <Dropdown.Divider />
          <Dropdown.Item disabled={piece.charts.length >= MOST} onClick={() => setAdding(true)}>
            <i className="bi bi-plus-lg" aria-hidden="true" /> Add chart…
          </Dropdown.Item>
          {chart && like && piece.charts.length > 1 && (
            <Dropdown.Item onClick={() => void sameInOthers(chart.id, like)}>
              <i className="bi bi-collection" aria-hidden="true" /> Same {like} in all charts
            </Dropdown.Item>
          )}
          {chart && (
            <Dropdown.Item disabled={piece.charts.length >= MOST} onClick={() => void duplicate(chart.id)}>
              <i className="bi bi-copy" aria-hidden="true" /> Duplicate chart
            </Dropdown.Item>
          )}
        </Dropdown.Menu>
      </Dropdown>
      {isAdding && <AddChart piece={piece} onClose={() => setAdding(false)} />}
    </>
  );
}
