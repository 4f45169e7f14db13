import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { ask } from '../api/client';
import type { Import, IncomingTable, ReadTable } from '../api/answers';
import { readSheet } from '../tables/incoming';
import { useTold, type Telling } from './useTold';

/** The figures that a piece will begin with: typed, told in a text, or of a file; and what is understood of them. */
export function useFirstFigures() {
  const [text, setText] = useKept('lupine-figures');
  const [whole, setWhole] = useKept('lupine-whole');
  /** how its numbers are written, where that was asked */
  const [numbers, setNumbers] = useKept('lupine-numbers');
  const [keptFile, setKeptFile] = useKept('lupine-file');
  const taken = keptFile === '' ? null : (JSON.parse(keptFile) as Import);
  const typed = useDeferredValue(text);
  const { told, lines, table: toldTable, change: changeTold } = useTold(taken === null ? typed : '');
  const asked = told ? toldTable : typed;
  const askedWhole = useDeferredValue(whole);
  const pasted = useQuery<ReadTable>({
    queryKey: ['read', asked, askedWhole, numbers],
    enabled: asked.trim() !== '' && taken === null,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) =>
      ask('POST figures/read', { body: { text: asked, whole: askedWhole || null, numbers: numbers || null }, signal }),
  });
  const ofFile = useQuery<IncomingTable>({
    queryKey: ['table', taken, askedWhole],
    enabled: taken !== null,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) => readSheet(taken!, askedWhole, signal),
  });
  const read = taken
    ? { data: ofFile.data?.understood, error: ofFile.error, isError: ofFile.isError }
    : { data: pasted.data, error: pasted.error, isError: pasted.isError };
  return {
    text,
    setText: (next: string): void => {
      setText(next);
      // What was said of other numbers does not hold for these.
      if (next.trim() === '') setNumbers('');
    },
    whole,
    setWhole,
    setNumbers,
    taken,
    setTaken: (wanted: Import | null): void => {
      setKeptFile(wanted ? JSON.stringify(wanted) : '');
      setWhole('');
    },
    told,
    lines,
    changeTold,
    pasted: pasted.data,
    file: ofFile.data,
    read,
    isAny: taken !== null || text.trim() !== '',
    /** Nothing is left of what was typed and taken. */
    clear: (): void => {
      setText('');
      setWhole('');
      setNumbers('');
      setKeptFile('');
    },
    /** how they are asked for */
    body: taken
      ? { import: taken, title: titleOf(ofFile.data) }
      : told
        ? { told: toldBody(text, told) }
        : { text, numbers: numbers || null },
  };
}

/** What is asked for of a text: its lines, and the figures that it tells. */
function toldBody(text: string, { figures, title }: Telling): object {
  const rows = figures.map(({ label, cell, line, from }) => ({ label, cell, line, word: from }));
  return { text, title, rows };
}

/** What a piece of a file is called: its sheet where it has several, else the file. */
function titleOf(table: IncomingTable | undefined): string {
  if (!table) return '';
  const sheet = table.sheets.length > 1 ? table.sheets[table.sheet].name : '';
  return table.understood?.title || sheet || table.name.replace(/\.[^.]+$/, '').replace(/[-_]+/g, ' ');
}

/** What was typed stays, also when one goes elsewhere and comes back. */
function useKept(name: string): [string, (value: string) => void] {
  const [value, set] = useState(() => sessionStorage.getItem(name) ?? '');
  return [
    value,
    (next) => {
      set(next);
      try {
        sessionStorage.setItem(name, next);
      } catch {
        // It is too large to be kept, and is there all the same.
      }
    },
  ];
}
