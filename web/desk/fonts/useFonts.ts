import { keepPreviousData, useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { ask, reasonOf, sendFile } from '../../api/client';
import type { FontEntry, Fonts, FontSample, FontSamples } from '../../api/answers';
import { useNotices } from '../../common/Notices';
import type { Piece } from '../../../contracts/piece';
import { styleAt, stylesOf, type StyleAt, type TypeSet } from '../../piece/styles';

const FONTS = ['fonts'];

/** what a font can be, for a file dialog, and how its name ends */
export const FONT_FILES = '.ttf,.otf,.woff2';
export const isFont = (file: File): boolean => /\.(ttf|otf|woff2?|ttc)$/i.test(file.name);

export type FontId = TypeSet['font'];

/** The fonts of one's own. */
export function useOwnFonts(): FontEntry[] {
  return useQuery<Fonts>({ queryKey: FONTS, queryFn: () => ask('GET fonts') }).data?.fonts ?? [];
}

/** A text in every font; without one, each font's name in itself. */
export function useSamples(text: string): FontSample[] {
  const { data } = useQuery<FontSamples>({
    queryKey: [...FONTS, 'samples', text],
    queryFn: ({ signal }) => ask('POST fonts/samples', { body: { text }, signal }),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return data?.samples ?? [];
}

export const forget = (client: QueryClient): Promise<void> => client.invalidateQueries({ queryKey: FONTS });

/** Takes a font file in; null where it could not be read, which is said. */
export function useAddFont(): (file: File) => Promise<FontEntry | null> {
  const client = useQueryClient();
  return useCallback(
    async (file) => {
      try {
        const font = await sendFile('POST fonts', file, { query: { name: file.name.slice(0, 200) } });
        await forget(client);
        return font;
      } catch (error) {
        useNotices.getState().say(reasonOf(error), { bad: true });
        return null;
      }
    },
    [client],
  );
}

const TITLES: readonly string[] = ['title', 'subtitle'];

/** Sets words of a piece in a font: its titles and the numbers in the middle, or all of them. */
export function setInFont(piece: Piece, font: FontId, which: 'titles' | 'all'): void {
  const all = new Set<StyleAt>(piece.charts.flatMap((chart) => stylesOf(piece, chart).map(({ at }) => at)));
  for (const { id } of piece.words) all.add(`text/${id}`);
  for (const at of all) {
    const [owner, part] = at.split('/');
    const role = owner === 'text' ? piece.words.find(({ id }) => id === part)?.role : undefined;
    const isTitle = part === 'centre' || TITLES.includes(role ?? '');
    const style = styleAt(piece, at);
    if (style && (which === 'all' || isTitle)) style.font = font;
  }
}
