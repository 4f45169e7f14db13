import { useRef } from 'react';
import { replaceEqualDeep } from '@tanstack/react-query';

/** The same value, in which all that is as it was before is still the same thing, so what shows it need not follow. */
export function useShared<T>(value: T): T {
  const kept = useRef(value);
  kept.current = replaceEqualDeep(kept.current, value);
  return kept.current;
}
