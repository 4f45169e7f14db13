import { ColourField } from '../../fields/ColourField';
import { Choice } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import type { Backdrop, Piece } from '../../piece/document';
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
      <Choice
        label="backdrop"
        value={backdrop.kind}
        options={[
          ['colour', 'colour'],
          ['radial', 'radial'],
          ['transparent', 'none'],
        ]}
        onChange={(kind) => change({ kind })}
      />
      {backdrop.kind !== 'transparent' && (
        <>
          <ColourField
            label={backdrop.kind === 'radial' ? 'middle' : 'colour'}
            value={backdrop.colour}
            onChange={(colour) => change({ colour })}
          />
          {backdrop.kind === 'radial' && (
            <ColourField label="rim" value={backdrop.edge} onChange={(edge) => change({ edge })} />
          )}
          <NumberField
            label="vignette"
            unit="fraction"
            value={backdrop.vignette}
            min={0}
            max={1}
            usual={0}
            onChange={(vignette) => change({ vignette })}
          />
        </>
      )}
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
          ? 'Nothing is behind the chart. Stills keep that; an MP4 has no transparency, so it shows black there.'
          : 'The vignette darkens the corners.'}
      </p>
    </>
  );
}
