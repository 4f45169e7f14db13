import type { Own } from '../../../contracts/piece';
import { GroupFields } from '../../settings/GroupFields';
import { InheritedFields } from '../../settings/PartFields';
import { first } from '../../settings/settings';
import { DashField } from '../faces/DashField';

interface LooksProps {
  own: Own;
  colour: string;
  isOutKeyed: boolean;
  isSolid: boolean;
  onChange: (part: Own) => void;
}

/** What a part has of its own: its colour, its finish, and how far it is pulled out. */
export function OwnLooks({ own, colour, isOutKeyed, isSolid, onChange }: LooksProps) {
  return (
    <>
      <GroupFields of="Own" only={['fill']} value={own} colour={colour} onChange={onChange} />
      {isSolid && (
        <GroupFields
          of="Faces"
          value={own.faces ?? {}}
          colour={own.fill ?? colour}
          onChange={(part) => {
            const faces = { ...own.faces, ...part };
            onChange({ faces: Object.values(faces).some(Boolean) ? faces : undefined });
          }}
        />
      )}
      <GroupFields
        of="Own"
        only={['out']}
        value={own}
        keyed={isOutKeyed ? { out: true } : {}}
        onChange={({ out }) => onChange({ out: out === 0 ? undefined : out })}
      />
      <InheritedFields
        of="Pattern"
        value={own.pattern}
        begin={first.Pattern}
        onChange={(pattern) => onChange({ pattern })}
      />
      <InheritedFields
        of="Stroke"
        value={own.stroke}
        begin={first.Stroke}
        slots={{
          dash: own.stroke && own.stroke !== 'none' && (
            <DashField stroke={own.stroke} onChange={(stroke) => onChange({ stroke })} />
          ),
        }}
        onChange={(stroke) => onChange({ stroke })}
      />
      <InheritedFields
        of="Glow"
        value={own.glow}
        begin={first.Glow}
        colour={own.fill ?? colour}
        onChange={(glow) => onChange({ glow })}
      />
    </>
  );
}
