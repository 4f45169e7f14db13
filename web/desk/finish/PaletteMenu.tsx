import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { ask, reasonOf, sendFile } from '../../api/client';
import type { PaletteEntry, Palettes } from '../../api/answers';
import { Dialog } from '../../common/Dialog';
import { useNotices } from '../../common/Notices';

interface Props {
  /** the swatches of the chart */
  swatches: string[];
  /** parts that want a colour */
  count: number;
  ground: string;
  onTake: (colours: string[]) => void;
}

const KEY = ['palettes'];

/** Palettes: those that are kept, one that is pasted or made, to be taken as the swatches of the chart. */
export function PaletteMenu(props: Props) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="text-button"
        title="Paste, make, keep and take palettes"
        onClick={() => setOpen(true)}
      >
        Palettes…
      </button>
      {isOpen && <PaletteDialog {...props} onClose={() => setOpen(false)} />}
    </>
  );
}

function PaletteDialog({ swatches, count, ground, onTake, onClose }: Props & { onClose: () => void }) {
  const client = useQueryClient();
  const say = useNotices((state) => state.say);
  const { data } = useQuery<Palettes>({ queryKey: KEY, queryFn: () => ask('GET palettes') });
  const [text, setText] = useState('');
  const [problem, setProblem] = useState('');
  const [found, setFound] = useState<PaletteEntry | null>(null);
  const done = (work: Promise<Palettes>): void => {
    work
      .then((palettes) => client.setQueryData(KEY, palettes))
      .catch((error: unknown) => say(reasonOf(error), { bad: true }));
  };
  const read = (bytes: Blob, name: string): void => {
    setProblem('');
    sendFile('POST palettes/read', bytes, { query: { name } })
      .then(setFound)
      .catch((error: unknown) => {
        setFound(null);
        setProblem(reasonOf(error));
      });
  };
  const make = (from: number): void => {
    ask('POST palettes/made', { body: { given: swatches.slice(0, from), count: Math.max(from, count), ground } })
      .then(({ swatches: colours }) => setFound({ id: '', name: 'Made', colours }))
      .catch((error: unknown) => setProblem(reasonOf(error)));
  };
  const take = (colours: string[]): void => {
    onClose();
    onTake(colours);
  };
  const palettes = data?.palettes ?? [];
  const move = (place: number): void => {
    const ids = palettes.map(({ id }) => id);
    ids.splice(place - 1, 2, ids[place], ids[place - 1]);
    done(ask('PUT palettes/order', { body: { ids } }));
  };
  return (
    <Dialog titled="palettes-title" onClose={onClose}>
      <Modal.Header closeButton>
        <Modal.Title id="palettes-title">Palettes</Modal.Title>
      </Modal.Header>
      <Modal.Body
        className="palettes"
        onDragOver={(event) => event.preventDefault()}
        onDrop={(event) => {
          event.preventDefault();
          const [file] = event.dataTransfer.files;
          if (file) read(file, file.name.replace(/\.\w+$/u, ''));
        }}
      >
        <label htmlFor="palette-text">Paste colours, or drop a GPL, ASE or CSS file</label>
        <textarea
          id="palette-text"
          className="form-control"
          rows={2}
          value={text}
          placeholder="#2f6b52 #e3a033 #3d5aa8"
          onChange={({ target: { value } }) => {
            setText(value);
            if (value.trim()) read(new Blob([value]), 'Palette');
            else setFound(null);
          }}
        />
        {problem && (
          <p className="text-danger" role="alert">
            {problem}
          </p>
        )}
        <p className="palette-make">
          Or make {count} from{' '}
          {[1, 2, 3]
            .filter((from) => from <= swatches.length)
            .map((from) => (
              <button key={from} type="button" className="text-button" onClick={() => make(from)}>
                {from === 1 ? 'the first swatch' : `the first ${from}`}
              </button>
            ))}
        </p>
        {found && (
          <div className="palette-row is-found">
            <Strip colours={found.colours} />
            <Button size="sm" onClick={() => take(found.colours)}>
              Take
            </Button>
            <Button
              size="sm"
              variant="link"
              onClick={() => {
                done(ask('POST palettes', { body: { name: found.name, colours: found.colours } }));
                setFound(null);
                setText('');
              }}
            >
              Keep
            </Button>
          </div>
        )}
        <h3>Kept</h3>
        {palettes.length === 0 && <p className="soft">None yet. Keep the chart’s swatches, or what you paste.</p>}
        {palettes.map(({ id, name, colours }, place) => (
          <div key={id} className="palette-row">
            <Strip colours={colours} />
            <input
              className="form-control form-control-sm"
              aria-label={`Name of palette ${place + 1}`}
              defaultValue={name}
              maxLength={60}
              onBlur={({ target: { value } }) => {
                if (value.trim() && value !== name)
                  done(ask('PUT palettes/{palette}', { at: { palette: id }, body: { name: value } }));
              }}
            />
            <Button size="sm" variant="link" onClick={() => take(colours)}>
              Take
            </Button>
            <button
              type="button"
              className="quiet-button"
              aria-label={`Move ${name} up`}
              title="Move up"
              disabled={place === 0}
              onClick={() => move(place)}
            >
              <i className="bi bi-arrow-up" aria-hidden="true" />
            </button>
            <button
              type="button"
              className="quiet-button"
              aria-label={`Remove ${name}`}
              title="Remove"
              onClick={() =>
                done(ask('DELETE palettes/{palette}', { at: { palette: id } }).then(() => ask('GET palettes')))
              }
            >
              <i className="bi bi-x-lg" aria-hidden="true" />
            </button>
          </div>
        ))}
      </Modal.Body>
      <Modal.Footer>
        <Button
          variant="link"
          onClick={() => done(ask('POST palettes', { body: { name: 'Swatches', colours: swatches } }))}
        >
          Keep this chart’s swatches
        </Button>
        <Button variant="link" onClick={onClose}>
          Close
        </Button>
      </Modal.Footer>
    </Dialog>
  );
}

function Strip({ colours }: { colours: string[] }) {
  return (
    <span className="apart-strip" role="img" aria-label={colours.join(', ')}>
      {colours.map((colour) => (
        <span key={colour} style={{ background: colour }} />
      ))}
    </span>
  );
}
