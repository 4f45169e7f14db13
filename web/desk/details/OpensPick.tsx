import { Pick } from '../../fields/Choice';
import type { Move } from '../../piece/document';
import { useDesk } from '../deskStore';

interface Props {
  kind: 'entrance' | 'exit';
  chart: string;
  value: Move['opens'];
  onChange: (opens: Move['opens']) => void;
}

/** From where a part opens, or to where it closes. */
export function OpensPick({ kind, chart, value, onChange }: Props) {
  const sheet = useDesk((state) => state.computed?.sheet.charts[chart]);
  const form = useDesk((state) => state.document?.charts.find(({ id }) => id === chart)?.form.kind);
  const comes = kind === 'entrance';
  const growing: [Move['opens'], string][] = [
    ['neighbour', comes ? 'from its neighbour’s edge' : 'to its neighbour’s edge'],
    ['baseline', comes ? 'up from the baseline' : 'down to the baseline'],
  ];
  // Of a whole, a part can begin where another ends; a line and an area can rise.
  const fits = form === 'line' || form === 'area' ? 'baseline' : sheet?.isOnScale === false ? 'neighbour' : null;
  return (
    <Pick
      label={comes ? 'opens' : 'closes'}
      value={value}
      options={[
        ['forward', 'forwards'],
        ['backward', 'backwards'],
        ['middle', comes ? 'from its middle' : 'to its middle'],
        ...growing.filter(([way]) => way === fits || way === value),
      ]}
      onChange={onChange}
    />
  );
}
