import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { ToldFigure } from '../api/answers';
import { ask } from '../api/client';

/** A figure that a text tells, as it was understood or changed. */
export type Told = Omit<ToldFigure, 'to'> & { to?: number };

export interface Telling {
  figures: Told[];
  title: string;
  /** the text as it is taken to be told: what is changed belongs to it */
  of: string;
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
    queryFn: ({ signal }) => ask('POST script/tell', { body: { text }, signal }),
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
