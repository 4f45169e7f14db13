import type { Curve } from '../piece/document';

export type CurveKind = 'named' | 'own' | 'css' | 'settle' | 'spring' | 'bounce';

const NAMES = ['linear', 'ease', 'ease-in', 'ease-out', 'ease-in-out'];

export function kindOf(curve: Curve): CurveKind {
  if (typeof curve === 'string') return NAMES.includes(curve) ? 'named' : 'css';
  if (Array.isArray(curve)) return 'own';
  if ('settle' in curve) return 'settle';
  return 'spring' in curve ? 'spring' : 'bounce';
}

/** What a kind of curve begins with, until somebody changes it. */
export const STARTS: Partial<Record<string, Curve>> = {
  settle: { settle: { past: 0.06, back: 9 } },
  spring: { spring: { damping: 0.35 } },
  bounce: { bounce: { times: 3, height: 0.25 } },
  css: 'linear(0, 0.7 30%, 0.9 60%, 1)',
};
