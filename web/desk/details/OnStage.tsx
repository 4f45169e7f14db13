import { namedText } from '../../piece/bound';
import { panelName } from '../../piece/panels';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay, type Selection } from '../playStore';
import { chartName } from '../useChart';

/** While nothing is selected: all that can be, in a list. */
export function OnStage({ piece }: { piece: Piece }) {
  const sheet = useDesk((state) => state.computed?.sheet);
  const edit = useDesk((state) => state.edit);
  const pick = (selection: Selection) => (): void => usePlay.getState().select(selection);
  return (
    <>
      <h3 className="details-title">On the stage</h3>
      <ul className="plain-list on-stage">
        {piece.words.map((words) => (
          <li key={words.id}>
            <button type="button" className="list-pick" onClick={pick({ kind: 'words', words: words.id })}>
              <i className="bi bi-type" aria-hidden="true" />
              <span className="on-stage-name">{namedText(piece, words) || 'Empty'}</span>
              {words.guessed && <span className="guessed">guessed</span>}
            </button>
          </li>
        ))}
        {(piece.panels ?? []).map((panel) => (
          <li key={panel.id}>
            <button type="button" className="list-pick" onClick={pick({ kind: 'panel', panel: panel.id })}>
              <i className="bi bi-square" aria-hidden="true" />
              <span className="on-stage-name">{panelName(panel)}</span>
            </button>
          </li>
        ))}
        {piece.charts.map((chart) => [
          <li key={chart.id} className="on-stage-chart">
            <button type="button" className="list-pick" onClick={pick({ kind: 'chart', chart: chart.id })}>
              <i className="bi bi-pie-chart" aria-hidden="true" />
              <span className="on-stage-name">{chartName(piece, chart)}</span>
            </button>
            <button
              type="button"
              className="quiet-button"
              aria-label={`${chart.hidden ? 'Show' : 'Hide'} ${chartName(piece, chart)}`}
              title={chart.hidden ? 'Show on the stage' : 'Hide from the stage'}
              onClick={() =>
                edit((draft) => {
                  const one = draft.charts.find(({ id }) => id === chart.id);
                  if (one?.hidden) delete one.hidden;
                  else if (one) one.hidden = true;
                })
              }
            >
              <i className={`bi ${chart.hidden ? 'bi-eye-slash' : 'bi-eye'}`} />
            </button>
          </li>,
          ...(sheet?.charts[chart.id]?.figures ?? []).slice(0, MOST).map((figure) => (
            <li key={figure.id}>
              <button
                type="button"
                className="list-pick"
                onClick={pick({ kind: 'figure', chart: chart.id, figure: figure.id })}
              >
                <span className="chip" style={{ background: figure.colour }} />
                <span className="on-stage-name">{figure.label || 'No label'}</span>
                <span className="soft numerals">{figure.reading}</span>
              </button>
            </li>
          )),
          chart.words.legend && (
            <li key={`${chart.id}-legend`}>
              <button type="button" className="list-pick" onClick={pick({ kind: 'legend', chart: chart.id })}>
                <i className="bi bi-list-ul" aria-hidden="true" /> Legend
              </button>
            </li>
          ),
        ])}
        {piece.captions && piece.script.lines.length > 0 && (
          <li>
            <button type="button" className="list-pick" onClick={pick({ kind: 'captions' })}>
              <i className="bi bi-badge-cc" aria-hidden="true" /> Captions
            </button>
          </li>
        )}
      </ul>
    </>
  );
}

const MOST = 40;
