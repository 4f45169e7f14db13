import { Switch } from '../../fields/Choice';
import { OneField } from '../../settings/OneField';
import { first, settingOf } from '../../settings/settings';
import type { Chart, Legend, Piece } from '../../../contracts/piece';
import { legendKey } from '../../piece/places';
import { styleOfPart } from '../../piece/styles';
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
    spacing: Number(settingOf('Legend', 'spacing').default),
    ...first.Names,
    size: Number(settingOf('Legend', 'size').default),
    placedBy: 'rule',
  });
  return (
    <section data-part="Legend">
      <h3>
        <Switch label="Legend" value={legend !== null} onChange={(on) => onChange(on ? middleOf() : null)} />
      </h3>
      {legend && (
        <>
          <StyleFields piece={piece} at={styleOfPart(chart, 'legend')} />
          {legendPlace && (
            <>
              <PlacedBy keys={[legendKey(chart.id)]} places={[legendPlace]} />
              {!words.centre && (
                <OneField
                  of="Legend"
                  name="stands"
                  value={legend.stands}
                  onChange={(stands) => onChange({ ...legend, stands, placedBy: 'rule' })}
                />
              )}
              {legend.stands === 'middle' && legendPlace.by === 'rule' && legendPlace.stands !== 'middle' && (
                <p className="hint">
                  {words.centre
                    ? 'The centre number is in the hole, so the legend goes beside the chart.'
                    : 'The legend does not fit in the hole. Enlarge the hole or show fewer entries.'}
                </p>
              )}
              {(['x', 'y', 'width'] as const).map((part) => (
                <OneField
                  key={part}
                  of="Legend"
                  name={part}
                  value={legendPlace[part] ?? 0}
                  onChange={(value) => editPlaces([legendKey(chart.id)], () => ({ [part]: value }))}
                />
              ))}
              <OneField
                of="Legend"
                name="flow"
                value={legendPlace.flow}
                onChange={(flow) => editPlaces([legendKey(chart.id)], () => ({ flow }))}
              />
            </>
          )}
          {legend.plate && (
            <OneField
              of="Legend"
              name="plates"
              value={legend.plates}
              onChange={(plates) => onChange({ ...legend, plates })}
            />
          )}
          <OneField
            of="Legend"
            name="values"
            value={legend.values}
            onChange={(values) => onChange({ ...legend, values })}
          />
          <OneField
            of="Legend"
            name="spacing"
            value={legend.spacing}
            onChange={(spacing) => onChange({ ...legend, spacing })}
          />
        </>
      )}
    </section>
  );
}
