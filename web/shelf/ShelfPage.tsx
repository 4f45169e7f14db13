import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { ask, reasonOf } from '../api/client';
import type { ShelfEntry, StoredPiece } from '../api/answers';
import { Header } from '../common/Header';
import { useNotices } from '../common/Notices';
import { NewPiece } from './NewPiece';
import { PieceCard } from './PieceCard';

/** The first page: the pieces, and new ones from a table. */
export function ShelfPage() {
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const [search, setSearch] = useState('');
  const shelf = useQuery({
    queryKey: ['shelf'],
    queryFn: () => ask<{ pieces: ShelfEntry[] }>('pieces'),
    refetchOnMount: 'always',
  });
  const refresh = () => queries.invalidateQueries({ queryKey: ['shelf'] });
  const failed = (error: unknown): void => say(reasonOf(error), { bad: true });
  const restore = useMutation({
    mutationFn: (id: string) => ask(`pieces/${id}/restore`, { method: 'POST' }),
    onSettled: refresh,
    onError: failed,
  });
  const remove = useMutation({
    mutationFn: (piece: ShelfEntry) => ask(`pieces/${piece.id}`, { method: 'DELETE' }),
    onSuccess: (_, piece) =>
      say(`“${piece.title}” is off the shelf.`, {
        action: { text: 'Put it back', run: () => restore.mutate(piece.id) },
      }),
    onSettled: refresh,
    onError: failed,
  });
  const duplicate = useMutation({
    mutationFn: (piece: ShelfEntry) => ask(`pieces/${piece.id}/duplicate`, { method: 'POST' }),
    onSettled: refresh,
    onError: failed,
  });
  const rename = useMutation({
    mutationFn: async ({ piece, title }: { piece: ShelfEntry; title: string }) => {
      const stored = await ask<StoredPiece>(`pieces/${piece.id}`);
      return ask(`pieces/${piece.id}`, {
        method: 'PUT',
        body: { document: { ...stored.document, title } },
        version: stored.version,
      });
    },
    onSettled: refresh,
    onError: failed,
  });
  const pieces = shelf.data?.pieces ?? [];
  const found = pieces.filter(({ title }) => title.toLowerCase().includes(search.trim().toLowerCase()));
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
              <span className="soft">{pieces.length === 1 ? '1 piece' : `${pieces.length} pieces, newest first`}</span>
            )}
            {pieces.length > 6 && (
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
          {shelf.isPending && (
            <p className="soft" role="status">
              Looking on the shelf…
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
          {shelf.data && pieces.length === 0 && (
            <div className="shelf-empty">
              <p>The shelf is empty.</p>
              <p>Paste a few figures on the left: a word and a number in each row is enough.</p>
            </div>
          )}
          {pieces.length > 0 && found.length === 0 && <p className="soft">No piece is called that.</p>}
          <div className="cards">
            {found.map((piece) => (
              <PieceCard
                key={piece.id}
                piece={piece}
                onRename={(title) => rename.mutate({ piece, title })}
                onDuplicate={() => duplicate.mutate(piece)}
                onRemove={() => remove.mutate(piece)}
              />
            ))}
          </div>
        </main>
      </div>
    </>
  );
}
