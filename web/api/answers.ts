import type { HandOff, Sheet, SheetFigure, TakenTable } from '../../contracts/api';
import type { Setting } from '../../contracts/settings';

// Everything that the API answers is declared in app/Api; contracts/api.ts is made from it.
export type * from '../../contracts/api';

/** frame, and width as a fraction of the widest stem; straight between neighbours */
export type StemPoint = SheetFigure['stem'][number];

/** A number over time, straight between its points: frame and value. */
export type Course = SheetFigure['keyed'][string];

/** By recording and line, which of the heard words each word of the line is. */
export type HeardPlaces = Sheet['heard'];

export type FileKind = HandOff['kind'];

/** What a column of a sheet is for. */
export type Role = TakenTable['roles'][number];

/** A setting that moves can change. */
export type Property = Setting & {
  kind: 'number' | 'cell' | 'column' | 'order' | 'colour';
  default: number;
};

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
