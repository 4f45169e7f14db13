// Made from contracts/api.json by bin/types.mjs. Do not edit.
import type {ChartMotion, Form, HeardLine, Line, Move, Piece, Table, UnwrittenSpeech} from './piece';
import type {Kit} from './kit';
import type {Property} from '../web/api/answers';
import type {Reel} from './reel';
import type {Setting} from './settings';

/**
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Refusal".
 */
export type Refusal = Conflict | Refused;

/**
 * What the API answers, by method and path.
 */
export interface Answers {
  'POST figures/read': ReadTable;
  'POST tables': IncomingTable;
  'POST tables/sheet': IncomingTable;
  'POST tables/again': PlannedFigures;
  'POST forms': FormChoices;
  'GET forms/{form}/properties': Properties;
  'POST arrangements': ArrangementChoices;
  'POST acts/{act}': Acted;
  'POST charts': Acted;
  'POST colours': Swatches;
  'POST numbers/read': ReadNumber;
  'POST compute': Computed;
  'POST compute/at': FiguresNow;
  'POST compute/alternative': MadeAlternative;
  'POST compute/proof': Proof;
  'POST script/read': ReadScript;
  'POST script/tell': ToldTable;
  'POST script/lay': LaidLines;
  'POST pictures': KeptPicture;
  'POST tiles': ReadTile;
  'POST uploads': Upload;
  'PUT uploads/{upload}': UploadedPart;
  'DELETE uploads/{upload}': Gone;
  'GET speakers': SpeakerList;
  'GET sounds/{sound}/pauses': Pauses;
  'POST listenings': Listening;
  'GET listenings/{listening}': Listening;
  'POST listenings/{listening}/cancel': Listening;
  'GET kits': Kits;
  'POST kits': KitEntry;
  'POST kits/kept': KitEntry;
  'PUT kits/default': Kits;
  'POST kits/file': KitEntry;
  'POST kits/{kit}/tried': TriedKit;
  'DELETE kits/{kit}': Gone;
  'GET fonts': Fonts;
  'POST fonts': FontEntry;
  'POST fonts/samples': FontSamples;
  'POST fonts/{font}/cut': FontEntry;
  'DELETE fonts/{font}': Gone;
  'GET palettes': Palettes;
  'POST palettes': Palettes;
  'POST palettes/read': PaletteEntry;
  'POST palettes/made': Swatches;
  'PUT palettes/order': Palettes;
  'PUT palettes/{palette}': Palettes;
  'DELETE palettes/{palette}': Gone;
  'POST colours/apart': ApartColours;
  'GET starters': Starters;
  'GET pieces': Shelf;
  'POST pieces': StoredPiece;
  'GET pieces/{piece}': StoredPiece;
  'PUT pieces/{piece}': SavedPiece;
  'DELETE pieces/{piece}': Gone;
  'PUT pieces/{piece}/folder': MovedPiece;
  'GET bin': Bin;
  'DELETE bin/{piece}': Gone;
  'POST pieces/{piece}/restore': StoredPiece;
  'POST pieces/{piece}/duplicate': StoredPiece;
  'POST pieces/{piece}/undo': StoredPiece;
  'POST pieces/{piece}/redo': StoredPiece;
  'GET pieces/{piece}/versions': Versions;
  'GET pieces/{piece}/versions/{version}': OneVersion;
  'PUT pieces/{piece}/versions/{version}': VersionEntry;
  'POST versions/compared': ComparedVersions;
  'GET pieces/{piece}/desk': OpenedPiece;
  'POST session': Session;
  'DELETE session': Session;
  'POST session/others': Session;
  'GET hand-offs': HandOffs;
  'POST pieces/{piece}/hand-offs': HandOff;
  'POST pieces/{piece}/estimates': Estimate;
  'POST pieces/{piece}/fillings': Fillings;
  'POST compute/verdict': Verdict;
  'GET pieces/{piece}/batches': Batches;
  'POST pieces/{piece}/batches': BatchEntry;
  'POST batches/{batch}/cancel': BatchEntry;
  'POST batches/{batch}/retry': BatchEntry;
  'DELETE batches/{batch}': Gone;
  'POST queue/pause': PausedQueue;
  'POST hand-offs/{handOff}/next': HandOff;
  'POST hand-offs/cancel': CancelledFilms;
  'GET hand-offs/{handOff}': HandOff;
  'POST hand-offs/{handOff}/cancel': HandOff;
  'POST hand-offs/{handOff}/retry': HandOff;
  'DELETE hand-offs/{handOff}': Gone;
  'POST compute/live': LivePart;
  'POST compute/filmed': Reel;
  'POST coats': Reel;
  'POST grounds': Reel;
  'GET pieces/{piece}/reel': Reel;
  'GET pieces/{piece}/versions/{version}/reel': Reel;
}
/**
 * A pasted table, understood, before anything is made of it.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ReadTable".
 */
export interface ReadTable {
  table: Table;
  /**
   * numbers alone have none
   */
  hasLabels: boolean;
  figures: ReadFigure[];
  whole: string | null;
  problems: Problem[];
  forms: FormChoice[];
  /**
   * the sign that was read as the one before decimals
   */
  numbers: '.' | ',';
  /**
   * a number that can be read either way, where nothing in the table settles it
   */
  openNumber: string | null;
  /**
   * the form that suits it to begin with
   */
  form: string;
  /**
   * how many moments its columns are, to be run through; null: they are none
   */
  moments: number | null;
  /**
   * whether rows or columns that add up others were left out
   */
  hasTotals: boolean;
}
/**
 * A figure of a table before anything is made of it.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ReadFigure".
 */
export interface ReadFigure {
  id: string;
  label: string;
  share: number;
  shareText: string;
  colour: string;
}
/**
 * Something about figures that cannot be drawn, or should be looked at.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Problem".
 */
export interface Problem {
  severity: 'error' | 'notice';
  code: string;
  where: string;
  message: string;
  rowId: string | null;
  repairs: Repair[];
}
/**
 * One way to mend a table, offered and never taken by itself.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Repair".
 */
export interface Repair {
  label: string;
  /**
   * what is to stand in the cells instead, by row
   */
  cells: {
    [k: string]: string;
  };
  /**
   * what all parts together are to be; null leaves it as it is
   */
  whole: string | null;
  /**
   * rows whose cell was looked at and found right
   */
  sure: string[];
  /**
   * the label of a row to be added for what is left of the whole
   */
  rest: string | null;
}
/**
 * A form with a small picture of the figures at hand, and the settings that it would begin with.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "FormChoice".
 */
export interface FormChoice {
  name: string;
  fits: boolean;
  /**
   * why it does not fit
   */
  reason: string | null;
  promise: string;
  /**
   * whether the marks of a series are drawn as one
   */
  isJoined: boolean;
  /**
   * whether several columns can stand in it
   */
  takesSeries: boolean;
  settings: Form;
  fields: Setting[];
  /**
   * paths with their colours and opacities
   */
  picture: [string, string, number][];
}
/**
 * A file that was dropped, and what is understood of one of its sheets.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "IncomingTable".
 */
export interface IncomingTable {
  file: string;
  name: string;
  sheet: number;
  sheets: SheetName[];
  grid: SeenGrid;
  /**
   * why there is no table in this sheet; null where there is one
   */
  problem: string | null;
  understood?: TakenTable;
}
/**
 * A sheet of a file.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SheetName".
 */
export interface SheetName {
  name: string;
  isHidden: boolean;
}
/**
 * As much of a sheet as is shown.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SeenGrid".
 */
export interface SeenGrid {
  rows: string[][];
  rowCount: number;
  /**
   * whether the file has more rows than were read
   */
  isCut: boolean;
  width: number;
  columns: string[];
  hiddenRows: number[];
  hiddenColumns: number[];
}
/**
 * A table out of a file, understood.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "TakenTable".
 */
export interface TakenTable {
  heading: number;
  /**
   * of each column
   */
  roles: ('label' | 'value' | 'time' | 'group' | 'colour' | 'none')[];
  layout: 'figures' | 'long' | 'moments';
  understood: string[];
  leftOut: string[];
  /**
   * what stands above the table
   */
  title: string;
  /**
   * rows of the sheet that are no figures
   */
  skipped: number[];
  table: Table;
  /**
   * numbers alone have none
   */
  hasLabels: boolean;
  figures: ReadFigure[];
  whole: string | null;
  problems: Problem[];
  forms: FormChoice[];
  /**
   * the sign that was read as the one before decimals
   */
  numbers: '.' | ',';
  /**
   * a number that can be read either way, where nothing in the table settles it
   */
  openNumber: string | null;
  /**
   * the form that suits it to begin with
   */
  form: string;
  /**
   * how many moments its columns are, to be run through; null: they are none
   */
  moments: number | null;
  /**
   * whether rows or columns that add up others were left out
   */
  hasTotals: boolean;
}
/**
 * Figures that come in again, before they are taken.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "PlannedFigures".
 */
export interface PlannedFigures {
  document: Piece;
  rows: AgainRow[];
  remarks: string[];
}
/**
 * What becomes of one row when figures come in again.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "AgainRow".
 */
export interface AgainRow {
  kind: 'same' | 'changed' | 'fresh' | 'gone' | 'kept';
  id: string;
  /**
   * id of the row of the file
   */
  from: string | null;
  label: string;
  was: string;
  how: 'label' | 'alike' | 'hand';
  /**
   * names of columns with what was and what will be
   */
  cells: [string, string, string][];
  figures: string[];
}
/**
 * The forms that a chart can have.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "FormChoices".
 */
export interface FormChoices {
  forms: FormChoice[];
}
/**
 * What moves can change, by what it belongs to.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Properties".
 */
export interface Properties {
  figure: Property[];
  chart: Property[];
  words: Property[];
  panel: Property[];
  backdrop: Property[];
  coats: CoatProperties[];
  /**
   * of one colour of a gradient
   */
  stop: Property[];
  /**
   * of how any words are set, their coats aside
   */
  style: Property[];
  plate: Property[];
  tracks: Property[];
}
/**
 * What moves can change of one coat of a kind, wherever it lies.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "CoatProperties".
 */
export interface CoatProperties {
  kind: string;
  /**
   * named from the coat on
   */
  properties: Property[];
}
/**
 * The rules that a piece can be arranged by.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ArrangementChoices".
 */
export interface ArrangementChoices {
  choices: ArrangementChoice[];
}
/**
 * A rule that the piece can be arranged by, with a picture in pixels of the stage.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ArrangementChoice".
 */
export interface ArrangementChoice {
  charts: 'left' | 'right' | 'below' | 'above' | 'alone';
  several: 'fitting' | 'row' | 'column' | 'grid';
  picture: [string, string, number][];
}
/**
 * What an act of core led to.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Acted".
 */
export interface Acted {
  document: Piece;
  /**
   * ids of what was made
   */
  made: string[];
}
/**
 * Colours that can be told apart.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Swatches".
 */
export interface Swatches {
  swatches: string[];
}
/**
 * What was typed into a number field, in the unit of the field.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ReadNumber".
 */
export interface ReadNumber {
  value: number;
}
/**
 * What core makes of a document: all of it, or around a frame.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Computed".
 */
export interface Computed {
  problems: Problem[];
  sheet: Sheet;
  reel: Reel | null;
}
/**
 * Everything that the desk shows of a piece beside its picture.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Sheet".
 */
export interface Sheet {
  /**
   * by the id of a chart, a text or a panel, `legend-` and a chart's id, or `captions`
   */
  places: {
    [k: string]: Placed;
  };
  charts: {
    [k: string]: SheetChart;
  };
  /**
   * how the backdrop changes
   */
  backdrop: SheetChange[];
  /**
   * how the captions change
   */
  captions: SheetChange[];
  /**
   * the frame on which all figures have come
   */
  finished: number;
  /**
   * from which frame to which some part of a chart is there
   */
  there: [number, number] | null;
  shots: SheetShot[];
  words: {
    [k: string]: SheetWords;
  };
  panels: {
    [k: string]: SheetWords;
  };
  lines: {
    [k: string]: SheetWord[];
  };
  /**
   * by recording and line, which of the heard words each word of the line is
   */
  heard: {
    [k: string]: {
      [k: string]: (number | null)[];
    };
  };
  /**
   * where the recording in use says something else than the script
   */
  departures: Departure[];
  /**
   * when each move of the document runs, by its id
   */
  moves: {
    [k: string]: MoveTime;
  };
  /**
   * which figures the words of the script mean
   */
  said: SaidFigure[];
  length: string;
  /**
   * first frame of a second, its timecode without frames, the number of its first frame
   */
  seconds: [number, string, number][];
}
/**
 * Where something stands on the stage at hand, and who put it there.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Placed".
 */
export interface Placed {
  x: number;
  y: number;
  /**
   * of a chart a multiple; of words their size in pixels; of a panel 1
   */
  size: number;
  /**
   * the arrangement, a hand, or a hand in this shape of the stage alone
   */
  by: 'rule' | 'hand' | 'own';
  turn?: number;
  width?: number;
  height?: number;
  spacing?: number;
  flow?: 'column' | 'rows';
  stands?: 'beside' | 'middle';
  /**
   * the size of words at a chart's marks, as a multiple of what the chart says
   */
  text?: number;
  /**
   * numbers of the form that the rule sets, or that are other ones here
   */
  form?: {
    [k: string]: number;
  };
}
/**
 * What the desk shows of one chart.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SheetChart".
 */
export interface SheetChart {
  whole: string;
  /**
   * Sweep or Length
   */
  measure: string;
  /**
   * left, top, width and height of all of it, in the chart's own pixels
   *
   * @minItems 4
   * @maxItems 4
   */
  extent: [number, number, number, number];
  handles: SheetHandle[];
  /**
   * ends of parts that can be dragged
   */
  boundaries: SheetBoundary[];
  /**
   * the frames on which all parts stand still as they are typed; null: none
   */
  boundaryFrames: [number, number] | null;
  /**
   * what the formulas of its table come to, by row and column
   */
  worked: {
    [k: string]: {
      [k: string]: string;
    };
  };
  /**
   * its marks are drawn on one after the other, as with a pen
   */
  isDrawnOn: boolean;
  /**
   * which way its scale runs; null where it has none
   */
  axes: 'ScaleAcross' | 'ScaleUpright' | null;
  /**
   * its figures are amounts on a scale, and not parts of a whole
   */
  isOnScale: boolean;
  /**
   * a part can run past its figure, where it is asked to: there is room beyond it
   */
  hasRoom: boolean;
  /**
   * figures can run past those that they change to
   */
  changesHaveRoom: boolean;
  /**
   * its parts have sides
   */
  isSolid: boolean;
  /**
   * the moments of a chart that runs
   */
  run: RunMoment[] | null;
  changes: SheetChange[];
  keyed: {
    [k: string]: [number, number][];
  };
  figures: SheetFigure[];
}
/**
 * A place at which a hand takes hold of a number of a chart's form, in pixels of the stage.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SheetHandle".
 */
export interface SheetHandle {
  setting: Setting;
  value: number;
  /**
   * @minItems 2
   * @maxItems 2
   */
  at: [number, number];
  /**
   * the direction in which the number grows, of length 1
   */
  along: [number, number] | null;
  /**
   * what the hand goes around
   */
  around: [number, number] | null;
  /**
   * how much it grows with each pixel, or with each degree clockwise
   */
  rate: number;
  snap: number;
}
/**
 * The end of a mark, which a hand drags to change its figure, in the chart's own pixels.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SheetBoundary".
 */
export interface SheetBoundary {
  /**
   * id of the figure that ends here
   */
  figure: string;
  /**
   * of the one that begins here and gives what the other takes; null: there is none that could give
   */
  next: string | null;
  /**
   * @minItems 2
   * @maxItems 2
   */
  at: [number, number];
  /**
   * the direction in which the figure grows, of length 1
   */
  along: [number, number] | null;
  /**
   * what the hand goes around
   */
  around: [number, number] | null;
  /**
   * how much the figure grows with each pixel along, or with each degree clockwise
   */
  rate: number;
  value: number;
  /**
   * of the next one
   */
  nextValue: number | null;
  /**
   * digits after the point that both are told with
   */
  decimals: number;
  /**
   * how much the figure can become at most; null: as much as one likes
   */
  most: number | null;
  /**
   * whether it can be below zero
   */
  canBeNegative: boolean;
}
/**
 * A moment of a chart that runs, in frames.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "RunMoment".
 */
export interface RunMoment {
  column: string;
  frame: number;
  at: string;
}
/**
 * A change of one property; its id is that of its move in the document.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SheetChange".
 */
export interface SheetChange {
  property: string;
  /**
   * the move in the document; null where it follows the chart's order
   */
  id: string | null;
  begin: number;
  beginText: string;
  frames: number;
  pinnedTo: string | null;
  /**
   * the numbers of a curve with handles
   */
  curve: [number, number, number, number] | null;
  curvePoints: number[];
  manner: NonNullable<Move['manner'] | ChartMotion['manner']>;
  opens: string;
}
/**
 * What the desk shows of one figure.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SheetFigure".
 */
export interface SheetFigure {
  id: string;
  /**
   * the row of the sheet that it is in
   */
  row: string;
  label: string;
  value: string;
  isRest: boolean;
  /**
   * a sum or a rest, not a number as it was typed
   */
  isWorkedOut: boolean;
  share: string;
  /**
   * what of its mark is in proportion, with its unit
   */
  measured: string;
  /**
   * the direction in which its mark is moved out, of length 1
   *
   * @minItems 2
   * @maxItems 2
   */
  outward: [number, number];
  reading: string;
  colour: string;
  entrance: SheetMove | null;
  exit: SheetMove | null;
  /**
   * where its label was told when to come
   */
  labelEntrance: SheetMove | null;
  /**
   * where its label was told when to go
   */
  labelExit: SheetMove | null;
  changes: SheetChange[];
  emphases: SheetEmphasis[];
  /**
   * what moves change about it, by property: frame and number; not its value
   */
  keyed: {
    [k: string]: [number, number][];
  };
  stem: [number, number][];
}
/**
 * When and how something comes, goes or changes.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SheetMove".
 */
export interface SheetMove {
  /**
   * the move in the document; null where it follows the chart's order
   */
  id: string | null;
  begin: number;
  beginText: string;
  frames: number;
  pinnedTo: string | null;
  /**
   * the numbers of a curve with handles
   */
  curve: [number, number, number, number] | null;
  curvePoints: number[];
  manner: NonNullable<Move['manner'] | ChartMotion['manner']>;
  opens: string;
}
/**
 * A part that stands out, until it lets go.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SheetEmphasis".
 */
export interface SheetEmphasis {
  letsGo: number;
  /**
   * the move in the document; null where it follows the chart's order
   */
  id: string | null;
  begin: number;
  beginText: string;
  frames: number;
  pinnedTo: string | null;
  /**
   * the numbers of a curve with handles
   */
  curve: [number, number, number, number] | null;
  curvePoints: number[];
  manner: NonNullable<Move['manner'] | ChartMotion['manner']>;
  opens: string;
}
/**
 * What the camera is led to.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SheetShot".
 */
export interface SheetShot {
  zoom: number;
  turn: number;
  /**
   * its frame as it lies on the stage: left, top, width, height
   *
   * @minItems 4
   * @maxItems 4
   */
  frame: [number, number, number, number];
  /**
   * the move in the document; null where it follows the chart's order
   */
  id: string | null;
  begin: number;
  beginText: string;
  frames: number;
  pinnedTo: string | null;
  /**
   * the numbers of a curve with handles
   */
  curve: [number, number, number, number] | null;
  curvePoints: number[];
  manner: NonNullable<Move['manner'] | ChartMotion['manner']>;
  opens: string;
}
/**
 * What moves change about a text or a panel.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SheetWords".
 */
export interface SheetWords {
  changes: SheetChange[];
  keyed: {
    [k: string]: [number, number][];
  };
}
/**
 * A word of a line: when it is said, and how sure that is.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SheetWord".
 */
export interface SheetWord {
  text: string;
  frame: number;
  /**
   * 0 to 1; null where it is only guessed from its place in the line
   */
  sure: number | null;
  /**
   * it is said somewhere, but perhaps not there
   */
  doubtful: boolean;
  /**
   * somebody has put it there
   */
  hand: boolean;
  /**
   * where listening found it, if it was put elsewhere
   */
  found: number | null;
  /**
   * the recording leaves it out
   */
  unsaid: boolean;
  /**
   * it is meant for a number, and is not understood
   */
  unread: boolean;
}
/**
 * A place at which the recording in use says something else than the script.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Departure".
 */
export interface Departure {
  /**
   * what is the matter, as somebody reads it
   */
  message: string;
  kind: 'unsaid' | 'unwritten' | 'again' | 'figure';
  /**
   * the line that it is in, or comes after; null before the first
   */
  line: string | null;
  /**
   * the first of the words that are left out; where something is said between them, where that is
   */
  from: number;
  /**
   * the one after the last
   */
  to: number;
  /**
   * the words that are left out or said again; those before it where something else is said
   */
  text: string;
  /**
   * the first frame
   */
  begin: number;
  /**
   * the one after the last
   */
  end: number;
  /**
   * which of the recording’s own list it is; null for words that are left out
   */
  index: number | null;
}
/**
 * When a move runs.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "MoveTime".
 */
export interface MoveTime {
  begin: number;
  frames: number;
}
/**
 * Words of the script that mean a figure: with its number, or by its name alone.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SaidFigure".
 */
export interface SaidFigure {
  line: string;
  /**
   * the first of its words
   */
  from: number;
  /**
   * the one after its last
   */
  to: number;
  chart: string;
  /**
   * null: the whole of the chart
   */
  figure: string | null;
  label: string;
  state: 'exact' | 'near' | 'differs' | 'named';
  /**
   * the number as it is meant, and as the table has it; empty where none is said
   */
  said: string;
  is: string;
  /**
   * the figure comes in on these words
   */
  tied: boolean;
}
/**
 * What the figures are on one frame, by chart and figure.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "FiguresNow".
 */
export interface FiguresNow {
  charts: {
    [k: string]: {
      [k: string]: FigureNow;
    };
  };
}
/**
 * What a figure is on one frame.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "FigureNow".
 */
export interface FigureNow {
  isFull: boolean;
  value: string;
  reading: string;
  share: string;
  measured: string;
}
/**
 * What is said to those who do not see the picture, where nobody has written it: in short and at length.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "MadeAlternative".
 */
export interface MadeAlternative {
  short: string;
  long: string;
}
/**
 * What was measured in the pictures of a piece.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Proof".
 */
export interface Proof {
  exact: boolean;
  largestDifferenceText: string;
  tolerance: number;
  frames: number;
  word: string;
  figures: ProofFigure[];
  /**
   * what it can be read like, beside being exact
   */
  legible: boolean;
  legibleWord: string;
  checks: ProofCheck[];
  /**
   * what the marks of each chart lie in
   */
  extents: {
    /**
     * @minItems 4
     * @maxItems 4
     */
    [k: string]: [number, number, number, number];
  };
  /**
   * what was looked at, and what cannot be judged, in words
   */
  extent: string;
  /**
   * of solid charts
   */
  distortions: {
    [k: string]: ProofDistortion;
  };
}
/**
 * A figure, as it is and as it is measured in the picture.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ProofFigure".
 */
export interface ProofFigure {
  chart: string;
  figure: string;
  label: string;
  value: string;
  colour: string;
  difference: number;
  frame: number;
  outline: string;
  /**
   * @minItems 2
   * @maxItems 2
   */
  beside: [number, number];
  wantedText: string;
  measuredText: string;
  differenceText: string;
  measureText: string;
}
/**
 * One thing that was looked at, with its place where it has one.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ProofCheck".
 */
export interface ProofCheck {
  ok: boolean;
  message: string;
  frame: number | null;
  /**
   * left, top, width, height
   */
  box: [number, number, number, number] | null;
  /**
   * where it is mended at the desk
   */
  about: About | null;
}
/**
 * Where at the desk something is mended: what is selected, on which face, and the setting that does it.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "About".
 */
export interface About {
  /**
   * what is done there, for a button
   */
  does: string;
  face: 'Figures' | 'Form' | 'Finish' | 'Words' | 'Stage' | 'Motion';
  /**
   * the group and the setting, such as `Labels.size`
   */
  setting: string | null;
  chart: string | null;
  /**
   * a figure of that chart
   */
  figure: string | null;
  words: string | null;
  line: string | null;
  /**
   * what does it in one act; null: nothing does
   */
  mending: Mending | null;
}
/**
 * What one act does about something that is hard to read; the act “mend” takes it as it is, but for its words.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Mending".
 */
export interface Mending {
  /**
   * what is done, for a button
   */
  does: string;
  what: 'larger' | 'ink' | 'plate' | 'arranged' | 'legend' | 'combine' | 'longer' | 'lengthen' | 'keep';
  /**
   * the chart, the text or the line that it is done to; null: the piece, or its captions
   */
  of: string | null;
  /**
   * which of its words: label, name, legend, caption, axis, centre or words
   */
  kind: string | null;
  /**
   * how much larger, or how many frames or parts
   */
  by: number | null;
}
/**
 * What is seen of the parts of a solid chart, against what they are.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ProofDistortion".
 */
export interface ProofDistortion {
  parts: SeenPart[];
  /**
   * how many times too large or too small the part that is farthest off is seen
   */
  worst: number;
  /**
   * degrees
   */
  turn: number;
  /**
   * the turn at which the worst is least, in degrees
   */
  bestTurn: number;
  /**
   * how bad it is then
   */
  best: number;
}
/**
 * What is seen of one part of a solid chart, against what it is.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SeenPart".
 */
export interface SeenPart {
  figure: string;
  label: string;
  colour: string;
  trueText: string;
  seenText: string;
  factor: number;
}
/**
 * A text as lines of a piece, and what it changes of those that are there.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ReadScript".
 */
export interface ReadScript {
  kind: 'text' | 'SubRip' | 'WebVTT';
  remarks: string[];
  lines: Line[];
  heard: HeardLine[];
  /**
   * words that are elsewhere now, by “line:word”
   */
  moved: {
    [k: string]: Word;
  };
  /**
   * for words that are gone, those that may stand in for them, the nearest first
   */
  kin: {
    [k: string]: OfferedWord[];
  };
  added: string[];
  gone: string[];
}
/**
 * A word of the script by its place.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Word".
 */
export interface Word {
  line: string;
  word: number;
}
/**
 * A word that may stand in for one that is gone.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "OfferedWord".
 */
export interface OfferedWord {
  line: string;
  word: number;
  text: string;
}
/**
 * The chart that a text tells by itself; no figures where it tells none.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ToldTable".
 */
export interface ToldTable {
  figures: ToldFigure[];
  lines: number;
  whole: string;
  title: string;
}
/**
 * A figure that a text tells.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ToldFigure".
 */
export interface ToldFigure {
  label: string;
  cell: string;
  /**
   * the line that says it
   */
  line: number;
  /**
   * the first of the words that say it
   */
  from: number;
  /**
   * the one after the last
   */
  to: number;
  /**
   * the words that say it
   */
  words: string;
  /**
   * its name was guessed from words that may be none
   */
  isGuess: boolean;
}
/**
 * Where the lines of a script stand.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "LaidLines".
 */
export interface LaidLines {
  lines: {
    [k: string]: LineTime;
  };
}
/**
 * A line's place in time.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "LineTime".
 */
export interface LineTime {
  begin: number;
  end: number;
}
/**
 * A picture that came in, as a document names it.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "KeptPicture".
 */
export interface KeptPicture {
  /**
   * its fingerprint
   */
  file: string;
  width: number;
  height: number;
  /**
   * its mean colours, as a document keeps them
   */
  colours: string;
}
/**
 * A drawing as the tile of a pattern.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ReadTile".
 */
export interface ReadTile {
  /**
   * path data in a square of 100 × 100
   */
  tile: string;
}
/**
 * A file that comes in, in parts.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Upload".
 */
export interface Upload {
  id: string;
  /**
   * bytes of each part
   */
  part: number;
}
/**
 * How much of a file has come in.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "UploadedPart".
 */
export interface UploadedPart {
  bytes: number;
}
/**
 * What is not there any more.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Gone".
 */
export interface Gone {
  id: string;
}
/**
 * The scratch voices that there are.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SpeakerList".
 */
export interface SpeakerList {
  speakers: Speaker[];
}
/**
 * A scratch voice.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Speaker".
 */
export interface Speaker {
  id: string;
  name: string;
}
/**
 * Where nobody speaks in a sound, in milliseconds.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Pauses".
 */
export interface Pauses {
  pauses: [number, number][];
}
/**
 * Work on a sound that takes its time.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Listening".
 */
export interface Listening {
  id: string;
  kind: 'file' | 'scratch' | 'splice' | 'words';
  status: 'waiting' | 'running' | 'cancelling' | 'cancelled' | 'failed' | 'done';
  /**
   * how much is done, 0 to 1
   */
  part: number;
  doing: string;
  message: string | null;
  /**
   * what came of it, once it is done
   */
  result: (FoundWords | HeardFile | ScratchRead) | null;
}
/**
 * Where the words of a script are said in a sound.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "FoundWords".
 */
export interface FoundWords {
  heard: HeardLine[];
  unwritten: UnwrittenSpeech[];
}
/**
 * A sound that was read.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "HeardFile".
 */
export interface HeardFile {
  /**
   * the fingerprint of its file
   */
  sound: string;
  name: string;
  seconds: number;
  /**
   * what is to be said of it
   */
  note: string | null;
}
/**
 * Lines that were read by a scratch voice.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ScratchRead".
 */
export interface ScratchRead {
  sound: string;
  seconds: number;
  heard: HeardLine[];
}
/**
 * All kits, those that ship first.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Kits".
 */
export interface Kits {
  kits: KitEntry[];
  /**
   * the one that new pieces begin in
   */
  default: string | null;
}
/**
 * A kit, with what it says.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "KitEntry".
 */
export interface KitEntry {
  id: string;
  name: string;
  /**
   * in a few words what it is like
   */
  about: string;
  /**
   * which state of it; each change counts
   */
  revision: number;
  /**
   * whether it ships, and cannot be changed
   */
  isShipped: boolean;
  document: Kit;
}
/**
 * A piece in a kit, before anything is taken.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "TriedKit".
 */
export interface TriedKit {
  document: Piece;
  /**
   * the asked frame of it; null where its figures cannot be drawn
   */
  reel: Reel | null;
  /**
   * what of the piece is not as the kit has it, where it is the kit that the piece took
   */
  changes: string[];
}
/**
 * The fonts of one's own.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Fonts".
 */
export interface Fonts {
  fonts: FontEntry[];
}
/**
 * A font of one's own, and what its file says of itself.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "FontEntry".
 */
export interface FontEntry {
  id: string;
  name: string;
  family: string;
  style: string;
  /**
   * of a variable font
   */
  axes: FontAxis[];
  /**
   * the styles that a variable font names
   */
  named: FontCut[];
  /**
   * values of its axes, by tag
   */
  values: {
    [k: string]: number;
  };
  /**
   * what its maker allows of embedding: installable, editable, print or restricted
   */
  embedding: string;
  /**
   * whether its maker allows pictures of its letters alone to be embedded, and no outlines
   */
  isOnlyPictures: boolean;
  /**
   * the words of its licence; empty where the file has none
   */
  licence: string;
  address: string;
  copyright: string;
  /**
   * how many signs it has, and how many of those can be used
   */
  signs: number;
  packed: number;
  scripts: string[];
  /**
   * whether its figures can stand evenly by themselves
   */
  hasTabular: boolean;
  hasOldFigures: boolean;
}
/**
 * An axis of a variable font, such as its weight.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "FontAxis".
 */
export interface FontAxis {
  tag: string;
  name: string;
  min: number;
  usual: number;
  max: number;
}
/**
 * A style that a variable font names.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "FontCut".
 */
export interface FontCut {
  name: string;
  /**
   * by the tags of its axes
   */
  values: {
    [k: string]: number;
  };
}
/**
 * A text in several fonts.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "FontSamples".
 */
export interface FontSamples {
  samples: FontSample[];
}
/**
 * A text in one font, as an outline in thousandths of the size, from the beginning of its baseline.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "FontSample".
 */
export interface FontSample {
  font: string;
  name: string;
  isOwn: boolean;
  width: number;
  capHeight: number;
  path: string;
}
/**
 * The palettes that are kept, in their order.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Palettes".
 */
export interface Palettes {
  palettes: PaletteEntry[];
}
/**
 * Colours under a name; of those that are only read or made the id is empty.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "PaletteEntry".
 */
export interface PaletteEntry {
  id: string;
  name: string;
  colours: string[];
}
/**
 * How well colours are told apart, and the same colours moved until they are.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ApartColours".
 */
export interface ApartColours {
  /**
   * the nearest first
   */
  alike: AlikePair[];
  /**
   * in a picture without colours
   */
  grey: AlikePair[];
  /**
   * CIEDE2000 from which on colours are told apart
   */
  enough: number;
  /**
   * as they are where they need no repair
   */
  repaired: string[];
  /**
   * what could not be repaired
   */
  left: AlikePair[];
}
/**
 * Two colours that are hard to tell apart.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "AlikePair".
 */
export interface AlikePair {
  /**
   * their places among the colours
   */
  one: number;
  other: number;
  /**
   * for whom, in a sentence
   */
  people: string;
  /**
   * whose eyes those are: a kind of colour vision, or grey
   */
  eyes: 'usual' | 'protan' | 'deutan' | 'tritan' | 'grey';
  /**
   * CIEDE2000 between them, as those see them
   */
  distance: number;
}
/**
 * All pieces to begin from.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Starters".
 */
export interface Starters {
  starters: Starter[];
}
/**
 * A ready-made piece to begin from.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Starter".
 */
export interface Starter {
  name: string;
  title: string;
  form: string | null;
  /**
   * the name of the kit that it is in; null: none
   */
  kit: string | null;
  reel: Reel | null;
}
/**
 * A page of the shelf.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Shelf".
 */
export interface Shelf {
  pieces: ShelfEntry[];
  /**
   * of all pages together
   */
  count: number;
  /**
   * where the following page begins
   */
  next: string | null;
  /**
   * all that there are, by their names
   */
  folders: ShelfFolder[];
  /**
   * deleted pieces that can be put back
   */
  inBin: number;
}
/**
 * A piece on the shelf, with how it looks on its last frame.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ShelfEntry".
 */
export interface ShelfEntry {
  id: string;
  version: number;
  title: string;
  folder: string | null;
  updatedAt: string | null;
  form: string | null;
  length: string;
  frames: number;
  stems: Stem[];
  reel: Reel | null;
  /**
   * what a transparent stage is seen on; null: as the page is
   */
  ground: string | null;
  /**
   * why it cannot be drawn
   */
  problem: string | null;
}
/**
 * How wide a part is over time: frame, and width as a fraction of the widest stem; straight between neighbours.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Stem".
 */
export interface Stem {
  colour: string;
  points: [number, number][];
}
/**
 * A folder of the shelf, which is there as long as a piece lies in it.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ShelfFolder".
 */
export interface ShelfFolder {
  name: string;
  count: number;
}
/**
 * A stored piece as the desk receives it.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "StoredPiece".
 */
export interface StoredPiece {
  id: string;
  version: number;
  /**
   * the save that led to it, by the name that the desk gave it
   */
  save: string | null;
  canUndo: boolean;
  canRedo: boolean;
  updatedAt: string | null;
  document: Piece;
}
/**
 * What a save led to; the document is that of whoever saved.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "SavedPiece".
 */
export interface SavedPiece {
  id: string;
  version: number;
  canUndo: boolean;
  canRedo: boolean;
}
/**
 * Where a piece lies on the shelf now.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "MovedPiece".
 */
export interface MovedPiece {
  id: string;
  folder: string | null;
}
/**
 * What was deleted and can still be put back, the last first.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Bin".
 */
export interface Bin {
  pieces: BinEntry[];
  /**
   * of days that a piece is kept here
   */
  days: number;
}
/**
 * A piece that was deleted.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "BinEntry".
 */
export interface BinEntry {
  id: string;
  title: string;
  folder: string | null;
  deletedAt: string | null;
  /**
   * whole days until it is gone for good
   */
  daysLeft: number;
}
/**
 * A page of what there was of a piece, newest first.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Versions".
 */
export interface Versions {
  versions: VersionEntry[];
  /**
   * number of the last of this page, where there are older ones
   */
  more: number | null;
}
/**
 * A version of a piece, in the list of what there was.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "VersionEntry".
 */
export interface VersionEntry {
  number: number;
  /**
   * that it was given; null: none, and it may be thinned
   */
  name: string | null;
  at: string | null;
  /**
   * now: where the piece stands; redo: undone; aside: undone before something else was done
   */
  state: 'past' | 'now' | 'redo' | 'aside';
  /**
   * from the version that it was made from; none for the first
   */
  changes: Difference[];
  isFirst: boolean;
}
/**
 * One thing that is not the same in two versions of a piece.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Difference".
 */
export interface Difference {
  about: 'figures' | 'words' | 'timing' | 'looks' | 'stage';
  /**
   * such as “Lamps & lights 302 → 389”
   */
  text: string;
  /**
   * the chart that it belongs to
   */
  chart: string | null;
}
/**
 * A version of a piece with its document.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "OneVersion".
 */
export interface OneVersion {
  number: number;
  name: string | null;
  at: string | null;
  document: Piece;
}
/**
 * What is not the same in two versions.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "ComparedVersions".
 */
export interface ComparedVersions {
  differences: Difference[];
}
/**
 * What the desk opens with: a piece, and what is computed of it; null where that is refused.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "OpenedPiece".
 */
export interface OpenedPiece {
  piece: StoredPiece;
  computed: Computed | null;
}
/**
 * Who is signed in.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Session".
 */
export interface Session {
  /**
   * null: nobody
   */
  name: string | null;
}
/**
 * A page of the files.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "HandOffs".
 */
export interface HandOffs {
  handOffs: HandOff[];
  /**
   * where the following page begins
   */
  next: string | null;
  /**
   * no film begins
   */
  paused: boolean;
  /**
   * those that make files; null: the desk's own alone
   */
  machines: Machine[] | null;
  /**
   * for all that waits and is made; null: nothing does, or it cannot be known
   */
  secondsLeft: number | null;
}
/**
 * A film that is made, or was.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "HandOff".
 */
export interface HandOff {
  id: string;
  pieceId: string | null;
  title: string;
  status: 'waiting' | 'running' | 'cancelling' | 'cancelled' | 'failed' | 'done';
  kind:
    | 'mp4'
    | 'draft'
    | 'mov'
    | 'hq'
    | 'matte'
    | 'webm'
    | 'zip'
    | 'zip16'
    | 'wav'
    | 'gif'
    | 'apng'
    | 'webp'
    | 'page'
    | 'stops'
    | 'svg'
    | 'lottie'
    | 'poster'
    | 'stills'
    | 'srt'
    | 'srt-words'
    | 'vtt'
    | 'vtt-words'
    | 'srt-second'
    | 'vtt-second'
    | 'markers'
    | 'otio'
    | 'proof'
    | 'proof-pdf'
    | 'holds'
    | 'frames'
    | 'xlsx'
    | 'alternative';
  firstFrame: number;
  framesDone: number;
  framesTotal: number;
  secondsLeft: number | null;
  bytes: number | null;
  /**
   * the narrator is heard in it
   */
  withSound: boolean;
  message: string | null;
  fileName: string;
  createdAt: string;
  tookSeconds: number | null;
  /**
   * that makes it, or has made it, where there are several
   */
  machine: string | null;
}
/**
 * A machine that makes files for this desk.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Machine".
 */
export interface Machine {
  name: string;
  /**
   * how many it makes at once
   */
  workers: number;
  /**
   * names of the files that it makes just now
   */
  makes: string[];
  /**
   * it runs the Lupine that the desk runs; otherwise it makes nothing
   */
  same: boolean;
}
/**
 * How large a file will be, and how many seconds it takes to make by itself: roughly, from a sample of it.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Estimate".
 */
export interface Estimate {
  bytes: number;
  seconds: number;
}
/**
 * What would be made of a piece with many tables.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Fillings".
 */
export interface Fillings {
  fillings: Filling[];
  wrong: WrongTable[];
}
/**
 * A piece with another table in it.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Filling".
 */
export interface Filling {
  name: string;
  document: Piece;
  /**
   * what has become of it, in sentences
   */
  remarks: string[];
  /**
   * the recording that its scratch voice reads again; null: none says other words than the script
   */
  reading: string | null;
}
/**
 * A table that a piece cannot be made with, and why.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "WrongTable".
 */
export interface WrongTable {
  name: string;
  message: string;
}
/**
 * What proof says of a piece in several shapes.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Verdict".
 */
export interface Verdict {
  /**
   * the frame on which all figures have come
   */
  frame: number;
  exact: boolean;
  problems: VerdictProblem[];
}
/**
 * One thing that is not right with a piece in a shape.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "VerdictProblem".
 */
export interface VerdictProblem {
  /**
   * null: every shape that was looked at, or the piece’s own
   */
  shape: string | null;
  message: string;
}
/**
 * The batches of a piece, newest first.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Batches".
 */
export interface Batches {
  batches: BatchEntry[];
}
/**
 * Files that were asked for together, one table after the other.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "BatchEntry".
 */
export interface BatchEntry {
  id: string;
  title: string;
  tables: number;
  files: number;
  done: number;
  /**
   * that wait or are being made
   */
  busy: number;
  failed: number;
  bytes: number;
  createdAt: string;
  /**
   * the first files that could not be made, and why
   */
  failures: WrongTable[];
}
/**
 * Whether films begin.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "PausedQueue".
 */
export interface PausedQueue {
  paused: boolean;
}
/**
 * How many films were taken out of the line.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "CancelledFilms".
 */
export interface CancelledFilms {
  cancelled: number;
}
/**
 * What the desk shows after an edit comes in parts, each as soon as it is there, one on a line: the frame of the playhead with where everything stands, then the sheet with what is wrong, then the frames around. What a part does not have is null. Where the figures cannot be drawn there is one part, which says so.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "LivePart".
 */
export interface LivePart {
  problems: Problem[] | null;
  /**
   * by the id of a chart, a text or a panel, `legend-` and a chart's id, or `captions`
   */
  places: {
    [k: string]: Placed;
  } | null;
  sheet: Sheet | null;
  reel: Reel | null;
}
/**
 * A change that was made on an older version, and the piece as it is now.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Conflict".
 */
export interface Conflict {
  message: string;
  piece: StoredPiece;
}
/**
 * What is wrong, where, and how to mend it.
 *
 * This interface was referenced by `Answers`'s JSON-Schema
 * via the `definition` "Refused".
 */
export interface Refused {
  message: string;
  where: string;
  rowId: string | null;
}
