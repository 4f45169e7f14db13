import type { Stroke } from '../../../contracts/piece';
import { Switch } from '../../fields/Choice';
import { SettingField } from '../../settings/SettingField';
import { settingOf } from '../../settings/settings';

/** length of a dash where a line gets some, in pixels */
const FIRST = 18;

interface Props {
  stroke: Stroke;
  onChange: (stroke: Stroke) => void;
}

/** Whether a line has dashes, and how long they are: in the document a length of 0 is a solid line. */
export function DashField({ stroke, onChange }: Props) {
  const setting = settingOf('Stroke', 'dash');
  return (
    <>
      <Switch label="Dashes" value={stroke.dash > 0} onChange={(on) => onChange({ ...stroke, dash: on ? FIRST : 0 })} />
      {stroke.dash > 0 && (
        <SettingField
          setting={setting}
          value={stroke.dash}
          onChange={(dash) => onChange({ ...stroke, dash: Number(dash) })}
        />
      )}
    </>
  );
}
