import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useCallback, useDeferredValue, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { useNavigate } from 'react-router';
import { ask, reasonOf, Refused } from '../api/client';
import type { Import, IncomingTable, ReadTable, Repair } from '../api/answers';
import { useNotices } from '../common/Notices';
import { FormPicker } from '../common/FormPicker';
import { applyRepair } from '../piece/tables';
import type { Table } from '../../contracts/piece';
import { pieceIn, readSheet, sendTable } from '../tables/incoming';
import { NumberReading } from '../tables/NumberReading';
import { FileInput } from '../tables/FileInput';
import { PasteBox } from '../tables/PasteBox';
import { TableDialog } from '../tables/TableDialog';
import { useDroppedFile } from '../tables/useDroppedFile';
import { TakenFile } from './TakenFile';
import { ToldFigures } from './ToldFigures';
import { useTold, type Telling } from './useTold';

const EXAMPLE = 'Small appliances\t512\nLamps & lights\t287\nClothing\t199\nBicycles\t150\nToys\t100';

/** What are the figures? A piece begins with them. */
export function NewPiece() {
  const navigate = useNavigate();
  const say = useNotices((state) => state.say);
  const [text, setText] = useKept('lupine-figures');
  const [whole, setWhole] = useKept('lupine-whole');
  /** how its numbers are written, where that was asked */
  const [numbers, setNumbers] = useKept('lupine-numbers');
  const [keptFile, setKeptFile] = useKept('lupine-file');
  const taken = keptFile === '' ? null : (JSON.parse(keptFile) as Import);
  const [dialog, setDialog] = useState<{ table: IncomingTable; decided?: Import } | null>(null);
  const [reading, setReading] = useState('');
  const [picked, setForm] = useState('donut');
  const [making, setMaking] = useState(false);
  /** notices that were seen and found to be right */
  const [aside, setAside] = useState<string[]>([]);
  const picker = useRef<HTMLInputElement>(null);
  const typed = useDeferredValue(text);
  const { told, lines, table: toldTable, change: changeTold } = useTold(taken === null ? typed : '');
  const asked = told ? toldTable : typed;
  const askedWhole = useDeferredValue(whole);
  const pasted = useQuery<ReadTable>({
    queryKey: ['read', asked, askedWhole, numbers],
    enabled: asked.trim() !== '' && taken === null,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) =>
      ask('POST figures/read', { body: { text: asked, whole: askedWhole || null, numbers: numbers || null }, signal }),
  });
  const ofFile = useQuery<IncomingTable>({
    queryKey: ['table', taken, askedWhole],
    enabled: taken !== null,
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) => readSheet(taken!, askedWhole, signal),
  });
  const read = taken
    ? { data: ofFile.data?.understood, error: ofFile.error, isError: ofFile.isError }
    : { data: pasted.data, error: pasted.error, isError: pasted.isError };
  const hasFigures = taken !== null || text.trim() !== '';
  const make = async (body: object): Promise<void> => {
    setMaking(true);
    try {
      const { id } = await ask('POST pieces', { body });
      if ('import' in body || 'told' in body || ('text' in body && body.text === text)) {
        setText('');
        setWhole('');
        setNumbers('');
        setKeptFile('');
      }
      void navigate(`/pieces/${id}`);
    } catch (error) {
      say(reasonOf(error), { bad: true });
      setMaking(false);
    }
  };
  const takeFile = async (file: File): Promise<void> => {
    setReading(file.name);
    try {
      const document = await pieceIn(file);
      if (document) await make({ document });
      else setDialog({ table: await sendTable(file) });
    } catch (error) {
      say(reasonOf(error), { bad: true });
    }
    setReading('');
  };
  const kept = useRef(takeFile);
  kept.current = takeFile;
  const over = useDroppedFile(
    'Drop a table or a piece here',
    useCallback((file: File) => void kept.current(file), []),
  );
  const figures = hasFigures ? (read.data?.figures ?? []) : [];
  const notice = read.data?.problems.find(({ message }) => !aside.includes(message));
  const problem = !hasFigures
    ? null
    : read.error instanceof Refused
      ? read.error.message
      : read.error
        ? reasonOf(read.error)
        : (notice?.message ?? null);
  // What is wrong in a file is mended in the sheet, or in the file.
  const repairs =
    problem === notice?.message && !taken && !told
      ? (notice?.repairs ?? []).filter(({ sure }) => sure.length === 0)
      : [];
  const forms = hasFigures ? (read.data?.forms ?? []) : [];
  // A form that cannot show these figures gives way to the first that can.
  const wanted = forms.find(({ name }) => name === picked);
  const form = wanted && !wanted.fits ? (forms.find(({ fits }) => fits)?.name ?? picked) : picked;
  const ready = figures.length > 0 && !read.isError;
  const figuresBody = taken
    ? { import: taken, title: titleOf(ofFile.data) }
    : told
      ? { told: toldBody(text, told) }
      : { text, numbers: numbers || null };
  const begin = (): void => void make({ ...figuresBody, form, whole: whole || null });
  return (
    <section className="new-piece" aria-labelledby="what-figures">
      <h1 id="what-figures">What are the figures?</h1>
      <p className="soft">
        Paste them from a spreadsheet, drop a file, or paste a script that mentions them. Pick a form now; you can
        change everything later.
      </p>
      {taken ? (
        <TakenFile
          table={ofFile.data}
          onAgain={() => ofFile.data && setDialog({ table: ofFile.data, decided: taken })}
          onLetGo={() => {
            setKeptFile('');
            setWhole('');
          }}
        />
      ) : (
        <PasteBox
          label="Figures"
          rows={7}
          value={text}
          placeholder={EXAMPLE}
          onChange={(next) => {
            setText(next);
            // What was said of other numbers does not hold for these.
            if (next.trim() === '') setNumbers('');
          }}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && ready) begin();
          }}
        />
      )}
      {!taken && !told && hasFigures && <NumberReading read={pasted.data} onChange={setNumbers} />}
      {told && hasFigures && <ToldFigures told={told} lines={lines} onChange={changeTold} />}
      <div className="share-row" aria-live="polite">
        {figures.length > 0 ? (
          <>
            <div className="share-strip" aria-hidden="true">
              {figures.map((figure) => (
                <span
                  key={figure.id}
                  style={{ flexGrow: figure.share, background: figure.colour }}
                  title={`${figure.label}: ${figure.shareText}`}
                />
              ))}
            </div>
            <span className="soft numerals">
              {figures.length === 1 ? '1 figure' : `${figures.length} figures`}, whole{' '}
              <input
                className="whole-field"
                aria-label="The whole"
                title="The total of all parts. Leave empty to use their sum."
                value={whole}
                placeholder={read.data?.whole ?? ''}
                maxLength={200}
                onChange={(event) => setWhole(event.target.value)}
              />
            </span>
          </>
        ) : (
          <button
            type="button"
            className="btn btn-link btn-sm p-0"
            onClick={() => setText(EXAMPLE)}
            hidden={hasFigures}
          >
            Try a sample: a year at the Mending Room
          </button>
        )}
      </div>
      {problem && (
        <p className={`problem-bar ${ready ? 'is-notice' : 'is-error'}`} role={ready ? 'status' : 'alert'}>
          <span>{problem}</span>
          {repairs.map((repair) => (
            <Button
              key={repair.label}
              size="sm"
              variant="outline-secondary"
              onClick={() => {
                const [mended, mendedWhole] = repairedText(read.data!.table, repair, whole);
                setText(mended);
                setWhole(mendedWhole);
                setNumbers('');
              }}
            >
              {repair.label}
            </Button>
          ))}
          {ready && repairs.length > 0 && (
            <Button size="sm" variant="link" onClick={() => setAside([...aside, problem])}>
              Keep as typed
            </Button>
          )}
        </p>
      )}
      {forms.length > 0 && <FormPicker forms={forms} value={form} onChoose={({ name }) => setForm(name)} />}
      <div className="new-actions">
        <Button disabled={!ready || making} onClick={begin}>
          {making ? 'Creating piece…' : 'Create piece'}
        </Button>
      </div>
      <div className="new-others">
        <button type="button" className="text-button" onClick={() => picker.current?.click()}>
          <i className="bi bi-file-earmark-text" aria-hidden="true" /> Choose a file
        </button>
        <button
          type="button"
          className="text-button"
          disabled={making}
          onClick={() => void make({ text: 'First\t60\nSecond\t40', form: 'donut', title: 'Untitled' })}
        >
          <i className="bi bi-plus-lg" aria-hidden="true" /> Start with two parts
        </button>
        <FileInput picker={picker} label="A table or a piece" onFile={(file) => void takeFile(file)} />
      </div>
      <p className="hint" role={reading ? 'status' : undefined}>
        {reading ? `Reading “${reading}”…` : 'Drop XLSX, ODS, CSV, TSV, JSON or a piece anywhere. Up to 10 MB.'}
      </p>
      {over}
      {dialog && (
        <TableDialog
          first={dialog.table}
          decided={dialog.decided}
          take="Use these figures"
          onTake={(wanted) => {
            setKeptFile(JSON.stringify(wanted));
            setWhole('');
            setDialog(null);
          }}
          onClose={() => setDialog(null)}
        />
      )}
    </section>
  );
}

/** What is asked for of a text: its lines, and the figures that it tells. */
function toldBody(text: string, { figures, title }: Telling): object {
  const rows = figures.map(({ label, cell, line, from }) => ({ label, cell, line, word: from }));
  return { text, title, rows };
}

/** What a piece of a file is called: its sheet where it has several, else the file. */
function titleOf(table: IncomingTable | undefined): string {
  if (!table) return '';
  const sheet = table.sheets.length > 1 ? table.sheets[table.sheet].name : '';
  return table.understood?.title || sheet || table.name.replace(/\.[^.]+$/, '').replace(/[-_]+/g, ' ');
}

/** What was typed stays, also when one goes elsewhere and comes back. */
function useKept(name: string): [string, (value: string) => void] {
  const [value, set] = useState(() => sessionStorage.getItem(name) ?? '');
  return [
    value,
    (next) => {
      set(next);
      try {
        sessionStorage.setItem(name, next);
      } catch {
        // It is too large to be kept, and is there all the same.
      }
    },
  ];
}

/** The table as text with a repair made, and the whole. */
function repairedText(table: Table, repair: Repair, whole: string): [text: string, whole: string] {
  const mended = structuredClone(table);
  applyRepair(mended, 0, repair);
  const heading = [mended.name || 'What', ...mended.columns.map(({ name }) => name)].join('\t');
  const hasHeading = mended.name !== '' || mended.columns.some(({ name }) => !/^Value( \d+)?$/.test(name));
  const lines = mended.rows.map(({ label, cells }) => [label, ...cells].join('\t'));
  return [[...(hasHeading ? [heading] : []), ...lines].join('\n'), repair.whole ?? whole];
}
