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

const OF = { chart: 'chart', part: 'figure', panel: 'panel', words: 'words' } as const;

/** What moves change of a coat, and what they could. */
export function CoatChanges({ piece, whose, kind, place, coat }: Props) {
  const sheet = useDesk((state) => state.computed?.sheet);
  const chart = 'chart' in whose ? piece.charts.find(({ id }) => id === whose.chart) : undefined;
  const properties = useProperties((chart ?? piece.charts[0])?.form.kind);
  const told = targetOf(whose);
  if (!told || whose.of === 'plate' || whose.of === 'tracks') return null;
  const { target, path } = told;
  const of = `${path}${kind}.${place}.`;
  const isIts = ({ name }: { name: string }): boolean => name.startsWith(of);
  const its = properties?.[OF[whose.of]].filter(isIts) ?? [];
  if (its.length === 0) return null;
  const now = {
    chart: () => sheet?.charts[whose.of === 'chart' ? whose.chart : ''],
    part: () => (whose.of === 'part' ? figureOf(sheet, whose.chart, whose.figure) : undefined),
    panel: () => sheet?.panels[whose.of === 'panel' ? whose.panel : ''],
    words: () => sheet?.words['words' in target ? target.words : ''],
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
