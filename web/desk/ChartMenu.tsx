import Dropdown from 'react-bootstrap/Dropdown';
import type { Piece } from '../../contracts/piece';
import { AddChart } from './AddChart';
import { duplicate } from './duplicate';
import { usePlay } from './playStore';
import { chartName, useChart } from './useChart';

const MOST = 12;

/** Which chart the bench is about, and how another comes onto the stage. */
export function ChartMenu({ piece }: { piece: Piece }) {
  const chart = useChart(piece);
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
