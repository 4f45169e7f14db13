import type { HeardLine, Line } from '../piece/document';

/** Work on a sound that takes its time. */
export interface Listening<Result = unknown> {
  id: string;
  kind: 'file' | 'scratch' | 'words';
  status: 'waiting' | 'running' | 'cancelling' | 'cancelled' | 'failed' | 'done';
  /** how much is done, 0 to 1 */
  part: number;
  doing: string;
  message: string | null;
  result: Result | null;
}

/** A text as lines of a piece, and what it changes of those that are there. */
export interface ReadScript {
  kind: 'text' | 'SubRip' | 'WebVTT';
  remarks: string[];
  lines: Line[];
  heard: HeardLine[];
  /** words that are elsewhere now, by “line:word” */
  moved: Record<string, { line: string; word: number }>;
  /** for words that are gone, those that may stand in for them, the nearest first */
  kin: Record<string, { line: string; word: number; text: string }[]>;
  added: string[];
  gone: string[];
}
