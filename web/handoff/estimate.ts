import type { FileKind } from '../api/answers';

/** Kinds whose size is worth a word before they are made: the others are a few kilobytes, or one picture. */
export const MEASURED: FileKind[] = [
  'mp4',
  'draft',
  'mov',
  'hq',
  'matte',
  'webm',
  'zip',
  'zip16',
  'gif',
  'apng',
  'webp',
  'page',
  'stops',
  'svg',
  'lottie',
];

/** As one would say it: seconds, or minutes from one and a half on. */
export function secondsText(seconds: number): string {
  return seconds < 90 ? `${Math.max(1, Math.round(seconds))} s` : `${Math.round(seconds / 60)} min`;
}
