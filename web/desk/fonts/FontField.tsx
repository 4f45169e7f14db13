import { useId, useRef, useState } from 'react';
import { FileInput } from '../../common/FileInput';
import type { FontEntry, FontSample } from '../../api/answers';
import { Flyout } from '../../common/Flyout';
import { useRoving } from '../../common/useRoving';
import { FontDialog } from './FontDialog';
import { SamplePicture } from './SamplePicture';
import { FONT_FILES, useAddFont, useOwnFonts, useSamples, type FontId } from './useFonts';

interface Props {
  value: FontId;
  /** what is set in it, to choose by */
  text: string;
  onChange: (font: FontId) => void;
}

/** signs of the text that fonts are shown with */
const SHOWN = 22;

/** The font of some words, chosen by how these words look in it. */
export function FontField({ value, text, onChange }: Props) {
  const id = useId();
  const [asked, setAsked] = useState<FontEntry | null>(null);
  const named = useSamples('').find(({ font }) => font === value);
  return (
    <div className="field">
      <span id={id} className="field-label">
        Font
      </span>
      <Flyout
        className="font-field"
        labelledBy={`${id} ${id}-now`}
        label="Fonts"
        panelClass="font-menu"
        face={
          <>
            {named && <SamplePicture sample={named} height={22} />}
            <span id={`${id}-now`} className={named ? 'visually-hidden' : ''}>
              {named?.name ?? 'Font not found'}
            </span>
          </>
        }
        content={(close) => (
          <FontMenu
            value={value}
            text={text.trim().slice(0, SHOWN)}
            onChange={onChange}
            onAsk={(font) => {
              close();
              setAsked(font);
            }}
          />
        )}
      />
      {asked && <FontDialog font={asked} onUse={onChange} onClose={() => setAsked(null)} />}
    </div>
  );
}

function FontMenu({ value, text, onChange, onAsk }: Props & { onAsk: (font: FontEntry) => void }) {
  const [search, setSearch] = useState('');
  const samples = useSamples(text);
  const own = useOwnFonts();
  const add = useAddFont();
  const list = useRef<HTMLDivElement>(null);
  const file = useRef<HTMLInputElement>(null);
  useRoving(list, '.font-row');
  const found = samples.filter(({ name }) => name.toLowerCase().includes(search.trim().toLowerCase()));
  const row = (sample: FontSample) => (
    <button
      key={sample.font}
      type="button"
      className="font-row"
      aria-pressed={sample.font === value}
      onClick={() => onChange(sample.font as FontId)}
    >
      <SamplePicture sample={sample} height={28} />
      <small>{sample.name}</small>
    </button>
  );
  return (
    <>
      <input
        className="form-control form-control-sm"
        type="search"
        placeholder="Find a font"
        aria-label="Find a font"
        autoFocus
        value={search}
        onChange={({ target }) => setSearch(target.value)}
      />
      <div ref={list} className="font-list" role="group" aria-label="Fonts">
        {found.some(({ isOwn }) => isOwn) && <h3>Your fonts</h3>}
        {found
          .filter(({ isOwn }) => isOwn)
          .map((sample) => {
            const entry = own.find(({ id }) => id === sample.font);
            return (
              <div key={sample.font} className="font-own">
                {row(sample)}
                {entry && (
                  <button
                    type="button"
                    className="quiet-button"
                    aria-label={`About ${sample.name}`}
                    title="Weights, licence, remove"
                    onClick={() => onAsk(entry)}
                  >
                    <i className="bi bi-three-dots" aria-hidden="true" />
                  </button>
                )}
              </div>
            );
          })}
        {own.length > 0 && found.some(({ isOwn }) => !isOwn) && <h3>Included</h3>}
        {found.filter(({ isOwn }) => !isOwn).map(row)}
        {samples.length > 0 && found.length === 0 && <p className="soft">No font is called that.</p>}
      </div>
      <button type="button" className="text-button" onClick={() => file.current?.click()}>
        <i className="bi bi-plus-lg" aria-hidden="true" /> Add a font file…
      </button>
      <FileInput
        picker={file}
        label="Font file"
        accept={FONT_FILES}
        onFile={(given) => void add(given).then((font) => font && onAsk(font))}
      />
    </>
  );
}
