import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { ask } from '../api/client';
import type { FormChoices, Properties } from '../api/answers';
import type { Chart, Piece } from '../../contracts/piece';

/** The forms that a chart can have, with pictures of its figures. */
export function useForms(piece: Piece, chart: Chart | undefined): FormChoices | undefined {
  const document = useDeferredValue(piece);
  // Pictures follow from these alone; other edits leave them as they are.
  const made = chart && [chart.id, chart.table, chart.column, chart.form, chart.own, chart.finish];
  const { data } = useQuery<FormChoices>({
    queryKey: ['forms', JSON.stringify(made), JSON.stringify(document.tables)],
    enabled: chart !== undefined,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) => ask('POST forms', { body: { document, chart: chart?.id }, signal }),
  });
  return data;
}

/** What moves can change of a chart of a form, of its figures, and of titles. */
export function useProperties(form: string | undefined): Properties | undefined {
  const { data } = useQuery<Properties>({
    queryKey: ['properties', form],
    enabled: form !== undefined,
    staleTime: Infinity,
    queryFn: () => ask('GET forms/{form}/properties', { at: { form: form ?? '' } }),
  });
  return data;
}
