import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../../common/Dialog';
import type { AgainRow, Computed, Import, PlannedFigures } from '../../api/answers';
import { ask, reasonOf } from '../../api/client';
import { ReelCanvas } from '../../common/ReelCanvas';
import type { Piece } from '../../../contracts/piece';
import { useDesk } from '../deskStore';
import { usePlay } from '../playStore';
import { shapesOf, shapeWord } from '../shapes';
import { AgainRows } from './AgainRows';

interface Props {
  piece: Piece;
  wanted: Import;
  /** of the file */
  name: string;
  /** id of the table that gets the figures */
  table: string;
  onClose: () => void;
}

const WIDE = 520;

/** Figures come in again: what changes is listed, and seen before and after, before anything is changed. */
export function AgainDialog({ piece, wanted, name, table, onClose }: Props) {
  const [rows, setRows] = useState<{ from: string; to: string | null }[]>([]);
  const [kept, setKept] = useState<string[]>([]);
  const old = piece.tables.find(({ id }) => id === table);
  const plan = useQuery<PlannedFigures>({
    queryKey: ['again', piece, wanted, rows, kept],
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) =>
      ask('POST tables/again', { body: { document: piece, table, import: wanted, rows, kept }, signal }),
  });
  const planned = plan.data;
  const shapes = shapesOf(piece);
  const now = useMoments('now', piece, shapes);
  const then = useMoments('then', planned?.document, shapes);
  const counts = countsOf(planned?.rows ?? []);
  const wrong = then[0]?.problems.filter(({ severity }) => severity === 'error') ?? [];
  const isReady = planned !== undefined && !plan.isPlaceholderData && !plan.isError;
  const apply = (): void => {
    if (!planned) return;
    useDesk.getState().edit((draft) => {
      Object.assign(draft, planned.document);
    });
    usePlay.getState().select(null);
    onClose();
  };
  return (
    <Dialog titled="again" onClose={onClose} size="xl" frameClass="again-dialog">
      <Modal.Header closeButton>
        <Modal.Title id="again">
          New figures for “{old?.name || piece.title}” <span className="soft">from {name}</span>
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        {shapes.map(({ id, width, height }, at) => (
          <div key={id ?? ''} className={`again-pictures${at === 0 ? '' : ' is-other'}`}>
            <Picture title={`Now${said(shapes, width, height)}`} computed={now[at]} />
            <Picture title={`With the new figures${said(shapes, width, height)}`} computed={then[at]} />
          </div>
        ))}
        {plan.isError && (
          <p className="problem-bar is-error" role="alert">
            {reasonOf(plan.error)}
          </p>
        )}
        {wrong.map(({ message }) => (
          <p key={message} className="problem-bar is-error" role="alert">
            {message}
          </p>
        ))}
        {planned && (
          <>
            <p className="again-counts" role="status">
              {counts || 'No changes: the piece already has these figures.'}
            </p>
            {planned.remarks.map((line) => (
              <p key={line} className="hint">
                {line}
              </p>
            ))}
            <AgainRows
              rows={planned.rows}
              onMatch={(from, to) => setRows([...rows.filter((one) => one.from !== from), { from, to }])}
              keeps={kept}
              onKeep={(id, stays) => setKept(stays ? [...kept, id] : kept.filter((one) => one !== id))}
            />
          </>
        )}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="quiet" onClick={onClose}>
          Cancel
        </Button>
        <Button disabled={!isReady} onClick={apply}>
          Use the new figures
        </Button>
      </Modal.Footer>
    </Dialog>
  );
}

type Shapes = ReturnType<typeof shapesOf>;

/** A document in all of its shapes, at a moment when all parts are there. */
function useMoments(when: string, document: Piece | undefined, shapes: Shapes): (Computed | undefined)[] {
  return useQueries({
    queries: shapes.map(({ id }) => ({
      queryKey: ['again picture', when, document, id],
      enabled: document !== undefined,
      retry: false,
      placeholderData: keepPreviousData,
      queryFn: ({ signal }: { signal: AbortSignal }) => ask('POST compute', { body: { document, shape: id }, signal }),
    })),
  }).map(({ data }) => data);
}

/** Which shape it is, where there are several. */
const said = (shapes: Shapes, width: number, height: number): string =>
  shapes.length > 1 ? `, ${shapeWord(width, height)}` : '';

function Picture({ title, computed }: { title: string; computed: Computed | undefined }) {
  const reel = computed?.reel;
  return (
    <figure>
      <div className="again-picture">
        {reel ? (
          <ReelCanvas
            reel={reel}
            frame={Math.max(reel.from, Math.min(reel.to, computed.sheet.finished))}
            width={WIDE}
            label={`${title}, when all parts are there`}
          />
        ) : (
          <span className="soft">Drawing…</span>
        )}
      </div>
      <figcaption>{title}</figcaption>
    </figure>
  );
}

function countsOf(rows: AgainRow[]): string {
  const of = (kind: AgainRow['kind']): number => rows.filter((row) => row.kind === kind).length;
  const parts = [
    [of('changed'), 'changed'],
    [of('fresh'), 'new'],
    [of('gone'), 'removed'],
    [of('kept'), 'kept'],
  ] as const;
  const said = parts.filter(([count]) => count > 0).map(([count, word]) => `${count} ${word}`);
  const same = of('same');
  if (said.length === 0) return '';
  return `${said.join(', ')}${same > 0 ? `; ${same} unchanged` : ''}.`;
}
