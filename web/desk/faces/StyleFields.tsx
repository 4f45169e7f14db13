import { Fold } from '../../common/Fold';
import { Switch } from '../../fields/Choice';
import type { Piece } from '../../../contracts/piece';
import { canBeOfPart, canWrap, groupAt, styleAt, textAt, type StyleAt, type TypeSet } from '../../piece/styles';
import { GroupFields } from '../../settings/GroupFields';
import { useDesk } from '../deskStore';
import { FontField } from '../fonts/FontField';
import { usePlay } from '../playStore';

interface Props {
  piece: Piece;
  at: StyleAt;
  /** settings that moves change */
  keyed?: Record<string, unknown>;
}

/** How words are set: font, size and colour first; spacing, lines, plate and finish where somebody looks for them. */
export function StyleFields({ piece, at, keyed }: Props) {
  const edit = useDesk((state) => state.edit);
  const style = styleAt(piece, at);
  if (!style) return null;
  const change = (part: Partial<TypeSet>): void =>
    edit((draft) => {
      const one = styleAt(draft, at);
      if (one) Object.assign(one, part);
    });
  const { plate } = style;
  const as = groupAt(at);
  const more = ['upperCase', 'letterSpacing', ...(canWrap(at) ? (['leading', 'balanced'] as const) : [])] as const;
  return (
    <>
      <GroupFields
        of="Names"
        as={as}
        only={['font', 'size', 'colour']}
        value={style}
        keyed={keyed}
        slots={{
          font: <FontField value={style.font} text={textAt(piece, at)} onChange={(font) => change({ font })} />,
        }}
        onChange={change}
      />
      {canBeOfPart(piece, at) && <GroupFields of="Names" as={as} only={['ofPart']} value={style} onChange={change} />}
      <Fold name={`style-${as}`} label="Spacing, plate, finish" className="style-more">
        <div className="fields one-column">
          <GroupFields of="Names" as={as} only={more} value={style} onChange={change} />
          <Switch
            label="Plate"
            value={Boolean(plate)}
            onChange={(on) => change({ plate: on ? { colour: '#10201d' } : undefined })}
          />
          {plate && (
            <GroupFields
              of="Plate"
              as={`${as}Plate`}
              only={['colour', 'padding', 'radius']}
              value={plate}
              onChange={(part) => change({ plate: { ...plate, ...part } })}
            />
          )}
          <button
            type="button"
            className="text-button"
            title="Gradients, outline, glow, shadow and texture of these words"
            onClick={() => usePlay.getState().set({ face: 'Finish', finishOf: `words:${at}` })}
          >
            <i className="bi bi-layers" aria-hidden="true" /> Edit their finish
          </button>
        </div>
      </Fold>
    </>
  );
}
