import { useCallback, useRef, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { useNavigate } from 'react-router';
import { ask, reasonOf, Refused } from '../api/client';
import type { Import, IncomingTable, Repair } from '../api/answers';
import { useNotices } from '../common/Notices';
import { FormPicker } from '../common/FormPicker';
import { Switch } from '../fields/Choice';
import { applyRepair } from '../piece/tables';
import type { Table } from '../../contracts/piece';
import { pieceIn, sendTable } from '../tables/incoming';
import { NumberReading } from '../tables/NumberReading';
import { FileInput } from '../common/FileInput';
import { KINDS } from '../tables/incoming';
import { PasteBox } from '../tables/PasteBox';
import { TableDialog } from '../tables/TableDialog';
import { useDroppedFile } from '../tables/useDroppedFile';
import { FiguresProblem } from './FiguresProblem';
import { ShareRow } from './ShareRow';
import { TakenFile } from './TakenFile';
import { ToldFigures } from './ToldFigures';
import { useFirstFigures } from './useFirstFigures';

const EXAMPLE = 'Small appliances\t512\nLamps & lights\t287\nClothing\t199\nBicycles\t150\nToys\t100';

/** What are the figures? A piece begins with them. */
export function NewPiece() {
  const navigate = useNavigate();
  const say = useNotices((state) => state.say);
  const first = useFirstFigures();
  const { text, setText, whole, setWhole, setNumbers, taken, setTaken, told, read, isAny } = first;
  const [dialog, setDialog] = useState<{ table: IncomingTable; decided?: Import } | null>(null);
  const [reading, setReading] = useState('');
  /** null: the form that suits the table */
  const [chosen, setForm] = useState<string | null>(null);
  const [isRun, setRun] = useState(true);
  const [making, setMaking] = useState(false);
  /** notices that were seen and found to be right */
  const [aside, setAside] = useState<string[]>([]);
  const picker = useRef<HTMLInputElement>(null);
  const make = async (body: object): Promise<void> => {
    setMaking(true);
    try {
      const { id } = await ask('POST pieces', { body });
      if ('import' in body || 'told' in body || ('text' in body && body.text === text)) first.clear();
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
  const figures = isAny ? (read.data?.figures ?? []) : [];
  const notice = read.data?.problems.find(({ message }) => !aside.includes(message));
  const problem = !isAny
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
  const forms = isAny ? (read.data?.forms ?? []) : [];
  const picked = chosen ?? (isAny && !told ? read.data?.form : undefined) ?? 'donut';
  // A form that cannot show these figures gives way to the first that can.
  const wanted = forms.find(({ name }) => name === picked);
  const form = wanted && !wanted.fits ? (forms.find(({ fits }) => fits)?.name ?? picked) : picked;
  const ready = figures.length > 0 && !read.isError;
  const moments = form === 'bars' && !told ? (read.data?.moments ?? null) : null;
  const begin = (): void => void make({ ...first.body, form, whole: whole || null, run: moments !== null && isRun });
  return (
    <section className="new-piece" aria-labelledby="what-figures">
      <h1 id="what-figures">What are the figures?</h1>
      <p className="soft">
        Paste them from a spreadsheet, drop a file, or paste a script that mentions them. Pick a form now; you can
        change everything later.
      </p>
      {taken ? (
        <TakenFile
          table={first.file}
          onAgain={() => first.file && setDialog({ table: first.file, decided: taken })}
          onLetGo={() => setTaken(null)}
        />
      ) : (
        <PasteBox
          label="Figures"
          rows={7}
          value={text}
          placeholder={EXAMPLE}
          onChange={setText}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && ready) begin();
          }}
        />
      )}
      {!taken && !told && isAny && <NumberReading read={first.pasted} onChange={setNumbers} />}
      {told && isAny && <ToldFigures told={told} lines={first.lines} onChange={first.changeTold} />}
      <ShareRow
        figures={figures}
        whole={whole}
        ownWhole={read.data?.whole ?? ''}
        onWhole={setWhole}
        onExample={isAny ? null : () => setText(EXAMPLE)}
      />
      {problem && (
        <FiguresProblem
          problem={problem}
          isNotice={ready}
          repairs={repairs}
          onRepair={(repair) => {
            const [mended, mendedWhole] = repairedText(read.data!.table, repair, whole);
            setText(mended);
            setWhole(mendedWhole);
            setNumbers('');
          }}
          onKeep={() => setAside([...aside, problem])}
        />
      )}
      {forms.length > 0 && <FormPicker forms={forms} value={form} onChoose={({ name }) => setForm(name)} />}
      {moments !== null && <Switch label={`Run through all ${moments} columns`} value={isRun} onChange={setRun} />}
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
        <FileInput accept={KINDS} picker={picker} label="A table or a piece" onFile={(file) => void takeFile(file)} />
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
            setTaken(wanted);
            setDialog(null);
          }}
          onClose={() => setDialog(null)}
        />
      )}
    </section>
  );
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
