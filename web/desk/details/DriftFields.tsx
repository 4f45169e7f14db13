import type { Drift } from '../../../contracts/piece';
import { Switch } from '../../fields/Choice';
import { GroupFields } from '../../settings/GroupFields';
import { first, settings } from '../../settings/settings';

interface Props {
  drift: Drift | null | undefined;
  onChange: (drift: Drift | null) => void;
}

/** How a thing drifts about its place, for as long as it is there. */
export function DriftFields({ drift, onChange }: Props) {
  return (
    <>
      <Switch
        label={settings.Drift.label}
        value={Boolean(drift)}
        onChange={(on) => onChange(on ? first.Drift : null)}
      />
      {drift && <GroupFields of="Drift" value={drift} onChange={(part) => onChange({ ...drift, ...part })} />}
    </>
  );
}
