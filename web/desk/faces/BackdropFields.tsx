import type { Backdrop, Piece } from '../../../contracts/piece';
import { GroupFields } from '../../settings/GroupFields';
import { OneField } from '../../settings/OneField';
import { ChangeList } from '../details/ChangeList';
import { useDesk } from '../deskStore';
import { useProperties } from '../useForms';
import { PictureField } from '../finish/PictureField';
import { Stops } from '../finish/Stops';
import { GroundList } from './GroundList';
import { GroundPicker } from './GroundPicker';

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
      <GroundPicker piece={piece} onChoose={(next) => edit((draft) => void (draft.backdrop = next))} />
      <GroupFields
        of="Backdrop"
        value={backdrop}
        but={[
          'lights',
          'clouds',
          'textures',
          'stops',
          ...(backdrop.stops?.length ? (['colour', 'edge'] as const) : []),
        ]}
        slots={{
          picture: (
            <PictureField
              piece={piece}
              value={backdrop.picture}
              onChange={(picture) => change({ picture: picture || null })}
            />
          ),
          ...(backdrop.kind === 'radial' || backdrop.kind === 'linear'
            ? {
                colour: (
                  <OneField
                    of="Backdrop"
                    name="colour"
                    label={backdrop.kind === 'radial' ? 'Centre colour' : 'First colour'}
                    value={backdrop.colour}
                    onChange={(colour) => change({ colour })}
                  />
                ),
              }
            : {}),
        }}
        onChange={change}
      />
      {(backdrop.kind === 'linear' || backdrop.kind === 'radial') && (
        <BackdropStops backdrop={backdrop} change={change} />
      )}
      {backdrop.kind !== 'transparent' &&
        (['lights', 'clouds', 'textures'] as const).map((list) => (
          <div key={list} className="span-all">
            <GroundList backdrop={backdrop} list={list} change={change} />
          </div>
        ))}
      {backdrop.kind !== 'transparent' && (
        <div className="span-all">
          <ChangeList
            piece={piece}
            target={{ stage: 'backdrop' }}
            properties={properties.filter(({ name }) => isThere(backdrop, name))}
            sheet={changes ?? []}
            keyed={{}}
            first={({ name, default: usual }) => valueAt(backdrop, name) ?? usual}
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

/** The colours of its gradient: two of its own settings, until there are more. */
function BackdropStops({ backdrop, change }: { backdrop: Backdrop; change: (part: Partial<Backdrop>) => void }) {
  if (!backdrop.stops?.length)
    return (
      <button
        type="button"
        className="text-button"
        onClick={() =>
          change({
            stops: [
              { at: 0, colour: backdrop.colour },
              { at: 0.5, colour: backdrop.colour, shade: -0.2 },
              { at: 1, colour: backdrop.edge },
            ],
          })
        }
      >
        <i className="bi bi-plus-lg" aria-hidden="true" /> More colours
      </button>
    );
  return (
    <>
      <Stops
        fill={{ kind: 'linear', stops: backdrop.stops }}
        colour={backdrop.colour}
        onChange={(stops) => change({ stops })}
      />
      <button type="button" className="text-button" onClick={() => change({ stops: [] })}>
        <i className="bi bi-arrow-return-left" aria-hidden="true" /> Two colours
      </button>
    </>
  );
}

/** What stands at a path such as `lights.0.x`; undefined where nothing does. */
function valueAt(backdrop: Backdrop, path: string): string | number | undefined {
  let now: unknown = backdrop;
  for (const step of path.split('.')) now = (now as Record<string, unknown> | undefined)?.[step];
  return typeof now === 'string' || typeof now === 'number' ? now : undefined;
}

/** Whether there is anything of it to change. */
function isThere(backdrop: Backdrop, name: string): boolean {
  const [list, place] = name.split('.');
  if (place !== undefined) return (backdrop[list as 'lights']?.length ?? 0) > Number(place);
  const { kind } = backdrop;
  if (name === 'colour' || name === 'vignette') return true;
  if (name === 'edge' || name === 'size') return kind === 'linear' || kind === 'radial';
  return name === 'degrees' ? kind === 'linear' : kind === 'radial';
}
