import { NumberField } from '../fields/NumberField';

export interface Range {
  from: number;
  to: number;
}

/** The first and the last of the frames that are handed off. */
export function FrameRange({
  range,
  last,
  onChange,
}: {
  range: Range;
  last: number;
  onChange: (range: Range) => void;
}) {
  return (
    <>
      <NumberField
        label="First frame"
        unit="frames"
        value={range.from}
        min={0}
        max={range.to}
        usual={0}
        onChange={(from) => onChange({ ...range, from })}
      />
      <NumberField
        label="Last frame"
        unit="frames"
        value={range.to}
        min={range.from}
        max={last}
        usual={last}
        onChange={(to) => onChange({ ...range, to })}
      />
    </>
  );
}
