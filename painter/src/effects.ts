import type { Matrix } from './matrix';
import type { Blur, Effect, Inner, ReelPath } from './reel';
import type { SoftEdges } from './soft';
import type { Context } from './surface';
import type { View } from './view';

/** An outline whose effect is painted, and where. */
export interface Effected {
  context: Context;
  node: ReelPath;
  /** of the outline */
  number: number;
  colour: string;
  view: View;
  pose: Matrix | null;
  softs: SoftEdges;
}

/** How an effect of the reel is painted. The classes of core say what each is (core/src/Reel). */
interface EffectRule<E> {
  /** how far it reaches beyond its outline, in pixels of the stage */
  reach: (effect: E) => number;
  paint: (effect: E, on: Effected) => void;
}

/** how far a blur reaches, in standard deviations */
export const BLUR_REACH = 3;

const RULES: { [K in Effect['kind']]: EffectRule<Extract<Effect, { kind: K }>> } = {
  blur: {
    reach: ({ deviation, x, y, spread }: Blur) => deviation * BLUR_REACH + Math.max(Math.abs(x), Math.abs(y)) + spread,
    paint: (effect: Blur, { softs, ...on }) => softs.blur(effect, on),
  },
  inner: {
    reach: () => 0,
    paint: (effect: Inner, { softs, ...on }) => softs.inner(effect, on),
  },
};

export function reachOf(effect: Effect | null): number {
  return effect ? (RULES[effect.kind] as EffectRule<Effect>).reach(effect) : 0;
}

export function paintEffect(effect: Effect, on: Effected): void {
  (RULES[effect.kind] as EffectRule<Effect>).paint(effect, on);
}
