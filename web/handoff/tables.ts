import { create } from 'zustand';
import type { Filling, IncomingTable, WrongTable } from '../../contracts/api';
import { ask, reasonOf } from '../api/client';
import { sendTable } from '../tables/incoming';

/** How a file becomes tables: each sheet, each name in a column, or each column of figures. */
export type By = 'sheets' | 'names' | 'columns';

export interface Source {
  table: IncomingTable;
  by: By;
  /** of the names, by index */
  column: number;
}

/** A table that the piece is made with, and whether it is. */
export interface Row extends Filling {
  isChosen: boolean;
}

export interface Tables {
  sources: Source[];
  rows: Row[];
  wrong: WrongTable[];
  isReading: boolean;
  names: string;
}

const NONE: Tables = { sources: [], rows: [], wrong: [], isReading: false, names: '{name}-{shape}' };

const useAll = create<{ of: Record<string, Tables> }>(() => ({ of: {} }));

const put = (id: string, part: Partial<Tables>): void =>
  useAll.setState(({ of }) => ({ of: { ...of, [id]: { ...(of[id] ?? NONE), ...part } } }));

/** The tables that a piece is handed off with beside its own; they stay while one goes to the desk and comes back. */
export const useTables = (id: string): Tables => useAll(({ of }) => of[id]) ?? NONE;

export const chosenRows = ({ rows }: Tables): Row[] => rows.filter(({ isChosen }) => isChosen);

/** Columns of a file that hold names: the ones it can be divided by. */
export function nameColumns({ grid, understood }: IncomingTable): { column: number; head: string }[] {
  if (!understood) return [];
  const heading = understood.heading;
  return understood.roles.flatMap((role, column) =>
    role === 'value' || role === 'time'
      ? []
      : [{ column, head: (heading >= 0 && grid.rows[heading]?.[column]?.trim()) || `Column ${column + 1}` }],
  );
}

/** A file with several sheets is a table a sheet; one with names that come again is divided by them. */
function begun(table: IncomingTable): Source {
  const groups = table.understood?.roles.indexOf('group') ?? -1;
  const sheets = table.sheets.filter(({ isHidden }) => !isHidden).length;
  if (sheets < 2 && groups >= 0) return { table, by: 'names', column: groups };
  return { table, by: 'sheets', column: nameColumns(table)[0]?.column ?? 0 };
}

/** Reads files and puts each of their tables into the piece. */
export async function addFiles(id: string, files: File[]): Promise<void> {
  put(id, { isReading: true });
  const { sources, wrong } = useAll.getState().of[id] ?? NONE;
  const [read, unread]: [Source[], WrongTable[]] = [[...sources], [...wrong]];
  for (const file of files) {
    try {
      read.push(begun(await sendTable(file)));
    } catch (error) {
      unread.push({ name: file.name, message: reasonOf(error) });
    }
  }
  await fill(id, read, unread);
}

/** The tables of the files, as they are divided now. */
export async function fill(id: string, sources: Source[], unread: WrongTable[] = []): Promise<void> {
  put(id, { isReading: true, sources });
  try {
    const { fillings, wrong } = sources.length
      ? await ask('POST pieces/{piece}/fillings', {
          at: { piece: id },
          body: {
            sources: sources.map(({ table, by, column }) => ({
              file: table.file,
              by,
              ...(by === 'sheets' ? {} : { sheet: table.sheet }),
              ...(by === 'names' ? { column } : {}),
            })),
          },
        })
      : { fillings: [], wrong: [] };
    put(id, { rows: fillings.map((one) => ({ ...one, isChosen: true })), wrong: [...unread, ...wrong] });
  } catch (error) {
    put(id, { rows: [], wrong: [...unread, { name: 'These tables', message: reasonOf(error) }] });
  } finally {
    put(id, { isReading: false });
  }
}

export const letGo = (id: string): void => put(id, NONE);

export const setNames = (id: string, names: string): void => put(id, { names });

export function setRow(id: string, at: number, part: Partial<Row>): void {
  const { rows } = useAll.getState().of[id] ?? NONE;
  put(id, { rows: rows.map((row, place) => (place === at ? { ...row, ...part } : row)) });
}

/** The same piece, called otherwise: its title, and what says the name of the table. */
export function renamed({ document, ...row }: Row, name: string): Row {
  const [first, ...others] = document.tables;
  return { ...row, name, document: { ...document, title: name, tables: [{ ...first, name }, ...others] } };
}
