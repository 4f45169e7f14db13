import type { Piece } from '../../../contracts/piece';
import { coats } from '../../../contracts/settings';
import { settings } from '../../settings/settings';
import { ChangeList } from '../details/ChangeList';
import { useDesk } from '../deskStore';
import { figureOf } from '../sheet';
import { useProperties } from '../useForms';
import { targetOf, type Coat, type Kind, type Whose } from './coats';

interface Props {
  piece: Piece;
  whose: Whose;
  kind: Kind;
  place: number;
  coat: Coat;
}

const OF = { chart: 'chart', part: 'figure', panel: 'panel' } as const;

/** What moves change of a coat, and what they could. */
export function CoatChanges({ piece, whose, kind, place, coat }: Props) {
  const sheet = useDesk((state) => state.computed?.sheet);
  const chart = whose.of === 'panel' ? undefined : piece.charts.find(({ id }) => id === whose.chart);
  const properties = useProperties((chart ?? piece.charts[0])?.form.kind);
  const { target, path } = targetOf(whose);
  const of = `${path}${kind}.${place}.`;
  const isIts = ({ name }: { name: string }): boolean => name.startsWith(of);
  const its = properties?.[OF[whose.of]].filter(isIts) ?? [];
  if (its.length === 0) return null;
  const now = {
    chart: () => sheet?.charts[whose.of === 'chart' ? whose.chart : ''],
    part: () => (whose.of === 'part' ? figureOf(sheet, whose.chart, whose.figure) : undefined),
    panel: () => sheet?.panels[whose.of === 'panel' ? whose.panel : ''],
  }[whose.of]();
  const values = coat as unknown as Record<string, unknown>;
  return (
    <details className="coat-changes">
      <summary>Change it in time</summary>
      <ChangeList
        piece={piece}
        target={target}
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
