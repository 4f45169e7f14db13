import type { HeardLine, Line } from '../../contracts/piece';

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

/** Words of the script that mean a figure: with its number, or by its name alone. */
export interface SaidFigure {
  line: string;
  /** the first of its words, and the one after its last */
  from: number;
  to: number;
  chart: string;
  /** null: the whole of the chart */
  figure: string | null;
  label: string;
  state: 'exact' | 'near' | 'differs' | 'named';
  said: string;
  is: string;
  /** the figure comes in on these words */
  tied: boolean;
}

/** A word of a line: when it is said, and how sure that is. */
export interface SheetWord {
  text: string;
  frame: number;
  /** 0 to 1; null where it is only guessed from its place in the line */
  sure: number | null;
  /** it is said somewhere, but perhaps not there */
  doubtful: boolean;
  /** somebody has put it there */
  hand: boolean;
  /** where listening found it, if it was put elsewhere */
  found: number | null;
  /** the recording leaves it out */
  unsaid: boolean;
  /** it is meant for a number, and is not understood */
  unread: boolean;
}

/** By recording and line, which of the heard words each word of the line is. */
export type HeardPlaces = Record<string, Record<string, (number | null)[]>>;

/** A place at which the recording says something else than the script. */
export interface Departure {
  kind: 'unsaid' | 'unwritten' | 'again' | 'figure';
  /** the line that it is in, or comes after */
  line: string | null;
  /** its words: the first, and the one after the last */
  from: number;
  to: number;
  text: string;
  /** what is the matter, as somebody reads it */
  message: string;
  begin: number;
  end: number;
  /** which of the recording's own list it is */
  index: number | null;
}
