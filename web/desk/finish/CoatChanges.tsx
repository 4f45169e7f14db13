import type { Piece } from '../../../contracts/piece';
import { coats } from '../../../contracts/settings';
import { settings } from '../../settings/settings';
import { ChangeList } from '../details/ChangeList';
import { useDesk } from '../deskStore';
import { figureOf } from '../sheet';
import { useProperties } from '../useForms';
import { styleAt } from '../../piece/styles';
import { targetOf, type Coat, type Kind, type Whose } from './coats';

interface Props {
  piece: Piece;
  whose: Whose;
  kind: Kind;
  place: number;
  /** none: there is none of its kind */
  coat: Coat | undefined;
}

/** among what of the piece its properties are */
const OF = {
  chart: 'chart',
  part: 'figure',
  tracks: 'chart',
  panel: 'panel',
  words: 'words',
  plate: 'words',
} as const;

/** What moves change of a coat, and what they could. */
export function CoatChanges({ piece, whose, kind, place, coat }: Props) {
  const sheet = useDesk((state) => state.computed?.sheet);
  const chart = 'chart' in whose ? piece.charts.find(({ id }) => id === whose.chart) : undefined;
  const properties = useProperties((chart ?? piece.charts[0])?.form.kind);
  const told = targetOf(whose);
  if (!told) return null;
  const { target, path } = told;
  const of = `${path}${kind}.${place}.`;
  // What a plate and tracks have beside coats is changed with their first fill.
  const whole = kind === 'fills' && place === 0 ? wholeOf(piece, whose) : null;
  const isWhole = (name: string): boolean =>
    whole !== null && name.startsWith(path) && !name.slice(path.length).includes('.');
  const isIts = ({ name }: { name: string }): boolean => (coat !== undefined && name.startsWith(of)) || isWhole(name);
  const its = properties?.[OF[whose.of]].filter(isIts) ?? [];
  if (its.length === 0) return null;
  const now =
    whose.of === 'part'
      ? figureOf(sheet, whose.chart, whose.figure)
      : 'words' in target
        ? sheet?.words[target.words]
        : 'panel' in target
          ? sheet?.panels[target.panel]
          : sheet?.charts['chart' in whose ? whose.chart : ''];
  const values = { ...coat } as Record<string, unknown>;
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
        first={({ name, kind: is, default: usual }) => {
          const said = isWhole(name) ? whole?.[name.slice(path.length)] : values[name.slice(of.length)];
          const field = settings[coats[kind]].fields.find((one) => one.name === name.slice(of.length));
          const first = said ?? (isWhole(name) ? usual : field?.default);
          if (is === 'colour') return typeof first === 'string' ? first : '#808080';
          return typeof first === 'number' || typeof first === 'string' ? first : 0;
        }}
      />
    </details>
  );
}

/** The settings of a plate or of tracks beside their coats; null: it is neither. */
function wholeOf(piece: Piece, whose: Whose): Record<string, unknown> | null {
  if (whose.of === 'plate') return { ...styleAt(piece, whose.at)?.plate };
  const chart = whose.of === 'tracks' ? piece.charts.find(({ id }) => id === whose.chart) : undefined;
  // As the form has them, tracks have no colour that could change.
  return chart?.finish.tracks?.colour ? { ...chart.finish.tracks } : null;
}
