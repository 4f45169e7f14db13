import { useEffect, useState } from 'react';
import { ask } from '../../api/client';
import type { Piece } from '../../../contracts/piece';
import { usePlay } from '../playStore';

/** What a figure is on a frame: as much of it as is there. */
export interface FigureNow {
  isFull: boolean;
  value: string;
  reading: string;
  share: string;
  measured: string;
}

const AFTER = 250;

/** The figures of a chart on the frame of the playhead, once it rests there; nothing while the piece plays. */
export function useFiguresNow(piece: Piece, chart: string): Record<string, FigureNow> {
  const frame = usePlay((state) => state.frame);
  const playing = usePlay((state) => state.playing);
  const [now, setNow] = useState<Record<string, FigureNow>>({});
  useEffect(() => {
    if (playing) return undefined;
    const control = new AbortController();
    const timer = window.setTimeout(() => {
      ask('POST compute/at', {
        body: { document: piece, frame: Math.min(frame, piece.stage.frames - 1) },
        signal: control.signal,
      }).then(
        ({ charts }) => setNow(charts[chart] ?? {}),
        // What was there before stays; the desk says what is wrong where it computes the whole.
        () => undefined,
      );
    }, AFTER);
    return () => {
      window.clearTimeout(timer);
      control.abort();
    };
  }, [piece, chart, frame, playing]);
  return playing ? NOTHING : now;
}

const NOTHING: Record<string, FigureNow> = {};
