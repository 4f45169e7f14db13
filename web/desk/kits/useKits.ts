import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { ask } from '../../api/client';
import type { Kits, TriedKit } from '../../api/answers';
import type { Piece } from '../../../contracts/piece';

export const KITS = ['kits'];

/** All kits that there are, and the one that new pieces begin in. */
export function useKits(): Kits | undefined {
  return useQuery<Kits>({ queryKey: KITS, queryFn: () => ask('GET kits') }).data;
}

export type KitPart = NonNullable<Piece['kit']>['parts'][number];

/** What of a kit can be taken, each by itself, with what it is called. */
export const PARTS: [KitPart, string, string][] = [
  ['colours', 'Colours', 'Swatches, tracks and inks'],
  ['type', 'Type', 'Fonts, sizes and spacing'],
  ['backdrop', 'Backdrop', 'The ground, and the shapes that belong to it'],
  ['finish', 'Finish', 'Coats of marks and words'],
  ['layout', 'Layout', 'Margins, gaps, corners, where words stand'],
  ['motion', 'Motion', 'How parts come in'],
];

interface Asked {
  kit: string;
  revision: number;
  document: Piece;
  frame: number;
  shape: string | null;
  parts: KitPart[];
  lettingGo: boolean;
}

/** The piece in a kit on one frame. */
export function useTriedKit({ kit, revision, document, ...asked }: Asked): TriedKit | undefined {
  return useQuery<TriedKit>({
    queryKey: ['kit', kit, revision, JSON.stringify(document), asked],
    placeholderData: keepPreviousData,
    gcTime: 30_000,
    queryFn: ({ signal }) => ask('POST kits/{kit}/tried', { at: { kit }, body: { document, ...asked }, signal }),
  }).data;
}
