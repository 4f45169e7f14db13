import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useRef, useState, type DragEvent } from 'react';
import Button from 'react-bootstrap/Button';
import { useNavigate } from 'react-router';
import { ask, reasonOf, Refused } from '../api/client';
import type { ReadTable, Repair, StoredPiece } from '../api/answers';
import { useNotices } from '../common/Notices';
import { FormPicker } from '../common/FormPicker';
import { applyRepair } from '../piece/changes';
import type { Table } from '../piece/document';

const LARGEST = 1_000_000;
const EXAMPLE = 'Small appliances\t512\nLamps & lights\t287\nClothing\t199\nBicycles\t150\nToys\t100';

/** What are the figures? A piece begins with them. */
export function NewPiece() {
  const navigate = useNavigate();
  const say = useNotices((state) => state.say);
  const [text, setText] = useKept('lupine-figures');
  const [whole, setWhole] = useKept('lupine-whole');
  const [picked, setForm] = useState('donut');
  const [making, setMaking] = useState(false);
  const [over, setOver] = useState(false);
  /** notices that were seen and found to be right */
  const [aside, setAside] = useState<string[]>([]);
  const picker = useRef<HTMLInputElement>(null);
  const asked = useDeferredValue(text);
  const askedWhole = useDeferredValue(whole);
  const read = useQuery<ReadTable>({
    queryKey: ['read', asked, askedWhole],
    enabled: asked.trim() !== '',
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) =>
      ask<ReadTable>('figures/read', { method: 'POST', body: { text: asked, whole: askedWhole || null }, signal }),
  });
  const make = async (body: object): Promise<void> => {
    setMaking(true);
    try {
      const { id } = await ask<StoredPiece>('pieces', { method: 'POST', body });
      if ('text' in body && body.text === text) {
        setText('');
        setWhole('');
      }
      void navigate(`/pieces/${id}`);
    } catch (error) {
      say(reasonOf(error), { bad: true });
      setMaking(false);
    }
  };
  const takeFile = async (file: File | undefined): Promise<void> => {
    if (!file) return;
    if (file.size > LARGEST) {
      say(
        `“${file.name}” is ${(file.size / 1e6).toFixed(1)} MB; Lupine takes up to 1 MB. Keep only the rows that the chart shows.`,
        { bad: true },
      );
      return;
    }
    const contents = await file.text();
    if (!file.name.toLowerCase().endsWith('.json')) {
      const [before, beforeWhole] = [text, whole];
      setText(contents);
      setWhole('');
      if (before.trim() !== '' && before !== contents) {
        const back = (): void => {
          setText(before);
          setWhole(beforeWhole);
        };
        say(`“${file.name}” took the place of what was typed.`, { action: { text: 'Put it back', run: back } });
      }
      return;
    }
    try {
      await make({ document: JSON.parse(contents) as unknown });
    } catch {
      say(`“${file.name}” is not JSON, so it is no piece of Lupine.`, { bad: true });
    }
  };
  const drop = (event: DragEvent): void => {
    event.preventDefault();
    setOver(false);
    void takeFile(event.dataTransfer.files[0]);
  };
  const figures = text.trim() === '' ? [] : (read.data?.figures ?? []);
  const notice = read.data?.problems.find(({ message }) => !aside.includes(message));
  const problem =
    text.trim() === ''
      ? null
      : read.error instanceof Refused
        ? read.error.message
        : read.error
          ? reasonOf(read.error)
          : (notice?.message ?? null);
  const repairs = problem === notice?.message ? (notice?.repairs ?? []).filter(({ sure }) => sure.length === 0) : [];
  const forms = text.trim() === '' ? [] : (read.data?.forms ?? []);
  // A form that cannot show these figures gives way to the first that can.
  const wanted = forms.find(({ name }) => name === picked);
  const form = wanted && !wanted.fits ? (forms.find(({ fits }) => fits)?.name ?? picked) : picked;
  const ready = figures.length > 0 && !read.isError;
  return (
    <section className="new-piece" aria-labelledby="what-figures">
      <h1 id="what-figures">What are the figures?</h1>
      <p className="soft">
        Paste them from a script or a spreadsheet, or drop a file. You choose the form, and can change both at any time.
      </p>
      <textarea
        className={`paste-box${over ? ' is-over' : ''}`}
        aria-label="Figures"
        rows={7}
        value={text}
        placeholder={EXAMPLE}
        spellCheck={false}
        onChange={(event) => setText(event.target.value)}
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={drop}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && ready)
            void make({ text, form, whole: whole || null });
        }}
      />
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
                title="What all parts together are. Empty: their sum."
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
            hidden={text.trim() !== ''}
          >
            Try it with a year at the Mending Room
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
              }}
            >
              {repair.label}
            </Button>
          ))}
          {ready && repairs.length > 0 && (
            <Button size="sm" variant="link" onClick={() => setAside([...aside, problem])}>
              It is right
            </Button>
          )}
        </p>
      )}
      {forms.length > 0 && <FormPicker forms={forms} value={form} onChoose={({ name }) => setForm(name)} />}
      <div className="new-actions">
        <Button disabled={!ready || making} onClick={() => void make({ text, form, whole: whole || null })}>
          {making ? 'Making it…' : 'Make a piece'}
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
        <input
          ref={picker}
          type="file"
          accept=".csv,.tsv,.txt,.json,text/csv,text/plain,application/json"
          className="d-none"
          aria-label="A table or a piece"
          onChange={(event) => {
            void takeFile(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
      </div>
      <p className="hint">CSV, TSV, or a piece saved as JSON; up to 1 MB and 1,000 rows.</p>
    </section>
  );
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
