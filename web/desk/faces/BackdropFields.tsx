import type { Backdrop, Piece } from '../../../contracts/piece';
import { GroupFields } from '../../settings/GroupFields';
import { OneField } from '../../settings/OneField';
import { ChangeList } from '../details/ChangeList';
import { useDesk } from '../deskStore';
import { useProperties } from '../useForms';

export function BackdropFields({ piece }: { piece: Piece }) {
  const edit = useDesk((state) => state.edit);
  const { backdrop } = piece;
  const changes = useDesk((state) => state.computed?.sheet.backdrop);
  const properties = useProperties(piece.charts[0]?.form.kind ?? 'pie')?.backdrop ?? [];
  const change = (part: Partial<Backdrop>): void =>
    edit((draft) => {
      draft.backdrop = { ...draft.backdrop, ...part };
    });
  return (
    <>
      <GroupFields
        of="Backdrop"
        value={backdrop}
        slots={
          backdrop.kind === 'radial'
            ? {
                colour: (
                  <OneField
                    of="Backdrop"
                    name="colour"
                    label="Centre colour"
                    value={backdrop.colour}
                    onChange={(colour) => change({ colour })}
                  />
                ),
              }
            : {}
        }
        onChange={change}
      />
      {backdrop.kind !== 'transparent' && (
        <div className="span-all">
          <ChangeList
            piece={piece}
            target={{ stage: 'backdrop' }}
            properties={properties.filter(({ name }) => name !== 'edge' || backdrop.kind === 'radial')}
            sheet={changes ?? []}
            keyed={{}}
            first={({ name }) => backdrop[name as 'colour' | 'edge' | 'vignette']}
          />
        </div>
      )}
      <p className="hint span-all">
        {backdrop.kind === 'transparent'
          ? 'Transparent. Stills stay transparent; an MP4 has no transparency, so it is black there.'
          : 'Vignette darkens the corners.'}
      </p>
    </>
  );
}
