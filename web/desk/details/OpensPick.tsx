import type { Move } from '../../../contracts/piece';
import { OneField } from '../../settings/OneField';
import { useDesk } from '../deskStore';

interface Props {
  /** whose part it is; none: a panel */
  chart: string | undefined;
  value: Move['opens'];
  onChange: (opens: Move['opens']) => void;
}

/** In which direction a part or a panel opens, or closes. */
export function OpensPick({ chart, value, onChange }: Props) {
  const sheet = useDesk((state) => (chart === undefined ? undefined : state.computed?.sheet.charts[chart]));
  const form = useDesk((state) => state.document?.charts.find(({ id }) => id === chart)?.form.kind);
  // Of a whole, a part can begin where another ends; a line and an area can rise.
  const fits = form === 'line' || form === 'area' ? 'baseline' : sheet?.isOnScale === false ? 'neighbour' : null;
  return (
    <OneField
      of="Move"
      name="opens"
      value={value}
      choices={(way) => ['forward', 'backward', 'middle', fits, value].includes(way)}
      onChange={onChange}
    />
  );
}
