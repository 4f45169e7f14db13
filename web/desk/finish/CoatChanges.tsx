import { Fold } from '../../common/Fold';
import type { Piece } from '../../../contracts/piece';
import { coats } from '../../../contracts/settings';
import type { Properties, Property, Sheet, SheetChange } from '../../api/answers';
import { matters, settings } from '../../settings/settings';
import { ChangeList } from '../details/ChangeList';
import { useDesk } from '../deskStore';
import { figureOf } from '../sheet';
import { useProperties } from '../useForms';
import type { Target } from '../../piece/changes';
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

type Values = Record<string, unknown>;

/** What moves change of a coat, and what they could. */
export function CoatChanges({ piece, whose, kind, place, coat }: Props) {
  const sheet = useDesk((state) => state.computed?.sheet);
  const chart = 'chart' in whose ? piece.charts.find(({ id }) => id === whose.chart) : undefined;
  const properties = useProperties((chart ?? piece.charts[0])?.form.kind);
  const told = targetOf(whose);
  if (!told || !properties) return null;
  const { target, path } = told;
  const of = `${path}${kind}.${place}.`;
  // What words, a plate and tracks have beside coats is changed with their first fill.
  const whole = kind === 'fills' && place === 0 ? wholeOf(piece, whose, properties) : null;
  const its = [
    ...(whole?.properties ?? []).map((one) => ({ ...one, name: `${path}${one.name}` })),
    ...(coat ? ofCoat(properties, kind, coat) : []).map((one) => ({ ...one, name: `${of}${one.name}` })),
  ];
  const values = { ...whole?.values, ...below(of, coat) };
  const isIts = ({ name }: { name: string }): boolean =>
    (coat !== undefined && name.startsWith(of)) || its.some((one) => one.name === name);
  if (its.length === 0) return null;
  const now = whose.of === 'part' ? figureOf(sheet, whose.chart, whose.figure)?.changes : changesOf(sheet, target);
  return (
    <Fold name="coat-changes" label="Change it in time" className="coat-changes">
      <ChangeList
        piece={piece}
        target={target}
        only={isIts}
        properties={its}
        sheet={now ?? []}
        keyed={{}}
        first={({ name, kind: is, default: usual }) => {
          const said = values[name] ?? values[name.slice(path.length)] ?? usual;
          if (is === 'colour') return typeof said === 'string' ? said : '#808080';
          return typeof said === 'number' || typeof said === 'string' ? said : 0;
        }}
      />
    </Fold>
  );
}

function changesOf(sheet: Sheet | undefined, target: Target): SheetChange[] | undefined {
  if ('words' in target) return sheet?.words[target.words]?.changes;
  if ('panel' in target) return sheet?.panels[target.panel]?.changes;
  if ('stage' in target) return sheet?.[target.stage];
  return 'chart' in target ? sheet?.charts[target.chart]?.changes : undefined;
}

/** What can be changed of a coat as it is set, named from the coat on. */
function ofCoat(properties: Properties, kind: Kind, coat: Coat): Property[] {
  const group = settings[coats[kind]];
  const counts = ({ name }: { name: string }): boolean => {
    const setting = group.fields.find((one) => one.name === name);
    return setting === undefined || matters(setting, { ...coat }, group);
  };
  const plain = (properties.coats.find((one) => one.kind === kind)?.properties ?? []).filter(counts);
  const stops = 'stops' in coat && counts({ name: 'stops' }) ? (coat.stops ?? []) : [];
  return [
    ...plain,
    ...stops.flatMap((_, at) =>
      properties.stop.map((one) => ({
        ...one,
        name: `stops.${at}.${one.name}`,
        label: `Colour ${at + 1}${one.kind === 'colour' ? '' : `, ${one.label.toLowerCase()}`}`,
      })),
    ),
  ];
}

/** What stands in a coat, and in the colours of its gradient, by the names of what moves change. */
function below(of: string, coat: Coat | undefined): Values {
  const stops = coat && 'stops' in coat ? (coat.stops ?? []) : [];
  return Object.fromEntries([
    ...Object.entries(coat ?? {}).map(([name, value]) => [of + name, value]),
    ...stops.flatMap((stop, at) => Object.entries(stop).map(([name, value]) => [`${of}stops.${at}.${name}`, value])),
  ]);
}

/** What words, a plate and tracks have beside their coats; null: it is none of them. */
function wholeOf(
  piece: Piece,
  whose: Whose,
  { style, plate, tracks }: Properties,
): { properties: Property[]; values: Values } | null {
  if (whose.of === 'words') return { properties: style, values: { ...styleAt(piece, whose.at) } };
  if (whose.of === 'plate') return { properties: plate, values: { ...styleAt(piece, whose.at)?.plate } };
  const chart = whose.of === 'tracks' ? piece.charts.find(({ id }) => id === whose.chart) : undefined;
  // As the form has them, tracks have no colour that could change.
  return chart?.finish.tracks?.colour ? { properties: tracks, values: { ...chart.finish.tracks } } : null;
}
