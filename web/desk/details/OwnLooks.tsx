import type { Own } from '../../../contracts/piece';
import { GroupFields } from '../../settings/GroupFields';
import { usePlay } from '../playStore';

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
      <GroupFields of="Own" only={['colour']} value={own} colour={colour} onChange={onChange} />
      {isSolid && (
        <GroupFields
          of="Faces"
          value={own.faces ?? {}}
          colour={own.colour ?? colour}
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
      <button type="button" className="text-button" onClick={() => usePlay.getState().set({ face: 'Finish' })}>
        <i className="bi bi-layers" aria-hidden="true" /> Its coats
      </button>
    </>
  );
}
