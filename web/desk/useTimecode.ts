import { useCallback } from 'react';
import type { Sheet } from '../api/answers';
import { shortTimecode } from '../common/words';

/** The timecode of a frame, from the numbered seconds that core sends. */
export function useTimecode(sheet: Sheet | undefined): (frame: number) => string {
  const seconds = sheet?.seconds;
  // Drop-frame timecode is told by its sign before the frames.
  const sign = sheet?.length.includes(';') ? ';' : ':';
  return useCallback(
    (frame: number) => {
      if (!seconds || seconds.length === 0) return '';
      let low = 0;
      let high = seconds.length - 1;
      while (low < high) {
        const middle = (low + high + 1) >> 1;
        if (seconds[middle][0] <= frame) low = middle;
        else high = middle - 1;
      }
      const [first, text, number] = seconds[low];
      return `${shortTimecode(text)}${sign}${String(number + frame - first).padStart(2, '0')}`;
    },
    [seconds, sign],
  );
}
