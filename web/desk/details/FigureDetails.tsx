import { Count, Fold } from '../../common/Fold';
import { columnIndex, setOwn, tableOf } from '../../piece/changes';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { figureOf } from '../sheet';
import { useProperties } from '../useForms';
import { ChangeList } from './ChangeList';
import { EmphasisList } from './EmphasisList';
import { FigureMove } from './FigureMove';
import { LabelFields } from './LabelFields';
import { OwnLooks } from './OwnLooks';

interface Props {
  piece: Piece;
  chartId: string;
  figureId: string;
}

/** One figure: how its mark looks, when it comes, stands out, changes and goes, in one column. */
export function FigureDetails({ piece, chartId, figureId }: Props) {
  const sheet = useDesk((state) => state.computed?.sheet);
  const edit = useDesk((state) => state.edit);
  const chart = piece.charts.find(({ id }) => id === chartId);
  const properties = useProperties(chart?.form.kind);
  const figure = figureOf(sheet, chartId, figureId);
  if (!chart || !figure)
    return (
      <div className="details-empty">
        <p>This row is not drawn yet. Enter a figure.</p>
      </div>
    );
  const table = tableOf(piece, chart);
  const cell = table?.rows.find(({ id }) => id === figureId)?.cells[columnIndex(table, chart)] ?? '';
  const target = { chart: chartId, figure: figureId };
  const own = chart.own[figureId];
  const hasOwnLook = Object.keys(own ?? {}).some((name) => name !== 'label' && name !== 'off');
  return (
    <>
      <div className="details-head">
        <span className="chip" style={{ background: figure.colour }} aria-hidden="true" />{' '}
        <strong>{figure.label || 'No label'}</strong>
        <span className="soft numerals ms-auto">{figure.value}</span>
      </div>
      <FigureMove piece={piece} chart={chart} figure={figure} kind="entrance" />
      <Fold name="figure-emphasis" label="Emphasis" count={<Count of={figure.emphases.length} />}>
        <div className="fields one-column">
          <EmphasisList piece={piece} target={target} sheet={figure.emphases} />
        </div>
      </Fold>
      <Fold name="figure-changes" label="Changes" count={<Count of={figure.changes.length} />}>
        <div className="fields one-column">
          <ChangeList
            piece={piece}
            target={target}
            properties={properties?.figure ?? []}
            only={({ name }) => !name.startsWith('finish.')}
            sheet={figure.changes}
            keyed={figure.keyed}
            first={(property) =>
              property.kind === 'cell' ? cell : property.name === 'out' ? (own?.out ?? 0) : property.default
            }
            table={table}
          />
        </div>
      </Fold>
      <FigureMove piece={piece} chart={chart} figure={figure} kind="exit" />
      <Fold name="figure-look" label="Look" count={hasOwnLook && <span className="soft">its own</span>}>
        <div className="fields one-column">
          <OwnLooks
            own={own ?? {}}
            colour={figure.colour}
            isOutKeyed={'out' in figure.keyed}
            isSolid={sheet?.charts[chartId]?.isSolid ?? false}
            onChange={(part) =>
              edit((draft) => {
                const one = draft.charts.find(({ id }) => id === chartId);
                if (one) setOwn(one, figureId, part);
              })
            }
          />
          {own !== undefined && (
            <button
              type="button"
              className="text-button"
              onClick={() =>
                edit((draft) => {
                  const one = draft.charts.find(({ id }) => id === chartId);
                  if (one) delete one.own[figureId];
                })
              }
            >
              <i className="bi bi-arrow-return-left" aria-hidden="true" /> Reset to chart
            </button>
          )}
        </div>
      </Fold>
      <Fold name="figure-label" label="Label" count={own?.label && <span className="soft">its own</span>}>
        <div className="fields one-column">
          <LabelFields piece={piece} chart={chart} figure={figure} />
        </div>
      </Fold>
    </>
  );
}
