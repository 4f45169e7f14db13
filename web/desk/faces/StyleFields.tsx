import type { Names } from '../../../contracts/piece';
import { GroupFields } from '../../settings/GroupFields';

/** How a text is set: its font, size and colour. */
export function StyleFields({ style, onChange }: { style: Names; onChange: (style: Names) => void }) {
  const { font, size, colour } = style;
  return <GroupFields of="Names" value={style} onChange={(part) => onChange({ font, size, colour, ...part })} />;
}
