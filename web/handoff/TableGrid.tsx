import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import Form from 'react-bootstrap/Form';
import { useNavigate } from 'react-router';
import type { Reel } from '../../contracts/reel';
import { ask, askParts, reasonOf } from '../api/client';
import { useNotices } from '../common/Notices';
import { ReelCanvas } from '../common/ReelCanvas';
import { counted } from '../common/words';
import { shapesOf, shapeWord } from '../desk/shapes';
import { Pick } from '../fields/Choice';
import { TextField } from '../fields/TextField';
import type { Piece } from '../../contracts/piece';
import { chosenRows, fill, letGo, nameColumns, renamed, setRow, type By, type Row, type Tables } from './tables';

/** sentences of a row that are told before the others are asked for */
const TOLD = 2;

/** letters of a name, as titles have them */
const LONGEST_NAME = 200;

/** letters of a name that one line holds */
const ONE_LINE = 18;

/** What would be made with each table: small pictures in the chosen shapes, and what proof says of them. */
export function TableGrid({
  id,
  piece,
  tables,
  shapes,
}: {
  id: string;
  piece: Piece;
  tables: Tables;
  shapes: string[];
}) {
  const { rows, wrong, isReading, sources } = tables;
  // Rows are looked at one after the other, so that the first are there soon.
  const [looked, setLooked] = useState(0);
  return (
    <section className="batch" aria-labelledby="batch-head">
      <div className="shelf-head">
        <h2 id="batch-head">{piece.title}</h2>
        <span className="soft" role="status">
          {isReading ? 'Reading…' : `${chosenRows(tables).length} of ${counted(rows.length, 'table')}`}
          {!isReading && `, from ${counted(sources.length, 'file')}`}
        </span>
        <button type="button" className="text-button ms-auto" onClick={() => letGo(id)}>
          Remove these tables
        </button>
      </div>
      <div className="batch-sources">
        {sources.map((source, at) => (
          <Division key={source.table.file} id={id} tables={tables} at={at} />
        ))}
      </div>
      {wrong.map(({ name, message }) => (
        <p key={name} className="problem-bar is-error" role="alert">
          <span>
            <strong>{name}</strong>: {message}
          </span>
        </p>
      ))}
      <ul className="batch-rows">
        {rows.map((row, at) => (
          <BatchRow
            key={at}
            row={row}
            shapes={shapes}
            isTurn={at <= looked}
            onLooked={() => setLooked((before) => Math.max(before, at + 1))}
            onChange={(part) => setRow(id, at, part)}
          />
        ))}
      </ul>
    </section>
  );
}

/** What of a file becomes one film each. */
function Division({ id, tables, at }: { id: string; tables: Tables; at: number }) {
  const source = tables.sources[at];
  const columns = nameColumns(source.table);
  const options: [string, string][] = [
    ['sheets', source.table.sheets.length > 1 ? 'each sheet' : 'the whole file'],
    ...columns.map(({ column, head }): [string, string] => [`names ${column}`, `each name in “${head}”`]),
    ['columns', 'each column of figures'],
  ];
  return (
    <Pick
      label={`${source.table.name}: one for`}
      value={source.by === 'names' ? `names ${source.column}` : source.by}
      options={options}
      onChange={(chosen) => {
        const [by, column] = chosen.split(' ');
        const next = { ...source, by: by as By, column: Number(column ?? 0) };
        void fill(
          id,
          tables.sources.map((one, place) => (place === at ? next : one)),
        );
      }}
    />
  );
}

function BatchRow({
  row,
  shapes,
  isTurn,
  onLooked,
  onChange,
}: {
  row: Row;
  shapes: string[];
  isTurn: boolean;
  onLooked: () => void;
  onChange: (part: Partial<Row>) => void;
}) {
  const navigate = useNavigate();
  const [isWhole, setWhole] = useState(false);
  const document = useSettled(row.document);
  const asked = shapes.map((shape) => shape || null);
  const verdict = useQuery({
    queryKey: ['verdict', document, asked],
    enabled: isTurn,
    staleTime: Infinity,
    retry: false,
    queryFn: async () => {
      try {
        return await ask('POST compute/verdict', { body: { document, shapes: asked } });
      } finally {
        onLooked();
      }
    },
  });
  const open = async (): Promise<void> => {
    try {
      const { id } = await ask('POST pieces', { body: { document: row.document } });
      void navigate(`/pieces/${id}`);
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
    }
  };
  const problems = [
    ...(verdict.data?.problems ?? []).map(({ shape, message }) => ({
      key: `${shape} ${message}`,
      text: shape === null ? message : `${nameOf(document, shape)}: ${message}`,
    })),
    ...row.remarks.map((text) => ({ key: text, text })),
  ];
  const shown = isWhole ? problems : problems.slice(0, TOLD);
  return (
    <li className={`batch-row${row.isChosen ? '' : ' is-out'}`}>
      <Form.Check
        type="checkbox"
        checked={row.isChosen}
        aria-label={`Make ${row.name}`}
        onChange={(event) => onChange({ isChosen: event.target.checked })}
      />
      <div className="batch-name">
        <TextField
          label="Name"
          value={row.name}
          longest={LONGEST_NAME}
          rows={row.name.length > ONE_LINE ? 2 : undefined}
          onChange={(name) => onChange(renamed(row, name))}
        />
      </div>
      <div className="batch-pictures">
        {shapes.map((shape) => (
          <SmallPicture key={shape} document={document} shape={shape || null} frame={verdict.data?.frame ?? null} />
        ))}
      </div>
      <div className="batch-verdict">
        {verdict.isPending && <span className="soft">Measuring…</span>}
        {verdict.isError && <span className="film-reason">{reasonOf(verdict.error)}</span>}
        {verdict.data && problems.length === 0 && (
          <span className="batch-good">
            <i className="bi bi-check2" aria-hidden="true" /> exact, legible
          </span>
        )}
        {verdict.data && verdict.data.exact && problems.length > 0 && <span className="soft">exact</span>}
        {shown.map(({ key, text }) => (
          <p key={key} className="batch-problem">
            {text}
          </p>
        ))}
        {(problems.length > 0 || verdict.isError) && (
          <span className="batch-acts">
            {problems.length > TOLD && (
              <button type="button" className="text-button" onClick={() => setWhole(!isWhole)}>
                {isWhole ? 'Fewer' : `${problems.length - TOLD} more`}
              </button>
            )}
            <button type="button" className="text-button" onClick={() => void open()}>
              Open as a piece
            </button>
            {row.isChosen && (
              <button type="button" className="text-button" onClick={() => onChange({ isChosen: false })}>
                Leave out
              </button>
            )}
          </span>
        )}
      </div>
    </li>
  );
}

/** milliseconds without a key after which what was typed is looked at */
const REST = 600;

/** A document once the hand rests: while a name is typed nothing is measured. */
function useSettled(document: Piece): Piece {
  const [settled, setSettled] = useState(document);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(document), REST);
    return () => clearTimeout(timer);
  }, [document]);
  return settled;
}

function nameOf(document: Piece, shape: string): string {
  const its = shapesOf(document).find(({ id }) => id === shape);
  return its ? shapeWord(its.width, its.height) : shape;
}

/** The piece with a table, at the moment at which all figures have come. */
function SmallPicture({ document, shape, frame }: { document: Piece; shape: string | null; frame: number | null }) {
  const { data: reel } = useQuery({
    queryKey: ['small', document, shape, frame],
    enabled: frame !== null,
    staleTime: Infinity,
    retry: false,
    queryFn: async () => {
      let found: Reel | null = null;
      await askParts('POST compute/live', { body: { document, frame, isHeld: true, shape } }, (part) => {
        found = part.reel ?? found;
      });
      return found as Reel | null;
    },
  });
  const { width, height } = shapesOf(document).find(({ id }) => id === shape) ?? document.stage;
  // All as high as each other, whatever their shape.
  const wide = Math.round((108 * width) / height);
  return (
    <span className="batch-picture" style={{ width: wide, height: 108 }}>
      {reel && frame !== null && <ReelCanvas reel={reel} frame={frame} width={wide} label="" isPatient />}
    </span>
  );
}
