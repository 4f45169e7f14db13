import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useParams } from 'react-router';
import { ask, reasonOf } from '../api/client';
import { FindElsewhere } from '../find/FindElsewhere';
import { Header } from '../common/Header';
import { More } from '../common/More';
import { NotHere } from '../common/NotHere';
import { useNotices } from '../common/Notices';
import { UnsavedNote } from '../common/UnsavedNote';
import { saved } from '../desk/outbox';
import { allRead } from '../fields/reads';
import type { Piece } from '../../contracts/piece';
import { StageTimeContext, useTimeOf } from '../fields/stageTime';
import { BatchList } from './BatchList';
import { FilmRow } from './FilmRow';
import { lengthText } from '../common/words';
import { MachineList } from './MachineList';
import { OrderForm } from './OrderForm';
import { TableGrid } from './TableGrid';
import { letGo, useTables } from './tables';
import { TablesDrop } from './TablesDrop';
import { useWanted } from './wanted';

const BUSY = ['waiting', 'running'];

/** Writing the files: what can be had of a piece, and the films that are being made. */
export function HandOffPage() {
  const { id } = useParams();
  const queries = useQueryClient();
  const say = useNotices((state) => state.say);
  const piece = useQuery({
    queryKey: ['piece', id],
    enabled: id !== undefined,
    gcTime: 0,
    retry: false,
    queryFn: async () => {
      await allRead();
      await saved(id!);
      return ask('GET pieces/{piece}', { at: { piece: id! } });
    },
  });
  const films = useInfiniteQuery({
    queryKey: ['hand-offs', id ?? ''],
    queryFn: ({ pageParam }) => {
      const wanted = new URLSearchParams({ ...(id ? { piece: id } : {}), ...(pageParam ? { after: pageParam } : {}) });
      return ask('GET hand-offs', { query: wanted });
    },
    initialPageParam: '',
    getNextPageParam: ({ next }) => next,
    refetchInterval: (query) =>
      query.state.data?.pages.some(({ handOffs }) => handOffs.some(({ status }) => BUSY.includes(status)))
        ? 500
        : query.state.data?.pages[0]?.machines
          ? 5_000
          : false,
    refetchOnMount: 'always',
  });
  const act = useMutation({
    mutationFn: (work: () => Promise<unknown>) => work(),
    onSettled: () => queries.invalidateQueries({ queryKey: ['hand-offs'] }),
    onError: (error) => say(reasonOf(error), { bad: true }),
  });
  const time = useTimeOf(piece.data?.document.stage);
  if (piece.isError) return <NotHere message={reasonOf(piece.error)} />;
  const shown = films.data?.pages.flatMap(({ handOffs }) => handOffs) ?? [];
  const isPaused = films.data?.pages[0]?.paused ?? false;
  const machines = films.data?.pages[0]?.machines ?? null;
  const secondsLeft = films.data?.pages[0]?.secondsLeft ?? null;
  const waiting = shown.filter(({ status }) => status === 'waiting').length;
  return (
    <>
      <FindElsewhere />
      <Header
        actions={
          id ? (
            <Link to={`/pieces/${id}`} className="btn btn-outline-secondary btn-sm">
              Back to the desk
            </Link>
          ) : (
            <Link to="/" className="btn btn-outline-secondary btn-sm">
              Go to the shelf
            </Link>
          )
        }
      >
        {piece.data && <strong className="page-piece">{piece.data.document.title}</strong>}
        <span className="soft">{id ? 'Hand off' : 'Hand-offs'}</span>
      </Header>
      <div className={`hand-off${id ? '' : ' is-alone'}`}>
        {id && piece.data && (
          <StageTimeContext value={time}>
            <OrderForm
              id={id}
              piece={piece.data.document}
              busy={act.isPending}
              onBatch={(body) => {
                act.mutate(() =>
                  ask('POST pieces/{piece}/batches', { at: { piece: id }, body }).then(() => {
                    letGo(id);
                    void queries.invalidateQueries({ queryKey: ['batches', id] });
                  }),
                );
              }}
              onOrder={(orders) => {
                for (const body of orders)
                  act.mutate(() => ask('POST pieces/{piece}/hand-offs', { at: { piece: id }, body }));
              }}
            />
          </StageTimeContext>
        )}
        <main aria-labelledby="films">
          {id && <UnsavedNote id={id} onSaved={() => void piece.refetch()} />}
          {id && piece.data && <WithTables id={id} piece={piece.data.document} />}
          <div className="shelf-head">
            <h2 id="films">{id ? 'Files of this piece' : 'All files'}</h2>
            {secondsLeft !== null && waiting > 0 && !isPaused && (
              <span className="soft numerals">About {lengthText(secondsLeft)} for all that wait</span>
            )}
            {(waiting > 0 || isPaused) && (
              <button
                type="button"
                className="text-button"
                disabled={act.isPending}
                onClick={() => act.mutate(() => ask('POST queue/pause', { body: { paused: !isPaused } }))}
              >
                {isPaused ? 'Resume the queue' : 'Pause the queue'}
              </button>
            )}
            {waiting > 1 && (
              <button
                type="button"
                className="text-button"
                disabled={act.isPending}
                onClick={() => act.mutate(() => ask('POST hand-offs/cancel', { body: { piece: id ?? null } }))}
              >
                Cancel all that wait
              </button>
            )}
            {id && (
              <Link to="/hand-offs" className="quiet-link ms-auto">
                All files
              </Link>
            )}
          </div>
          {machines && <MachineList machines={machines} />}
          {isPaused && (
            <p className="problem-bar is-notice" role="status">
              The queue is paused. What is being made is finished; films that wait do not begin. Drafts, pages, sounds
              and papers are made all the same.
            </p>
          )}
          {films.isPending && (
            <p className="soft" role="status">
              Loading…
            </p>
          )}
          {films.isError && (
            <p className="problem-bar is-error" role="alert">
              {reasonOf(films.error)}
            </p>
          )}
          {films.data && shown.length === 0 && (
            <div className="shelf-empty">
              <p>No files yet.</p>
              <p>
                {id
                  ? 'Make some on the left. You can keep working; they will appear here when they are ready.'
                  : 'Open a piece and choose “Hand off”.'}
              </p>
            </div>
          )}
          {id && <BatchList id={id} />}
          <ul className="films">
            {shown.map((film) => (
              <FilmRow
                key={film.id}
                film={film}
                alone={!id}
                onCancel={() => act.mutate(() => ask('POST hand-offs/{handOff}/cancel', { at: { handOff: film.id } }))}
                onNext={
                  waiting > 1
                    ? () => act.mutate(() => ask('POST hand-offs/{handOff}/next', { at: { handOff: film.id } }))
                    : null
                }
                onRetry={() => act.mutate(() => ask('POST hand-offs/{handOff}/retry', { at: { handOff: film.id } }))}
                onRemove={() => act.mutate(() => ask('DELETE hand-offs/{handOff}', { at: { handOff: film.id } }))}
              />
            ))}
          </ul>
          <More
            more={films.hasNextPage}
            busy={films.isFetchingNextPage}
            onMore={() => void films.fetchNextPage()}
            label="Show older files"
          />
        </main>
      </div>
    </>
  );
}

/** The piece made with other tables: where they come in, and what would be made of them. */
function WithTables({ id, piece }: { id: string; piece: Piece }) {
  const tables = useTables(id);
  const [{ shapes }] = useWanted(id, piece);
  const hasTables = tables.rows.length > 0 || tables.wrong.length > 0;
  return (
    <>
      {hasTables && (
        <TableGrid
          key={tables.sources.map(({ table, by, column }) => `${table.file} ${by} ${column}`).join(' ')}
          id={id}
          piece={piece}
          tables={tables}
          shapes={shapes}
        />
      )}
      <TablesDrop id={id} isReading={tables.isReading} hasTables={hasTables} />
    </>
  );
}
