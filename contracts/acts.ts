// Made from docs/acts.schema.json by bin/types.mjs. Do not edit.
import type {
  Chart,
  ChartMotion,
  Finish,
  Form,
  FreeText,
  HeardLine,
  KitMark,
  Line,
  Move,
  Own,
  Panel,
  Table
} from './piece';
import type {Kit} from './kit';

/**
 * What each act takes that the desk does to a document as a whole.
 */
export interface Acts {
  /**
   * Changes the frame rate; all times keep their seconds.
   */
  'change-rate': {
    /**
     * frames a second as a fraction
     *
     * @minItems 2
     * @maxItems 2
     */
    rate: [number, number];
  };
  /**
   * Changes the size of the stage; what stands by hand keeps its place in proportion.
   */
  'resize-stage': {
    /**
     * even, pixels
     */
    width: number;
    /**
     * even, pixels
     */
    height: number;
  };
  /**
   * Fits all of the piece into another length; a recording keeps its pace.
   */
  'fit-length': {
    /**
     * Length, frames
     */
    frames: number;
  };
  /**
   * Puts the recording in use together anew; words, lines, pins and moves follow what is said.
   */
  'splice-recording': {
    /**
     * of the sound that was put together
     */
    sound: string;
    /**
     * of all of it, milliseconds
     */
    length: number;
    /**
     * from its beginning to its end
     *
     * @maxItems 900
     */
    parts: SplicedPart[];
  };
  /**
   * Takes a text or subtitles as the script.
   */
  'take-script': {
    /**
     * plain text, SubRip or WebVTT
     */
    text: string;
    /**
     * of the file that it is from; a recording without a sound is called by it, which knows its times
     */
    name: string;
    /**
     * of words that are gone and have moves pinned to them, by “line:word”: which of those that are offered in their place takes the moves, from 0, or “none”; the first of them where nothing is said
     */
    instead?: {
      [k: string]: string;
    };
  };
  /**
   * Splits a line of the script.
   */
  'split-line': {
    line: string;
    /**
     * the word that the second begins with, counted from 0
     */
    word: number;
  };
  /**
   * Joins a line with the one after it.
   */
  'join-line': {
    line: string;
  };
  /**
   * Removes a line of the script.
   */
  'remove-line': {
    line: string;
  };
  /**
   * Takes what the recording says into the script.
   */
  'take-departure': {
    kind: 'unsaid' | 'unwritten' | 'again' | 'figure';
    /**
     * the line that it is in, or comes after; null before the first
     */
    line: string | null;
    /**
     * the first of its words
     */
    from: number;
    /**
     * which of the recording’s own list it is; null for words that are left out
     */
    index: number | null;
  };
  /**
   * Leaves the script as it is where the recording departs from it.
   */
  'leave-departure': {
    kind: 'unsaid' | 'unwritten' | 'again' | 'figure';
    /**
     * the line that it is in, or comes after; null before the first
     */
    line: string | null;
    /**
     * the first of its words
     */
    from: number;
    /**
     * which of the recording’s own list it is; null for words that are left out
     */
    index: number | null;
  };
  /**
   * Duplicates a chart with its moves.
   */
  'copy-chart': {
    chart: string;
  };
  /**
   * Removes charts, texts and panels.
   */
  'remove-things': {
    /**
     * @maxItems 12
     */
    charts: string[];
    /**
     * @maxItems 60
     */
    words: string[];
    /**
     * @maxItems 40
     */
    panels?: string[];
  };
  /**
   * Pastes what was copied here or in another piece.
   */
  paste: {
    /**
     * charts, texts and panels, one part, a finish, some coats, how a chart comes and goes, moves, or lines of the script
     */
    lupine: 'things' | 'part' | 'finish' | 'coats' | 'motion' | 'moves' | 'lines';
    /**
     * @maxItems 12
     */
    charts?: Chart[];
    /**
     * @maxItems 60
     */
    words?: FreeText[];
    /**
     * @maxItems 40
     */
    panels?: Panel[];
    /**
     * @maxItems 12
     */
    tables?: Table[];
    /**
     * @maxItems 2000
     */
    moves?: Move[];
    /**
     * of a part
     */
    own?: Own | null;
    finish?: Finish | null;
    /**
     * null: there at once
     */
    entrance?: ChartMotion | null;
    /**
     * null: it stays
     */
    exit?: ChartMotion | null;
    /**
     * that it is pasted onto; the first of the piece, if absent
     */
    chart?: string | null;
    /**
     * the part of that chart
     */
    figure?: string | null;
    /**
     * the text that coats are pasted onto
     */
    text?: string | null;
    /**
     * the panel that coats are pasted onto
     */
    panel?: string | null;
    /**
     * of the first of some moves or lines, frames
     */
    begin?: number;
    /**
     * @maxItems 400
     */
    lines?: Line[];
    /**
     * frames a second where moves or lines were copied; absent: as here
     */
    rate?: number | null;
  };
  /**
   * Adds rows to a table.
   */
  'add-rows': {
    table: string;
    at: number;
    /**
     * @maxItems 5000
     */
    labels: string[];
    /**
     * @maxItems 5000
     */
    cells: string[][];
  };
  /**
   * Removes rows of a table.
   */
  'remove-rows': {
    table: string;
    /**
     * @maxItems 5000
     */
    rows: string[];
  };
  /**
   * Sorts the rows of a table.
   */
  'sort-rows': {
    table: string;
    /**
     * null: by the labels
     */
    column: string | null;
    descending: boolean;
  };
  /**
   * Moves a row of a table up or down.
   */
  'move-row': {
    table: string;
    row: string;
    by: number;
  };
  /**
   * Adds a column to a table.
   */
  'add-column': {
    table: string;
    after: string;
  };
  /**
   * Removes a column of a table.
   */
  'remove-column': {
    table: string;
    column: string;
  };
  /**
   * Gives every part of a chart a pattern or a texture of its own.
   */
  'each-its-own': {
    chart: string;
    /**
     * what each gets
     */
    coat: 'patterns' | 'textures';
  };
  /**
   * Takes the look of a kit, or some of it; what single parts have of their own stays, unless let go.
   */
  'take-kit': {
    /**
     * a kit, as docs/kit.schema.json describes it
     */
    kit: Kit;
    mark: KitMark;
    lettingGo: boolean;
  };
  /**
   * Says names at the parts or in a legend, values at the marks or on the axis, and not in both places.
   */
  'say-once': {
    chart: string;
    /**
     * null: as they are
     */
    names?: ('parts' | 'legend') | null;
    /**
     * null: as they are
     */
    values?: ('marks' | 'axis') | null;
  };
  /**
   * Takes one chart back from another version, with its figures and moves.
   */
  'take-back-chart': {
    /**
     * as it was
     */
    chart: Chart;
    /**
     * its figures, as they were
     */
    table: Table;
    /**
     * of the chart and its parts, as they were
     *
     * @maxItems 2000
     */
    moves: Move[];
  };
  /**
   * Sets one part of a whole; all others give or take in proportion.
   */
  'set-figure': {
    chart: string;
    /**
     * the row
     */
    figure: string;
    value: number;
  };
  /**
   * Changes the form of a chart; readings, legend, names and axis go along.
   */
  'change-form': {
    chart: string;
    /**
     * the form, with settings that it begins with beside those that the chart has
     */
    form: Form;
  };
  /**
   * Sets all other charts as one is, on one face of the bench.
   */
  'same-in-others': {
    chart: string;
    /**
     * which face
     */
    face: 'form' | 'finish' | 'words' | 'motion';
  };
  /**
   * Mends what was found hard to read.
   */
  mend: {
    what: 'larger' | 'ink' | 'plate' | 'arranged' | 'legend' | 'combine' | 'longer' | 'lengthen' | 'keep';
    /**
     * the chart, the text or the line; absent: the piece, or its captions
     */
    of?: string | null;
    /**
     * which of its words
     */
    kind?: ('label' | 'name' | 'legend' | 'caption' | 'tick' | 'axis' | 'centre' | 'words') | null;
    /**
     * how much larger, or how many frames or parts
     */
    by?: number | null;
  };
}
/**
 * A part of a sound that was put together.
 */
export interface SplicedPart {
  /**
   * how long it is, milliseconds
   */
  length: number;
  /**
   * where it was in the sound before; null: it is no part of that, milliseconds
   */
  from?: number | null;
  /**
   * the line that it says anew, with its words from the beginning of the part
   */
  heard?: HeardLine | null;
}
