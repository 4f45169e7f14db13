import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { Dialog } from '../common/Dialog';
import type { Import, IncomingTable, TakenTable } from '../api/answers';
import { reasonOf } from '../api/client';
import { Pick, Switch } from '../fields/Choice';
import { NumberReading } from './NumberReading';
import { readSheet, undecided } from './incoming';
import { SheetPreview } from './SheetPreview';

interface Props {
  first: IncomingTable;
  /** what was decided before, where the dialog is opened again */
  decided?: Import;
  take: string;
  /** another thing that can be done with it */
  other?: { label: string; run: (wanted: Import, table: TakenTable) => void };
  children?: ReactNode;
  onTake: (wanted: Import, table: TakenTable) => void;
  onClose: () => void;
}

/** A file with a table: what is understood of it, and what each row and column is for. */
export function TableDialog({ first, decided, take, other, children, onTake, onClose }: Props) {
  const [wanted, setWanted] = useState<Import>(decided ?? undecided(first.file, first.sheet));
  const isFirst = !decided && JSON.stringify(wanted) === JSON.stringify(undecided(first.file, first.sheet));
  const read = useQuery<IncomingTable>({
    queryKey: ['table', wanted],
    initialData: isFirst ? first : undefined,
    enabled: !isFirst,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) => readSheet(wanted, '', signal),
  });
  const now = read.data ?? first;
  const table = now.problem === null ? now.understood : undefined;
  const change = (part: Partial<Import>): void => setWanted({ ...wanted, ...part });
  const hasHidden = now.grid.hiddenRows.length > 0 || now.grid.hiddenColumns.length > 0;
  const problem = read.isError ? reasonOf(read.error) : now.problem;
  const isReady = table !== undefined && !read.isError && !read.isPlaceholderData;
  return (
    <Dialog titled="incoming" onClose={onClose} size="xl" frameClass="table-dialog">
      <Modal.Header closeButton>
        <Modal.Title id="incoming">{first.name}</Modal.Title>
        {now.sheets.length > 1 && (
          <Pick
            bare
            label="Sheet"
            value={String(wanted.sheet)}
            options={now.sheets.map(({ name, isHidden }, index) => [
              String(index),
              `${name || `Sheet ${index + 1}`}${isHidden ? ' (hidden)' : ''}`,
            ])}
            onChange={(sheet) => setWanted(undecided(wanted.file, Number(sheet)))}
          />
        )}
      </Modal.Header>
      <Modal.Body>
        <div className="table-sides">
          <SheetPreview
            grid={now.grid}
            table={table}
            heading={table?.heading ?? wanted.heading ?? -1}
            roles={table?.roles ?? []}
            withHidden={wanted.withHidden}
            onHeading={(heading) => change({ heading })}
            onRole={(column, role) =>
              change({ roles: [...wanted.roles.filter((one) => one.column !== column), { column, role }] })
            }
          />
          <aside className="table-said" aria-live="polite">
            {problem && (
              <p className="problem-bar is-error" role="alert">
                {problem}
              </p>
            )}
            {table && (
              <>
                <h3>Understood</h3>
                <ul>
                  {table.understood.map((line) => (
                    <li key={line}>{line}</li>
                  ))}
                </ul>
                {table.leftOut.length > 0 && (
                  <>
                    <h3>Left out or unclear</h3>
                    <ul className="is-left-out">
                      {table.leftOut.map((line) => (
                        <li key={line}>{line}</li>
                      ))}
                    </ul>
                  </>
                )}
              </>
            )}
            <NumberReading read={table ?? undefined} onChange={(numbers) => change({ numbers })} />
            {hasHidden && (
              <Switch
                label="Include hidden rows and columns"
                value={wanted.withHidden}
                onChange={(withHidden) => change({ withHidden })}
              />
            )}
            {(wanted.withTotals || table?.hasTotals) && (
              <Switch
                label="Include the total as a figure"
                value={wanted.withTotals}
                onChange={(withTotals) => change({ withTotals })}
              />
            )}
          </aside>
        </div>
        {isReady && children}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="quiet" onClick={onClose}>
          Cancel
        </Button>
        {other && (
          <Button variant="outline-secondary" disabled={!isReady} onClick={() => table && other.run(wanted, table)}>
            {other.label}
          </Button>
        )}
        <Button disabled={!isReady} onClick={() => table && onTake(wanted, table)}>
          {take}
        </Button>
      </Modal.Footer>
    </Dialog>
  );
}
