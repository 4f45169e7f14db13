import type { Curve } from '../../contracts/piece';
import { curves } from '../../contracts/settings';

export type CurveKind = 'named' | 'own' | 'css' | 'settle' | 'spring' | 'bounce';

/** The curves of the CSS set. */
export const CURVE_NAMES: [string & Curve, string][] = [
  ['linear', 'Linear'],
  ['ease', 'Ease'],
  ['ease-in', 'Ease in'],
  ['ease-out', 'Ease out'],
  ['ease-in-out', 'Ease in and out'],
];

export function kindOf(curve: Curve): CurveKind {
  if (typeof curve === 'string') return CURVE_NAMES.some(([name]) => name === curve) ? 'named' : 'css';
  if (Array.isArray(curve)) return 'own';
  if ('settle' in curve) return 'settle';
  return 'spring' in curve ? 'spring' : 'bounce';
}

/** What a kind of curve begins with, until somebody changes it. */
export const STARTS: Partial<Record<string, Curve>> = {
  ...Object.fromEntries(
    Object.entries(curves).map(([kind, { fields }]) => [
      kind,
      { [kind]: Object.fromEntries(fields.map(({ name, default: number }) => [name, number])) } as unknown as Curve,
    ]),
  ),
  css: 'linear(0, 0.7 30%, 0.9 60%, 1)',
};
