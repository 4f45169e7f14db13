import type { Reel } from '../../painter/src';
import type { Piece, Table } from '../piece/document';

export interface Problem {
  severity: 'error' | 'notice';
  code: string;
  where: string;
  message: string;
  rowId: string | null;
}

export interface StoredPiece {
  id: string;
  version: number;
  canUndo: boolean;
  canRedo: boolean;
  updatedAt: string;
  document: Piece;
}

export interface ShelfEntry {
  id: string;
  version: number;
  title: string;
  updatedAt: string;
  form: string | null;
  length: string;
  frames: number;
  stems: { colour: string; points: StemPoint[] }[];
  reel: Reel | null;
  problem: string | null;
}

/** frame, and width as a fraction of the widest stem; straight between neighbours */
export type StemPoint = [frame: number, width: number];

export interface SheetMove {
  /** the move in the document; null where it follows the chart's order */
  id: string | null;
  begin: number;
  beginText: string;
  frames: number;
  pinnedTo: string | null;
  curve: [number, number, number, number];
  curvePoints: number[];
  opens: string;
}

export interface SheetFigure {
  id: string;
  label: string;
  value: string;
  isRest: boolean;
  share: string;
  sweep: string;
  reading: string;
  colour: string;
  entrance: SheetMove | null;
  exit: SheetMove | null;
  stem: StemPoint[];
}

export interface Sheet {
  charts: Record<string, { whole: string; figures: SheetFigure[] }>;
  lines: Record<string, { text: string; frame: number }[]>;
  length: string;
  /** first frame of a second, its timecode without frames, the number of its first frame */
  seconds: [frame: number, text: string, number: number][];
}

export interface Computed {
  problems: Problem[];
  sheet: Sheet;
  reel: Reel | null;
}

export interface ReadTable {
  table: Table;
  figures: { id: string; label: string; share: number; shareText: string; colour: string }[];
  whole: string | null;
  problems: Problem[];
}

export interface ProofFigure {
  chart: string;
  figure: string;
  label: string;
  value: string;
  colour: string;
  difference: number;
  frame: number;
  outline: string;
  beside: [number, number];
  wantedText: string;
  measuredText: string;
  differenceText: string;
  degreesText: string;
}

export interface Proof {
  exact: boolean;
  largestDifferenceText: string;
  tolerance: number;
  frames: number;
  word: string;
  figures: ProofFigure[];
  checks: { ok: boolean; message: string }[];
}

/** A page of the shelf; `count` is of all pages, `next` is where the following one begins. */
export interface ShelfAnswer {
  pieces: ShelfEntry[];
  count: number;
  next: string | null;
}

export interface HandOff {
  id: string;
  pieceId: string | null;
  title: string;
  status: 'waiting' | 'running' | 'cancelling' | 'cancelled' | 'failed' | 'done';
  framesDone: number;
  framesTotal: number;
  secondsLeft: number | null;
  bytes: number | null;
  message: string | null;
  fileName: string;
  createdAt: string;
  tookSeconds: number | null;
}
