import type { Piece } from '../../contracts/piece';
import { recordingOf } from '../piece/voice';
import { loadFaces } from './Bench';
import { useClipboard } from './useClipboard';
import { useDeskKeys } from './useDeskKeys';
import { usePlayback } from './usePlayback';
import { useEffect } from 'react';

/** milliseconds without anything to do, after which faces are loaded that were not shown yet */
const REST = 500;

/** What the desk does without being seen: it listens to keys and the clipboard, and plays. */
export function DeskHabits({ piece }: { piece: Piece }) {
  usePlayback(piece.stage.rate, recordingOf(piece));
  useDeskKeys();
  useClipboard();
  useEffect(() => {
    const timer = window.setTimeout(() => window.requestIdleCallback(loadFaces), REST);
    return () => window.clearTimeout(timer);
  }, []);
  return null;
}
