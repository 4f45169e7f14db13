import type { Import, IncomingTable } from '../api/answers';
import { ask, sendFile } from '../api/client';

/** bytes that a file may have */
export const LARGEST = 10_000_000;

/** What a file dialog offers, and what can be dropped. */
export const KINDS =
  '.xlsx,.ods,.csv,.tsv,.txt,.json,text/csv,text/plain,application/json,' +
  'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet,application/vnd.oasis.opendocument.spreadsheet';

export async function sendTable(file: File, signal?: AbortSignal): Promise<IncomingTable> {
  if (file.size > LARGEST) {
    const megabytes = (file.size / 1e6).toFixed(1);
    throw new Error(
      `“${file.name}” is ${megabytes} MB; the limit is 10 MB. Save only the sheet you need as a separate file.`,
    );
  }
  return sendFile('POST tables', file, { query: { name: file.name }, signal });
}

/** The same file, read as it was decided. */
export function readSheet(wanted: Import, whole: string, signal?: AbortSignal): Promise<IncomingTable> {
  const { file, sheet, ...choices } = wanted;
  return ask('POST tables/sheet', { body: { file, sheet, choices, whole: whole || null }, signal });
}

/** Nothing is decided yet. */
export function undecided(file: string, sheet: number): Import {
  return { file, sheet, heading: null, roles: [], withHidden: false, withTotals: false, numbers: null };
}

/** The document of a piece, where the file is one; null where it may be a table. */
export async function pieceIn(file: File): Promise<object | null> {
  if (file.size > 4_000_000 || !file.name.toLowerCase().endsWith('.json')) return null;
  try {
    const read = JSON.parse(await file.text()) as unknown;
    const isPiece =
      typeof read === 'object' && read !== null && ('lupine' in read || ('stage' in read && 'charts' in read));
    return isPiece ? read : null;
  } catch {
    // Whether it is a table the server says, and why not.
    return null;
  }
}
