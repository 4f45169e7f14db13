import type { Setting } from '../../contracts/settings';
import type { Reel } from '../../painter/src';
import type { FormChoice } from './formAnswers';
import type { Manner } from '../piece/changes';
import type { Piece, Table } from '../../contracts/piece';
import type { Departure, HeardPlaces, SaidFigure, SheetWord } from './scriptAnswers';

export interface Problem {
  severity: 'error' | 'notice';
  code: string;
  where: string;
  message: string;
  rowId: string | null;
  repairs: Repair[];
}

/** One way to mend a table, offered and never taken by itself. */
export interface Repair {
  label: string;
  /** what is to stand in the cells instead, by row */
  cells: Record<string, string>;
  /** what all parts together are to be; null leaves it as it is */
  whole: string | null;
  /** rows whose cell was looked at and found right */
  sure: string[];
  /** the label of a row to be added for what is left of the whole */
  rest: string | null;
}

/** What a save led to; the document is that of whoever saved. */
export interface SavedPiece {
  id: string;
  version: number;
  canUndo: boolean;
  canRedo: boolean;
}

export interface StoredPiece extends SavedPiece {
  /** the save that led to it, by the name that the desk gave it */
  save?: string | null;
  updatedAt: string;
  document: Piece;
}

/** What an act of core led to. */
export interface Acted {
  document: Piece;
  /** ids of what was made */
  made: string[];
}

/** What the desk opens with: a piece, and what is computed of it; null where that is refused. */
export interface OpenedPiece {
  piece: StoredPiece;
  computed: Computed | null;
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

/** A ready-made piece to begin from. */
export interface Starter {
  name: string;
  title: string;
  form: string;
  reel: Reel | null;
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
  /** the numbers of a curve with handles */
  curve: [number, number, number, number] | null;
  curvePoints: number[];
  manner: Manner;
  opens: string;
}

/** A change of one property; `id` is its move in the document. */
export interface SheetChange extends SheetMove {
  property: string;
}

/** A part that stands out, until it lets go. */
export interface SheetEmphasis extends SheetMove {
  letsGo: number;
}

/** What the camera is led to; its frame as it lies on the stage: left, top, width, height. */
export interface SheetShot extends SheetMove {
  zoom: number;
  turn: number;
  frame: [number, number, number, number];
}

/** A number over time, straight between its points. */
export type Course = [frame: number, value: number][];

export interface SheetFigure {
  id: string;
  /** the row of the sheet that it is in */
  row: string;
  label: string;
  value: string;
  isRest: boolean;
  /** a sum or a rest, not a number as it was typed */
  isWorkedOut: boolean;
  share: string;
  /** what of its mark is in proportion, with its unit */
  measured: string;
  /** the direction in which its mark is moved out, of length 1 */
  outward: [x: number, y: number];
  reading: string;
  colour: string;
  entrance: SheetMove | null;
  exit: SheetMove | null;
  /** where its label was told when to come or go */
  labelEntrance: SheetMove | null;
  labelExit: SheetMove | null;
  changes: SheetChange[];
  emphases: SheetEmphasis[];
  /** what moves change about it, by property; not its value */
  keyed: Record<string, Course>;
  stem: StemPoint[];
}

/** Where something stands on the stage at hand, and who put it there. */
export interface Placed {
  x: number;
  y: number;
  /** of a chart a multiple; of words their size in pixels */
  size: number;
  turn?: number;
  width?: number;
  spacing?: number;
  flow?: 'column' | 'rows';
  stands?: 'beside' | 'middle';
  /** the size of words at a chart's marks, as a multiple of what the chart says */
  text?: number;
  /** numbers of the form that the rule sets, or that are other ones here */
  form?: Record<string, number>;
  /** the arrangement, a hand, or a hand in this shape of the stage alone */
  by: 'rule' | 'hand' | 'own';
}

/** A place at which a hand takes hold of a number of a chart's form, in pixels of the stage. */
export interface SheetHandle {
  setting: Setting;
  value: number;
  at: [x: number, y: number];
  /** the direction in which the number grows, of length 1 */
  along: [x: number, y: number] | null;
  /** what the hand goes around */
  around: [x: number, y: number] | null;
  /** how much it grows with each pixel, or with each degree clockwise */
  rate: number;
  snap: number;
}

/** A rule that the piece can be arranged by, with a picture in pixels of the stage. */
export interface ArrangementChoice {
  charts: 'left' | 'right' | 'below' | 'above' | 'alone';
  several: 'fitting' | 'row' | 'column' | 'grid';
  picture: [path: string, colour: string, opacity: number][];
}

export interface Sheet {
  /** by the id of a chart or a text, `legend-` and a chart's id, or `captions` */
  places: Record<string, Placed>;
  charts: Record<string, SheetChart>;
  /** how the backdrop changes */
  backdrop: SheetChange[];
  /** the frame on which all figures have come */
  finished: number;
  /** from which frame to which some part of a chart is there */
  there: [from: number, to: number] | null;
  shots: SheetShot[];
  words: Record<string, { changes: SheetChange[]; keyed: Record<string, Course> }>;
  lines: Record<string, SheetWord[]>;
  heard: HeardPlaces;
  /** where the recording in use says something else than the script */
  departures: Departure[];
  /** when each move of the document runs, by its id */
  moves: Record<string, { begin: number; frames: number }>;
  /** which figures the words of the script mean */
  said: SaidFigure[];
  length: string;
  /** first frame of a second, its timecode without frames, the number of its first frame */
  seconds: [frame: number, text: string, number: number][];
}

export interface SheetChart {
  whole: string;
  /** Sweep or Length */
  measure: string;
  handles: SheetHandle[];
  /** what the formulas of its table come to, by row and column */
  worked: Record<string, Record<string, string>>;
  /** its marks are drawn on one behind the other, as with a pen */
  isDrawnOn: boolean;
  /** which way its scale runs; null where it has none */
  axes: 'ScaleAcross' | 'ScaleUpright' | null;
  /** its figures are amounts on a scale, and not parts of a whole */
  isOnScale: boolean;
  /** a part can run past its figure, where it is asked to: there is room beyond it */
  hasRoom: boolean;
  /** figures can run past those that they change to */
  changesHaveRoom: boolean;
  /** its parts have sides */
  isSolid: boolean;
  /** the moments of a chart that runs, in frames */
  run: { column: string; frame: number; at: string }[] | null;
  changes: SheetChange[];
  keyed: Record<string, Course>;
  figures: SheetFigure[];
}

export interface Computed {
  problems: Problem[];
  sheet: Sheet;
  reel: Reel | null;
}

export interface ReadTable {
  table: Table;
  /** numbers alone have none */
  hasLabels: boolean;
  figures: { id: string; label: string; share: number; shareText: string; colour: string }[];
  whole: string | null;
  problems: Problem[];
  forms: FormChoice[];
  /** the sign that was read as the one before decimals */
  numbers: '.' | ',';
  /** a number that can be read either way, where nothing in the table settles it */
  openNumber: string | null;
  /** whether rows or columns that add up others were left out */
  hasTotals: boolean;
}

/** What a column of a sheet is for. */
export type Role = 'label' | 'value' | 'time' | 'group' | 'colour' | 'none';

/** What was decided about a file with a table. */
export interface Import {
  file: string;
  sheet: number;
  /** index of the row that names the columns; -1: none does; null: it is found out */
  heading: number | null;
  roles: { column: number; role: Role }[];
  withHidden: boolean;
  withTotals: boolean;
  /** the sign before decimals; null: it is found out */
  numbers: '.' | ',' | null;
}

/** A file that was dropped, and what is understood of one of its sheets. */
export interface IncomingTable {
  file: string;
  name: string;
  sheet: number;
  sheets: { name: string; isHidden: boolean }[];
  grid: {
    rows: string[][];
    rowCount: number;
    /** whether the file has more rows than were read */
    isCut: boolean;
    width: number;
    columns: string[];
    hiddenRows: number[];
    hiddenColumns: number[];
  };
  /** why there is no table in this sheet; null where there is one */
  problem: string | null;
  understood?: TakenTable;
}

/** What becomes of one row when figures come in again. */
export interface AgainRow {
  kind: 'same' | 'changed' | 'fresh' | 'gone' | 'kept';
  id: string;
  /** id of the row of the file */
  from: string | null;
  label: string;
  was: string;
  how: 'label' | 'alike' | 'hand';
  /** names of columns with what was and what will be */
  cells: [string, string, string][];
  figures: string[];
}

/** Figures that come in again, before they are taken. */
export interface PlannedFigures {
  document: Piece;
  rows: AgainRow[];
  remarks: string[];
}

export interface TakenTable extends ReadTable {
  heading: number;
  roles: Role[];
  layout: 'figures' | 'long' | 'moments';
  understood: string[];
  leftOut: string[];
  /** what stands above the table */
  title: string;
  /** rows of the sheet that are no figures */
  skipped: number[];
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
  measureText: string;
}

/** One thing that was looked at, with its place where it has one. */
export interface ProofCheck {
  ok: boolean;
  message: string;
  frame: number | null;
  box: [left: number, top: number, width: number, height: number] | null;
}

export interface Proof {
  exact: boolean;
  largestDifferenceText: string;
  tolerance: number;
  frames: number;
  word: string;
  figures: ProofFigure[];
  /** what it can be read like, beside being exact */
  legible: boolean;
  legibleWord: string;
  checks: ProofCheck[];
  /** what the marks of each chart lie in */
  extents: Record<string, [left: number, top: number, width: number, height: number]>;
  /** what was looked at, and what cannot be judged, in words */
  extent: string;
  /** of solid charts */
  distortions: Record<string, ProofDistortion>;
}

/** What is seen of the parts of a solid chart, against what they are. */
export interface ProofDistortion {
  parts: { figure: string; label: string; colour: string; trueText: string; seenText: string; factor: number }[];
  /** how many times too large or too small the part that is farthest off is seen */
  worst: number;
  /** degrees */
  turn: number;
  /** the turn at which the worst is least, in degrees, and how bad it is then */
  bestTurn: number;
  best: number;
}

/** A page of the shelf; `count` is of all pages, `next` is where the following one begins. */
export interface ShelfAnswer {
  pieces: ShelfEntry[];
  count: number;
  next: string | null;
}

export type FilmKind = 'mp4' | 'mov' | 'webm' | 'zip' | 'wav';

export interface HandOff {
  id: string;
  pieceId: string | null;
  title: string;
  status: 'waiting' | 'running' | 'cancelling' | 'cancelled' | 'failed' | 'done';
  kind: FilmKind;
  firstFrame: number;
  framesDone: number;
  framesTotal: number;
  secondsLeft: number | null;
  bytes: number | null;
  /** is the narrator heard in it? */
  withSound: boolean;
  message: string | null;
  fileName: string;
  createdAt: string;
  tookSeconds: number | null;
}
