import { Choice, Switch } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import type { Chart, Legend, Piece } from '../../piece/document';
import { legendKey } from '../../piece/places';
import { useDesk } from '../deskStore';
import { PlacedBy } from '../details/PlacedBy';
import { editPlaces } from '../placesNow';
import { StyleFields } from './StyleFields';

interface Props {
  piece: Piece;
  chart: Chart;
  onChange: (legend: Legend | null) => void;
}

/** The legend: in a column or in rows, where the arrangement or a hand puts it. */
export function LegendFields({ piece, chart, onChange }: Props) {
  const { words } = chart;
  const { legend } = words;
  const legendPlace = useDesk((state) => state.computed?.sheet.places[legendKey(chart.id)]);
  const middleOf = (): Legend => ({
    x: Math.round(piece.stage.width * 0.58),
    y: Math.round(piece.stage.height * 0.45),
    width: Math.round(piece.stage.width * 0.34),
    spacing: 2,
    font: 'figtree-semibold',
    size: 40,
    colour: '#ffffff',
    placedBy: 'rule',
  });
  return (
    <section>
      <h3>
        <Switch label="Legend" value={legend !== null} onChange={(on) => onChange(on ? middleOf() : null)} />
      </h3>
      {legend && (
        <>
          <StyleFields style={legend} onChange={(style) => onChange({ ...legend, ...style })} />
          {legendPlace && (
            <>
              <PlacedBy keys={[legendKey(chart.id)]} places={[legendPlace]} />
              {!words.centre && (
                <Choice
                  label="stands"
                  value={legend.stands ?? 'beside'}
                  options={[
                    ['beside', 'beside the chart'],
                    ['middle', 'in its middle'],
                  ]}
                  onChange={(stands) => onChange({ ...legend, stands, placedBy: 'rule' })}
                />
              )}
              {legend.stands === 'middle' && legendPlace.by === 'rule' && legendPlace.stands !== 'middle' && (
                <p className="hint">
                  {words.centre
                    ? 'The number has the middle; the legend stands beside.'
                    : 'There is no room in the middle, so it stands beside. A larger hole or fewer entries help.'}
                </p>
              )}
              {(['x', 'y', 'width'] as const).map((part) => (
                <NumberField
                  key={part}
                  label={{ x: 'from left', y: 'from top', width: 'width' }[part]}
                  unit="pixels"
                  value={legendPlace[part] ?? 0}
                  min={part === 'width' ? 40 : -4000}
                  max={part === 'width' ? 4000 : 8000}
                  step={2}
                  onChange={(value) => editPlaces([legendKey(chart.id)], () => ({ [part]: value }))}
                />
              ))}
              <Choice
                label="entries"
                value={legendPlace.flow ?? 'column'}
                options={[
                  ['column', 'in a column'],
                  ['rows', 'in rows'],
                ]}
                onChange={(flow) => editPlaces([legendKey(chart.id)], () => ({ flow }))}
              />
            </>
          )}
          <NumberField
            label="row spacing"
            value={legend.spacing}
            min={1}
            max={6}
            step={0.1}
            sign="×"
            usual={2}
            onChange={(spacing) => onChange({ ...legend, spacing })}
          />
        </>
      )}
    </section>
  );
}
