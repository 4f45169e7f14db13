import { useQuery } from '@tanstack/react-query';
import { useDeferredValue, useMemo } from 'react';
import { useNavigate } from 'react-router';
import { ask, reasonOf } from '../api/client';
import { useNotices } from '../common/Notices';
import type { Entry } from './entries';

/**
 * Starters, and pieces by what is typed.
 * @param id of the piece that is open already; undefined: none
 */
export function useShelved(typed: string, id?: string | null): Entry[] {
  const navigate = useNavigate();
  const search = useDeferredValue(typed.trim());
  const starters = useQuery({ queryKey: ['starters'], queryFn: () => ask('GET starters'), staleTime: Infinity }).data;
  const pieces = useQuery({
    queryKey: ['pieces-found', search],
    enabled: search.length > 1,
    queryFn: ({ signal }) => ask('GET pieces', { query: { search }, signal }),
  }).data;
  return useMemo(
    () => [
      ...(starters?.starters ?? []).map(({ name, title }): Entry => ({
        id: `starter ${name}`,
        group: 'Starters',
        title,
        where: 'a new piece from this starter',
        also: 'template, example, begin',
        icon: 'bi-plus-square',
        go: () =>
          void ask('POST pieces', { body: { starter: name } })
            .then((made) => navigate(`/pieces/${made.id}`))
            .catch((error: unknown) => useNotices.getState().say(reasonOf(error), { bad: true })),
      })),
      ...(pieces?.pieces ?? [])
        .filter((one) => one.id !== id)
        .map(({ id: other, title, length }): Entry => ({
          id: `piece ${other}`,
          group: 'Pieces',
          title,
          where: `piece, ${length}`,
          icon: 'bi-film',
          go: () => void navigate(`/pieces/${other}`),
        })),
    ],
    [starters, pieces, id, navigate],
  );
}
