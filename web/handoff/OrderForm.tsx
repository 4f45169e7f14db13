import { useQuery } from '@tanstack/react-query';
import Button from 'react-bootstrap/Button';
import { ask } from '../api/client';
import { bytesText, counted } from '../common/words';
import { useOnceRead } from '../fields/reads';
import type { Piece } from '../../contracts/piece';
import type { Estimate } from '../../contracts/api';
import { secondsText } from './estimate';
import { chosenRows, setNames, useTables } from './tables';
import { useEstimates } from './useEstimates';
import { finishCost } from './finishCost';
import { KindList } from './KindList';
import { StillOffer } from './StillOffer';
import { WantedFields } from './WantedFields';
import { chosenOf, ordersOf, useWanted, type FileOrder } from './wanted';

/** from how many times the time of a flat piece on its finish is worth a word */
const SLOW = 1.5;

const added = (one: number, other: number): number => one + other;

/** The same files of several tables. */
export interface BatchOrder {
  fillings: { name: string; document: Piece; reading: string | null }[];
  orders: FileOrder[];
  names: string;
}

interface Props {
  id: string;
  piece: Piece;
  busy: boolean;
  onOrder: (orders: FileOrder[]) => void;
  onBatch: (batch: BatchOrder) => void;
}

/** Choosing what is made of a piece: kinds, shapes, frames, and all of it in one act. */
export function OrderForm({ id, piece, busy, onOrder, onBatch }: Props) {
  const [wanted, setWanted] = useWanted(id, piece);
  const chosen = chosenOf(wanted, piece);
  const orders = ordersOf(wanted, piece);
  const tables = useTables(id);
  const rows = chosenRows(tables);
  const isBatch = tables.rows.length > 0;
  const count = orders.length * (isBatch ? rows.length : 1);
  const computed = useQuery({
    queryKey: ['there', piece],
    gcTime: 0,
    queryFn: () => ask('POST compute', { body: { document: piece, frame: 0, inHurry: true, shape: null } }),
  });
  const reel = computed.data?.reel;
  const { data: cost } = useQuery({
    queryKey: ['finish-cost', piece],
    gcTime: 0,
    enabled: Boolean(reel),
    // When what is on the page has been shown.
    queryFn: () => new Promise<number | null>((done) => setTimeout(() => done(reel ? finishCost(reel) : null), 300)),
  });
  const { from, to } = wanted;
  const estimates = useEstimates(id, piece, orders);
  const all = orders.flatMap((order) => estimates.of(order.kind) ?? []);
  const isMeasuring = orders.some((order) => estimates.isMeasuring(order.kind));
  const sum = (of: (one: Estimate) => number): number => all.map(of).reduce(added, 0) * (isBatch ? rows.length : 1);
  const there = computed.data?.sheet.there;
  const isEmpty =
    !wanted.byLine &&
    computed.data?.reel &&
    chosen.some(({ hasShape }) => hasShape) &&
    piece.charts.length > 0 &&
    (!there || to < there[0] || from > there[1]);
  const order = useOnceRead(() => {
    if (!isBatch) onOrder(ordersOf(wanted, piece));
    else
      onBatch({
        fillings: rows.map(({ name, document, reading }) => ({ name, document, reading })),
        orders: ordersOf(wanted, piece),
        names: tables.names,
      });
  });
  return (
    <section className="offers" aria-label="Hand-off options">
      <h1>Hand off</h1>
      <KindList
        piece={piece}
        chosen={wanted.kinds}
        told={(kind) => {
          const one = estimates.of(kind);
          return one ? `about ${bytesText(one.bytes)}` : estimates.isMeasuring(kind) ? 'measuring…' : '';
        }}
        refusal={estimates.refusal}
        onChange={(kinds) => setWanted({ kinds })}
      />
      <WantedFields
        piece={piece}
        wanted={wanted}
        chosen={chosen}
        names={isBatch ? { value: tables.names, onChange: (names) => setNames(id, names) } : null}
        onChange={setWanted}
      />
      {isEmpty && (
        <div className="problem-bar is-notice" role="status">
          {there
            ? `No part of a chart is there on these frames. They are there from frame ${there[0]} to ${there[1]}.`
            : 'No part of a chart ever comes in this piece.'}
        </div>
      )}
      <StillOffer id={id} piece={piece} />
      <div className="make-bar">
        <Button disabled={busy || count === 0} onClick={order}>
          {count === 0
            ? orders.length === 0
              ? 'Choose a kind of file'
              : 'Choose a table'
            : count === 1
              ? 'Make file'
              : `Make ${count} files`}
          {count > 0 && isBatch && ` for ${counted(rows.length, 'table')}`}
          {count > 0 &&
            !wanted.byLine &&
            to - from + 1 < piece.stage.frames &&
            ` of ${counted(to - from + 1, 'frame')}`}
        </Button>
        {(all.length > 0 || isMeasuring) && (
          <p className="hint">
            {isMeasuring
              ? 'Measuring a few frames…'
              : `About ${secondsText(sum(({ seconds }) => seconds))}, ${bytesText(sum(({ bytes }) => bytes))}`}
            {!isMeasuring && cost && cost >= SLOW && chosen.some(({ isFilm }) => isFilm)
              ? `; its finish takes about ${cost.toFixed(1)} times as long to paint as a flat one.`
              : !isMeasuring && '.'}
          </p>
        )}
      </div>
    </section>
  );
}
