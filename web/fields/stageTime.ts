import { createContext, useContext, useMemo } from 'react';
import type { Stage } from '../../contracts/piece';

type StageTime = Pick<Stage, 'rate' | 'dropFrame'>;

/** How fields count seconds and timecode: provided by the page of a piece. */
export const StageTimeContext = createContext<StageTime | undefined>(undefined);

export const useStageTime = (): StageTime | undefined => useContext(StageTimeContext);

/** The same value as long as the stage counts time the same way. */
export function useTimeOf(stage: StageTime | undefined): StageTime | undefined {
  const { rate: [frames, seconds] = [24, 1], dropFrame = false } = stage ?? {};
  const isThere = stage !== undefined;
  return useMemo(
    () => (isThere ? { rate: [frames, seconds], dropFrame } : undefined),
    [isThere, frames, seconds, dropFrame],
  );
}
