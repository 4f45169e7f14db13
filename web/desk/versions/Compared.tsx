import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useId, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Dropdown from 'react-bootstrap/Dropdown';
import Form from 'react-bootstrap/Form';
import { ask } from '../../api/client';
import type { VersionEntry } from '../../api/answers';
import { counted, when } from '../../common/words';
import type { Piece } from '../../../contracts/piece';
import { NameVersion } from './NameVersion';
import type { useVersionActs } from './useVersionActs';
import type { Looked } from './versionStore';
import { byAbout, timeOf, titleOf } from './versionWords';

/** differences of one kind that are said; the others are counted */
const MOST = 5;

interface Props {
  piece: Piece;
  left: Looked;
  right: Looked | null;
  called: string;
  entry: VersionEntry;
  versions: VersionEntry[];
  acts: ReturnType<typeof useVersionActs>;
  /** null: with the piece as it is now */
  onCompare: (number: number | null) => void;
  onLeave: () => void;
}

/** The version that is looked at: what differs, and what can be done with it. */
export function Compared({ piece, left, right, called, entry, versions, acts, onCompare, onLeave }: Props) {
  const [isNaming, setNaming] = useState(false);
  const id = useId();
  const other = right?.document ?? piece;
  const { data } = useQuery({
    queryKey: ['compared', left.number, right?.number ?? JSON.stringify(piece)],
    placeholderData: keepPreviousData,
    gcTime: 30_000,
    queryFn: ({ signal }) => ask('POST versions/compared', { body: { before: left.document, after: other }, signal }),
  });
  const groups = byAbout(data?.differences ?? []);
  return (
    <section className="version-compared" aria-labelledby={id}>
      <div className="version-between">
        <h3 id={id} title={called}>
          From {left.at === null ? '' : `${when(left.at)} `}
          {timeOf(left.at)} to
        </h3>
        <Form.Select
          size="sm"
          aria-label="Compare with"
          value={right?.number ?? ''}
          onChange={({ target }) => onCompare(target.value === '' ? null : Number(target.value))}
        >
          <option value="">Now</option>
          {versions
            .filter(({ number, state }) => number !== left.number && state !== 'now')
            .map((version) => (
              <option key={version.number} value={version.number}>
                {timeOf(version.at)} {titleOf(version)}
              </option>
            ))}
        </Form.Select>
        <button
          type="button"
          className="quiet-button"
          aria-label={entry.name === null ? 'Name it' : 'Rename it'}
          title={entry.name === null ? 'Name it, and keep it for ever' : 'Rename it'}
          onClick={() => setNaming(true)}
        >
          <i className="bi bi-pencil" aria-hidden="true" />
        </button>
        <button type="button" className="quiet-button" aria-label="Look no more" title="Look no more" onClick={onLeave}>
          <i className="bi bi-x-lg" aria-hidden="true" />
        </button>
      </div>
      {left.problem && <p className="version-problem">{left.problem}</p>}
      {data && groups.length === 0 && <p className="version-hint">They are the same.</p>}
      <dl aria-live="polite">
        {groups.map(({ label, texts }) => (
          <div key={label}>
            <dt>{label}</dt>
            <dd>
              {texts.slice(0, MOST).join('; ')}
              {texts.length > MOST && (
                <span className="soft" title={texts.slice(MOST).join('\n')}>
                  ; and {counted(texts.length - MOST, 'more', 'more')}
                </span>
              )}
            </dd>
          </div>
        ))}
      </dl>
      {isNaming ? (
        <NameVersion
          name={entry.name ?? ''}
          label="Name of the version"
          onName={(name) => {
            setNaming(false);
            acts.name(left.number, name);
          }}
          onLeave={() => setNaming(false)}
        />
      ) : (
        <div className="version-acts">
          <Button size="sm" onClick={() => acts.goBack(left, called)}>
            Go back to this
          </Button>
          {left.document.charts.length > 0 && (
            <Dropdown>
              <Dropdown.Toggle size="sm" variant="outline-secondary">
                Take one chart
              </Dropdown.Toggle>
              <Dropdown.Menu>
                {left.document.charts.map((chart) => (
                  <Dropdown.Item key={chart.id} onClick={() => acts.takeChart(left, chart)}>
                    {chart.name ?? chart.form.kind}
                    <span className="soft"> {left.document.tables.find(({ id: of }) => of === chart.table)?.name}</span>
                  </Dropdown.Item>
                ))}
              </Dropdown.Menu>
            </Dropdown>
          )}
          <Button size="sm" variant="outline-secondary" onClick={() => acts.asPiece(left, called)}>
            Open as a new piece
          </Button>
        </div>
      )}
    </section>
  );
}
