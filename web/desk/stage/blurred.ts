import { create } from 'zustand';
import { Exposure, Painter } from '../../../painter/src';
import { ask } from '../../api/client';
import { browserStudio } from '../../common/browserStudio';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';

/** after the last edit, so that nobody who drags waits for it */
const ASK_AFTER = 250;
/** frames before the end of what is there, on which the next are asked for */
const AHEAD = 48;
/** reels that are kept of one picture */
const MOST = 8;

interface Part {
  /** what was asked about: after an edit it shows what was */
  document: Piece;
  shape: string | null;
  from: number;
  to: number;
  exposure: Exposure;
}

let parts: Part[] = [];
let timer = 0;
/** what is asked about just now */
let asking: { document: Piece; shape: string | null; by: AbortController } | null = null;

/** Counts the parts that have come, so that what is shown can follow. */
export const useBlurred = create<{ come: number }>(() => ({ come: 0 }));

/** Is it of what the desk shows? */
function isOfNow({ document, shape }: { document: Piece; shape: string | null }): boolean {
  const now = useDesk.getState();
  return document === now.document && shape === now.shown.shape;
}

function partWith(frame: number): Part | undefined {
  return parts.find((part) => isOfNow(part) && frame >= part.from && frame <= part.to);
}

async function fetchPart(frame: number): Promise<void> {
  const { document, shown } = useDesk.getState();
  if (!document || asking) return;
  const asked = { document, shape: shown.shape, by: new AbortController() };
  asking = asked;
  const reel = await ask('POST compute/filmed', {
    body: { document, frame, shape: asked.shape },
    signal: asked.by.signal,
  }).catch(() => null);
  if (asking === asked) asking = null;
  if (!reel || !isOfNow(asked)) return;
  const exposure = new Exposure(new Painter(reel, browserStudio), browserStudio);
  const its = { document, shape: asked.shape, from: reel.from, to: reel.to, exposure };
  parts = [...parts.filter(isOfNow).slice(1 - MOST), its];
  useBlurred.setState(({ come }) => ({ come: come + 1 }));
}

/**
 * What paints a frame as it is handed off, where the piece has a shutter and that is to be seen here; null where the
 * picture itself does, or until the frames with their moments have come. They are asked for.
 */
export function blurredAt(frame: number): Exposure | null {
  const { blurred, isHeld, playing, frames } = usePlay.getState();
  const { document } = useDesk.getState();
  if (asking && !isOfNow(asking)) {
    asking.by.abort();
    asking = null;
  }
  // Painted many times over, a picture is not always ready in time: while it plays, only where that is wanted.
  const isWanted = blurred === 'in play' || (blurred === 'at rest' && !playing);
  if (!document?.shutter || !isWanted || isHeld) return null;
  const part = partWith(frame);
  const next = playing ? Math.min(frames - 1, frame + AHEAD) : frame;
  const missing = part ? (partWith(next) ? null : part.to + 1) : frame;
  if (missing !== null && missing < frames) {
    window.clearTimeout(timer);
    timer = window.setTimeout(() => void fetchPart(missing), playing ? 0 : ASK_AFTER);
  }
  return part?.exposure ?? null;
}
