import type { Chart, Piece } from '../../../contracts/piece';
import { useState } from 'react';
import { Captions } from '../faces/Captions';
import { LegendFields } from '../faces/LegendFields';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { useChartEdit } from '../useChartEdit';
import { ChartDetails } from './ChartDetails';
import { FigureDetails } from './FigureDetails';
import { LineDetails } from './LineDetails';
import { PanelDetails } from './PanelDetails';
import { OnStage } from './OnStage';
import { ShotDetails } from './ShotDetails';
import { SeveralDetails } from './SeveralDetails';
import { WordsDetails } from './WordsDetails';

/** The legend of a chart, as it is set on the face of words. */
function LegendDetails({ piece, chart }: { piece: Piece; chart: Chart }) {
  const edit = useChartEdit(chart);
  return (
    <LegendFields
      piece={piece}
      chart={chart}
      onChange={(legend) =>
        edit((draft) => {
          draft.words.legend = legend;
        })
      }
    />
  );
}

/** Beside the bench: what is selected, and all that can be said about it. */
export function Details({ piece }: { piece: Piece }) {
  const selected = usePlay((state) => state.selection);
  // Enter in the sheet takes what was typed and goes on to the next figure: its picture comes first.
  const isTyping = usePlay((state) => state.typingIn !== null);
  const waits = useDesk((state) => isTyping && state.followed !== state.document);
  const [selection, show] = useState(selected);
  if (selection !== selected && !waits) show(selected);
  const shot = selection?.kind === 'shot' ? piece.moves.find(({ id }) => id === selection.shot) : undefined;
  const chart = selection?.kind === 'chart' ? piece.charts.find(({ id }) => id === selection.chart) : undefined;
  const legended = selection?.kind === 'legend' ? piece.charts.find(({ id }) => id === selection.chart) : undefined;
  return (
    <aside className="details" aria-label="Details of the selection">
      {selection?.kind === 'figure' && (
        <FigureDetails key={selection.figure} piece={piece} chartId={selection.chart} figureId={selection.figure} />
      )}
      {selection?.kind === 'line' && <LineDetails key={selection.line} piece={piece} lineId={selection.line} />}
      {selection?.kind === 'words' && <WordsDetails key={selection.words} piece={piece} wordsId={selection.words} />}
      {selection?.kind === 'panel' && <PanelDetails key={selection.panel} piece={piece} panelId={selection.panel} />}
      {legended && (
        <div className="fields one-column" key={legended.id}>
          <LegendDetails piece={piece} chart={legended} />
        </div>
      )}
      {selection?.kind === 'captions' && (
        <div className="fields one-column">
          <Captions piece={piece} />
        </div>
      )}
      {chart && <ChartDetails key={chart.id} piece={piece} chart={chart} />}
      {shot && <ShotDetails key={shot.id} piece={piece} move={shot} />}
      {selection?.kind === 'several' && <SeveralDetails piece={piece} keys={selection.keys} />}
      {selection === null && <OnStage piece={piece} />}
    </aside>
  );
}
