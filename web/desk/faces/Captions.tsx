import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { PlacedBy } from '../details/PlacedBy';
import { editPlaces } from '../placesNow';
import { StyleFields } from './StyleFields';
import { Switch } from '../../fields/Choice';
import { OneField } from '../../settings/OneField';
import { first, settings } from '../../settings/settings';

/** Captions: the lines of the script, on the stage while they are said. */
export function Captions({ piece }: { piece: Piece }) {
  const edit = useDesk((state) => state.edit);
  const place = useDesk((state) => state.computed?.sheet.places.captions);
  const { captions, stage } = piece;
  return (
    <section data-part="captions">
      <h3>
        <Switch
          label={settings.Captions.label}
          value={captions !== null}
          onChange={(on) =>
            edit((draft) => {
              draft.captions = on
                ? {
                    ...first.Names,
                    placedBy: 'rule' as const,
                    y: Math.round(stage.height * 0.93),
                    width: Math.round(stage.width * 0.74),
                    font: 'figtree-regular' as const,
                    size: Math.round(stage.height * 0.041),
                  }
                : null;
            })
          }
        />
      </h3>
      {captions ? (
        <>
          <StyleFields piece={piece} at="captions" />
          <OneField
            of="Captions"
            name="align"
            value={captions.align}
            onChange={(align) =>
              edit((draft) => {
                draft.captions = { ...captions, align };
              })
            }
          />
          {place && <PlacedBy keys={['captions']} places={[place]} />}
          <OneField
            of="Captions"
            name="y"
            value={place?.y ?? captions.y}
            onChange={(y) => editPlaces(['captions'], () => ({ y }))}
          />
          <OneField
            of="Captions"
            name="width"
            value={place?.width ?? captions.width}
            onChange={(width) => editPlaces(['captions'], () => ({ width }))}
          />
          <OneField
            of="Captions"
            name="fade"
            value={captions.fade}
            onChange={(fade) =>
              edit((draft) => {
                draft.captions = { ...captions, fade: fade === 0 ? undefined : fade };
              })
            }
          />
        </>
      ) : (
        <p className="hint">{settings.Captions.hint}</p>
      )}
    </section>
  );
}
