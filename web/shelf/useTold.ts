import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ask } from '../api/client';

/** A figure that a text tells, as it was understood or changed. */
export interface Told {
  label: string;
  cell: string;
  /** the line and the word that say it */
  line: number;
  from: number;
  /** the words that say it */
  words: string;
  /** its name was guessed from words that may be none */
  isGuess: boolean;
}

export interface Telling {
  figures: Told[];
  title: string;
  /** the text as it is taken to be told: what is changed belongs to it */
  of: string;
}

interface Answer {
  figures: Told[];
  lines: number;
  whole: string;
  title: string;
}

/** The chart that a pasted text tells without a table, to be taken or changed; null where it tells none. */
export function useTold(text: string): {
  told: Telling | null;
  lines: number;
  /** the table that it makes, as text */
  table: string;
  change: (next: Telling) => void;
} {
  const [changed, setChanged] = useState<Telling | null>(null);
  const { data } = useQuery({
    queryKey: ['told', text],
    enabled: text.trim() !== '' && !text.includes('\t'),
    retry: false,
    staleTime: Infinity,
    queryFn: ({ signal }) => ask<Answer>('script/tell', { method: 'POST', body: { text }, signal }),
  });
  const found = data && data.figures.length > 0 ? { figures: data.figures, title: data.title, of: text } : null;
  const told = found && changed?.of === text ? changed : found;
  return {
    told,
    lines: data?.lines ?? 0,
    table: told ? told.figures.map(({ label, cell }) => `${label}\t${cell}`).join('\n') : '',
    change: setChanged,
  };
}
