import type { Piece } from '../../../contracts/piece';
import { usePlay } from '../playStore';
import { ChartDetails } from './ChartDetails';
import { FigureDetails } from './FigureDetails';
import { LineDetails } from './LineDetails';
import { PanelDetails } from './PanelDetails';
import { OnStage } from './OnStage';
import { ShotDetails } from './ShotDetails';
import { SeveralDetails } from './SeveralDetails';
import { WordsDetails } from './WordsDetails';

/** Beside the bench: what is selected, and all that can be said about it. */
export function Details({ piece }: { piece: Piece }) {
  const selection = usePlay((state) => state.selection);
  const shot = selection?.kind === 'shot' ? piece.moves.find(({ id }) => id === selection.shot) : undefined;
  const chart = selection?.kind === 'chart' ? piece.charts.find(({ id }) => id === selection.chart) : undefined;
  return (
    <aside className="details" aria-label="Details of the selection">
      {selection?.kind === 'figure' && (
        <FigureDetails key={selection.figure} piece={piece} chartId={selection.chart} figureId={selection.figure} />
      )}
      {selection?.kind === 'line' && <LineDetails key={selection.line} piece={piece} lineId={selection.line} />}
      {selection?.kind === 'words' && <WordsDetails key={selection.words} piece={piece} wordsId={selection.words} />}
      {selection?.kind === 'panel' && <PanelDetails key={selection.panel} piece={piece} panelId={selection.panel} />}
      {(selection?.kind === 'legend' || selection?.kind === 'captions') && (
        <div className="details-empty">
          <p>{selection.kind === 'legend' ? 'The legend' : 'The captions'}</p>
          <p>
            Drag to move{selection.kind === 'legend' && '; drag the right edge to set the width'}. Set type and colour
            in{' '}
            <button type="button" className="text-button" onClick={() => usePlay.getState().set({ face: 'Words' })}>
              Words
            </button>
          </p>
        </div>
      )}
      {chart && <ChartDetails key={chart.id} piece={piece} chart={chart} />}
      {shot && <ShotDetails key={shot.id} piece={piece} move={shot} />}
      {selection?.kind === 'several' && <SeveralDetails piece={piece} keys={selection.keys} />}
      {selection === null && <OnStage piece={piece} />}
    </aside>
  );
}
