import { useQuery } from '@tanstack/react-query';
import { ask } from '../../api/client';
import type { Piece } from '../../../contracts/piece';
import { recordingOf } from '../../piece/voice';

/** Where nobody speaks in the recording in use, in frames of the piece. */
export function usePauses(piece: Piece): { begin: number; end: number }[] {
  const recording = recordingOf(piece);
  const { data } = useQuery({
    queryKey: ['pauses', recording?.sound],
    enabled: Boolean(recording?.sound),
    staleTime: Infinity,
    retry: false,
    queryFn: () => ask('GET sounds/{sound}/pauses', { at: { sound: recording?.sound ?? '' } }),
  });
  if (!recording || !data) return [];
  const [numerator, denominator] = piece.stage.rate;
  const frame = (milliseconds: number): number =>
    recording.begin + Math.floor(((milliseconds - recording.from) * numerator) / (1000 * denominator) + 1e-4);
  return data.pauses.map(([from, to]) => ({ begin: frame(from), end: frame(to) }));
}

/** The nearest of some frames, where one is near enough. */
export function near(frame: number, frames: number[], reach: number): number {
  let best = frame;
  let away = reach;
  for (const one of frames) {
    if (Math.abs(one - frame) > away) continue;
    away = Math.abs(one - frame);
    best = one;
  }
  return best;
}
