import { ColourField } from '../../fields/ColourField';
import { Pick } from '../../fields/Choice';
import { NumberField } from '../../fields/NumberField';
import type { Font } from '../../piece/document';

const FONTS: [Font, string][] = [
  ['figtree-regular', 'Figtree'],
  ['figtree-semibold', 'Figtree semibold'],
  ['figtree-bold', 'Figtree bold'],
  ['bricolage-semibold', 'Bricolage semibold'],
  ['bricolage-bold', 'Bricolage bold'],
];

interface Style {
  font: Font;
  size: number;
  colour: string;
}

export function StyleFields({ style, onChange }: { style: Style; onChange: (style: Style) => void }) {
  const { font, size, colour } = style;
  return (
    <>
      <Pick label="font" value={font} options={FONTS} onChange={(chosen) => onChange({ font: chosen, size, colour })} />
      <NumberField
        label="size"
        unit="pixels"
        value={size}
        min={6}
        max={600}
        onChange={(chosen) => onChange({ font, size: chosen, colour })}
      />
      <ColourField label="colour" value={colour} onChange={(chosen) => onChange({ font, size, colour: chosen })} />
    </>
  );
}
