import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import Button from 'react-bootstrap/Button';
import Modal from 'react-bootstrap/Modal';
import { ask, reasonOf } from '../../api/client';
import type { FontEntry } from '../../api/answers';
import { Dialog } from '../../common/Dialog';
import { useNotices } from '../../common/Notices';
import { NumberField } from '../../fields/NumberField';
import { useDesk } from '../deskStore';
import { forget, setInFont, type FontId } from './useFonts';

interface Props {
  font: FontEntry;
  /** sets the words in it that it was opened from; absent where a file was dropped */
  onUse?: (font: FontId) => void;
  onClose: () => void;
}

type Axes = Record<string, number>;

/** A font of one's own: its weights, what its licence says, and which words are set in it. */
export function FontDialog({ font, onUse, onClose }: Props) {
  const client = useQueryClient();
  const edit = useDesk((state) => state.edit);
  const [values, setValues] = useState<Axes>(font.values);
  const [problem, setProblem] = useState('');
  const family = useFontFace(font);
  const isOther = font.axes.some(({ tag }) => Math.abs(values[tag] - font.values[tag]) > 0.001);

  /** The font in the chosen weight, made where it is not there yet. */
  const use = (take: (id: FontId) => void): void => {
    const made = isOther
      ? ask('POST fonts/{font}/cut', { at: { font: font.id }, body: { axes: values } })
      : Promise.resolve(font);
    made
      .then(async ({ id }) => {
        await forget(client);
        take(id as FontId);
        onClose();
      })
      .catch((error: unknown) => setProblem(reasonOf(error)));
  };
  const remove = (): void => {
    ask('DELETE fonts/{font}', { at: { font: font.id } })
      .then(async () => {
        await forget(client);
        useNotices.getState().say(`“${font.name}” was removed.`);
        onClose();
      })
      .catch((error: unknown) => setProblem(reasonOf(error)));
  };
  return (
    <Dialog titled="font-title" onClose={onClose}>
      <Modal.Header closeButton>
        <Modal.Title id="font-title">{font.axes.length > 0 ? font.family : font.name}</Modal.Title>
      </Modal.Header>
      <Modal.Body className="font-about">
        <p
          className="font-preview"
          style={{
            fontFamily: `"${family}"`,
            fontVariationSettings: Object.entries(values)
              .map(([tag, value]) => `"${tag}" ${value}`)
              .join(', '),
          }}
          aria-hidden="true"
        >
          Mended 38 % in 2026
        </p>
        {font.named.length > 1 && (
          <div className="font-cuts" role="group" aria-label="Styles">
            {font.named.map((cut) => (
              <button
                key={cut.name}
                type="button"
                className="text-button"
                aria-pressed={font.axes.every(({ tag }) => cut.values[tag] === values[tag])}
                onClick={() => setValues(cut.values)}
              >
                {cut.name}
              </button>
            ))}
          </div>
        )}
        {font.axes.map(({ tag, name, min, max, usual }) => (
          <div key={tag} className="font-axis">
            <NumberField
              label={name || tag}
              unit="number"
              value={values[tag]}
              min={min}
              max={max}
              usual={usual}
              step={max - min > 20 ? 1 : 0.01}
              onChange={(value) => setValues({ ...values, [tag]: value })}
            />
            <input
              type="range"
              className="form-range"
              aria-label={`${name || tag}, slider`}
              min={min}
              max={max}
              step={max - min > 20 ? 1 : 0.01}
              value={values[tag]}
              onChange={({ target }) => setValues({ ...values, [tag]: Number(target.value) })}
            />
          </div>
        ))}
        <Licence font={font} />
        {problem && (
          <p className="text-danger" role="alert">
            {problem}
          </p>
        )}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="link" className="me-auto" onClick={remove}>
          Remove
        </Button>
        <Button variant="link" onClick={() => use((id) => edit((draft) => setInFont(draft, id, 'titles')))}>
          Use for titles
        </Button>
        <Button
          variant={onUse ? 'link' : 'primary'}
          onClick={() => use((id) => edit((draft) => setInFont(draft, id, 'all')))}
        >
          Use for all words
        </Button>
        {onUse && <Button onClick={() => use(onUse)}>Use here</Button>}
      </Modal.Footer>
    </Dialog>
  );
}

const EMBEDDING: Record<string, string> = {
  installable: 'The font file allows embedding.',
  editable: 'The font file allows embedding in documents that others can edit.',
  print: 'The font file allows embedding for viewing and printing only.',
  restricted:
    'The font file forbids embedding. Films hold drawn shapes and not the font; check that your licence covers that. Kits leave the font out.',
};

/** What the file says of its licence, in its own words where it has any. */
function Licence({ font }: { font: FontEntry }) {
  const words = font.licence || font.copyright;
  return (
    <dl className="font-facts">
      <dt>Licence</dt>
      <dd>
        <p className={font.embedding === 'restricted' ? 'text-danger' : ''}>
          {EMBEDDING[font.embedding]}
          {font.isOnlyPictures && ' It allows pictures of its letters only, and no outlines: SVG holds outlines.'}
        </p>
        {words && <p className="soft">{words}</p>}
        {font.address && <p className="soft">{font.address}</p>}
      </dd>
      <dt>Signs</dt>
      <dd>
        {font.signs.toLocaleString('en')} ({font.scripts.join(', ') || 'symbols'})
        {font.packed < font.signs && `; the first ${font.packed.toLocaleString('en')} can be used`}
      </dd>
      <dt>Figures</dt>
      <dd>
        {font.hasTabular ? 'Tabular' : 'Proportional; spaced evenly where numbers count'}
        {font.hasOldFigures && ', old-style'}
      </dd>
    </dl>
  );
}

/** Lets the browser set text in a font of one's own. */
function useFontFace(font: FontEntry): string {
  const family = `lupine-${font.id}`;
  useEffect(() => {
    const face = new FontFace(family, `url(/api/fonts/${font.id}/file)`, { weight: '1 1000' });
    document.fonts.add(face);
    face.load().catch(() => undefined);
    return () => {
      document.fonts.delete(face);
    };
  }, [family, font.id]);
  return family;
}
