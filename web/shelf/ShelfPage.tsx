import { keepPreviousData, useInfiniteQuery, useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import { ask, reasonOf } from '../api/client';
import type { ShelfEntry } from '../api/answers';
import { newAct } from '../common/acts';
import { Header } from '../common/Header';
import { More } from '../common/More';
import { useNotices } from '../common/Notices';
import { NewPiece } from './NewPiece';
import { Starters } from './Starters';
import { changeElsewhere, send } from '../desk/outbox';
import { setTitle } from '../piece/changes';
import { PieceCard } from './PieceCard';
import { UnsavedPieces } from './UnsavedPieces';

/** The first page: the pieces, and new ones from a table. */
export function ShelfPage() {
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const [search, setSearch] = useState('');
  const asked = useDeferredValue(search.trim());
  const shelf = useInfiniteQuery({
    queryKey: ['shelf', asked],
    queryFn: ({ pageParam, signal }) => {
      const wanted = new URLSearchParams({ search: asked, ...(pageParam ? { after: pageParam } : {}) });
      return ask('GET pieces', { query: wanted, signal });
    },
    initialPageParam: '',
    getNextPageParam: ({ next }) => next,
    placeholderData: keepPreviousData,
    refetchOnMount: 'always',
  });
  const refresh = useCallback(() => queries.invalidateQueries({ queryKey: ['shelf'] }), [queries]);
  const failed = (error: unknown): void => say(reasonOf(error), { bad: true });
  const restore = useMutation({
    mutationFn: (id: string) => ask('POST pieces/{piece}/restore', { at: { piece: id } }),
    onSettled: refresh,
    onError: failed,
  });
  const remove = useMutation({
    mutationFn: (piece: ShelfEntry) => ask('DELETE pieces/{piece}', { at: { piece: piece.id } }),
    onSuccess: (_, piece) =>
      say(`“${piece.title}” deleted.`, {
        action: { text: 'Restore', run: () => restore.mutate(piece.id) },
      }),
    onSettled: refresh,
    onError: failed,
  });
  const duplicate = useMutation({
    mutationFn: (piece: ShelfEntry) => ask('POST pieces/{piece}/duplicate', { at: { piece: piece.id } }),
    onSettled: refresh,
    onError: failed,
  });
  const rename = useMutation({
    mutationFn: async ({ piece, title }: { piece: ShelfEntry; title: string }) => {
      await changeElsewhere(piece.id, (document) => setTitle(document, title), newAct());
      await send(piece.id);
    },
    onSettled: refresh,
    onError: failed,
  });
  const pieces = shelf.data?.pages.flatMap((page) => page.pieces) ?? [];
  const count = shelf.data?.pages[0]?.count ?? 0;
  const words = count === 1 ? '1 piece' : `${count} pieces, newest first`;
  return (
    <>
      <Header
        actions={
          <Link to="/hand-offs" className="quiet-link">
            Hand-offs
          </Link>
        }
      />
      <div className="shelf">
        <NewPiece />
        <main className="shelf-pieces" aria-labelledby="on-the-shelf">
          <div className="shelf-head">
            <h2 id="on-the-shelf">On the shelf</h2>
            {shelf.data && (
              <span className="soft" role="status">
                {asked ? `${count} found` : words}
              </span>
            )}
            {(count > 6 || search !== '') && (
              <input
                type="search"
                className="shelf-search"
                placeholder="Search"
                aria-label="Search the shelf"
                value={search}
                onChange={(event) => setSearch(event.target.value)}
              />
            )}
          </div>
          <UnsavedPieces onSaved={refresh} />
          {shelf.isPending && (
            <p className="soft" role="status">
              Loading the shelf…
            </p>
          )}
          {shelf.isError && (
            <p className="problem-bar is-error" role="alert">
              {reasonOf(shelf.error)}{' '}
              <button type="button" className="btn btn-link btn-sm" onClick={() => void shelf.refetch()}>
                Try again
              </button>
            </p>
          )}
          {shelf.data && count === 0 && asked === '' && (
            <div className="shelf-empty">
              <p>The shelf is empty.</p>
              <p>Paste a few figures on the left. Each row needs a label and a number.</p>
            </div>
          )}
          {shelf.data && count === 0 && asked !== '' && <p className="soft">No piece matches your search.</p>}
          <div className="cards">
            {pieces.map((piece) => (
              <PieceCard
                key={piece.id}
                piece={piece}
                onRename={(title) => rename.mutate({ piece, title })}
                onDuplicate={() => duplicate.mutate(piece)}
                onRemove={() => remove.mutate(piece)}
              />
            ))}
          </div>
          <More
            more={shelf.hasNextPage}
            busy={shelf.isFetchingNextPage}
            onMore={() => void shelf.fetchNextPage()}
            label="Show more"
          />
          {asked === '' && <Starters />}
        </main>
      </div>
    </>
  );
}
