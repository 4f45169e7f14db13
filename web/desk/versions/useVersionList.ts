import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { ask } from '../../api/client';
import type { VersionEntry } from '../../api/answers';
import { when } from '../../common/words';

interface List {
  versions: VersionEntry[];
  hasMore: boolean;
  isBusy: boolean;
  more: () => void;
  refresh: () => Promise<unknown>;
}

/** @param saved the version of the piece that is stored: a new one has another list */
export function useVersionList(piece: string, saved: number): List {
  const query = useInfiniteQuery({
    queryKey: ['versions', piece, saved],
    placeholderData: keepPreviousData,
    gcTime: 30_000,
    initialPageParam: undefined as number | undefined,
    queryFn: ({ pageParam, signal }) =>
      ask('GET pieces/{piece}/versions', {
        at: { piece },
        query: pageParam === undefined ? {} : { before: pageParam },
        signal,
      }),
    getNextPageParam: ({ more }) => more ?? undefined,
  });
  return {
    versions: query.data?.pages.flatMap(({ versions }) => versions) ?? [],
    hasMore: query.hasNextPage,
    isBusy: query.isFetching,
    more: () => void query.fetchNextPage(),
    refresh: () => query.refetch(),
  };
}

/** The list by days, newest first. */
export function byDay(versions: VersionEntry[]): { day: string; versions: VersionEntry[] }[] {
  const days: { day: string; versions: VersionEntry[] }[] = [];
  for (const version of versions) {
    const day = version.at === null ? '' : when(version.at);
    if (days.at(-1)?.day === day) days.at(-1)?.versions.push(version);
    else days.push({ day, versions: [version] });
  }
  return days;
}
