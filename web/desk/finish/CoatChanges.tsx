import type { Chart, Piece } from '../../../contracts/piece';
import { coats } from '../../../contracts/settings';
import { settings } from '../../settings/settings';
import { ChangeList } from '../details/ChangeList';
import { useDesk } from '../deskStore';
import { figureOf } from '../sheet';
import { useProperties } from '../useForms';
import type { Coat, Kind, Whose } from './coats';

interface Props {
  piece: Piece;
  chart: Chart;
  whose: Whose;
  kind: Kind;
  place: number;
  coat: Coat;
}

/** What moves change of a coat, and what they could. */
export function CoatChanges({ piece, chart, whose, kind, place, coat }: Props) {
  const sheet = useDesk((state) => state.computed?.sheet);
  const properties = useProperties(chart.form.kind);
  const of = `finish.${kind}.${place}.`;
  const isIts = ({ name }: { name: string }): boolean => name.startsWith(of);
  const its = (whose === null ? properties?.chart : properties?.figure)?.filter(isIts) ?? [];
  if (its.length === 0) return null;
  const now = whose === null ? sheet?.charts[chart.id] : figureOf(sheet, chart.id, whose);
  const values = coat as unknown as Record<string, unknown>;
  return (
    <details className="coat-changes">
      <summary>Change it in time</summary>
      <ChangeList
        piece={piece}
        target={whose === null ? { chart: chart.id } : { chart: chart.id, figure: whose }}
        only={isIts}
        properties={its}
        sheet={now?.changes ?? []}
        keyed={{}}
        first={({ name }) => {
          const short = name.slice(of.length);
          const said = values[short] ?? settings[coats[kind]].fields.find((one) => one.name === short)?.default;
          return typeof said === 'number' || typeof said === 'string' ? said : 0;
        }}
      />
    </details>
  );
}
