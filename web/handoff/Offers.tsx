import { useState } from 'react';
import { fetchFile, reasonOf } from '../api/client';
import { useNotices } from '../common/Notices';
import { usePlay } from '../desk/playStore';
import { shapesOf, shapeWord } from '../desk/shapes';
import { Choice } from '../fields/Choice';
import { NumberField } from '../fields/NumberField';
import { useOnceRead } from '../fields/reads';
import type { Piece } from '../../contracts/piece';
import { CheckerOffers } from './CheckerOffers';
import { FilmOffer, type FilmOrder } from './FilmOffer';
import { MarkersOffer } from './MarkersOffer';
import { PresenterOffer } from './PresenterOffer';
import { SubtitlesOffer } from './SubtitlesOffer';

/** One still in each shape. */
const ALL = 'all';

type Person = 'everyone' | 'editor' | 'subtitler' | 'presenter' | 'checker';

const PEOPLE: [Person, string][] = [
  ['everyone', 'all'],
  ['editor', 'editor'],
  ['subtitler', 'subtitler'],
  ['presenter', 'presenter'],
  ['checker', 'checker'],
];

/** What can be had of a piece, by whom it is for. */
export function Offers(props: { id: string; piece: Piece; busy: boolean; onFilm: (orders: FilmOrder[]) => void }) {
  const [person, setPerson] = useState<Person>('everyone');
  const { id, piece, busy, onFilm } = props;
  return (
    <section className="offers" aria-label="Hand-off options">
      <h1>Hand off</h1>
      <Choice label="For" value={person} options={PEOPLE} onChange={setPerson} />
      {person === 'everyone' && <ForEveryone {...props} />}
      {person === 'editor' && (
        <>
          <FilmOffer piece={piece} busy={busy} onFilm={onFilm} isForEditor />
          <MarkersOffer id={id} />
        </>
      )}
      {person === 'subtitler' && <SubtitlesOffer id={id} piece={piece} />}
      {person === 'presenter' && <PresenterOffer id={id} piece={piece} />}
      {person === 'checker' && <CheckerOffers id={id} />}
    </section>
  );
}

/** The film, a still as PNG or SVG, the piece itself. */
function ForEveryone({
  id,
  piece,
  busy,
  onFilm,
}: {
  id: string;
  piece: Piece;
  busy: boolean;
  onFilm: (orders: FilmOrder[]) => void;
}) {
  const { stage } = piece;
  const [frame, setFrame] = useState(() => Math.min(stage.frames - 1, usePlay.getState().frame || stage.frames - 1));
  const shapes = shapesOf(piece);
  const [shape, setShape] = useState('');
  const [painting, setPainting] = useState<'png' | 'svg' | null>(null);
  const still = async (kind: 'png' | 'svg'): Promise<void> => {
    setPainting(kind);
    try {
      for (const one of shape === ALL ? shapes.map((each) => each.id ?? '') : [shape])
        await fetchFile(`pieces/${id}/still.${kind}?frame=${frame}${one && `&shape=${one}`}`);
    } catch (error) {
      useNotices.getState().say(reasonOf(error), { bad: true });
    } finally {
      setPainting(null);
    }
  };
  const stills = { png: useOnceRead(() => void still('png')), svg: useOnceRead(() => void still('svg')) };
  const save = (): void => {
    const url = URL.createObjectURL(new Blob([JSON.stringify(piece, null, 2)], { type: 'application/json' }));
    const link = document.createElement('a');
    link.href = url;
    link.download = `${
      piece.title
        .toLowerCase()
        .replace(/[^\p{L}\p{N}]+/gu, '-')
        .replace(/^-|-$/g, '') || 'piece'
    }.json`;
    link.click();
    URL.revokeObjectURL(url);
  };
  return (
    <>
      <FilmOffer piece={piece} busy={busy} onFilm={onFilm} />
      <article className="offer">
        <h2>Still</h2>
        <NumberField label="Frame" unit="frames" value={frame} min={0} max={stage.frames - 1} onChange={setFrame} />
        {shapes.length > 1 && (
          <Choice
            label="Shape"
            value={shape}
            options={[
              ...shapes.map((one): [string, string] => [one.id ?? '', shapeWord(one.width, one.height)]),
              [ALL, 'all'],
            ]}
            onChange={setShape}
          />
        )}
        <div className="offer-row">
          {(['png', 'svg'] as const).map((kind) => (
            <button
              key={kind}
              type="button"
              className="btn btn-outline-secondary btn-sm"
              disabled={painting !== null}
              onClick={stills[kind]}
            >
              {painting === kind ? 'Rendering…' : kind.toUpperCase()}
            </button>
          ))}
        </div>
      </article>
      <article className="offer">
        <h2>Piece</h2>
        <p className="soft">
          Saves the piece as JSON, to archive or to open on another shelf. Recordings and pictures are not in it.
        </p>
        <div className="offer-row">
          <button type="button" className="btn btn-outline-secondary btn-sm" onClick={save}>
            JSON
          </button>
        </div>
      </article>
    </>
  );
}
