import { useEffect } from 'react';
import type { Piece } from '../../contracts/piece';
import { recordingOf } from '../piece/voice';
import { loadFaces } from './Bench';
import { usePlayback } from './usePlayback';

/** milliseconds without anything to do, after which faces are loaded that were not shown yet */
const REST = 500;

/** What the desk does without being seen: it plays, and loads what comes next. */
export function DeskHabits({ piece }: { piece: Piece }) {
  usePlayback(piece.stage.rate, recordingOf(piece));
  useEffect(() => {
    const timer = window.setTimeout(() => window.requestIdleCallback(loadFaces), REST);
    return () => window.clearTimeout(timer);
  }, []);
  return null;
}
