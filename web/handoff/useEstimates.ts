import { useQueries, useQueryClient } from '@tanstack/react-query';
import type { Estimate } from '../../contracts/api';
import type { FileKind } from '../api/answers';
import { ask, Refused } from '../api/client';
import type { Piece } from '../../contracts/piece';
import { MEASURED } from './estimate';
import type { FileOrder } from './wanted';

/** What is known of files before they are made, by their kinds: one of each is measured on a sample. */
export function useEstimates(
  id: string,
  piece: Piece,
  orders: FileOrder[],
): {
  of: (kind: FileKind) => Estimate | null;
  isMeasuring: (kind: FileKind) => boolean;
  /** why it cannot be made; null: it can, as far as is known */
  refusal: (kind: FileKind) => string | null;
} {
  const queries = useQueryClient();
  const firsts = MEASURED.flatMap((kind) => orders.find((order) => order.kind === kind) ?? []);
  const keys = firsts.map((order) => ['estimate', piece, { ...order, name: '' }]);
  // One after the other, so that measuring leaves the machine to whatever is being made.
  const next = keys.findIndex((key) => !['success', 'error'].includes(queries.getQueryState(key)?.status ?? ''));
  const found = useQueries({
    queries: firsts.map((order, place) => {
      const asked = { ...order, name: '' };
      return {
        queryKey: keys[place],
        enabled: place === next,
        gcTime: 60_000,
        staleTime: Infinity,
        retry: false,
        queryFn: () => ask('POST pieces/{piece}/estimates', { at: { piece: id }, body: asked }),
      };
    }),
  });
  const at = (kind: FileKind): number => firsts.findIndex((order) => order.kind === kind);
  return {
    of: (kind) => found[at(kind)]?.data ?? null,
    isMeasuring: (kind) => found[at(kind)]?.isPending ?? false,
    refusal: (kind) => {
      const error = found[at(kind)]?.error;
      return error instanceof Refused && error.status === 422 ? error.message : null;
    },
  };
}
