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
  // Amounts on a scale stand by themselves: none begins where another one ends.
  const hasNeighbours = useDesk((state) => state.computed?.sheet.charts[chart]?.isOnScale === false);
  const comes = kind === 'entrance';
  return (
    <Pick
      label={comes ? 'opens' : 'closes'}
      value={value}
      options={[
        ['forward', 'forwards'],
        ['backward', 'backwards'],
        ['middle', comes ? 'from its middle' : 'to its middle'],
        ...(hasNeighbours || value === 'neighbour'
          ? ([['neighbour', comes ? 'from its neighbour’s edge' : 'to its neighbour’s edge']] as [
              Move['opens'],
              string,
            ][])
          : []),
      ]}
      onChange={onChange}
    />
  );
}
