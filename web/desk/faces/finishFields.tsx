import { Pick, Switch } from '../../fields/Choice';
import { ColourField } from '../../fields/ColourField';
import { NumberField } from '../../fields/NumberField';
import type { Pattern, SoftEdge } from '../../piece/document';

export const PATTERN: Pattern = { kind: 'dots', size: 30, opacity: 0.14, degrees: 30 };
export const GLOW: SoftEdge = { reach: 26, opacity: 0.6, colour: null };
export const SHADOW: SoftEdge = { reach: 34, opacity: 0.35, colour: '#000000' };

export function PatternFields({ pattern, onChange }: { pattern: Pattern; onChange: (pattern: Pattern) => void }) {
  return (
    <>
      <Pick
        label="kind"
        value={pattern.kind}
        options={[
          ['stripes', 'stripes'],
          ['dots', 'dots'],
          ['grid', 'grid'],
          ['waves', 'waves'],
        ]}
        onChange={(kind) => onChange({ ...pattern, kind })}
      />
      <NumberField
        label="size"
        unit="pixels"
        value={pattern.size}
        min={4}
        max={400}
        usual={30}
        onChange={(size) => onChange({ ...pattern, size })}
      />
      <NumberField
        label="turn"
        unit="degrees"
        value={pattern.degrees}
        min={-360}
        max={360}
        usual={30}
        onChange={(degrees) => onChange({ ...pattern, degrees })}
      />
      <NumberField
        label="opacity"
        unit="fraction"
        value={pattern.opacity}
        min={0}
        max={1}
        usual={0.14}
        onChange={(opacity) => onChange({ ...pattern, opacity })}
      />
    </>
  );
}

/** @param shared one colour for all marks, as a shadow has it */
export function EdgeFields({
  edge,
  shared,
  onChange,
}: {
  edge: SoftEdge;
  shared?: boolean;
  onChange: (edge: SoftEdge) => void;
}) {
  return (
    <>
      <NumberField
        label="reach"
        unit="pixels"
        value={edge.reach}
        min={0}
        max={400}
        usual={30}
        onChange={(reach) => onChange({ ...edge, reach })}
      />
      <NumberField
        label="opacity"
        unit="fraction"
        value={edge.opacity}
        min={0}
        max={1}
        usual={0.5}
        onChange={(opacity) => onChange({ ...edge, opacity })}
      />
      {!shared && (
        <Switch
          label="the mark’s colour"
          value={edge.colour === null}
          onChange={(on) => onChange({ ...edge, colour: on ? null : '#000000' })}
        />
      )}
      {(shared || edge.colour !== null) && (
        <ColourField
          label="colour"
          value={edge.colour ?? '#000000'}
          onChange={(colour) => onChange({ ...edge, colour })}
        />
      )}
    </>
  );
}
