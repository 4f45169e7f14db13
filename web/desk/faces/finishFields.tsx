import { Choice, Pick, Switch } from '../../fields/Choice';
import { ColourField } from '../../fields/ColourField';
import { NumberField } from '../../fields/NumberField';
import type { Pattern, SoftEdge, Stroke } from '../../piece/document';

export const PATTERN: Pattern = { kind: 'dots', size: 30, opacity: 0.14, degrees: 30 };
export const GLOW: SoftEdge = { reach: 26, opacity: 0.6, colour: null };
export const STROKE: Stroke = {
  width: 4,
  colour: '#ffffff',
  opacity: 0.8,
  place: 'inside',
  dash: 0,
  gap: 14,
  caps: 'round',
};
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
        min={6}
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
        min={1}
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
      {!shared && (
        <NumberField
          label="breathes"
          unit="fraction"
          value={edge.breath ?? 0}
          min={0}
          max={1}
          usual={0}
          onChange={(breath) => onChange({ ...edge, breath })}
        />
      )}
      {!shared && (edge.breath ?? 0) > 0 && (
        <NumberField
          label="every"
          sign="s"
          value={edge.every ?? 3}
          min={0.2}
          max={120}
          step={0.5}
          usual={3}
          onChange={(every) => onChange({ ...edge, every })}
        />
      )}
    </>
  );
}

export function StrokeFields({ stroke, onChange }: { stroke: Stroke; onChange: (stroke: Stroke) => void }) {
  return (
    <>
      <NumberField
        label="width"
        unit="pixels"
        value={stroke.width}
        min={0.1}
        max={200}
        usual={4}
        onChange={(width) => onChange({ ...stroke, width })}
      />
      <Choice
        label="place"
        value={stroke.place}
        options={[
          ['inside', 'inside'],
          ['centred', 'on the edge'],
        ]}
        onChange={(place) => onChange({ ...stroke, place })}
      />
      <ColourField label="colour" value={stroke.colour} onChange={(colour) => onChange({ ...stroke, colour })} />
      <NumberField
        label="opacity"
        unit="fraction"
        value={stroke.opacity}
        min={0}
        max={1}
        usual={0.8}
        onChange={(opacity) => onChange({ ...stroke, opacity })}
      />
      <Switch
        label="dashes"
        value={stroke.dash > 0}
        onChange={(on) => onChange({ ...stroke, dash: on ? 18 : 0, gap: stroke.gap || 14 })}
      />
      <NumberField
        label="light along it"
        unit="pixels"
        value={stroke.light ?? 0}
        min={0}
        max={4000}
        step={10}
        usual={0}
        onChange={(light) => onChange({ ...stroke, light })}
      />
      {(stroke.light ?? 0) > 0 && (
        <NumberField
          label="one round"
          sign="s"
          value={stroke.round ?? 4}
          min={-300}
          max={300}
          step={0.5}
          usual={4}
          onChange={(round) => onChange({ ...stroke, round })}
        />
      )}
      {stroke.dash > 0 && (
        <>
          <NumberField
            label="dash"
            unit="pixels"
            value={stroke.dash}
            min={0.1}
            max={2000}
            usual={18}
            onChange={(dash) => onChange({ ...stroke, dash })}
          />
          <NumberField
            label="gap"
            unit="pixels"
            value={stroke.gap}
            min={0}
            max={2000}
            usual={14}
            onChange={(gap) => onChange({ ...stroke, gap })}
          />
          <NumberField
            label="marches"
            sign="px/s"
            value={stroke.march ?? 0}
            min={-5000}
            max={5000}
            step={10}
            usual={0}
            onChange={(march) => onChange({ ...stroke, march })}
          />
          <Choice
            label="ends"
            value={stroke.caps}
            options={[
              ['round', 'round'],
              ['butt', 'straight'],
            ]}
            onChange={(caps) => onChange({ ...stroke, caps })}
          />
        </>
      )}
    </>
  );
}
