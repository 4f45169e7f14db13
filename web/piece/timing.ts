import { MOST_FRAMES } from './changes';
import type { Chart, Move, Piece } from '../../contracts/piece';
import { recordingOf } from './voice';

const within = (frame: number): number => Math.max(0, Math.min(MOST_FRAMES, frame));

/**
 * All that begins on a frame or later, and hangs on nothing else, begins so much later or earlier; nothing of it before
 * that frame. A recording that begins there goes along with all that it says; of one that is heard before, lines stay
 * with it. What is pinned stays with its words.
 *
 * @returns how many were shifted, and how many stay
 */
export function shiftAfter(piece: Piece, from: number, by: number): { shifted: number; held: number } {
  const done = { shifted: 0, held: 0 };
  const later = (begin: number, isHeld = false): number => {
    if (begin < from) return begin;
    done[isHeld ? 'held' : 'shifted']++;
    return isHeld ? begin : within(Math.max(from, begin + by));
  };
  for (const move of piece.moves) {
    move.begin = later(move.begin, Boolean(move.pin ?? move.follow));
    if (typeof move.emphasis?.until === 'number') move.emphasis.until = later(move.emphasis.until);
  }
  for (const chart of piece.charts) {
    for (const motion of [chart.entrance, chart.exit]) if (motion) motion.begin = later(motion.begin);
    if (chart.run) chart.run.begin = later(chart.run.begin);
  }
  const recording = recordingOf(piece);
  const goes = recording !== null && recording !== undefined && recording.begin >= from;
  if (goes) recording.begin = later(recording.begin);
  const said = new Set(goes ? [] : recording?.heard.map(({ line }) => line));
  for (const line of piece.script.lines) {
    const length = line.end - line.begin;
    line.begin = later(line.begin, said.has(line.id));
    line.end = within(line.begin + length);
  }
  piece.script.lines.sort((a, b) => a.begin - b.begin);
  const ends = piece.script.lines.map(({ end }) => end);
  // Where nothing moved, the film is as long as it was.
  if (done.shifted > 0) piece.stage.frames = Math.min(MOST_FRAMES, Math.max(1, piece.stage.frames + by, ...ends));
  return done;
}

/** Moves that hang on words begin so much later or earlier after them. */
export function shiftPins(piece: Piece, ids: string[], by: number): void {
  for (const move of piece.moves)
    if (move.pin && ids.includes(move.id)) move.pin = { ...move.pin, offset: move.pin.offset + by };
}

/** All parts of a chart come, or go, as one does: as long, with its curve and manner; each keeps when. */
export function allAsOne(piece: Piece, chart: Chart, kind: 'entrance' | 'exit', move: Move): void {
  const { frames, curve, opens, manner = 'open', passes = false } = move;
  for (const other of piece.moves) {
    if (other.kind !== kind || !('chart' in other.target) || 'part' in other.target || other.target.chart !== chart.id)
      continue;
    Object.assign(other, { frames, curve, opens, manner, passes });
  }
  const motion = chart[kind];
  if (motion) Object.assign(motion, { frames, curve, opens, manner, passes });
}
