import { keepPreviousData, useInfiniteQuery, useMutation, useQueryClient } from '@tanstack/react-query';
import { useCallback, useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import { ask, reasonOf } from '../api/client';
import type { ShelfEntry } from '../api/answers';
import { newAct } from '../common/acts';
import { FindElsewhere } from '../find/FindElsewhere';
import { Header } from '../common/Header';
import { More } from '../common/More';
import { useNotices } from '../common/Notices';
import { counted } from '../common/words';
import { BinDialog } from './BinDialog';
import { FolderDialog } from './FolderDialog';
import { NewPiece } from './NewPiece';
import { OtherFigures } from './OtherFigures';
import { Starters } from './Starters';
import { changeElsewhere, send } from '../desk/outbox';
import { setTitle } from '../piece/changes';
import { PieceCard } from './PieceCard';
import { UnsavedPieces } from './UnsavedPieces';

type Sort = 'changed' | 'made' | 'title';

const SORTS: [Sort, string][] = [
  ['changed', 'Last changed'],
  ['made', 'Newest'],
  ['title', 'By title'],
];

/** The first page: the pieces, and new ones from a table. */
export function ShelfPage() {
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const [search, setSearch] = useState('');
  const [folder, setFolder] = useState<string | null>(null);
  const [sort, setSort] = useState<Sort>('changed');
  const [isBinOpen, setBinOpen] = useState(false);
  const [moved, setMoved] = useState<ShelfEntry | null>(null);
  const [like, setLike] = useState<ShelfEntry | null>(null);
  const asked = useDeferredValue(search.trim());
  const shelf = useInfiniteQuery({
    queryKey: ['shelf', asked, folder, sort],
    queryFn: ({ pageParam, signal }) => {
      const wanted = new URLSearchParams({
        search: asked,
        sort,
        ...(folder === null ? {} : { folder }),
        ...(pageParam ? { after: pageParam } : {}),
      });
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
  const move = useMutation({
    mutationFn: ({ piece, to }: { piece: ShelfEntry; to: string }) =>
      ask('PUT pieces/{piece}/folder', { at: { piece: piece.id }, body: { folder: to } }),
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
  const words = counted(count, 'piece');
  const folders = shelf.data?.pages[0]?.folders ?? [];
  const inBin = shelf.data?.pages[0]?.inBin ?? 0;
  return (
    <>
      <FindElsewhere />
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
            {(count > 1 || sort !== 'changed') && (
              <select
                className="form-select form-select-sm shelf-sort"
                aria-label="Sort the shelf"
                value={sort}
                onChange={({ target }) => setSort(target.value as Sort)}
              >
                {SORTS.map(([value, text]) => (
                  <option key={value} value={value}>
                    {text}
                  </option>
                ))}
              </select>
            )}
            {inBin > 0 && (
              <button type="button" className="text-button" onClick={() => setBinOpen(true)}>
                <i className="bi bi-trash" aria-hidden="true" /> Bin <span className="soft">{inBin}</span>
              </button>
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
          {folders.length > 0 && (
            <div className="shelf-folders" role="group" aria-label="Folders">
              {[null, ...folders].map((one) => (
                <button
                  key={one?.name ?? ''}
                  type="button"
                  className={`shelf-folder${folder === (one?.name ?? null) ? ' is-on' : ''}`}
                  aria-pressed={folder === (one?.name ?? null)}
                  onClick={() => setFolder(one?.name ?? null)}
                >
                  {one ? (
                    <>
                      <i className="bi bi-folder" aria-hidden="true" /> {one.name}{' '}
                      <span className="soft numerals">{one.count}</span>
                    </>
                  ) : (
                    'All pieces'
                  )}
                </button>
              ))}
            </div>
          )}
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
          {shelf.data && count === 0 && asked === '' && folder === null && (
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
                onOther={() => setLike(piece)}
                onMove={() => setMoved(piece)}
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
          {/* Shown after the pieces, which would push them down. */}
          {asked === '' && folder === null && <Starters isShown={!shelf.isPending} />}
        </main>
      </div>
      {isBinOpen && <BinDialog onClose={() => setBinOpen(false)} />}
      {like && <OtherFigures piece={like} onClose={() => setLike(null)} />}
      {moved && (
        <FolderDialog
          piece={moved}
          folders={folders}
          onMove={(to) => {
            move.mutate({ piece: moved, to });
            // A folder that the last piece was taken out of is gone.
            if (folder !== null && folder === moved.folder && count === 1) setFolder(null);
            setMoved(null);
          }}
          onClose={() => setMoved(null)}
        />
      )}
    </>
  );
}
